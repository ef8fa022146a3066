import { XMLBuilder, XMLParser, XMLValidator } from 'fast-xml-parser';
import { Refusal } from '$core/error.ts';
import { requireFewRows, type Sheet } from './csv.ts';

/**
 * Columns of the library sheet and their place in MARC 21 bibliographic records: tag, indicators, subfield.
 * 9XX tags are left to local use by the standard; they keep what it has no field for.
 */
const FIELDS = [
	['ISBN', '020', '  ', 'a'],
	['language', '546', '  ', 'a'],
	['title', '245', '00', 'a'],
	['publisher', '264', ' 1', 'b'],
	['year', '264', ' 1', 'c'],
	['pages', '300', '  ', 'a'],
	['notes', '500', '  ', 'a'],
	['may be copied for', '540', '  ', 'a'],
	['kind', '655', ' 7', 'a'],
	['place', '852', '  ', 'b'],
	['from age', '901', '  ', 'a'],
	['to age', '901', '  ', 'b'],
	['reads like grade', '901', '  ', 'c'],
	['ours', '902', '  ', 'a'],
	['copies', '902', '  ', 'b'],
	['pieces', '902', '  ', 'c']
] as const;
/** Fields of which there can be several, joined by commas in a cell. */
const REPEATED = [
	['by', ['100', '700'], '1 '],
	['topics', ['650', '653'], ' 4']
] as const;
const NAMESPACE = 'http://www.loc.gov/MARC21/slim';

/** A new record of a text that stands alone, in full level and UTF-8; lengths are left to whoever packs it. */
const LEADER = '00000nam a2200000 i 4500';

type Node = { readonly [name: string]: unknown };
type DataField = {
	readonly tag: string;
	readonly subfields: readonly { readonly code: string; readonly text: string }[];
};

export function isMarcxml(text: string): boolean {
	let at = 0;
	// Step by step: one expression over any number of comments takes twice as long with each of them.
	for (;;) {
		at += /^[\s\uFEFF]*/.exec(text.slice(at, at + MOST_BLANKS))![0].length;
		const end = text.startsWith('<!--', at) ? '-->' : text.startsWith('<?xml', at) ? '>' : null;
		if (end === null) return /^<(?:\w{1,40}:)?(?:collection|record)[\s>]/.test(text.slice(at, at + 60));
		const to = text.indexOf(end, at);
		if (to < 0) return false;
		at = to + end.length;
	}
}

/** Blanks that may stand before what counts. */
const MOST_BLANKS = 10_000;

function parsedXml(text: string): { collection?: { record?: Node[] }; record?: Node[] } {
	try {
		const valid = XMLValidator.validate(text);
		if (valid !== true)
			throw new Refusal(`The file isn’t complete: line ${valid.err.line} can’t be read (${valid.err.msg}).`);
		return PARSER.parse(text) as ReturnType<typeof parsedXml>;
	} catch (error) {
		if (error instanceof Refusal) throw error;
		// The parser throws for entities that grow and for nesting without an end.
		throw new Refusal('That file can’t be read: it is nested too deeply, or refers to itself.');
	}
}

const PARSER = new XMLParser({
	ignoreAttributes: false,
	attributeNamePrefix: '@',
	removeNSPrefix: true,
	parseTagValue: false,
	parseAttributeValue: false,
	trimValues: false,
	htmlEntities: true,
	isArray: (name) => ['record', 'datafield', 'subfield'].includes(name)
});

