import { readEndDay } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import type { Trx } from '../../history/changes.ts';

/** Adds an occasion as one would say it: "Grandma stays with us, Mar 20". @throws Refusal where no day is read. */
export async function addOccasion(trx: Trx, text: string): Promise<string> {
	const read = readEndDay(text);
	if (!read)
		throw new Refusal(
			'Say what it is and its day, like “Grandma’s visit, Mar 20”; with a year it comes once.',
			'occasion'
		);
	const known = await trx.selectFrom('occasion').select(['name', 'day']).execute();
	if (known.some((one) => one.name.toLowerCase() === read.before.toLowerCase() && one.day === read.day))
		throw new Refusal(`“${read.before}” is already on the list.`, 'occasion');
	await trx.insertInto('occasion').values({ name: read.before, day: read.day }).execute();
	return read.before;
}

export async function removeOccasion(trx: Trx, id: number): Promise<void> {
	await trx.deleteFrom('occasion').where('id', '=', id).execute();
}
