// Draws demo/guide.pdf: the pages of an invented guide on maps, so that Print has something real to work on.
// Our own words and drawings; the same file every time.
import { createWriteStream } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import PDFDocument from 'pdfkit';
import { ROOT } from './install.mjs';

const require = createRequire(import.meta.url);
const font = (weight) =>
	require.resolve(
		`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff`
	);
const W = 612;
const H = 792;
const INK = '#1d2a35';
const TEAL = '#1f6f6b';
const RUST = '#b4532a';
const SAND = '#efe3c8';
const SEA = '#bcd9e2';
const LEAF = '#9dbf8a';

const doc = new PDFDocument({
	autoFirstPage: false,
	info: { Title: 'Finding Our Way', CreationDate: new Date(0), ModDate: new Date(0) }
});
doc.registerFont('text', font(400));
doc.registerFont('bold', font(700));
doc.pipe(createWriteStream(join(ROOT, 'demo', 'guide.pdf')));

let number = 0;
function page(size = [W, H]) {
	doc.addPage({ size, margin: 0 });
	number++;
	doc
		.font('text')
		.fontSize(9)
		.fillColor('#6b7580')
		.text(String(number), size[0] - 60, size[1] - 34, { width: 30, align: 'right', lineBreak: false });
	doc.fillColor(INK).strokeColor(INK).lineWidth(1);
}
const say = (
	text,
	x,
	y,
	{ size = 12, bold = false, width = W - 2 * x, color = INK, align = 'left', gap = 4 } = {}
) => {
	doc
		.font(bold ? 'bold' : 'text')
		.fontSize(size)
		.fillColor(color)
		.text(text, x, y, { width, align, lineGap: gap });
	doc.fillColor(INK);
};
function heading(lesson, title) {
	if (lesson) say(`Lesson ${lesson}`, 54, 42, { size: 12, bold: true, color: RUST });
	say(title, 54, lesson ? 60 : 48, { size: 24, bold: true });
	doc
		.moveTo(54, 96)
		.lineTo(W - 54, 96)
		.lineWidth(2)
		.stroke(INK);
}
const lines = (from, to, step = 30) => {
	for (let y = from; y <= to; y += step)
		doc
			.moveTo(54, y)
			.lineTo(W - 54, y)
			.lineWidth(0.6)
			.stroke('#9aa5ad');
};
/** Numbers that look like chance and are the same every time. */
let seed = 7;
const chance = () => (seed = (seed * 16807) % 2147483647) / 2147483647;

