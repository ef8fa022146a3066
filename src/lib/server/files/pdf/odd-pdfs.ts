import PDFDocument from 'pdfkit';

/** A page of a test PDF: its size in points, how it is turned, and a word at a place on it. */
export type TestPage = {
	readonly width?: number;
	readonly height?: number;
	readonly turn?: 0 | 90 | 180 | 270;
	readonly word: string;
	/** Where the word begins, in points from the upper left corner. */
	readonly at?: readonly [number, number];
};

/** A sound PDF with a word on each page; locked where `password` is given. */
export function pdfOf(pages: readonly TestPage[], password?: string): Promise<Buffer> {
	const document = new PDFDocument({ autoFirstPage: false, ...(password ? { userPassword: password } : {}) });
	const parts: Buffer[] = [];
	document.on('data', (part: Buffer) => parts.push(part));
	for (const { width = 612, height = 792, turn = 0, word, at = [100, 100] } of pages) {
		document.addPage({ size: [width, height], margin: 0 });
		if (turn) (document.page.dictionary.data as Record<string, unknown>).Rotate = turn;
		document.fontSize(20).text(word, at[0], at[1], { lineBreak: false });
	}
	document.end();
	return new Promise((done) => document.once('end', () => done(Buffer.concat(parts))));
}

/** A PDF from its objects, numbered from 1; the first is the catalog. */
function pdfFrom(objects: readonly string[]): Buffer {
	let text = '%PDF-1.4\n';
	const offsets = objects.map((object, index) => {
		const at = text.length;
		text += `${index + 1} 0 obj\n${object}\nendobj\n`;
		return at;
	});
	const at = text.length;
	const table = offsets.map((offset) => `${String(offset).padStart(10, '0')} 00000 n \n`).join('');
	text += `xref\n0 ${objects.length + 1}\n0000000000 65535 f \n${table}trailer\n<</Size ${objects.length + 1}/Root 1 0 R>>\nstartxref\n${at}\n%%EOF\n`;
	return Buffer.from(text, 'latin1');
}

const CONTENT = 'BT /F 20 Tf 100 600 Td (hello) Tj ET';

/** A file that would run things in four places: when it opens, by name, on its page, and from a note on the page. */
export const SCRIPTED = pdfFrom([
	'<</Type/Catalog/Pages 2 0 R/OpenAction<</S/JavaScript/JS(app.alert\\(1\\))>>/Names<</JavaScript<</Names[(a)6 0 R]>>>>>>',
	'<</Type/Pages/Kids[3 0 R]/Count 1>>',
	'<</Type/Page/Parent 2 0 R/MediaBox[0 0 612 792]/Contents 4 0 R/Resources<</Font<</F 5 0 R>>>>/AA<</O 6 0 R>>>>',
	`<</Length ${CONTENT.length}>>stream\n${CONTENT}\nendstream`,
	'<</Type/Font/Subtype/Type1/BaseFont/Helvetica>>',
	'<</S/JavaScript/JS(app.alert\\(2\\))>>'
]);

/** The same with a link that starts a program. */
export const LAUNCHING = pdfFrom([
	'<</Type/Catalog/Pages 2 0 R>>',
	'<</Type/Pages/Kids[3 0 R]/Count 1>>',
	'<</Type/Page/Parent 2 0 R/MediaBox[0 0 612 792]/Contents 4 0 R/Resources<</Font<</F 5 0 R>>>>/Annots[6 0 R]>>',
	`<</Length ${CONTENT.length}>>stream\n${CONTENT}\nendstream`,
	'<</Type/Font/Subtype/Type1/BaseFont/Helvetica>>',
	'<</Type/Annot/Subtype/Link/Rect[0 0 200 200]/A<</S/Launch/F(calc.exe)>>>>'
]);

export const NO_PAGES = pdfFrom(['<</Type/Catalog/Pages 2 0 R>>', '<</Type/Pages/Kids[]/Count 0>>']);
