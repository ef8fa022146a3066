import { toJSON, type BibEntry } from '@orcid/bibtex-parse-js';
import { requireFewRows, type Sheet } from './csv.ts';

/** Columns of the library sheet and their fields in BibTeX; what BibTeX has no field for keeps our name. */
const FIELDS = [
	['title', 'title'],
	['by', 'author'],
	['kind', 'type'],
	['ISBN', 'isbn'],
	['publisher', 'publisher'],
	['year', 'year'],
	['language', 'language'],
	['pages', 'pagetotal'],
	['topics', 'keywords'],
	['from age', 'fromage'],
	['to age', 'toage'],
	['reads like grade', 'grade'],
	['place', 'location'],
	['ours', 'owned'],
	['copies', 'copies'],
	['may be copied for', 'rights'],
	['pieces', 'pieces'],
	['notes', 'note']
] as const;

export function isBibtex(text: string): boolean {
	return /^\s*(?:%[^\n]*\n\s*)*@\w+\s*[{(]/.test(text);
}

/** Reads entries one by one, so that one that cannot be read leaves the others alone: it becomes a row without a title. */
export function readBibtex(text: string): Sheet {
	const entries = text
		// Blanks of the same line only: over many empty lines each would look through all that follow.
		.split(/^(?=[^\S\n]{0,40}@\w{1,40}\s{0,40}[{(])/m)
		.filter((entry) => /^\s*@(?!comment|preamble|string)/i.test(entry));
	requireFewRows(entries.length);
	return {
		header: FIELDS.map(([column]) => column),
		rows: entries.map((entry) => {
			const tags = tagsOf(entry);
			return FIELDS.map(([column, field]) => {
				const value = plain(tags.get(field) ?? '');
				if (column === 'by')
					return value
						.split(/\s+and\s+/i)
						.map(turned)
						.join(', ');
				if (column === 'title' && !value) return '';
				return value;
			});
		})
	};
}

function tagsOf(entry: string): Map<string, string> {
	let parsed: BibEntry[];
	try {
		parsed = toJSON(entry);
	} catch {
		return new Map();
	}
	return new Map(
		Object.entries(parsed[0]?.entryTags ?? {}).map(([name, value]) => [name.toLowerCase(), value])
	);
}

/** "Arkwright, Nell" as "Nell Arkwright". */
function turned(name: string): string {
	const [family, given] = name.split(/\s*,\s*/);
	return given ? `${given} ${family}` : name;
}

const ACCENTS: Readonly<Record<string, string>> = {
	'"': '\u0308',
	"'": '\u0301',
	'`': '\u0300',
	'^': '\u0302',
	'~': '\u0303',
	c: '\u0327',
	v: '\u030C'
};

/** Signs of the private-use area stand in for escaped ones meanwhile: a value without braces and the usual commands for accents and signs. */
function plain(value: string): string {
	return value
		.replace(
			/\\(["'`^~]|[cv](?=[{\s]))\s*\{?\\?([a-zA-Z])\}?/g,
			(_, accent: string, letter: string) => letter + ACCENTS[accent]
		)
		.replace(/\\ss\b\s*/g, 'ß')
		.replace(/\\textbackslash\{\}/g, '\uE000')
		.replace(/\\([&%$#_{}])/g, (_, sign: string) =>
			sign === '{' ? '\uE001' : sign === '}' ? '\uE002' : sign
		)
		.replace(/[{}]/g, '')
		.replace(/\uE000/g, '\\')
		.replace(/\uE001/g, '{')
		.replace(/\uE002/g, '}')
		.normalize('NFC');
}

/** Writes a library sheet as BibTeX. */
export function writeBibtex({ header, rows }: Sheet): string {
	return rows
		.map((row, i) => {
			const cell = (column: string) => row[header.indexOf(column)] ?? '';
			const fields = FIELDS.flatMap(([column, field]) => {
				const value =
					column === 'by'
						? cell(column)
								.split(/\s*,\s*/)
								.join(' and ')
						: cell(column);
				return value ? [`\t${field} = {${escaped(value)}}`] : [];
			});
			const type = ['book', 'picture book'].includes(cell('kind')) ? 'book' : 'misc';
			return `@${type}{entry${i + 1},\n${fields.join(',\n')}\n}\n`;
		})
		.join('\n');
}

function escaped(value: string): string {
	return value
		.replace(/\\/g, '\uE000')
		.replace(/[&%$#_{}]/g, (sign) => `\\${sign}`)
		.replace(/\uE000/g, '\\textbackslash{}');
}