/** Reads the records of a file. @throws Refusal when it is no XML. */
export function readMarcxml(text: string): Sheet {
	const parsed = parsedXml(text);
	const records = parsed.collection?.record ?? parsed.record ?? [];
	if (records.length === 0) throw new Refusal('No records in this file.');
	requireFewRows(records.length);
	return {
		header: [...FIELDS.map(([column]) => column), ...REPEATED.map(([column]) => column)],
		rows: records.map((record) => {
			const fields = fieldsOf(record);
			const first = (tag: string, code: string) =>
				fields
					.find((one) => one.tag === tag && one.subfields.some((sub) => sub.code === code))
					?.subfields.find((sub) => sub.code === code)?.text ?? '';
			const single = FIELDS.map(([column, tag, , code]) => {
				const value = first(tag, code);
				if (column === 'title') return titleOf(fields, value);
				if (column === 'pages') return /\d+/.exec(value)?.[0] ?? '';
				if (column === 'year') return /\d{4}/.exec(value || first('260', 'c'))?.[0] ?? '';
				if (column === 'publisher') return clean(value || first('260', 'b'));
				if (column === 'ISBN') return value.replace(/\s*\(.*$/, '');
				return value;
			});
			const repeated = REPEATED.map(([column, tags]) =>
				fields
					.filter((one) => (tags as readonly string[]).includes(one.tag))
					.map((one) => clean(one.subfields.find((sub) => sub.code === 'a')?.text ?? ''))
					.filter(Boolean)
					.map((name) => (column === 'by' ? turned(name) : name))
					.join(', ')
			);
			return [...single, ...repeated];
		})
	};
}

function fieldsOf(record: Node): DataField[] {
	return ((record.datafield as Node[] | undefined) ?? []).map((field) => ({
		tag: String(field['@tag'] ?? ''),
		subfields: ((field.subfield as (Node | string)[] | undefined) ?? []).map((sub) =>
			typeof sub === 'string'
				? { code: '', text: sub }
				: { code: String(sub['@code'] ?? ''), text: String(sub['#text'] ?? '') }
		)
	}));
}

/** The title with its remainder, without the punctuation that cards put at the end. */
function titleOf(fields: readonly DataField[], title: string): string {
	const rest = fields.find((one) => one.tag === '245')?.subfields.find((sub) => sub.code === 'b')?.text;
	return rest ? `${clean(title)}: ${clean(rest)}` : clean(title);
}

function clean(text: string): string {
	return text.replace(/\s*[/:;,]\s*$/, '').trim();
}

function turned(name: string): string {
	const [family, given] = name.replace(/[.,]$/, '').split(/\s*,\s*/);
	return given && !/\d/.test(given) ? `${given} ${family}` : name;
}

/** Writes a library sheet as a MARCXML collection. */
export function writeMarcxml({ header, rows }: Sheet): string {
	const records = rows.map((row, i) => {
		const cell = (column: string) => row[header.indexOf(column)] ?? '';
		const fields = [
			...grouped(cell),
			...REPEATED.flatMap(([column, [first, more], indicators]) =>
				cell(column)
					.split(/\s*,\s*/)
					.filter(Boolean)
					.map((value, at) => datafield(column === 'by' && at > 0 ? more : first, indicators, [['a', value]]))
			)
		].sort((a, b) => (a['@tag'] < b['@tag'] ? -1 : a['@tag'] > b['@tag'] ? 1 : 0));
		return { leader: LEADER, controlfield: { '@tag': '001', '#text': String(i + 1) }, datafield: fields };
	});
	return new XMLBuilder({
		ignoreAttributes: false,
		attributeNamePrefix: '@',
		format: true,
		suppressEmptyNode: true
	}).build({
		'?xml': { '@version': '1.0', '@encoding': 'UTF-8' },
		collection: { '@xmlns': NAMESPACE, record: records }
	}) as string;
}

function grouped(cell: (column: string) => string) {
	const tags = [...new Set(FIELDS.map(([, tag]) => tag))];
	return tags.flatMap((tag) => {
		const own = FIELDS.filter((one) => one[1] === tag).flatMap(([column, , , code]) =>
			cell(column) ? [[code, cell(column)] as const] : []
		);
		return own.length ? [datafield(tag, FIELDS.find((one) => one[1] === tag)![2], own)] : [];
	});
}

function datafield(tag: string, indicators: string, subfields: readonly (readonly [string, string])[]) {
	return {
		'@tag': tag,
		'@ind1': indicators[0],
		'@ind2': indicators[1],
		subfield: subfields.map(([code, text]) => ({ '@code': code, '#text': text }))
	};
}
