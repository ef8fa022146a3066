import { Refusal } from '$core/error.ts';
import type { Backs, PrintChoices, Role } from '$core/print/index.ts';
import { json, parsed, type Row, type RunSet, type SourceKind } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { lastPosition } from '../position.ts';

/** Puts something of the library among what a run is printed from; once, however often it is asked for. */
export async function addSource(trx: Trx, run: number, resource: number, kind: SourceKind): Promise<number> {
	const known = await trx
		.selectFrom('print_source')
		.select('id')
		.where('run_id', '=', run)
		.where('resource_id', '=', resource)
		.executeTakeFirst();
	if (known) return known.id;
	const last = await lastPosition(trx.selectFrom('print_source').where('run_id', '=', run));
	const { id } = await trx
		.insertInto('print_source')
		.values({ run_id: run, resource_id: resource, kind, position: last + 1 })
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

export async function updateSource(
	trx: Trx,
	run: number,
	id: number,
	patch: Partial<Pick<Row<'print_source'>, 'kind' | 'ready_cents' | 'cut_from'>> & {
		readonly dropped?: readonly number[];
	}
): Promise<void> {
	await sourceOf(trx, run, id);
	const { dropped, ...plain } = patch;
	await trx
		.updateTable('print_source')
		.set({ ...plain, ...(dropped && { dropped: json(dropped) }) })
		.where('id', '=', id)
		.execute();
}

/** Takes a source out of a run with what was settled about its pages; the library keeps it. */
export async function removeSource(trx: Trx, run: number, id: number): Promise<void> {
	await sourceOf(trx, run, id);
	await dropPrints(trx, run, await idsOf(trx, id));
	await trx.deleteFrom('print_source').where('id', '=', id).execute();
}

async function idsOf(trx: Trx, source: number): Promise<number[]> {
	const rows = await trx.selectFrom('print').select('id').where('source_id', '=', source).execute();
	return rows.map(({ id }) => id);
}

export async function sourceOf(trx: Trx, run: number, id: number): Promise<Row<'print_source'>> {
	const row = await trx
		.selectFrom('print_source')
		.selectAll()
		.where('id', '=', id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (!row) throw new Refusal('That is no longer among what you print from. Reload the page.');
	return row;
}

export type PrintInput = {
	readonly source: number;
	readonly lesson: number | null;
	readonly title: string;
	readonly role: Role;
	readonly pages: readonly number[];
	readonly again: boolean;
	/** Its pages are cut out of the book itself. */
	readonly fromBook: boolean;
	/** The size of its pages in millimeters; null: as large as the paper. */
	readonly size: { readonly width: number; readonly height: number } | null;
	/** Its pages were found to be fronts and backs. */
	readonly backs: Backs | null;
};

/**
 * Gives pages a role. They leave whatever print they were in before; one that loses all its pages goes.
 * Answers the new print.
 */
export async function sortPages(trx: Trx, run: number, input: PrintInput): Promise<number> {
	await sourceOf(trx, run, input.source);
	await unsortPages(trx, run, input.source, input.pages);
	return addPrint(trx, run, input);
}

/** A side of a page in tenths of a millimeter, so that no noise of fractions is kept. */
const tenths = (mm: number) => Math.round(mm * 10) / 10;

/** Adds a print whatever others its pages are in. Answers it. */
export async function addPrint(trx: Trx, run: number, input: PrintInput): Promise<number> {
	const { id } = await trx
		.insertInto('print')
		.values({
			run_id: run,
			source_id: input.source,
			lesson_id: input.lesson,
			activity_id: null,
			title: input.title,
			role: input.role,
			pages: json(input.pages),
			participants: null,
			again: input.again ? 1 : 0,
			from_book: input.fromBook ? 1 : 0,
			page_width_mm: input.size ? tenths(input.size.width) : null,
			page_height_mm: input.size ? tenths(input.size.height) : null,
			backs: input.backs
		})
		.returning('id')
		.executeTakeFirstOrThrow();
	await settlePlace(trx, run, id);
	return id;
}

/** Makes the gray copy that keeps the place of pages that are cut out of a book, or takes it away with its reason. */
async function settlePlace(trx: Trx, run: number, id: number): Promise<void> {
	const print = await printOf(trx, run, id);
	const keepers = await keepersOf(trx, [id]);
	if (print.from_book === 0) return dropPrints(trx, run, keepers);
	const place = {
		lesson_id: print.lesson_id,
		title: `Gray copy: ${print.title}`.slice(0, 200),
		pages: print.pages
	};
	if (keepers.length) await trx.updateTable('print').set(place).where('id', 'in', keepers).execute();
	else
		await trx
			.insertInto('print')
			.values({
				...place,
				run_id: run,
				source_id: print.source_id,
				activity_id: null,
				role: 'teacher',
				place_of: id,
				participants: null,
				page_width_mm: print.page_width_mm,
				page_height_mm: print.page_height_mm,
				backs: null
			})
			.execute();
}

async function keepersOf(trx: Trx, ids: readonly number[]): Promise<number[]> {
	const rows = await trx.selectFrom('print').select('id').where('place_of', 'in', ids).execute();
	return rows.map((one) => one.id);
}

/** Takes pages of a source out of all prints that they are in. */
export async function unsortPages(
	trx: Trx,
	run: number,
	source: number,
	pages: readonly number[]
): Promise<void> {
	const gone = new Set(pages);
	const there = await trx
		.selectFrom('print')
		.selectAll()
		.where('run_id', '=', run)
		.where('source_id', '=', source)
		.execute();
	for (const print of there) {
		const own = parsed(print.pages);
		const left = own.filter((page) => !gone.has(page));
		if (left.length === own.length) continue;
		if (left.length === 0) await dropPrints(trx, run, [print.id]);
		else
			await trx
				.updateTable('print')
				.set({ pages: json(left) })
				.where('id', '=', print.id)
				.execute();
	}
}

export type PrintPatch = Partial<
	Pick<
		Row<'print'>,
		'title' | 'role' | 'lesson_id' | 'activity_id' | 'again' | 'from_book' | 'optional' | 'note'
	>
> & {
	readonly participants?: readonly number[] | null;
	readonly choices?: Partial<PrintChoices>;
	readonly pages?: readonly number[];
	/** Pages that are made smaller to lie where the printer reaches. */
	readonly fit?: readonly number[];
};

export async function updatePrint(trx: Trx, run: number, id: number, patch: PrintPatch): Promise<void> {
	await printOf(trx, run, id);
	const { participants, choices, pages, fit, ...plain } = patch;
	await trx
		.updateTable('print')
		.set({
			...plain,
			...(participants === undefined ? {} : { participants: participants && json(participants) }),
			...(choices === undefined ? {} : { choices: json(choices) }),
			...(pages === undefined ? {} : { pages: json(pages) }),
			...(fit === undefined ? {} : { fit: json(fit) })
		})
		.where('id', '=', id)
		.execute();
	await settlePlace(trx, run, id);
}

/** Takes prints away with the gray copies in their place, and out of the runs that they are in. */
export async function dropPrints(trx: Trx, run: number, wanted: readonly number[]): Promise<void> {
	if (wanted.length === 0) return;
	const keepers = await keepersOf(trx, wanted);
	const gone = new Set([...keepers, ...wanted]);
	const runs = await trx.selectFrom('print_run').selectAll().where('run_id', '=', run).execute();
	for (const one of runs) {
		const sets = parsed(one.sets);
		const left = sets.filter((set) => !gone.has(set.print));
		if (left.length === sets.length) continue;
		if (left.length === 0) await trx.deleteFrom('print_run').where('id', '=', one.id).execute();
		else
			await trx
				.updateTable('print_run')
				.set({ sets: json(left) })
				.where('id', '=', one.id)
				.execute();
	}
	// Gray copies first: they name the print whose place they keep.
	for (const these of [keepers, wanted])
		if (these.length)
			await trx.deleteFrom('print').where('id', 'in', these).where('run_id', '=', run).execute();
}

export async function printOf(trx: Trx, run: number, id: number): Promise<Row<'print'>> {
	const row = await trx
		.selectFrom('print')
		.selectAll()
		.where('id', '=', id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (!row) throw new Refusal('Those pages were sorted anew. Reload the page.');
	return row;
}

export type PrintRunInput = Pick<
	Row<'print_run'>,
	'stock' | 'sides' | 'color' | 'paper' | 'piles' | 'slips' | 'sheets' | 'made_on'
> & { readonly sets: readonly RunSet[] };

/** Notes a run whose file goes to the printer. */
export async function addPrintRun(trx: Trx, run: number, input: PrintRunInput): Promise<number> {
	const { id } = await trx
		.insertInto('print_run')
		.values({ ...input, run_id: run, sets: json(input.sets), printed_on: null, spoiled_stock: null })
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

export async function updatePrintRun(
	trx: Trx,
	run: number,
	id: number,
	{
		sets,
		done,
		...patch
	}: Partial<Pick<Row<'print_run'>, 'printed_on' | 'spoiled' | 'spoiled_stock' | 'piles' | 'slips'>> & {
		readonly sets?: readonly RunSet[];
		readonly done?: readonly string[];
	}
): Promise<void> {
	await printRunOf(trx, run, id);
	await trx
		.updateTable('print_run')
		.set({ ...patch, ...(sets && { sets: json(sets) }), ...(done && { done: json(done) }) })
		.where('id', '=', id)
		.execute();
}

export async function removePrintRun(trx: Trx, run: number, id: number): Promise<void> {
	await printRunOf(trx, run, id);
	await trx.deleteFrom('print_run').where('id', '=', id).execute();
}

async function printRunOf(trx: Trx, run: number, id: number): Promise<Row<'print_run'>> {
	const row = await trx
		.selectFrom('print_run')
		.selectAll()
		.where('id', '=', id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (!row) throw new Refusal('That print run is gone. Reload the page.');
	return row;
}

/** Runs and jobs go on with prints that have other ids now. */
export async function renamePrints(trx: Trx, run: number, ids: ReadonlyMap<number, number>): Promise<void> {
	for (const one of await trx.selectFrom('print_run').selectAll().where('run_id', '=', run).execute()) {
		const sets = parsed(one.sets);
		if (sets.some((set) => ids.has(set.print)))
			await trx
				.updateTable('print_run')
				.set({ sets: json(sets.map((set) => ({ ...set, print: ids.get(set.print) ?? set.print }))) })
				.where('id', '=', one.id)
				.execute();
	}
	for (const [from, to] of ids) {
		const start = `print-${from}/`;
		for (const job of await trx.selectFrom('prep_job').selectAll().execute())
			if (job.key.startsWith(start))
				await trx
					.updateTable('prep_job')
					.set({ key: `print-${to}/${job.key.slice(start.length)}` })
					.where('id', '=', job.id)
					.execute();
	}
}

/** Who gets pages of a role in a run; null: everyone who can use them. */
export async function setRoleChildren(
	trx: Trx,
	run: number,
	role: Role,
	participants: readonly number[] | null
): Promise<void> {
	await trx.deleteFrom('role_children').where('run_id', '=', run).where('role', '=', role).execute();
	if (participants !== null)
		await trx
			.insertInto('role_children')
			.values({ run_id: run, role, participants: json(participants) })
			.execute();
}
