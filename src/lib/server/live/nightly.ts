import { statfs } from 'node:fs/promises';
import { resolve } from 'node:path';
import { cleanFiles } from '../files/pictures.ts';
import { isFileNamed } from '../stores/files/file-names.ts';
import { backUp, backupsIn, type Backup } from '../trust/backups.ts';
import { dataFolder, opened } from './data.ts';

/** From this hour on, in the household's own time. */
const HOUR = 2;
const LOOK_MS = 10 * 60 * 1000;

/** What went wrong with the last nightly backup, in words; null when it went well. */
let trouble: string | null = null;

/** The day and hour in a zone. */
function clockIn(zone: string, at: Date): { day: string; hour: number } {
	const text = new Intl.DateTimeFormat('sv-SE', {
		timeZone: zone,
		dateStyle: 'short',
		timeStyle: 'short'
	}).format(at);
	return { day: text.slice(0, 10), hour: Number(text.slice(11, 13)) };
}

/** Makes the backup of the night where it is missing: a computer that slept makes it when it wakes. */
export async function backUpForTheNight(at = new Date()): Promise<Backup | null> {
	const { read } = await opened();
	const { zone } = await read.selectFrom('household').select('zone').executeTakeFirstOrThrow();
	const { day, hour } = clockIn(zone, at);
	if (hour < HOUR) return null;
	const folder = dataFolder();
	const isMade = (await backupsIn(folder)).some(
		(one) => one.why === 'night' && clockIn(zone, new Date(one.at)).day === day
	);
	if (isMade) return null;
	const made = await backUp(folder, 'night', { at });
	// After the backup, which has them still.
	await cleanFiles((name) => isFileNamed(read, name));
	return made;
}

/** Looks every few minutes whether the night's backup is due. Answers how to stop. */
export function startNightly(): () => void {
	const look = () =>
		void backUpForTheNight().then(
			() => (trouble = null),
			(error: Error) => {
				trouble = error.message;
				console.error('The nightly backup could not be made:', error.message);
			}
		);
	const timer = setInterval(look, LOOK_MS);
	timer.unref();
	look();
	return () => clearInterval(timer);
}

export type Health = {
	/** Where the data lie. */
	readonly folder: string;
	/** Bytes that are free on its disk, and of how many; null where the disk does not say. */
	readonly disk: { readonly free: number; readonly all: number } | null;
	readonly backups: readonly Backup[];
	readonly backupTrouble: string | null;
	/** What the check at the start found wrong; null when it found nothing. */
	readonly damage: string | null;
	/** When that was, as ISO 8601 text. */
	readonly checkedAt: string;
};

const startedAt = new Date().toISOString();

/** How the household's records are kept. */
export async function healthNow(): Promise<Health> {
	const folder = dataFolder();
	const { damage } = await opened();
	const disk = await statfs(folder).catch(() => null);
	return {
		folder: resolve(folder),
		disk: disk && { free: disk.bavail * disk.bsize, all: disk.blocks * disk.bsize },
		backups: await backupsIn(folder).catch(() => []),
		backupTrouble: trouble,
		damage,
		checkedAt: startedAt
	};
}
