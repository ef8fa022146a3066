import { existsSync } from 'node:fs';
import { mkdir, readdir, utimes, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { beforeEach, expect, it } from 'vitest';
import { change } from '../history/changes.ts';
import { updateResource } from '../stores/library/resources.ts';
import { doer, openHousehold } from '../tests/household.ts';
import { dataFolder, opened } from './data.ts';
import { backUpForTheNight } from './nightly.ts';

beforeEach(() => openHousehold());

const NAMES = ['a', 'b', 'c', 'd'].map((letter) => `${letter.repeat(64)}.png`);
const pathOf = (name: string) => join(dataFolder(), 'files', name.slice(0, 2), name);

/** The demo lives in Chicago, six hours behind. */
const at = (hour: number, day = 27) => new Date(Date.UTC(2026, 10, day, hour + 6));

it('a backup is made once each night, from two o’clock in the household’s own time', async () => {
	expect(await backUpForTheNight(at(1))).toBeNull();
	expect((await backUpForTheNight(at(3)))?.why).toBe('night');
	expect(await backUpForTheNight(at(22))).toBeNull();
	expect(await backUpForTheNight(at(1, 28))).toBeNull();
	expect((await backUpForTheNight(at(9, 28)))?.why).toBe('night');
});

it('pictures that nothing names any more go with the night, but not what undo could bring back', async () => {
	const [named, forgotten, undoable, fresh] = NAMES;
	for (const name of NAMES) {
		await mkdir(join(pathOf(name), '..'), { recursive: true });
		await writeFile(pathOf(name), 'a picture');
		if (name !== fresh) await utimes(pathOf(name), new Date('2026-01-01'), new Date('2026-01-01'));
	}
	await writeFile(`${pathOf(named)}.half.part`, 'cut off');
	await utimes(`${pathOf(named)}.half.part`, new Date('2026-01-01'), new Date('2026-01-01'));
	const { write } = await opened();
	for (const [id, picture] of [
		[1, named],
		[2, undoable],
		[2, null]
	] as const)
		await change(write, doer(), 'Picture', (trx) => updateResource(trx, id, { picture }));
	await backUpForTheNight(at(3));
	expect([named, forgotten, undoable, fresh].map((name) => existsSync(pathOf(name)))).toEqual([
		true,
		false,
		true,
		true
	]);
	expect((await readdir(join(pathOf(named), '..'))).filter((one) => one.endsWith('.part'))).toEqual([]);
});
