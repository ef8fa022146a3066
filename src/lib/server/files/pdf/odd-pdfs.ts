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

function bytesOf(document: PDFKit.PDFDocument): Promise<Buffer> {
	const parts: Buffer[] = [];
	document.on('data', (part: Buffer) => parts.push(part));
	document.end();
	return new Promise((done) => document.once('end', () => done(Buffer.concat(parts))));
}

/** Two pages with a red field and a word in color. */
export function coloredPdf(): Promise<Buffer> {
	const document = new PDFDocument({ autoFirstPage: false });
	for (let page = 0; page < 2; page++) {
		document.addPage({ size: [612, 792], margin: 0 });
		document.rect(100, 200, 300, 300).fill('#c01818');
		document.fillColor('#1848c0').fontSize(30).text('red', 100, 100, { lineBreak: false });
	}
	return bytesOf(document);
}

/** A page with a form field that is filled in, without a drawing of what it says. */
export function filledForm(value: string): Promise<Buffer> {
	const document = new PDFDocument({ size: [612, 792], margin: 0 });
	document.font('Helvetica');
	document.initForm();
	document.formText('name', 72, 120, 200, 30, { value });
	return bytesOf(document);
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
