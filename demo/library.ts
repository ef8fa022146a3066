import account from './library-account.json' with { type: 'json' };

/**
 * The books and things of the Marrow household and of its library, all invented. A line each:
 * title | authors | kind | pages or pieces | ages | reading grade | topics | where
 * Where is a place of the house, or "library" or "friend" for what is not ours.
 */
export const RESOURCES = `
The Patient Mapmaker|Ilse Tarrow|book|188|7-12|4|maps|desk
Picture Atlas of Small Places|Bram Odell|picture book|64|3-9|2|maps, places|desk
Shadows and Stars|Wren Halloway|book|96|8-12|5|maps, sun, stars|library
The Sun Is a Compass Needle|Petra Voss|picture book|40|5-9|3|maps, sun|library
Lines That Are Not There|Otto Brandl|book|120|9-13|6|maps, globe|library
Where the River Bends|Maeve Carrow|picture book|32|4-8|2|maps, rivers|library
A Mouse Draws the House|Lena Fisk|picture book|28|3-6|1|maps, houses|window shelf
From the Roof of the Barn|Lena Fisk|picture book|28|3-6|1|maps, birds|window shelf
The Island That Was Drawn Twice|Corin Ashby|book|144|8-12|5|maps, islands|desk
Sea Serpents of the Margin|Tilda Rowe|picture book|48|6-11|4|maps, old maps|library
The Chart Room|Edmund Quill|book|210|10-14|7|maps, ships|library
Maps in a Suitcase|Dora Plum|picture book|36|5-9|3|maps, travel|van
Bus Number Nine|Hana Pryce|picture book|32|3-7|1|maps, towns|library
Under the Street|Hana Pryce|book|72|7-11|3|maps, towns|friend
Ten Thousand Paces|Silas Oake|book|112|8-12|4|maps, walking|desk
The Girl Who Counted Her Steps|Rosalind Tey|picture book|40|5-9|3|maps, walking|window shelf
North Is That Way|Gideon Marsh|book|64|6-10|3|maps, compass|desk
What the Needle Knows|Gideon Marsh|book|80|8-12|5|maps, compass, magnets|library
Little Book of Signs|Anouk Delve|picture book|24|2-5|1|maps, signs|window shelf
Signs and Symbols of the World|Anouk Delve|book|160|9-14|6|maps, signs|desk
The Paper Mountain|Sorrel Finch|picture book|36|5-9|3|maps, mountains|library
How High Is a Hill?|Sorrel Finch|book|88|7-11|4|maps, mountains|window shelf
Maps for Rainy Days|Ivo Kestrel|book|96|6-12|4|maps, crafts|paper shelf
The Cartographer’s Daughter’s Notebook|Nell Arkwright|book|176|9-13|6|maps, history|library
Old Roads|Nell Arkwright|book|132|9-13|5|maps, history|desk
Treasure at Low Tide|Barnaby Stroud|book|156|8-12|4|maps, treasure|desk
The Very Long Coast|Juniper Dale|picture book|32|4-8|2|maps, sea|library
Globe in a Nutshell|Felix Amory|book|48|6-10|3|maps, globe|friend
Latitude for Breakfast|Felix Amory|book|104|8-12|5|maps, globe|library
My First Atlas of Rooms|Dora Plum|picture book|20|2-4|1|maps, houses|window shelf
The Pocket Surveyor|Alaric Stone|book|140|10-15|7|maps, measuring|workbench
Old World wall map||poster|||| maps|window shelf
Compass rose poster||poster||||maps, compass|paper shelf
Topo puzzle of the valley||puzzle|120|6-12||maps, mountains|game shelf
Find the Way|Marrow Games|game|64|7-12||maps, towns|game shelf
Bearings, a card game|Marrow Games|game|54|8-14||maps, compass|game shelf
Wooden continents tray||puzzle|9|2-5||maps, globe|window shelf
Needle compass kit||kit|18|8-14||maps, compass, magnets|art cart
Symbol cards, three-part||card set|36|4-9||maps, signs|desk
Little ships and sea animals||model|24|3-9||maps, ships, sea|game shelf
Sea chart cards, three-part||card set|20|4-9||maps, ships, sea|desk
Blank maps of everywhere||printable|40|||maps|paper shelf
Contour journal pages||printable|12|||maps, mountains|paper shelf
Globe net to cut out||printable|2|||maps, globe|paper shelf
Street map bingo boards||printable|8|||maps, towns|paper shelf
Movie: across the ice||link||||maps, cold|
Movie: how a globe is made||link||||maps, globe|
Live view of a harbor||link||||maps, ships|
A recording of a lighthouse keeper||link||||maps, sea|
Magazine: Rivers of the World||magazine|52|7-13|4|maps, rivers|desk
Old tide tables||magazine|30|10-16||maps, sea|desk
The Kite Loft|Piers Lark|book|66|7-12|4|kites, wind|desk
What the Wind Carries|Amity Reeve|picture book|32|3-8|2|wind|library
A Kite for Every Child|Amity Reeve|picture book|36|4-8|2|kites|window shelf
The Wind Measurers|Joss Tarn|book|120|8-12|5|wind, weather|library
Seven Knots|Piers Lark|book|90|8-12|4|kites, knots|library
String and Sky|Orla Fenn|picture book|40|3-7|1|kites|library
The Weather Sisters|Orla Fenn|book|148|8-12|5|weather|library
Cloud Book for Pockets|Theo Brisk|book|80|6-12|4|weather, clouds|window shelf
Gale!|Theo Brisk|book|112|9-13|6|wind, weather|library
Festival of Paper Fish|Mina Sato-Grey|picture book|32|4-9|2|kites, festivals|library
Bridles, Tails and Spars|Rufus Pell|book|72|9-14|6|kites, making|workbench
The Boy Who Flew the Line|Rufus Pell|book|134|8-12|5|kites, history|library
Wind in the Wheat|Amity Reeve|picture book|30|3-7|1|wind, grain|window shelf
Breath, Breeze, Storm|Joss Tarn|book|60|5-9|3|wind|friend
Flying with a Feather|Linnet Moss|picture book|28|2-5|1|birds, wind|window shelf
Feathers and Sails|Linnet Moss|book|94|8-12|5|birds, wind, ships|library
Windmills of Long Ago|Caspar Thwaite|book|76|8-12|5|wind, grain|desk
How to Read the Sky|Caspar Thwaite|book|128|10-15|7|weather, stars|library
Wind socks and pinwheels||printable|10|||wind|paper shelf
Kite log pages||printable|6|||kites|paper shelf
Anemometer kit||kit|12|8-14||wind|art cart
Weather cards, three-part||card set|24|4-9||weather|desk
Wind rose poster||poster||||wind|paper shelf
Catch the Breeze|Marrow Games|game|40|5-10||wind|game shelf
Movie: kites over the beach||link||||kites|
Wind map of today||link||||wind, weather|
Dandelion seed head||live specimen||||wind, plants|
A jar of feathers||model|20|3-12||birds, wind|game shelf
Parachute puzzle||puzzle|60|5-9||wind|game shelf
The Cloud Atlas for Children|Theo Brisk|book|104|7-12|4|weather, clouds|library
A Sail for the Bathtub|Dora Plum|picture book|24|2-5|1|wind, ships|window shelf
Storm Watch|Joss Tarn|book|118|9-13|6|weather|library
The Balloonist’s Cat|Rosalind Tey|picture book|36|5-9|3|wind, history|library
Up with the Larks|Piers Lark|book|58|6-10|3|kites, birds|library
The Mill on the Marsh|Edda Crane|book|152|8-12|5|bread, grain, history|desk
Loaf by Loaf|Edda Crane|picture book|32|3-7|2|bread|window shelf
From Field to Flour|Harlan Beck|book|68|6-10|3|grain|box for Bread
A Grain of Wheat Tells All|Harlan Beck|picture book|40|5-9|3|grain, plants|box for Bread
The Sourdough Letters|Viola Wick|book|124|9-13|6|bread, history|library
Yeast Is Alive!|Viola Wick|book|56|7-11|4|bread, science|box for Bread
Breads of Many Tables|Noor Calder|book|144|8-14|5|bread, countries|library
My Grandmother’s Oven|Noor Calder|picture book|32|4-8|2|bread|window shelf
The Baker Gets Up First|Dora Plum|picture book|24|2-5|1|bread|window shelf
Threshing Day|Alder Wren|book|98|8-12|4|grain, history|library
Seeds That Feed the World|Alder Wren|book|132|9-13|6|grain, plants|library
The Little Red Mill|Lena Fisk|picture book|28|3-6|1|grain|window shelf
Hardtack and Honey|Barnaby Stroud|book|110|8-12|4|bread, ships|desk
Kneading Time|Sorrel Finch|picture book|36|5-9|3|bread, time|friend
Flour Power for Young Cooks|Ivo Kestrel|book|80|7-13|4|bread, cooking|cupboard
The Granary Mystery|Corin Ashby|book|166|9-13|5|grain|library
Rye, Oats and Barley|Alder Wren|book|64|6-10|3|grain, plants|box for Bread
Grain cards, three-part||card set|20|4-9||grain|box for Bread
Parts of a wheat plant||poster||||grain, plants|box for Bread
Wheat life cycle||model|6|3-9||grain, plants|box for Bread
Bread map of the world||poster||||bread, maps|paper shelf
Mill gears kit||kit|26|8-14||grain, machines|box for Bread
Harvest, a board game|Marrow Games|game|72|7-12||grain|game shelf
Sorting grains tray||puzzle|5|2-5||grain|box for Bread
Bread journal pages||printable|14|||bread|box for Bread
Label the loaf||printable|3|||bread|box for Bread
Movie: a night at the bakery||link||||bread|
Movie: the water mill||link||||grain, machines|
Recording: the miller’s song||link||||grain, music|
Sourdough starter||live specimen||||bread, science|
Wheat sprouts||live specimen||||grain, plants|
Seed catalog of last year||magazine|90|8-16||plants|desk
The Clockmaker’s Apprentice|Nell Arkwright|book|192|9-13|6|history, machines|desk
Rain on a Tin Roof|Maeve Carrow|picture book|32|3-7|1|weather|window shelf
Pond in a Jar|Linnet Moss|book|72|6-10|3|ponds, animals|desk
The Frog Who Stayed|Linnet Moss|picture book|28|3-6|1|ponds, animals|window shelf
Beetles by Lamplight|Gideon Marsh|book|116|8-12|5|insects|desk
Ants Have No Kings|Gideon Marsh|book|88|7-11|4|insects|library
Moss, Fern, Tree|Sorrel Finch|book|96|7-12|4|plants|desk
The Night Garden Club|Orla Fenn|book|138|8-12|4|plants, stars|library
Numbers Go for a Walk|Theo Brisk|picture book|36|4-7|1|numbers|window shelf
The Fraction Bakery|Viola Wick|book|64|7-10|3|numbers, bread|desk
Knights of the Kitchen Table|Barnaby Stroud|book|174|8-12|5|history|desk
Three Queens and a Goat|Rosalind Tey|book|160|8-12|5|history|library
Songs for a Slow Morning|Mina Sato-Grey|book|80|2-12||music|desk
A Poem for Each Week|Wren Halloway|book|112|5-12||poems|desk
The Listening Walk Home|Wren Halloway|picture book|32|4-8|2|music, walking|window shelf
Stars You Can Count|Wren Halloway|picture book|40|4-9|2|stars|window shelf
Constellation cards||card set|30|6-12||stars|desk
Marble run||kit|80|5-12||machines|game shelf
Fraction circles||kit|51|6-11||numbers|desk
Word tiles|Marrow Games|game|100|6-12||words|game shelf
Beetle in a Box|Marrow Games|game|36|4-8||insects|game shelf
Pond life cards||card set|28|4-9||ponds, animals|desk
Insect hotel plans||printable|4|||insects|paper shelf
Poem pages to illustrate||printable|20|||poems|paper shelf
Movie: a year at the pond||link||||ponds, animals|
Tuning fork and strings||kit|9|6-12||music|art cart
Hundred board||puzzle|101|4-8||numbers|game shelf
The Beekeeper’s Calendar|Alder Wren|book|108|8-12|5|insects, plants|library
Owl Light|Mina Sato-Grey|picture book|32|3-7|2|birds|library
A Field Guide to Our Street|Hana Pryce|book|90|7-12|4|towns, plants|desk
Lantern Bearers of Fernhill|Edmund Quill|book|186|9-13|6|history, towns|library
Clay, Wheel, Fire|Rufus Pell|book|84|9-14|6|making|workbench
`
	.trim()
	.split('\n')
	.map((line) => {
		const [title, authors, kind, count, ages, grade, topics, where] = line
			.split('|')
			.map((part) => part.trim());
		const [from, to] = ages.split('-').map(Number);
		return {
			title,
			authors,
			kind,
			count: count ? Number(count) : null,
			fromAge: ages ? from : null,
			toAge: ages ? to : null,
			grade: grade ? Number(grade) : null,
			topics,
			where
		};
	});

