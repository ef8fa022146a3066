import type { CodesRead, ReadCodes } from '$lib/workers/read-codes.worker.ts';

/** Reads bar codes in a worker of its own. */
export class CodeReader {
	private readonly worker = new Worker(new URL('../../workers/read-codes.worker.ts', import.meta.url), {
		type: 'module'
	});
	private readonly waiting = new Map<number, (read: CodesRead) => void>();
	private last = 0;

	constructor() {
		this.worker.onmessage = ({ data }: MessageEvent<CodesRead>) => {
			this.waiting.get(data.id)?.(data);
			this.waiting.delete(data.id);
		};
	}

	/** The texts of all bar codes in a picture. @throws Error when the picture cannot be read. */
	async read(picture: Blob | ImageData): Promise<readonly string[]> {
		const id = ++this.last;
		const { codes, problem } = await new Promise<CodesRead>((done) => {
			this.waiting.set(id, done);
			this.worker.postMessage({ id, picture } satisfies ReadCodes);
		});
		if (problem) throw new Error(problem);
		return codes;
	}

	close(): void {
		this.worker.terminate();
	}
}