function island(x, y, w, h, color = SAND) {
	doc.rect(x, y, w, h).fill(SEA);
	const points = Array.from({ length: 26 }, (_, i) => {
		const angle = (i / 26) * 2 * Math.PI;
		const far = 0.72 + chance() * 0.24;
		return [x + w / 2 + (Math.cos(angle) * w * far) / 2.3, y + h / 2 + (Math.sin(angle) * h * far) / 2.3];
	});
	doc.polygon(...points).fillAndStroke(color, INK);
	doc.circle(x + w * 0.45, y + h * 0.5, Math.min(w, h) * 0.06).fill(LEAF);
	doc.fillColor(INK);
}
function compass(x, y, r) {
	doc.circle(x, y, r).lineWidth(1.2).stroke(INK);
	for (let i = 0; i < 8; i++) {
		const far = i % 2 ? r * 0.55 : r * 0.92;
		const angle = (i * Math.PI) / 4;
		const side = r * 0.13;
		doc
			.polygon(
				[x + Math.sin(angle) * far, y - Math.cos(angle) * far],
				[x + Math.cos(angle) * side, y + Math.sin(angle) * side],
				[x - Math.cos(angle) * side, y - Math.sin(angle) * side]
			)
			.fill(i % 2 ? TEAL : RUST);
	}
	say('N', x - 6, y - r - 18, { size: 13, bold: true, width: 12 });
}
function hill(x, y, r) {
	for (let i = 5; i > 0; i--)
		doc
			.ellipse(x, y, (r * i) / 5, (r * i) / 7)
			.lineWidth(1)
			.stroke(RUST);
}
const SYMBOLS = [
	['spring', (x, y) => doc.circle(x, y, 16).fill('#3b7fb5')],
	[
		'bridge',
		(x, y) =>
			doc
				.moveTo(x - 26, y - 9)
				.lineTo(x + 26, y - 9)
				.moveTo(x - 26, y + 9)
				.lineTo(x + 26, y + 9)
				.lineWidth(4)
				.stroke(INK)
	],
	[
		'forest',
		(x, y) =>
			[-16, 0, 16].forEach((d) =>
				doc.polygon([x + d, y - 20], [x + d - 11, y + 14], [x + d + 11, y + 14]).fill('#3f7d4e')
			)
	],
	[
		'church',
		(x, y) =>
			doc
				.rect(x - 14, y - 4, 28, 22)
				.fill(INK)
				.moveTo(x, y - 28)
				.lineTo(x, y - 4)
				.moveTo(x - 8, y - 20)
				.lineTo(x + 8, y - 20)
				.lineWidth(4)
				.stroke(INK)
	],
	['peak', (x, y) => doc.polygon([x, y - 22], [x - 24, y + 16], [x + 24, y + 16]).fill(RUST)],
	[
		'railway',
		(x, y) => {
			doc
				.moveTo(x - 30, y)
				.lineTo(x + 30, y)
				.lineWidth(2.5)
				.stroke(INK);
			for (let i = -24; i <= 24; i += 12)
				doc
					.moveTo(x + i, y - 8)
					.lineTo(x + i, y + 8)
					.stroke(INK);
		}
	],
	[
		'camp',
		(x, y) =>
			doc
				.polygon([x, y - 20], [x - 22, y + 16], [x + 22, y + 16])
				.lineWidth(3)
				.stroke(TEAL)
	],
	[
		'ford',
		(x, y) =>
			[-10, 0, 10].forEach((d) =>
				doc
					.moveTo(x - 26, y + d)
					.bezierCurveTo(x - 10, y + d - 10, x + 10, y + d + 10, x + 26, y + d)
					.lineWidth(2.5)
					.stroke('#3b7fb5')
			)
	]
];
const WORDS = [
	[1, ['map', 'key', 'edge', 'overlap']],
	[3, ['scale', 'distance', 'ratio', 'measure']],
	[5, ['contour', 'slope', 'summit', 'valley']],
	[7, ['latitude', 'longitude', 'equator', 'meridian']],
	[9, ['bearing', 'shadow', 'noon', 'degree']]
];
const MEANS = {
	map: 'a picture of a place from above',
	key: 'tells what each sign stands for',
	edge: 'where a map ends',
	overlap: 'what two maps both show',
	scale: 'how much smaller the map is',
	distance: 'how far from here to there',
	ratio: 'one number beside another',
	measure: 'to find how long or how far',
	contour: 'a line of equal height',
	slope: 'ground that goes up or down',
	summit: 'the highest point',
	valley: 'low ground between hills',
	latitude: 'how far north or south',
	longitude: 'how far east or west',
	equator: 'the line around the middle',
	meridian: 'a line from pole to pole',
	bearing: 'a direction in degrees',
	shadow: 'where the sun is kept off',
	noon: 'when the sun stands highest',
	degree: 'a small part of a turn'
};
function wordCards(lesson, words) {
	page();
	say(`Lesson ${lesson}`, 54, 22, { size: 10, bold: true, color: RUST, width: 200 });
	say('Vocabulary cards', 150, 22, { size: 10, bold: true, width: 300 });
	words.forEach((word, i) => {
		const [x, y] = [36 + (i % 2) * 272, 44 + Math.floor(i / 2) * 354];
		doc.rect(x, y, 268, 346).lineWidth(1.5).stroke(INK);
		if (i % 2) compass(x + 134, y + 120, 52);
		else hill(x + 134, y + 120, 80);
		say(word, x, y + 220, { size: 30, bold: true, width: 268, align: 'center' });
		say(MEANS[word], x + 20, y + 268, { size: 14, width: 228, align: 'center' });
	});
}
function threePart(symbols) {
	page();
	say('Three-part cards', 54, 18, { size: 10, bold: true, width: 300 });
	symbols.forEach(([name, draw], i) => {
		const [x, y] = [36 + (i % 2) * 272, 38 + Math.floor(i / 2) * 366];
		doc.rect(x, y, 268, 250).lineWidth(1.5).stroke(INK);
		doc
			.save()
			.translate(x + 134, y + 110)
			.scale(2.4)
			.translate(-(x + 134), -(y + 110));
		draw(x + 134, y + 110);
		doc.restore();
		doc
			.rect(x, y + 262, 268, 84)
			.lineWidth(1.5)
			.stroke(INK);
		say(name, x, y + 288, { size: 28, bold: true, width: 268, align: 'center' });
	});
}
function journal(lesson, title, ask) {
	page();
	heading(lesson, `Journal: ${title}`);
	say('Name: ____________________      Date: ______________', 54, 108, { size: 12 });
	say(ask, 54, 140, { size: 14 });
	doc
		.roundedRect(54, 184, W - 108, 300, 8)
		.lineWidth(1.2)
		.stroke(INK);
	lines(520, 730);
}
function teacher(lesson, title, about) {
	page();
	heading(lesson, title);
	say('Teacher notes', 54, 106, { size: 13, bold: true, color: TEAL });
	say(about, 54, 130, { size: 12, gap: 5 });
	say('Ask', 54, 400, { size: 13, bold: true, color: TEAL });
	say(
		'What did we see first? What would a bird see? What does the map leave out, and why?\n\nPrepare ahead: one journal page for each child, pencils, and the cards of this lesson. Younger children can point and name; older ones write the reason down.',
		54,
		424,
		{ size: 12, gap: 5 }
	);
	say(
		'If the day runs short, keep the walk and leave the writing for tomorrow. A map that was walked is remembered longer than one that was only read.',
		54,
		560,
		{ size: 12, gap: 5 }
	);
}
const LESSONS = [
	[
		'A map of the table',
		'Set four things on the table and draw where they lie, seen from straight above. Begin with the edges of the table, then the largest thing, then the smallest. The child walks around the table and finds that the map stays the same while the view changes. Talk about what a map is for: somebody who was not here can find the cup.',
		'Draw your table from above. Put in a key for everything that you drew.'
	],
	[
		'From above',
		'Climb a stool, a hill, or a stair and draw what is below. Compare it with the drawing from the side. Things lose their height and keep their outline. Look at a leaf and at a roof from above before drawing.',
		'Choose one thing. Draw it from the side and from above.'
	],
	[
		'Scale and distance',
		'Measure the room in steps and draw it so that one step is one square. The same room fits a stamp or a poster; the scale says how much smaller. Let each child choose a scale and check one distance with a string.',
		'Draw your room on squares: one square is one step.'
	],
	[
		'Symbols and legends',
		'A symbol is small and says one thing. Invent signs for the things on your street and test whether another person can read them without help. Good signs look like the thing or stand for it everywhere.',
		'Invent five symbols and write what each one stands for.'
	],
	[
		'Hills on paper: contour lines',
		'Press a hill of dough, dip it in water a finger deep at a time, and mark each shore. From above the shores are contour lines: close together where it is steep, far apart where it is gentle.',
		'Draw the contour lines of your dough hill.'
	],
	[
		'The round earth, flattened',
		'Peel an orange in one piece and press it flat. It tears: every flat map of the round earth is torn or stretched somewhere. Compare two world maps and find what each one stretches.',
		'Draw what happened to your orange peel. Where did it tear?'
	],
	[
		'Latitude and longitude',
		'Mark a ball with a line around its middle and lines from pole to pole. Two numbers are an address for any place on earth. Find your own two numbers and those of a place that you would like to see.',
		'Write the address of three places in two numbers each.'
	],
	[
		'A needle that knows north',
		'A needle is stroked with a magnet, always one way, and floats on a cork. It turns until it points north. Keep the needle and magnet away from small children.',
		'Which way did your needle point? Draw the cork, the needle, and north.'
	],
	[
		'Bearings from sun and shadow',
		'A stick in the ground has its shortest shadow at noon, and that shadow points north or south. Mark the tip of the shadow every half hour and join the marks.',
		'Mark the shadow every half hour. Write the time beside each mark.'
	],
	[
		'Streets and lines: town and transit maps',
		'A town map keeps distances; a map of bus lines keeps only the order of the stops. Plan one way by each and compare what you had to know.',
		'Draw the way to your friend as a line map: only the turns, in order.'
	],
	[
		'Old maps and sea monsters',
		'Where nothing was known, old maps show beasts and ships. Look closely at one old map and list what is right, what is guessed, and what is there for fun.',
		'Invent a monster for the empty corner of your map.'
	],
	[
		'Treasure hunt',
		'Hide something and write the way in bearings and steps. The other one must find it with the map alone. Then change places.',
		'Write the way to your treasure: ten steps, a turn, ten steps.'
	],
	[
		'Our own atlas',
		'Choose the best maps of the unit, put them in order, and bind them with a contents page. Every map gets a title, a key, north, and a scale.',
		'Write the contents of your atlas.'
	]
];