/** Flags beside those of the two spines: number of the lesson, title, role and the rest as typed. */
export const USES: readonly (readonly [lesson: number, title: string, text: string])[] = [
	[6, 'Lines That Are Not There', 'read aloud 12–18, 15 min: why every map lies a little'],
	[6, 'Globe net to cut out', 'one activity'],
	[6, 'Wooden continents tray', 'one activity, Tamsin'],
	[6, 'Movie: how a globe is made', 'listen or watch, 20 min'],
	[9, 'Maps in a Suitcase', 'look at, Perrin, 10 min'],
	[13, 'Maps in a Suitcase', 'read aloud, 15 min'],
	[7, 'Latitude for Breakfast', 'read alone Odile 20–34, 20 min'],
	[7, 'The Very Long Coast', 'look at, Tamsin and Perrin, 10 min'],
	[8, 'What the Needle Knows', 'read aloud 8–19, 15 min, preview 20 min'],
	[8, 'Needle compass kit', 'one activity'],
	[9, 'Shadows and Stars', 'read aloud 30–41, 20 min: the shadow stick'],
	[9, 'The Sun Is a Compass Needle', 'look at'],
	[10, 'Bus Number Nine', 'look at, Tamsin'],
	[10, 'Under the Street', 'read alone Perrin 5–20, 15 min'],
	[10, 'Find the Way', 'one activity'],
	[11, 'Sea Serpents of the Margin', 'look at 4–21, 15 min'],
	[11, 'The Chart Room', 'read alone Odile 40–58, 25 min'],
	[12, 'Treasure at Low Tide', 'read aloud 1–12, 15 min'],
	[12, 'Bearings, a card game', 'one activity, Odile and Perrin'],
	[13, 'Old Roads', 'reference 90–101']
];

