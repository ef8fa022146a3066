// Goes back to a backup of the household in GATHER_BIN_DATA: without a name it lists them, "latest" is the newest.
import { tsImport } from 'tsx/esm/api';

const { backupsIn, REASONS, restore } = await tsImport('../src/lib/server/trust/backups.ts', import.meta.url);
const folder = process.env.GATHER_BIN_DATA || 'data';
const [asked] = process.argv.slice(2);
const backups = await backupsIn(folder);
const name = asked === 'latest' ? backups[0]?.name : asked;
if (!backups.length) {
	console.error(`There are no backups in ${folder}. Name the household's folder in GATHER_BIN_DATA.`);
	process.exit(1);
} else if (!name) {
	for (const { name, at, why, contents } of backups)
		console.log(
			`${name}  ${at}  ${REASONS[why]}: ${contents.units} units, ${contents.lessons} lessons, ${contents.supplies} things, ${contents.books} books`
		);
	console.log('\nTo go back to one: npm run restore -- NAME (or latest). Stop the server first.');
} else {
	try {
		const { at } = await restore(folder, name);
		console.log(`Back to ${at}. What was there before is kept as one more backup.`);
	} catch (error) {
		console.error(error.message);
		process.exit(1);
	}
}
