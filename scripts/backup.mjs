// Makes a backup of the household in GATHER_BIN_DATA; a server may work with it meanwhile.
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { tsImport } from 'tsx/esm/api';

const { backUp } = await tsImport('../src/lib/server/trust/backups.ts', import.meta.url);
const folder = process.env.GATHER_BIN_DATA || 'data';
if (!existsSync(join(folder, 'gather-bin.sqlite'))) {
	console.error(`There is no household in ${folder}. Name its folder in GATHER_BIN_DATA.`);
	process.exit(1);
}
try {
	const { name, contents } = await backUp(folder, 'asked');
	console.log(
		`${join(folder, 'backups', name)}: ${contents.units} units, ${contents.lessons} lessons, ${contents.supplies} things at home, ${contents.books} books, ${contents.pictures} pictures. It was opened and checked.`
	);
} catch (error) {
	console.error(`No backup was made: ${error.message}`);
	process.exit(1);
}
