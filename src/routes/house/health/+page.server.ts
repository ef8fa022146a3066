import { formOf } from '$lib/server/requests/form-of.ts';
import Joi from 'joi';
import { dayText } from '$core/calendar/index.ts';
import { dataFolder, opened, whileClosed } from '$lib/server/live/data.ts';
import { healthNow } from '$lib/server/live/nightly.ts';
import { answering, atItsField, checked } from '$lib/server/requests/form-action.ts';
import { situation } from '$lib/server/live/now.ts';
import { continueFrom, revisionOf } from '$lib/server/history/changes.ts';
import { backUp, REASONS, restore, soundBackup, type Backup } from '$lib/server/trust/backups.ts';
import { version } from '../../../../package.json';
import type { Actions, PageServerLoad } from './$types';

/** A moment as a person of the household reads it: "Thu, Nov 26, 2:10 AM". */
function momentText(at: string, zone: string): string {
	const date = new Date(at);
	const day = new Intl.DateTimeFormat('sv-SE', { timeZone: zone }).format(date);
	const time = new Intl.DateTimeFormat('en-US', { timeZone: zone, hour: 'numeric', minute: '2-digit' });
	return `${dayText(day)}, ${time.format(date)}`;
}

const GB = 1e9;
const size = (bytes: number) =>
	bytes >= GB ? `${(bytes / GB).toFixed(1)} GB` : `${Math.round(bytes / 1e6).toLocaleString('en-US')} MB`;

const count = (number: number, one: string, many = `${one}s`) =>
	`${number.toLocaleString('en-US')} ${number === 1 ? one : many}`;

function shown({ name, at, why, contents }: Backup, zone: string) {
	return {
		name,
		when: momentText(at, zone),
		why: REASONS[why],
		contents: [
			count(contents.units, 'unit'),
			count(contents.lessons, 'lesson'),
			`${count(contents.supplies, 'item')} at home`,
			count(contents.books, 'book'),
			count(contents.pictures, 'picture')
		].join(', ')
	};
}

/** Less than this is soon full. */
const LITTLE_ROOM = 0.5 * GB;

export const load: PageServerLoad = async () => {
	const [health, { snapshot }] = await Promise.all([healthNow(), situation()]);
	const { zone } = snapshot.household;
	return {
		folder: health.folder,
		room: health.disk && `${size(health.disk.free)} of ${size(health.disk.all)} free`,
		isRoomLow: health.disk !== null && health.disk.free < LITTLE_ROOM,
		damage: health.damage,
		backupTrouble: health.backupTrouble,
		checkedAt: momentText(health.checkedAt, zone),
		backups: health.backups.map((one) => shown(one, zone)),
		version
	};
};

export const actions: Actions = {
	backup: () =>
		answering(async () => {
			await opened();
			await backUp(dataFolder(), 'asked');
			return { changed: null, said: 'Backup made' };
		}, atItsField<Record<string, string>>({})),
	restore: (event) =>
		answering(async () => {
			const form = Object.fromEntries(await formOf(event.request));
			const { name } = checked(Joi.object<{ name: string }>({ name: Joi.string().max(40).required() }), form);
			// Nothing is closed for a backup that is none.
			await soundBackup(dataFolder(), name);
			const before = await revisionOf((await opened()).read);
			const backup = await whileClosed(() => restore(dataFolder(), name));
			// Every window has to see that what it shows is not so any more.
			await continueFrom((await opened()).write, before + 1);
			return {
				changed: null,
				said: `Back to ${momentText(backup.at, (await situation()).snapshot.household.zone)}.`
			};
		}, atItsField<Record<string, string>>({}))
};
