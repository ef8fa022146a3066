const VULGAR: Readonly<Record<string, string>> = {
	'½': '1/2',
	'⅓': '1/3',
	'⅔': '2/3',
	'¼': '1/4',
	'¾': '3/4',
	'⅕': '1/5',
	'⅖': '2/5',
	'⅗': '3/5',
	'⅘': '4/5',
	'⅙': '1/6',
	'⅚': '5/6',
	'⅛': '1/8',
	'⅜': '3/8',
	'⅝': '5/8',
	'⅞': '7/8'
};

const BULLETS =
	/^(?:[\s•*·‣⁃▪▫◦●○◆◇■□☐☑☒✓✔✗❏❑❒▢◻◼►▶▸➢➤»>–—-]|\[[ xX]?\](?=\s)|_+(?=\s)|\u{25AA}|\u{FE0F}|\p{Extended_Pictographic})+/u;

/** Words that stand over the columns of a table. */
const COLUMN =
	/^(?:items?|materials?|suppl(?:y|ies)|ingredients?|things?|amounts?|quantit(?:y|ies)|qty\.?|how (?:much|many)|units?|notes?|remarks?|needed|number|each|per(?: child)?|optional|cost|price|lesson|where|got it|have|done|size)\??$/i;

const SAYS_WHOM = /^(?:per|each|every|for|optional)\b/i;
const HARD = /[ ]*(?:\t|\|)[ \t|]*/u;
const SOFT = / {2,}|\s*(?:\.\s?){4,}\s*|\s*…{2,}\s*/u;

/**
 * A row of a table as one line: cells are set off by commas where a tab, a bar, a row of dots or two and more blanks
 * stand between thing and amount. The words over the columns are a heading and give an empty text.
 */
export function rowOf(text: string, isAmount: (cell: string) => boolean): string {
	if (!HARD.test(text) && !SOFT.test(text)) return text;
	const rows = text
		.split(HARD)
		.map((cell) => cell.trim())
		.filter((cell) => cell !== '');
	const hard = rows.length > 1;
	const cells = rows
		.flatMap((cell) => cell.split(SOFT))
		.map((cell) => cell.trim())
		.filter((cell) => cell !== '');
	if (cells.length > 1 && cells.every((cell) => COLUMN.test(cell))) return '';
	let row = cells[0] ?? '';
	for (let i = 1; i < cells.length; i++) {
		const [before, cell] = [cells[i - 1], cells[i]];
		if (/^(?:the )?(?:whole )?family$/i.test(cell)) continue;
		if (hard && cells.slice(0, i).some(isAmount) && i > 1 && !isAmount(cell) && !SAYS_WHOM.test(cell)) {
			// What stands behind thing and amount is a remark.
			row += ` (${cell.replace(/[()]/g, '')})`;
			continue;
		}
		const sets = hard ? rows.includes(cell) : isAmount(cell);
		const opens = i === 1 && (isAmount(before) || !/\p{L}/u.test(before));
		row += opens || !(sets || isAmount(cell)) ? ` ${cell}` : `, ${cell}`;
	}
	return row;
}

/**
 * One line as plain ASCII-like text: fractions as 1/2, straight quotes, one kind of dash, no bullet,
 * list number or footnote mark. Capitals stay (T. and t. differ).
 */
