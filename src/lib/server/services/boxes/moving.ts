import { dayText } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { goesIn } from '$core/boxes/index.ts';
import { exact, lengthText } from '$core/measure/index.ts';
import { listText } from '$core/words/index.ts';
import { byId, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { noteMove } from '../../stores/boxes/boxes.ts';
import { putThing } from '../../stores/boxes/things.ts';
import { updateResource } from '../../stores/library/resources.ts';
import { moveLot } from '../../stores/stash/lots.ts';
import { placePath, type Situation } from '$core/account/index.ts';
import { sizeOf } from './things.ts';

/**
 * Moves a thing, by its id (title-12, own-3 or lot-4), into a place, or out of all (null); the move is remembered. A
 * thing that was made just now is given with its title. Answers its title.
 * @throws Refusal where it is gone
 */
export async function moveThing(
	trx: Trx,
	now: Situation,
	id: string,
	place: number | null,
	fresh: string | null = null
): Promise<string> {
	const { snapshot, today } = now;
	if (place !== null && !byId(snapshot.places).has(place))
		throw new Refusal('That place is gone. Reload the page.');
	if (place !== null) checkRoom(now, id, place);
	const [kind, number] = id.split('-');
	const key = Number(number);
	const gone = new Refusal('That is gone already. Reload the page.');
	if (kind === 'title') {
		const row = byId(snapshot.resources).get(key);
		if (!row) throw gone;
		if (row.place_id === place) return row.title;
		await updateResource(trx, key, { place_id: place });
		await noteMove(
			trx,
			{ title: row.title, resource: key, thing: null, from: row.place_id, to: place },
			today
		);
		return row.title;
	}
	if (kind === 'own') {
		const row = byId(snapshot.boxedThings).get(key);
		if (!row && fresh === null) throw gone;
		const title = row?.title ?? fresh!;
		if (row && row.place_id === place) return title;
		await putThing(trx, key, place);
		await noteMove(trx, { title, resource: null, thing: key, from: row?.place_id ?? null, to: place }, today);
		return title;
	}
	const lot = byId(snapshot.lots).get(key);
	if (kind !== 'lot' || !lot) throw gone;
	if (place === null) throw new Refusal('Supplies have a place of their own. Choose one.', 'place');
	await moveLot(trx, key, exact(lot.amount), place, today);
	return byId(snapshot.items).get(lot.item_id)?.name ?? '';
}

/** What was measured and can't lie in a box in any way is said at once, with boxes that take it. @throws Refusal */
function checkRoom(now: Situation, id: string, place: number): void {
	const { places, household } = now.snapshot;
	const thing = sizeOf(now, id);
	const box = byId(places).get(place)!;
	const inner = innerOf(box);
	if (!thing || !thing.isMeasured || thing.isSoft || inner === null || goesIn(thing.size, inner)) return;
	const others = places.filter((one) => {
		const space = one.id === place ? null : innerOf(one);
		return space !== null && goesIn(thing.size, space);
	});
	const said = (one: { length: number; width: number; height: number }) =>
		[one.length, one.width, one.height].map((mm) => lengthText(mm, household.measures)).join(' × ');
	throw new Refusal(
		`It’s ${said(thing.size)}, and ${box.name} is ${said(inner)} inside. ${
			others.length
				? `It goes into ${listText(others.slice(0, 3).map((one) => one.name))}.`
				: 'None of your boxes takes it; let it stand beside them.'
		}`,
		'thing'
	);
}

/** The inner measures of a box, mm; null where they are not known, or it is none. */
export const innerOf = (
	place: Row<'place'>
): { readonly length: number; readonly width: number; readonly height: number } | null =>
	place.kind === 'box' && place.length_mm && place.width_mm && place.height_mm
		? { length: place.length_mm, width: place.width_mm, height: place.height_mm }
		: null;

/** The last moves of one thing, or into and out of one place, in words, the latest first. */
export function movesOf(
	{ snapshot }: Situation,
	of: (move: Row<'moving'>) => boolean,
	most = 8
): { readonly id: number; readonly text: string }[] {
	return snapshot.movings
		.filter(of)
		.toReversed()
		.slice(0, most)
		.map((one) => {
			const name = (place: number) => placePath(snapshot.places, place);
			const from = one.from_place_id === null ? '' : `, from ${name(one.from_place_id)}`;
			const to = one.to_place_id === null ? `${from ? ' ' : ', '}to use` : ` into ${name(one.to_place_id)}`;
			return { id: one.id, text: `${dayText(one.on_day)}: ${one.title}${from}${to}` };
		});
}

/** Where a thing goes that is taken out of a box: back to where it was before; null where that is not known. */
export function placeBefore({ snapshot }: Situation, id: string, box: number): number | null {
	const [kind, number] = id.split('-');
	const last = snapshot.movings.findLast(
		(one) =>
			one.to_place_id === box &&
			(kind === 'title' ? one.resource_id : kind === 'own' ? one.boxed_thing_id : null) === Number(number)
	);
	return last?.from_place_id ?? null;
}
