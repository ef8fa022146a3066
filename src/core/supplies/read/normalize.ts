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

/**
 * One line as plain ASCII-like text: fractions as 1/2, straight quotes, one kind of dash, no bullet,
 * list number or footnote mark. Capitals stay (T. and t. differ).
 */
export function normalize(text: string): string {
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
		.replace(/[“”„″〃]|''/gu, '"')
		.replace(/[‘’‚′`´]/gu, "'")
		.replace(/×/gu, 'x')
		.replace(BULLETS, '')
		.replace(/^\(?\d{1,3}[.)](?=\s|[A-Za-z])(?!\d)\s*/u, (mark) => (/^\(/.test(mark) ? mark : ''))
		.replace(/^[a-z]\)\s+/u, '')
		.replace(BULLETS, '')
		.replace(/(\d)\s*[–—−‒-]\s*(?=\d|\.\d)/gu, '$1-')
		.replace(/\s*[–—−]\s*|\s+--?\s+/gu, ', ')
		.replace(/\s*(?:…|\.{2,})\s*/gu, ', ')
		.replace(/([a-z])\((e?s)\)/giu, '$1$2')
		.replace(/\bw\/o\b\s*/giu, 'without ')
		.replace(/\bw\/\s*(?=\w)/giu, 'with ')
		.replace(/\s*&\s*/gu, ' and ')
		.replace(/\s+\+\s+/gu, ' and ')
		.replace(/\*+/gu, '')
		.replace(/^x\s?(?=\d+\s)/iu, '')
		.replace(/\b(sm|med|lg)\b\.?(?=\s)/giu, (word) => WRITTEN_OUT[word.toLowerCase().replace('.', '')])
		.replace(/\s*\/\s*(?=(?:child|student|person|kid|pair|group|team)\b)/giu, ' per ')
		.replace(/\b(an? )?(dozen|couple) or so\b/giu, 'about $1$2')
		.replace(/\band\s*\/\s*or\b/giu, 'or')
		.replace(/(?<!\d)"([^"]*)"(?!\d)/gu, '$1')
		.replace(/(?<=[a-z]{2})\s*\/\s*(?=[a-z]{2})/giu, ' or ')
		.replace(/\bon or off\b/giu, 'on/off')
		.replace(/\s+/gu, ' ')
		.trim()
		.replace(/[.;,]+$/u, '')
		.trim();
}

const WRITTEN_OUT: Readonly<Record<string, string>> = { sm: 'small', med: 'medium', lg: 'large' };
