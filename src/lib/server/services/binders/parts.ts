import { readSupplyLine } from '$core/supplies/index.ts';
import { Refusal } from '$core/error.ts';
import { nameKey } from '$core/naming/index.ts';
import { counted } from '$core/words/index.ts';
import type { Trx } from '../../history/changes.ts';
import { linesOfLessons } from '$core/facts/index.ts';
import { addLine } from '../../stores/gathering/supply-lines.ts';
import { type RunSituation, type Situation, printsOf } from '$core/account/index.ts';
import { binderOf, partText, resultOf } from './view.ts';

/** How lines of the supply list say that they are for the binder. */
const NOTE = 'for the binder';

/**
 * What the chosen way takes and is on no list yet: not the binder that the house has, nor what printing puts on the
 * list by itself.
 */
export function partsToList(now: Situation, run: RunSituation): { item: string; count: number }[] {
	const choice = binderOf(now, run);
	const own = new Set(run.lessons.map((one) => one.lesson.id));
	const items = new Map(now.snapshot.items.map((one) => [one.id, one.name_key]));
	const listed = new Set(
		linesOfLessons(now.snapshot)
			.filter((one) => own.has(one.lesson_id) && one.note === NOTE)
			.map((one) => items.get(one.item_id))
	);
	const byPrinting = printsOf(now.snapshot, run)
		.filter((one) => one.judged.finish.value === 'protector' && one.judged.printed.value)
		.reduce((sum, one) => sum + one.sheets, 0);
	const { parts, containers } = resultOf(now, run, choice.way);
	const binders = containers.filter((one) => one.kind === 'ring').length;
	return parts
		.filter((one) => !one.item.startsWith('binding coil'))
		.map(({ item, count }) => ({
			item: partText(now, item),
			count:
				item === 'page protector'
					? count - byPrinting
					: item.startsWith('binder,') && choice.ring !== null
						? // The house has one of each; a stack that is split takes more.
							count - binders
						: count
		}))
		.filter((one) => one.count > 0 && !listed.has(nameKey(one.item)));
}

/** Puts them on the supply list of the next lesson. Answers it in words. @throws Refusal where there is nothing to list */
export async function listParts(trx: Trx, now: Situation, run: RunSituation): Promise<string> {
	const parts = partsToList(now, run);
	const next = run.lessons.find((one) => !one.over && !one.dropped) ?? run.lessons.at(-1);
	if (parts.length === 0 || !next) throw new Refusal('All of it is on the supply list already.');
	for (const { item, count } of parts) {
		const [line] = readSupplyLine(`${count} ${item}`);
		await addLine(trx, {
			...line,
			item,
			quantity: count,
			unit: 'each',
			per: 'family',
			note: NOTE,
			lesson: next.lesson.id,
			written: `${count} ${item}`,
			use: item.endsWith('binder') || item === 'expanding file' ? 'kept' : 'consumed',
			check: false,
			listedOn: now.today
		});
	}
	return `${counted(parts.length, 'part')} on the supply list`;
}
