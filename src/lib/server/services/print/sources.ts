import type { CopyingRight } from '$core/library/index.ts';
import { CUT_ROLES } from '$core/print/index.ts';
import { Refusal } from '$core/error.ts';
import { counted, RIGHTS_TEXT } from '$core/words/index.ts';
import { parsed, type Row, SOURCE_KINDS, type SourceKind, byId, type Snapshot } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { addResource, updateResource } from '../../stores/library/resources.ts';
import { addDocument } from '../../stores/print/documents.ts';
import { addSource, sourceOf, updatePrint, updateSource } from '../../stores/print/prints.ts';
import { itemNamed } from '../../stores/stash/items.ts';
import { STOCKS } from '$core/reference/index.ts';
import { type RunSituation, type Situation, MATERIAL_NAMES } from '$core/account/index.ts';

/** What is known of a PDF that came in. */
export type NewDocument = {
	readonly sha256: string;
	readonly name: string;
	readonly bytes: number;
	readonly pages: number;
	readonly scripts: boolean;
};

/** A title from a file's name: "lesson_pages-FINAL.pdf" → "lesson pages FINAL". */
function titleOfFile(name: string): string {
	const plain = name
		.replace(/^.*[\\/]/, '')
		.replace(/\.(?:pdf|jpe?g)$/i, '')
		.replace(/[_+]+|-(?=\S)|%20/g, ' ')
		.replace(/\s+/g, ' ')
		.trim();
	return (plain.charAt(0).toUpperCase() + plain.slice(1)).slice(0, 200) || 'Printable';
}

/** Puts a PDF into the library as a printable, and among what a run is printed from. The same bytes are one printable. */
export async function addPrintable(
	trx: Trx,
	{ snapshot, today }: Situation,
	run: number,
	{ scripts, ...file }: NewDocument,
	kind: SourceKind
): Promise<Added> {
	const document = await addDocument(trx, { ...file, scripts: scripts ? 1 : 0 }, today);
	const known = snapshot.resources.find((one) => one.document_id === document);
	const title = known?.title ?? titleOfFile(file.name);
	const resource =
		known?.id ??
		(await addResource(
			trx,
			{ title, kind: 'printable', owned: 1, pages: file.pages, document_id: document, authors: '' },
			today
		));
	const source = await printFrom(trx, run, resource, kind);
	return { source, title, edition: null };
}

/** What a file that came in is: a source, and where it is the second edition of one, its document. */
export type Added = { readonly source: number; readonly title: string; readonly edition: number | null };

/**
 * Gives a paper original or a printable without a file its PDF. What is sorted stays. One that has a file keeps it until
 * somebody has looked at what changed.
 * @throws Refusal where pages are sorted that this file has not, or where it is the file that is there.
 */
export async function giveFile(
	trx: Trx,
	{ snapshot, today }: Situation,
	run: number,
	id: number,
	{ scripts, ...file }: NewDocument
): Promise<Added> {
	const { resource_id } = await sourceOf(trx, run, id);
	const resource = byId(snapshot.resources).get(resource_id)!;
	if (resource.document_id !== null) {
		const edition = await addDocument(trx, { ...file, scripts: scripts ? 1 : 0 }, today);
		if (edition === resource.document_id)
			throw new Refusal(`This is the file that ${resource.title} has already.`);
		return { source: id, title: resource.title, edition };
	}
	const sorted = snapshot.prints.filter((one) => one.source_id === id).flatMap((one) => parsed(one.pages));
	const last = Math.max(0, ...sorted);
	if (last > file.pages)
		throw new Refusal(
			`This file has ${counted(file.pages, 'page')}, and page ${last} is sorted already. Is it the right one?`
		);
	const document = await addDocument(trx, { ...file, scripts: scripts ? 1 : 0 }, today);
	await updateResource(trx, resource.id, { document_id: document, pages: file.pages });
	return { source: id, title: resource.title, edition: null };
}

/** What changes about a source; a book that will be bound loses its pages to cut out, and a gray copy takes their place. */
export async function changeSource(
	trx: Trx,
	{ snapshot }: Situation,
	run: number,
	id: number,
	patch: { readonly kind: SourceKind; readonly ready_cents: number | null; readonly isCut: boolean }
): Promise<void> {
	const { isCut, ...plain } = patch;
	const before = await sourceOf(trx, run, id);
	await updateSource(trx, run, id, { ...plain, cut_from: isCut ? 1 : 0 });
	if ((before.cut_from === 1) === isCut) return;
	for (const print of snapshot.prints)
		if (print.source_id === id && print.place_of === null && CUT_ROLES.includes(print.role))
			await updatePrint(trx, run, print.id, { from_book: isCut ? 1 : 0 });
}