// Cover, and what is about the guide itself.
page();
doc.rect(0, 0, W, H).fill(SAND);
island(86, 200, 440, 330);
compass(450, 620, 54);
say('Finding Our Way', 60, 70, { size: 46, bold: true });
say('Thirteen lessons on maps, made for a kitchen table and a long walk', 60, 130, { size: 16 });
page();
heading(0, 'Contents');
LESSONS.forEach(([title], i) => say(`${i + 1}   ${title}`, 54, 124 + i * 30, { size: 14 }));
page();
heading(0, 'Planner: thirteen lessons at a glance');
LESSONS.forEach(([title], i) => {
	doc
		.rect(54, 116 + i * 46, W - 108, 46)
		.lineWidth(0.8)
		.stroke(INK);
	say(`${i + 1}  ${title}`, 62, 124 + i * 46, { size: 11, width: 260 });
});
page();
heading(0, 'Supply list');
say(
	'Lesson 5: flour, salt, a deep tray, water\nLesson 6: one orange for each child\nLesson 8: needle, magnet, cork, bowl\nLesson 9: a straight stick, chalk\nEvery lesson: pencils, journal pages, a ruler',
	54,
	120,
	{ size: 14, gap: 10 }
);

LESSONS.forEach(([title, about, ask], i) => {
	const lesson = i + 1;
	teacher(lesson, title, about);
	journal(lesson, title, ask);
	for (const [at, words] of WORDS) if (at === lesson) wordCards(lesson, words);
	if (lesson === 2) {
		page();
		heading(2, 'Student page: match the views');
		say('Copy one per student. Join each thing with its view from above.', 54, 110, { size: 13 });
		[180, 330, 480, 630].forEach((y, n) => {
			doc
				.rect(100, y, 90, 70 - n * 8)
				.lineWidth(1.5)
				.stroke(INK);
			(n % 2 ? doc.circle(440, y + 36, 38) : doc.rect(400, y, 80, 66)).stroke(INK);
		});
	}
	if (lesson === 3) {
		page();
		heading(3, 'Student page: string and scale');
		say('Copy one per student. One inch is one mile.', 54, 110, { size: 13 });
		island(54, 140, W - 108, 420);
		lines(600, 720);
	}
	if (lesson === 4) {
		threePart(SYMBOLS.slice(0, 4));
		threePart(SYMBOLS.slice(4));
		page();
		heading(4, 'Extension: a legend for a town of your own');
		say(
			'Student page for older children. Choose twelve things that your town needs. Write why each sign can be read by a stranger.',
			54,
			112,
			{ size: 13 }
		);
		lines(190, 720, 34);
	}
	if (lesson === 5) {
		page();
		heading(5, 'Cut-outs: paper hills');
		say('Cut along the lines and stack the pieces from large to small.', 54, 110, { size: 13 });
		[190, 150, 110, 74, 40].forEach((r, n) =>
			doc
				.ellipse(W / 2, 250 + n * 92, r, r * 0.3)
				.lineWidth(1.4)
				.dash(5, { space: 3 })
				.stroke(INK)
				.undash()
		);
	}
	if (lesson === 6) {
		page();
		heading(6, 'Blank map: the world in two rounds');
		for (const x of [180, 432]) {
			doc.circle(x, 380, 120).fillAndStroke(SEA, INK);
			for (let d = -80; d <= 80; d += 40)
				doc.ellipse(x, 380, Math.abs(d), 120).lineWidth(0.6).stroke('#5d8794');
			doc
				.moveTo(x - 120, 380)
				.lineTo(x + 120, 380)
				.stroke(INK);
		}
	}
	if (lesson === 7) {
		page();
		heading(7, 'Trace the grid every day');
		say('A page to trace and wipe. Write the two numbers of the star, then wipe it clean.', 54, 110, {
			size: 13
		});
		for (let n = 0; n <= 10; n++) {
			doc
				.moveTo(86 + n * 44, 180)
				.lineTo(86 + n * 44, 620)
				.lineWidth(0.7)
				.stroke('#7f8b83');
			doc
				.moveTo(86, 180 + n * 44)
				.lineTo(526, 180 + n * 44)
				.stroke('#7f8b83');
		}
	}
	if (lesson === 8) {
		for (let n = 0; n < 2; n++) {
			page();
			say('Lesson 8', 54, 22, { size: 10, bold: true, color: RUST, width: 90 });
			say('Mini-book: the needle', 150, 22, { size: 10, bold: true, width: 300 });
			['Stroke it', 'Float it', 'Wait', 'Mark it'].slice(n * 2, n * 2 + 2).forEach((word, k) => {
				doc
					.rect(40, 50 + k * 360, W - 80, 340)
					.lineWidth(1)
					.stroke(INK);
				compass(W / 2, 190 + k * 360, 70);
				say(word, 40, 320 + k * 360, { size: 26, bold: true, width: W - 80, align: 'center' });
			});
		}
	}
	if (lesson === 10) {
		page();
		heading(10, 'Map of a small town');
		doc.rect(54, 120, W - 108, 560).fill(SAND);
		for (let n = 0; n < 6; n++) {
			doc
				.moveTo(54, 180 + n * 90)
				.lineTo(W - 54, 160 + n * 92)
				.lineWidth(7)
				.stroke('#fff');
			doc
				.moveTo(110 + n * 80, 120)
				.lineTo(90 + n * 88, 680)
				.stroke('#fff');
		}
		SYMBOLS.forEach(([, draw], n) => draw(120 + (n % 3) * 170, 210 + Math.floor(n / 3) * 180));
	}
	if (lesson === 11) {
		page([W, 1512]);
		heading(11, 'Poster: the sea as it was told');
		island(40, 130, W - 80, 1300, '#e6cf9c');
		for (let n = 0; n < 7; n++) {
			const [x, y] = [90 + chance() * 380, 200 + n * 170];
			doc
				.moveTo(x, y)
				.bezierCurveTo(x + 20, y - 34, x + 40, y + 34, x + 60, y)
				.bezierCurveTo(x + 80, y - 34, x + 100, y + 34, x + 120, y)
				.lineWidth(7)
				.stroke(TEAL);
			doc.circle(x + 126, y - 6, 9).fill(TEAL);
		}
		page();
		heading(11, 'Mini-book: my monsters');
		doc
			.moveTo(40, 405)
			.lineTo(W - 40, 405)
			.dash(5, { space: 4 })
			.stroke(INK)
			.undash();
		say('Fold along the line. Draw one monster on each half.', 54, 110, { size: 13 });
	}
	if (lesson === 12) {
		page();
		heading(12, 'Board game: to the treasure');
		island(54, 120, W - 108, 580);
		for (let n = 0; n < 24; n++) {
			const [x, y] = [110 + (n % 6) * 78 + (Math.floor(n / 6) % 2) * 18, 190 + Math.floor(n / 6) * 130];
			doc.circle(x, y, 20).fillAndStroke(n % 5 === 4 ? RUST : '#fffaf0', INK);
			say(n === 0 ? 'Start' : n === 23 ? 'Finish' : String(n), x - 20, y - 7, {
				size: 10,
				bold: true,
				width: 40,
				align: 'center',
				color: n % 5 === 4 ? '#fff' : INK
			});
		}
		page();
		heading(12, 'Board game: pieces and rules');
		say(
			'Roll the die and move your piece. On a rust circle, give a bearing to the next circle or stay there. The first player on Finish hides the next treasure.',
			54,
			112,
			{ size: 13 }
		);
		[0, 1, 2, 3].forEach((n) =>
			doc.circle(130 + n * 118, 300, 34).fillAndStroke([RUST, TEAL, LEAF, SAND][n], INK)
		);
		page([H, W]);
		say('Map: the hidden bay', 54, 40, { size: 24, bold: true, width: 500 });
		island(54, 90, H - 108, W - 150);
		compass(690, 150, 34);
	}
});
page();
heading(0, 'Answer key');
say(
	'Lesson 2: table 2, cup 1, box 4, bowl 3.\nLesson 3: 4 in, 6½ in, 2¼ in.\nLesson 7: answers will vary.\nLesson 10: three turns, or two if you walk by the ford.',
	54,
	120,
	{ size: 13, gap: 8 }
);
page();
heading(0, 'Certificate');
compass(W / 2, 360, 90);
say('has found the way', 54, 520, { size: 24, bold: true, align: 'center' });
doc.end();
console.log(`${number} pages`);
