import { exact } from '$core/measure/index.ts';
import { ENOUGH, FILED_THROUGH, GUIDE, PAPER, POUCHES, PRINTED_ON, SORTED } from '../../../../demo/print.ts';
import { TODAY } from '../../../../demo/household.ts';
import { json } from '$core/facts/index.ts';
import type { Db } from '../database/open.ts';
import {
	computeSituation,
	isFlagged,
	POUCHES_ITEM,
	printKey,
	printsOf,
	runPlan,
	setsInOrder
} from '$core/account/index.ts';
import { askedNow } from '../services/looking/answers.ts';
import { printFrom } from '../services/print/sources.ts';
import { readSnapshot } from '../snapshot/snapshot.ts';
import { addResource } from '../stores/library/resources.ts';
import { addDocument } from '../stores/print/documents.ts';
import {
	addPrintRun,
	setRoleChildren,
	sortPages,
	updatePrint,
	updatePrintRun
} from '../stores/print/prints.ts';
import { patchNeed } from '../stores/readiness/needs.ts';
import { itemNamed } from '../stores/stash/items.ts';
import { addLot } from '../stores/stash/lots.ts';
import { say } from '../stores/stash/statements.ts';
import { guideBytes, hashOf } from './guide-file.ts';

/** The guide's PDF, its pages sorted for the most part, and what is printed already. */
export async function seedPrint(db: Db, run: number): Promise<void> {
	const bytes = guideBytes();
	if (bytes === null) return;
	await db.transaction().execute(async (trx) => {
		const people = await trx.selectFrom('person').selectAll().execute();
		const lessons = await trx
			.selectFrom('lesson')
			.select('id')
			.where('run_id', '=', run)
			.orderBy('position')
			.execute();
		const place = await trx
			.selectFrom('place')
			.select('id')
			.where('name', '=', GUIDE.place)
			.executeTakeFirstOrThrow();
		const document = await addDocument(
			trx,
			{
				sha256: hashOf(bytes),
				name: 'finding-our-way.pdf',
				bytes: bytes.length,
				pages: GUIDE.pages,
				scripts: 0
			},
			'2026-11-20'
		);
		const resource = await addResource(
			trx,
			{
				title: GUIDE.title,
				kind: 'printable',
				owned: 1,
				pages: GUIDE.pages,
				document_id: document,
				place_id: place.id,
				topics: 'maps'
			},
			'2026-11-20'
		);
		const source = await printFrom(trx, run, resource, 'guide');
		for (const { pages, role, lesson, title, again = false, for: names } of SORTED) {
			const id = await sortPages(trx, run, {
				source,
				lesson: lesson === null ? null : lessons[lesson - 1].id,
				title,
				role,
				pages,
				again,
				fromBook: false,
				size: null,
				backs: null
			});
			if (names)
				await updatePrint(trx, run, id, {
					participants: people.filter((one) => names.includes(one.name)).map((one) => one.id)
				});
		}
		// Tamsin scribbles along, so that her folder grows with those of the others.
		const children = people.filter((one) => one.kind === 'child').map((one) => one.id);
		for (const role of ['journal', 'student', 'map'] as const)
			await setRoleChildren(trx, run, role, children);
		for (const [name, amount] of Object.entries(PAPER))
			await addLot(
				trx,
				{
					item_id: (await itemNamed(trx, name)).id,
					amount: exact(amount),
					unit: 'sheet',
					place_id: place.id,
					good_until: null
				},
				'2027-01-16',
				'added'
			);
		await addLot(
			trx,
			{
				item_id: (await itemNamed(trx, POUCHES_ITEM)).id,
				amount: exact(POUCHES),
				unit: 'each',
				place_id: place.id,
				good_until: null
			},
			'2027-01-16',
			'added'
		);
	});
	const situation = computeSituation(await readSnapshot(db), TODAY);
	const maps = situation.runs.find((one) => one.row.id === run)!;
	const filed = printsOf(situation.snapshot, maps).filter(
		(print) =>
			print.off === null &&
			!isFlagged(print.row) &&
			print.lesson !== null &&
			print.lesson.number <= FILED_THROUGH
	);
	const before = filed.filter(({ judged }) => judged.stock.value === 'plain20' && judged.sides.value === 1);
	const gray = before.filter(({ judged }) => !judged.color.value);
	await db.transaction().execute(async (trx) => {
		// What was printed for the first weeks, all on one day.
		const sets = setsInOrder(gray, 'child');
		const row = { stock: 'plain20', sides: 1, color: 0, paper: 'letter', piles: 'child', slips: 1 } as const;
		const plan = runPlan(situation.snapshot, maps, { ...row, sets: json(sets) }, new Map());
		const printed = await addPrintRun(trx, run, {
			...row,
			sets,
			sheets: plan.sheets.length,
			made_on: PRINTED_ON
		});
		await updatePrintRun(trx, run, printed, { printed_on: PRINTED_ON });
		for (const name of ENOUGH) {
			const { id } = await itemNamed(trx, name);
			await say(trx, id, { state: 'enough', place: null, asked: askedNow(situation, id) }, '2027-01-16');
		}
		for (const print of printsOf(situation.snapshot, maps)) {
			if ((print.lesson?.number ?? 0) > FILED_THROUGH || isFlagged(print.row)) continue;
			for (const { child } of print.copies)
				await patchNeed(trx, run, printKey(print, child?.id ?? null), {
					found: '1',
					prepared: '1',
					out: '1'
				});
		}
	});
}
