import { isBibtex, readBibtex } from './bibtex.ts';
import { readCsv, type Sheet } from './csv.ts';
import { isMarcxml, readMarcxml } from './marcxml.ts';

/**
 * A table from CSV, or from the two formats that libraries and reference lists use.
 * @throws Refusal when it is none.
 */
export function readSheet(text: string): Sheet {
	if (isMarcxml(text)) return readMarcxml(text);
	return isBibtex(text) ? readBibtex(text) : readCsv(text);
}