/** What the unit that is being collected has for its lessons so far. */
export const KITE_USES: typeof USES = [
	[1, 'A Kite for Every Child', 'look at, 10 min'],
	[1, 'Flying with a Feather', 'look at, Tamsin, 10 min'],
	[1, 'Feathers and Sails', 'read aloud 8–19, 20 min: what holds a wing up'],
	[1, 'A jar of feathers', 'one activity'],
	[1, 'Movie: kites over the beach', 'listen or watch'],
	[2, 'The Kite Loft', 'read aloud 1–14, 20 min'],
	[2, 'Bridles, Tails and Spars', 'reference 20–27: where the bridle sits'],
	[2, 'Seven Knots', 'read alone Odile 12–24, 20 min'],
	[2, 'Kite log pages', 'one activity'],
	[3, 'How to Read the Sky', 'read alone Odile 30–41, 25 min'],
	[3, 'Anemometer kit', 'one activity'],
	[3, 'Wind rose poster', 'look at'],
	[3, 'Weather cards, three-part', 'one activity, Perrin and Tamsin'],
	[3, 'Wind socks and pinwheels', 'one activity'],
	[3, 'Wind map of today', 'listen or watch']
];

/** What the unit of two years ago used. */
export const BREAD_USES: typeof USES = [
	[1, 'From Field to Flour', 'read aloud 1–24, 25 min'],
	[1, 'A Grain of Wheat Tells All', 'look at, 10 min'],
	[1, 'Threshing Day', 'read alone Odile 5–20, 20 min'],
	[1, 'Grain cards, three-part', 'one activity'],
	[1, 'Wheat life cycle', 'one activity'],
	[1, 'Parts of a wheat plant', 'look at'],
	[1, 'Mill gears kit', 'one activity'],
	[2, 'Yeast Is Alive!', 'read aloud 3–16, 20 min'],
	[2, 'Loaf by Loaf', 'look at, 10 min'],
	[2, 'Kneading Time', 'read alone Perrin, 15 min'],
	[2, 'Bread journal pages', 'one activity'],
	[2, 'Movie: a night at the bakery', 'listen or watch']
];

