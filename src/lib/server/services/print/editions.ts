import { matchEditions, pageNumbersText, type Edition } from '$core/print/index.ts';
import { Refusal } from '$core/error.ts';
import { byId, parsed, type Row } from '$core/facts/index.ts';
import { counted } from '$core/words/index.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';
import type { Trx } from '../../history/changes.ts';
import { updateResource } from '../../stores/library/resources.ts';
import { dropPrints, sourceOf, updatePrint, updateSource } from '../../stores/print/prints.ts';

type Pages = readonly Row<'document_page'>[];

/** A second edition of a source beside the first, before it is taken over. */
export type EditionView = {
	readonly title: string;
	readonly sentence: string;
	/** Hashes of both files. */
	readonly files: readonly [was: string, is: string];
	/** What changed, came or went, side by side. */
	readonly rows: readonly {
		readonly was: number | null;
		readonly is: number | null;
		readonly text: string;
		/** Prints that have the old page. */
		readonly prints: string;
	}[];
	/** Pages that were read so far of the new file; with fewer than all of them nothing can be said. */
	readonly read: number;
	readonly pages: number;
};

const isRead = (pages: Pages) => pages.every((one) => one.text !== null && one.likeness !== null);

/** What became of the pages. */
function editionOf(before: Pages, after: Pages): Edition {
	return matchEditions(before, after);
}

/** A source with the two files. @throws Refusal where one of them is gone. */
function filesOfEdition({ snapshot }: Situation, run: RunSituation, source: number, document: number) {
	const row = snapshot.printSources.find((one) => one.id === source && one.run_id === run.row.id);
	const resource = row && byId(snapshot.resources).get(row.resource_id);
	const documents = byId(snapshot.documents);
	const [was, is] = [documents.get(resource?.document_id ?? 0), documents.get(document)];
	if (!resource || !was || !is) throw new Refusal('That file is gone. Add it again under Print.');
	return { resource, was, is };
}

/** The hashes of the file of a source and of its second edition. */
export function editionFiles(
	now: Situation,
	run: RunSituation,
	source: number,
	document: number
): readonly [was: string, is: string] {
	const { was, is } = filesOfEdition(now, run, source, document);
	return [was.sha256, is.sha256];
}

/** The two editions side by side. */
export function editionView(
	now: Situation,
	run: RunSituation,
	source: number,
	document: number,
	before: Pages,
	after: Pages
): EditionView {
	const { resource, was, is } = filesOfEdition(now, run, source, document);
	const read = after.filter((one) => one.text !== null && one.likeness !== null).length;
	const plain = {
		title: resource.title,
		files: [was.sha256, is.sha256] as const,
		read,
		pages: is.pages
	};
	if (!isRead(before) || !isRead(after))
		return { ...plain, sentence: `Reading the new file: ${read} of ${counted(is.pages, 'page')}.`, rows: [] };
	const { pages, gone } = editionOf(before, after);
	const printsOfPage = (page: number | null) =>
		now.snapshot.prints
			.filter((one) => one.source_id === source && page !== null && parsed(one.pages).includes(page))
			.map((one) => one.title)
			.join(', ');
	const changed = pages.filter((one) => one.was !== null && one.isChanged);
	const added = pages.filter((one) => one.was === null);
	const alike = pages.length - changed.length - added.length;
	const moves = new Map<number, number>();
	for (const one of pages)
		if (one.was !== null && one.was !== one.page)
			moves.set(one.page - one.was, (moves.get(one.page - one.was) ?? 0) + 1);
	const [moved] = [...moves].sort((a, b) => b[1] - a[1]);
	return {
		...plain,
		sentence: `${[
			`${alike} alike`,
			added.length ? `${added.length} new` : '',
			changed.length ? `${changed.length} changed` : '',
			gone.length ? `${gone.length} gone` : '',
			moved
				? `${counted(moved[1], 'page')} moved ${moved[0] > 0 ? 'back' : 'forward'} by ${Math.abs(moved[0])}`
				: ''
		]
			.filter(Boolean)
			.join(', ')}.`,
		rows: [
			...changed.map((one) => ({
				was: one.was,
				is: one.page,
				text: 'changed',
				prints: printsOfPage(one.was)
			})),
			...added.map((one) => ({ was: null, is: one.page, text: 'new', prints: '' })),
			...gone.map((page) => ({ was: page, is: null, text: 'gone', prints: printsOfPage(page) }))
		]
	};
}

/**
 * Puts the second edition in the place of the first: each print has its pages where they are now, with its choices, runs
 * and check marks. A page that is gone leaves its print, and a print without pages goes. Answers it in words.
 * @throws Refusal while one of them is not read to its end.
 */
export async function takeEdition(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	source: number,
	document: number,
	before: Pages,
	after: Pages
): Promise<string> {
	const { resource, is } = filesOfEdition(now, run, source, document);
	if (!isRead(before) || !isRead(after))
		throw new Refusal('The new file is still being read. Try again in a moment.');
	const { pages, gone } = editionOf(before, after);
	const to = new Map(pages.flatMap((one) => (one.was === null ? [] : [[one.was, one.page] as const])));
	const moved = (list: readonly number[]) => list.flatMap((page) => to.get(page) ?? []);
	// The library's title is one, so whatever unit prints from it has the new file.
	const all = now.snapshot.printSources.filter((one) => one.resource_id === resource.id);
	await updateResource(trx, resource.id, { document_id: document, pages: is.pages });
	const lost: string[] = [];
	for (const one of all) {
		const row = await sourceOf(trx, one.run_id, one.id);
		await updateSource(trx, one.run_id, one.id, { dropped: moved(parsed(row.dropped)) });
		for (const print of now.snapshot.prints.filter((each) => each.source_id === one.id)) {
			if (print.place_of !== null) continue;
			const kept = moved(parsed(print.pages));
			if (kept.length === 0) {
				lost.push(print.title);
				await dropPrints(trx, one.run_id, [print.id]);
			} else await updatePrint(trx, one.run_id, print.id, { pages: kept, fit: moved(parsed(print.fit)) });
		}
	}
	return `${resource.title}: the new edition${lost.length ? `, without ${lost.join(', ')}` : ''}${
		gone.length ? ` (old pages ${pageNumbersText(gone)} are gone)` : ''
	}`;
}
