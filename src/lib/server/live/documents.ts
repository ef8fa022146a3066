import { existsSync } from 'node:fs';
import { mkdir, readFile } from 'node:fs/promises';
import { dirname } from 'node:path';
import { Refusal } from '$core/error.ts';
import { byId, parsed, type Row, type SourceKind } from '$core/facts/index.ts';
import { cachePath, documentPath, dropDocument, keepUpload, wasStopped } from '../files/documents.ts';
import { pdfs } from '../files/pdf/pdf-process.ts';
import { change, type Doer } from '../history/changes.ts';
import { type RunSituation, type Situation, printsOf, type PageSizes } from '$core/account/index.ts';
import { addPrintable, giveFile, sourcesOf } from '../services/print/sources.ts';
import { noteLook, notePages, noteRead, pagesOf } from '../stores/print/documents.ts';
import type { Store } from '../database/open.ts';
import { isOpen, opened } from './data.ts';
import { forgetSituation, situation } from './now.ts';

export type Added = {
	readonly source: number;
	readonly title: string;
	readonly pages: number;
	readonly changed: string | null;
	/** The second edition of a source that has a file, which is looked through before it is taken over; else null. */
	readonly edition: number | null;
};

/**
 * Takes over a PDF that has come in: a printable of the library, and something the run prints from.
 * @throws Refusal in words where it cannot be read; then nothing is kept.
 */
export async function addPdf(
	run: number,
	upload: string,
	kind: SourceKind,
	doer: Doer,
	/** What is already printed from without a file, and gets this one; or has one, of which this is the second edition. */
	of: number | null = null
): Promise<Added> {
	const kept = await keepUpload(upload);
	const store = await opened();
	const { write, read } = store;
	const isNew = !(await read
		.selectFrom('document')
		.select('id')
		.where('sha256', '=', kept.sha256)
		.executeTakeFirst());
	/** Somebody who stopped while the file was being opened wants nothing of it. */
	const goOn = () => {
		if (wasStopped(upload)) throw new Refusal('Stopped. Nothing was added.');
	};
	const added = async () => {
		const { sizes, scripts } = await pdfs.ask('open', { path: documentPath(kept.sha256) });
		goOn();
		const made = await change(
			write,
			doer,
			({ title }: { title: string }) => `Added: ${title}`,
			async (trx) => {
				const now = await situation();
				const file = { ...kept, pages: sizes.length, scripts };
				const result = await (of === null
					? addPrintable(trx, now, run, file, kind)
					: giveFile(trx, now, run, of, file));
				goOn();
				return result;
			}
		);
		return { ...made, sizes };
	};
	const { result, changed, sizes } = await added().catch(async (error: unknown) => {
		if (isNew) await dropDocument(kept.sha256);
		throw error;
	});
	await notePages(write, kept.sha256, sizes);
	void readSoon(store, kept.sha256);
	return { ...result, pages: sizes.length, changed };
}

/** Files of a store that are being read, or were read to their end. */
const reading = new WeakMap<Store, Map<string, Promise<void>>>();

/** Reads the words, shapes and colors of all pages of a PDF in the background, unless that is done or under way. */
function readSoon(store: Store, sha256: string): Promise<void> {
	const own = reading.get(store) ?? new Map<string, Promise<void>>();
	reading.set(store, own);
	const known = own.get(sha256);
	if (known) return known;
	const done = readAll(store, sha256).catch(async (error: unknown) => {
		if (!(error instanceof Refusal) && (await isOpen(store)))
			console.error('A PDF could not be read to its end', error);
	});
	own.set(sha256, done);
	return done;
}

const PAGES_A_TIME = 10;

async function readAll(store: Store, sha256: string): Promise<void> {
	const { write, read } = store;
	const path = documentPath(sha256);
	let pages = await pagesOf(read, sha256);
	if (pages.length === 0) {
		await notePages(write, sha256, (await pdfs.ask('open', { path }, { later: true })).sizes);
		pages = await pagesOf(read, sha256);
	}
	for (let from = 0; from < pages.length; from += PAGES_A_TIME) {
		const some = pages.slice(from, from + PAGES_A_TIME);
		if (some.every((page) => page.heading !== null)) continue;
		const texts = await pdfs.ask('read', { path, from, to: from + some.length }, { later: true });
		if (!(await isOpen(store))) return;
		await noteRead(write, sha256, from + 1, texts);
	}
	const toDraw = pages.filter(({ likeness }) => likeness === null);
	for (const { page } of toDraw) {
		if (!(await isOpen(store))) return;
		await draw(store, sha256, page, 'small', true).catch(() => null);
	}
	if (toDraw.length > 0) forgetSituation(read);
}

const WIDTHS = { small: 280, large: 1100 } as const;
export type PictureSize = keyof typeof WIDTHS;

/** Pictures that are being made; who asks for the same one waits for it. */
const drawing = new Map<string, Promise<void>>();

/** The picture of a page as JPEG, made when it is looked at first. @throws Refusal where it cannot be made. */
export async function pictureOf(
	store: Store,
	sha256: string,
	page: number,
	size: PictureSize,
	later = false
): Promise<Buffer> {
	const to = picturePath(sha256, page, size);
	if (!existsSync(to)) {
		await draw(store, sha256, page, size, later);
	}
	return readFile(to);
}

const picturePath = (sha256: string, page: number, size: PictureSize) =>
	cachePath('pages', sha256, `${page}-${WIDTHS[size]}.jpg`);

function draw(store: Store, sha256: string, page: number, size: PictureSize, later: boolean): Promise<void> {
	const to = picturePath(sha256, page, size);
	const made = drawing.get(to) ?? drawn(store, sha256, page, WIDTHS[size], to, later);
	drawing.set(to, made);
	return made.finally(() => drawing.delete(to));
}

async function drawn(
	store: Store,
	sha256: string,
	page: number,
	width: number,
	to: string,
	later: boolean
): Promise<void> {
	await mkdir(dirname(to), { recursive: true, mode: 0o700 });
	const look = await pdfs.ask('draw', { path: documentPath(sha256), page: page - 1, width, to }, { later });
	if (await isOpen(store)) await noteLook(store.write, sha256, page, look);
}

/** The pages of a PDF as far as they were read; it goes on being read. */
export async function pagesRead(sha256: string): Promise<readonly Row<'document_page'>[]> {
	const store = await opened();
	void readSoon(store, sha256);
	return pagesOf(store.read, sha256);
}

/** What was read of the files that a run is printed from: its pages and their sizes. */
export type RunFiles = {
	readonly pages: ReadonlyMap<string, readonly Row<'document_page'>[]>;
	readonly sizes: PageSizes;
};

/** Reads that from the database, and goes on reading files that were not read to their end. */
export async function filesOf({ snapshot }: Situation, run: RunSituation): Promise<RunFiles> {
	const store = await opened();
	const pages = new Map<string, readonly Row<'document_page'>[]>();
	const documents = byId(snapshot.documents);
	const files = new Set([
		...sourcesOf(snapshot, run).map((one) => one.file),
		...printsOf(snapshot, run).map((one) => documents.get(one.resource.document_id ?? 0)?.sha256 ?? null)
	]);
	for (const file of files) {
		if (file === null) continue;
		void readSoon(store, file);
		pages.set(file, await pagesOf(store.read, file));
	}
	return {
		pages,
		sizes: new Map(
			[...pages].map(([file, own]) => [
				file,
				own.map(({ width_mm, height_mm, ink, colored }) => ({
					width: width_mm,
					height: height_mm,
					ink: ink && parsed(ink),
					colored
				}))
			])
		)
	};
}