/** One of the library's books in its state on the demo's day, as the library's own computer has it too. */
export type DemoLoan = {
	readonly number: string;
	readonly title: string;
	readonly state: 'hold placed' | 'ready' | 'on loan' | 'back';
	readonly placed: string;
	readonly expected?: string;
	readonly ready?: string;
	readonly fetched?: string;
	readonly due?: string;
};
export const LOANS = account as readonly DemoLoan[];

/** One of ours that a friend has. */
export const LENT = {
	title: 'Treasure at Low Tide',
	to: 'the Aldens',
	since: '2026-12-12',
	due: '2027-02-14'
} as const;

/** A piece that a tray has from a set; it goes back there. */
export const LENT_PIECES = [
	{
		set: 'Little ships and sea animals',
		piece: 'narwhal and two sailing ships',
		to: 'Sorting ships and whales',
		on: '2027-01-20'
	}
] as const;

/** What this family wants to be warned about. */
export const CONTENT_POLICY = ['sensitive matter'] as const;

/** Content notes that somebody has read off covers and contents. */
export const CONTENT: Readonly<Record<string, readonly string[]>> = {
	'The Chart Room': ['sensitive matter'],
	'Old Roads': ['secular']
};

/** The book list of the unit that is being collected, as its guide prints it; nothing of it is decided yet. */
export const KITE_BOOK_LIST = `BOOKS TO BORROW
Choose one for each lesson. Titles with a star are worth looking for.
Spine: The Kite Loft by Piers Lark, 66 pp. (ages 7–12)
Lesson 1: What lifts a kite
* A Kite for Every Child by Amity Reeve (picture book, ages 4–8)
How the Thunder Works by Ottilie Brandt (grades 3–5)
Breath, Breeze, Storm – Joss Tarn – K-3
Lesson 2: A sled kite each
Lark, Piers. Seven Knots. Two Ponds Press, 2009.
Festival of Paper Fishes (Mina Sato-Grey), picture book
Kites of Many Colors by Alma Verrick – optional
Lesson 3: Measuring the wind
The Wind Measurers, by Joss Tarn (independent reading, grades 3-5)
Comet Weather by Anselm Grove (out of print, try your library)
Reference: Gale!, pp. 30–33`;

/** Two of ours that have much the same inside. */
export const ALIKE = { about: 'kites', titles: ['The Kite Loft', 'Bridles, Tails and Spars'] } as const;