export function normalize(text: string): string {
	const plain = /[^\x20-\x7e]/.test(text) ? plainMarks(text) : text;
	const line = withoutNumber(plain)
		.replace(/\[([^[\]]{2,60})\]/g, '($1)')
		.replace(/(\d)\s*-\s*(?=\d|\.\d)/g, '$1-')
		.replace(/\s+--?\s+|\s*\.{2,}\s*/g, ', ')
		.replace(/([a-z])\((e?s)\)/gi, '$1$2')
		.replace(
			/(?<![\d,.])(\d{1,2}),(\d{1,2})(?=\s?(?:k?g|m?l|cl|dl|[cm]?m|kilos?|lit(?:er|re)s?)\b)/gi,
			'$1.$2'
		)
		.replace(/''/g, '"')
		.replace(/\s*&\s*|\s+\+\s+|(?<=[a-z])\+(?=[a-z])/gi, ' and ')
		.replace(/\*+/g, '')
		.replace(/^(\d+)\s?x\s+(?=[a-z#])/i, '$1 ')
		.replace(/^x\s?(?=\d+\s)/i, '')
		.replace(/(?<!\d)"([^"]*)"(?!\d)/g, '$1');
	return slashes(ABBREVIATED.test(line) ? spelledOut(line) : line)
		.replace(/\s+/g, ' ')
		.trim()
		.replace(/[.;,]+$/, '')
		.trim();
}

/** Letters and signs that are written in several ways, in one way. */
function plainMarks(text: string): string {
	return text
		.normalize('NFC')
		.replace(/[\u00A0\u2000-\u200B\u202F\u205F\u3000\uFEFF\t]/gu, ' ')
		.replace(/[\p{Extended_Pictographic}\u{FE0F}\u{200D}]/gu, (mark) =>
			/[☐☑☒✓✔✗◻◼▪▫▶]/u.test(mark) ? '' : ' '
		)
		.replace(/(\d)?\s*([½⅓⅔¼¾⅕-⅞])/gu, (_, whole: string | undefined, f: string) =>
			whole ? `${whole} ${VULGAR[f]} ` : `${VULGAR[f]} `
		)
		.replace(/(\d\/\d) +-(?=[a-z])/giu, '$1-')
		.replace(/⁄/gu, '/')
		.replace(/[“”„″〃]/gu, '"')
		.replace(/[‘’‚′`´]/gu, "'")
		.replace(/×/gu, 'x')
		.replace(BULLETS, '')
		.replace(/\s*[•·‣▪●◦](?=\s)\s*|\s+[•·‣▪●◦]\s*/gu, '; ')
		.replace(/(\d)\s*[–—−‒]\s*(?=\d|\.\d)/gu, '$1-')
		.replace(/\s*[–—−]\s*/gu, ' - ')
		.replace(/\s*…\s*/gu, ', ');
}

/** Without the bullet and the number of a list in front; the number of a lesson stays and is set off. */
function withoutNumber(text: string): string {
	return text
		.replace(/^(\W*(?:lesson|day|week|session|activity|experiment)\s+\d+[a-z]?)\s+-\s+/i, '$1: ')
		.replace(BULLETS, '')
		.replace(/^\(?\d{1,3}[.)](?=\s|[A-Za-z])(?!\d)\s*/, (mark) => (/^\(/.test(mark) ? mark : ''))
		.replace(/^[a-z]\)\s+/, '')
		.replace(BULLETS, '');
}

const ABBREVIATED = /\b(?:w|qty|quantity|count|opt|ea|apiece|etc|so|sm|med|lg)\b/i;

function spelledOut(line: string): string {
	return line
		.replace(/\bw\/o\b\s*/gi, 'without ')
		.replace(/\bw\/\s*(?=\w)/gi, 'with ')
		.replace(/\b(?:qty|quantity|count)\b\.?\s*:?\s*(?=\d)/gi, '')
		.replace(/\bopt\.?(?=\)|:|,|$)|\bopt\.(?=\s)/gi, 'optional')
		.replace(/(\d[\d./]*(?: [a-z]+)?) ea\b\.?/gi, '$1 each')
		.replace(/\bapiece\b/gi, 'per child')
		.replace(/(?<![,;])\s+(?=(?:etc|and so on|and so forth)\b\.?$)/i, ', ')
		.replace(/\b(sm|med|lg)\b\.?(?=\s)/gi, (word) => WRITTEN_OUT[word.toLowerCase().replace('.', '')])
		.replace(/\b(an? )?(dozen|couple) or so\b/gi, 'about $1$2');
}

/** "per child" and "or", where a slash says so. */
function slashes(line: string): string {
	if (!line.includes('/')) return line;
	return line
		.replace(/\s*\/\s*(?=(?:child|student|person|kid|pair|group|team)\b)/gi, ' per ')
		.replace(/\band\s*\/\s*or\b/gi, 'or')
		.replace(/(?<=[a-z]{2})\s*\/\s*(?=[a-z]{2})/gi, ' or ')
		.replace(/\bon or off\b/gi, 'on/off');
}

const WRITTEN_OUT: Readonly<Record<string, string>> = { sm: 'small', med: 'medium', lg: 'large' };
