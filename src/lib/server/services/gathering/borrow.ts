import { mostSecondHand } from '$core/buying/index.ts';
import { dayText, type Day } from '$core/calendar/index.ts';
import type { Rung } from '$core/gathering/index.ts';
import { groupBy } from '$core/group-by.ts';
import { exactText, isSome, saidAmount } from '$core/measure/index.ts';
import { isReady } from '$core/readiness/index.ts';
import { byText, lessonsText, money, thingText } from '$core/words/index.ts';
import { cheapest } from '../buying/prices.ts';
import { comingOccasions, type Situation, type SupplyNeed, total } from '$core/account/index.ts';

/** One thing to ask somebody for, to find, to wish for or to look for. */
export type Asked = {
	readonly keys: string;
	readonly amount: string;
	readonly text: string;
	readonly for: string;
	readonly when: string;
	/** Asked already, or wished for: the promised day or occasion in words; empty when not yet. */
	readonly promised: string;
	/** For a wish: the occasions that come, and whether each is in time. */
	readonly occasions: readonly { readonly value: Day; readonly label: string }[];
	/** The most that it is worth second-hand; empty where no new price is known. */
	readonly atMost: string;
	/** A book is noted by its own step. */
	readonly isBook: boolean;
};

export type AskedList = {
	readonly rung: Rung;
	/** The person or library, or what is done. */
	readonly title: string;
	readonly rows: readonly Asked[];
	/** The list as one would send it to somebody. */
	readonly message: string;
};

const TITLES: Readonly<Partial<Record<Rung, string>>> = {
	made: 'Make',
	free: 'Find free',
	gift: 'Gifts to ask for',
	'second-hand': 'Buy used'
};
const ORDER: readonly Rung[] = ['borrowed', 'free', 'made', 'gift', 'second-hand'];

/** What comes neither from home nor from a shop, by person and by how it is got. */
export function borrowLists(situation: Situation): AskedList[] {
	const open = situation.needs.filter(
		(one) =>
			one.rung !== 'bought' &&
			one.need.useDay !== null &&
			!one.need.doWithout &&
			!isReady(one.need) &&
			(isSome(one.standing.missing) || isSome(one.standing.arranged))
	);
	const supplies = [...groupBy(open, (one) => `${one.rung}|${one.supplier?.id ?? ''}`).values()].map(
		(needs) => ({
			rung: needs[0].rung,
			title: needs[0].supplier?.name ?? TITLES[needs[0].rung] ?? 'Borrow',
			rows: [...groupBy(needs, (one) => `${one.item.id} ${one.unit}`).values()].map((own) =>
				askedFor(situation, own)
			)
		})
	);
	const books = situation.whole.flatMap((one) => {
		if (one.step?.kind !== 'ask for' || !one.book || !one.need.useDay) return [];
		const from = situation.snapshot.suppliers.find(
			(each) => each.id === (one.book!.loan?.supplier_id ?? one.book!.resource.supplier_id)
		);
		return from?.kind === 'friend' ? [{ from: from.name, one }] : [];
	});
	const lists = new Map<string, { rung: Rung; title: string; rows: Asked[] }>();
	for (const list of supplies) lists.set(list.title, { ...list, rows: [...list.rows] });
	for (const [title, own] of groupBy(books, (each) => each.from)) {
		const list = lists.get(title) ?? { rung: 'borrowed' as const, title, rows: [] };
		for (const { one } of own)
			list.rows.push({
				keys: one.need.key,
				amount: '1',
				text: one.book!.resource.title,
				for: lessonsText([one.lesson.number]),
				when: byText(one.days?.actBy ?? one.need.useDay!, situation.today),
				promised: '',
				occasions: [],
				atMost: '',
				isBook: true
			});
		lists.set(title, list);
	}
	return [...lists.values()]
		.sort((a, b) => ORDER.indexOf(a.rung) - ORDER.indexOf(b.rung) || (a.title < b.title ? -1 : 1))
		.map((list) => ({ ...list, message: messageOf(list) }));
}

function askedFor(situation: Situation, needs: readonly SupplyNeed[]): Asked {
	const { snapshot, today } = situation;
	const [{ item, unit, rung }] = needs;
	const amount = total(needs, ({ standing }) => standing.missing.add(standing.arranged));
	const acts = needs.flatMap((one) => (one.days?.actBy ? [one.days.actBy] : [])).sort();
	const promises = needs.flatMap((one) => (one.need.promised ? [one.need.promised] : [])).sort();
	const isAsked = needs.every((one) => !isSome(one.standing.missing));
	const isNew = cheapest(snapshot, item, amount, unit);
	return {
		keys: needs.map((one) => one.need.key).join(' '),
		amount: exactText(saidAmount(amount, unit)),
		text: thingText(amount, unit, item.name),
		for: lessonsText(needs.map((one) => one.lesson.number)),
		when: acts[0] ? byText(acts[0], today) : '',
		promised: isAsked ? promisedText(situation, rung, promises[0] ?? null) : '',
		occasions: rung === 'gift' && !isAsked ? occasionOptions(situation, needs) : [],
		atMost:
			rung === 'second-hand' && isNew !== null
				? `up to ${money(mostSecondHand(isNew))} (${money(isNew)} new)`
				: '',
		isBook: false
	};
}

function promisedText({ snapshot, today }: Situation, rung: Rung, day: Day | null): string {
	if (rung !== 'gift') return day ? `expected ${dayText(day)}` : 'asked';
	const occasion = comingOccasions(snapshot, today).find((one) => one.next === day);
	return `asked for${occasion ? ` ${occasion.name},` : ''}${day ? ` ${dayText(day)}` : ''}`;
}

/** The occasions of the year to come, those in time first. */
function occasionOptions({ snapshot, today }: Situation, needs: readonly SupplyNeed[]): Asked['occasions'] {
	const inHandBy = needs.flatMap((one) => (one.days ? [one.days.inHandBy] : [])).sort()[0] ?? null;
	return comingOccasions(snapshot, today).map(({ name, next }) => ({
		value: next,
		label: `${name}, ${dayText(next)}${inHandBy && next > inHandBy ? ` (too late: needed by ${dayText(inHandBy)})` : ''}`
	}));
}

/** A list to copy into a message. */
function messageOf({ rung, title, rows }: { rung: Rung; title: string; rows: readonly Asked[] }): string {
	const open = rows.filter((one) => !one.promised);
	if (open.length === 0) return '';
	const things = open.map((one) => `- ${one.text}${one.when ? ` (${one.when})` : ''}`).join('\n');
	if (rung === 'borrowed') return `Hi ${title}, could we borrow these?\n${things}`;
	if (rung === 'gift') return `If anyone asks what we could use:\n${things}`;
	return `${title}:\n${things}`;
}