/** Prints from something of the library; the household then knows what printing asks for. */
export async function printFrom(trx: Trx, run: number, resource: number, kind: SourceKind): Promise<number> {
	for (const { name, use } of [
		...STOCKS.map(({ item }) => ({ name: item, use: 'consumed' as const })),
		...MATERIAL_NAMES
	])
		await itemNamed(trx, name, use);
	return addSource(trx, run, resource, kind);
}

/** A paper original: pages of a book on the shelf, without a file. */
export async function addPaperOriginal(
	trx: Trx,
	{ today }: Situation,
	run: number,
	{ title, pages, place, kind }: { title: string; pages: number; place: number | null; kind: SourceKind }
): Promise<number> {
	const resource = await addResource(
		trx,
		{ title, kind: 'printable', owned: 1, pages, place_id: place },
		today
	);
	return printFrom(trx, run, resource, kind);
}

/** Something that a run is printed from, as a screen shows it. */
export type SourceView = {
	readonly id: number;
	readonly resource: number;
	readonly title: string;
	readonly kind: SourceKind;
	readonly pages: number;
	readonly sorted: number;
	/** Hash of its file; null for a paper original. */
	readonly file: string | null;
	/** It is a book that will be bound, and what is cut out of it comes out first. */
	readonly isCut: boolean;
	readonly notes: readonly string[];
};

/** What a run is printed from. */
export function sourcesOf(snapshot: Snapshot, run: RunSituation): SourceView[] {
	const resources = byId(snapshot.resources);
	const documents = byId(snapshot.documents);
	return snapshot.printSources
		.filter((one) => one.run_id === run.row.id)
		.toSorted((a, b) => SOURCE_KINDS.indexOf(a.kind) - SOURCE_KINDS.indexOf(b.kind))
		.map((source) => {
			const resource = resources.get(source.resource_id)!;
			const document = documents.get(resource.document_id ?? 0) ?? null;
			const pages = document?.pages ?? resource.pages ?? 0;
			const sorted = new Set(
				snapshot.prints.filter((one) => one.source_id === source.id).flatMap((one) => parsed(one.pages))
			);
			return {
				id: source.id,
				resource: resource.id,
				title: resource.title,
				kind: source.kind,
				pages,
				sorted: sorted.size,
				file: document?.sha256 ?? null,
				isCut: source.cut_from === 1,
				notes: notesOf(resource, document, run)
			};
		});
}

/** What is said before its pages go to a child: ages, sensitive matter, copying rights, scripts. */
function notesOf(resource: Row<'resource'>, document: Row<'document'> | null, run: RunSituation): string[] {
	const start = run.row.start_on;
	const young =
		resource.from_age === null || start === null
			? []
			: run.participants.filter(
					(one) => one.born && Number(start.slice(0, 4)) - Number(one.born.slice(0, 4)) < resource.from_age!
				);
	const content = parsed(resource.content);
	return [
		young.length
			? `From age ${resource.from_age}: look through it before its pages go to ${young.map((one) => one.name).join(', ')}.`
			: '',
		content.length ? `Noted on it: ${content.join(', ')}.` : '',
		rightsNote(resource.rights, run),
		document?.scripts
			? 'This file carries scripts. They never run here and are left out of what you print.'
			: '',
		document === null ? 'A paper original: copied by hand or at the copy store.' : ''
	].filter(Boolean);
}

/** What the copying right of a source means for those who take part. */
export function rightsNote(rights: CopyingRight, run: RunSituation): string {
	const guests = run.participants.filter((one) => one.kind === 'guest');
	if (rights === 'none') return 'Copying isn’t allowed: print only what you bought it for.';
	if (rights === 'ask') return 'Ask before you copy it.';
	if (rights === 'own family' && guests.length)
		return `Copying right: own family. That doesn’t cover ${guests.map((one) => one.name).join(', ')} or a co-op.`;
	return rights === 'own family'
		? 'Copying right: own family, not a co-op.'
		: `Copying right: ${RIGHTS_TEXT[rights].toLowerCase()}.`;
}
