// The calc command: a thin shell that runs src/calc/main.ts as it stands.
import { tsImport } from 'tsx/esm/api';

const { main } = await tsImport('../src/calc/main.ts', import.meta.url);
await main(process.argv.slice(2));
