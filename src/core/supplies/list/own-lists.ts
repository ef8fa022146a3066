/** Lists as guides, co-ops and families write them, each with what a reader should make of it. Invented. */
export type OwnList = {
	readonly name: string;
	readonly lessons: number;
	/** Lessons of a week; 0 where the unit counts none. */
	readonly aWeek: number;
	readonly titles: readonly string[];
	readonly text: string;
	/** “2 sheet card per child optional or felt ? | 1 3 in all”, one for each thing. */
	readonly things: readonly string[];
};

export const OWN_LISTS: readonly OwnList[] = [
	{
		name: 'by kind, week.day in square brackets, a legend of three marks',
		lessons: 8,
		aWeek: 2,
		titles: [],
		text: [
			'Simple Machines — Master Materials List',
			'Key: (B) = borrow, (P) = purchase, * optional; numbers in [ ] are week.day',
			'',
			'TOOLS',
			'hammer (B) [1.1, 2.2]',
			'protractor [2.1]',
			'craft knife [2.2] adult only',
			'screwdriver, flat-head [all]',
			'*spirit level [3.1]',
			'',
			'KITCHEN / HOUSEHOLD',
			'rolling pin [1.2]',
			'paper towel tubes, 3 per child [1.1, 3.2]',
			'soap (a small bar) [2.1]',
			'2 cups rice [1.2, 2.1]',
			'metal spoons, 2 [4.1]',
			'laundry basket [4.2]',
			'',
			'BUY OR BORROW',
			'pulleys, 2 (P) [3.1, 3.2]',
			'nylon rope, 6 yd (P) [3.1]',
			'acrylic sheet, 12 x 12 in., acrylic is safest (P) [4.1]',
			'toy cars, 1 per child [1.1, 2.2]',
			'spring scale (B) [weekly]',
			'wooden dowels, 1/2 in. x 36 in., 4 [2.2]'
		].join('\n'),
		things: [
			'1 each hammer | 1 4 in all',
			'1 each protractor | 3',
			'1 each craft knife | 4',
			'1 each flat-head screwdriver | all',
			'1 each spirit level optional | 5',
			'1 each rolling pin | 2',
			'3 each paper towel tube per child | 1 6 in all',
			'1 each soap | 3',
			'2 cup rice | 2 3 in all',
			'2 each metal spoon | 7',
			'1 each laundry basket | 8',
			'2 each pulley | 5 6 in all',
			'6 yd nylon rope | 5',
			'1 each 12 x 12 in. acrylic sheet | 7',
			'1 each toy car per child | 1 4 in all',
			'1 each spring scale | 1 3 5 7',
			'4 each 1/2 in. x 36 in. wooden dowel ? | 4'
		]
	},
	{
		name: 'weeks, letters for whom, a mark for every lesson',
		lessons: 10,
		aWeek: 2,
		titles: [],
		text: [
			'SUPPLIES FOR POND LIFE',
			'✓ = used every lesson   c = per child   f = per family',
			'',
			'Wk 1',
			'✓ magnifying glass, 1 c',
			'field notebook, 1 c',
			'white dishpan, 2 f',
			'Wk 2',
			'pond net - 1 per pair',
			'clear jars with lids (2)',
			'eyedropper, 1 c',
			'masking tape',
			'Weeks 3 & 4',
			'modeling clay, 1/2 lb c',
			'toothpicks',
			'pipe cleaners, 6 c',
			'1 bag sphagnum moss',
			'Page 2',
			'SUPPLIES FOR POND LIFE (continued)',
			'Wk 5, Day 1',
			'fresh spinach leaves (optional)',
			'aquarium gravel, 5 lbs.',
			'No supplies for Day 2.'
		].join('\n'),
		things: [
			'1 each magnifying glass per child | all',
			'1 each field notebook per child | 1 2 in all',
			'2 each white dishpan | 1 2 in all',
			'1 each pond net per pair | 3 4 in all',
			'2 each clear jar | 3 4 in all',
			'1 each eyedropper per child | 3 4 in all',
			'1 each masking tape | 3 4 in all',
			'0.5 lb modeling clay per child | 5 6 7 8 in all',
			'1 each toothpick | 5 6 7 8 in all',
			'6 each pipe cleaner per child | 5 6 7 8 in all',
			'1 bag sphagnum moss | 5 6 7 8 in all',
			'1 each fresh spinach leaf optional | 9',
			'5 lb aquarium gravel | 9'
		]
	},
	{
		name: 'a table with empty cells under lessons',
		lessons: 6,
		aWeek: 0,
		titles: [],
		text: [
			'Lesson\tMaterial\tQty\tNotes',
			'1\tShoe box\t1 per child\twith lid',
			'\tTempera paint\t3 colors\t',
			'\tPaintbrushes\t2 per child\t',
			'2\tBread flour\t3 cups\t',
			'\tYeast\t1 packet\toptional',
			'3, 4\tCraft sticks\t40\tjumbo',
			'all\tAprons\t1 per child\told shirts work',
			'5\tSugar cubes\t1 box\t',
			'6\tClothespins\t12'
		].join('\n'),
		things: [
			'1 each shoe box per child | 1',
			'3 each tempera paint ? | 1',
			'2 each paintbrush per child | 1',
			'3 cup bread flour | 2',
			'1 pack yeast optional | 2',
			'40 each craft stick | 3 4 in all',
			'1 each apron per child | all',
			'1 box sugar cube | 5',
			'12 each clothespin | 6'
		]
	},
	{
		name: 'a table with a column for each lesson',
		lessons: 4,
		aWeek: 0,
		titles: [],
		text: [
			'| Item | L1 | L2 | L3 | L4 |',
			'|---|---|---|---|---|',
			'| Construction paper (sheets) | 4 | | 2 | |',
			'| Glue sticks | x | x | | x |',
			'| Baking soda | 2 tbsp | | | 1 cup |',
			'| Balloons | | 5 per child | | |',
			'| Timer | x | x | x | x |'
		].join('\n'),
		things: [
			'4 each construction paper | 1',
			'2 each construction paper | 3',
			'1 each glue stick | 1 2 4 in all',
			'2 tbsp baking soda | 1',
			'1 cup baking soda | 4',
			'5 each balloon per child | 2',
			'1 each timer | 1 2 3 4 in all'
		]
	},
	{
		name: 'a letter to families',
		lessons: 3,
		aWeek: 0,
		titles: [],
		text: [
			'Hello everyone,',
			'',
			'Welcome to our ocean unit! Below is what your child will need. ',
			'',
			'For Lesson 1 please bring a clear two-liter bottle with its cap, blue food coloring, and about a cup of vegetable oil. We will provide the funnels.',
			'',
			"In Lesson 2 each student will need one paper plate, a pair of scissors and some seashells. Don't forget a beach towel!",
			'',
			'Lesson 3: You will need salt (1 cup), two eggs per pair, and a tall glass. If you own a microscope, please bring it too. A hand lens would be helpful.',
			'',
			'There is no class on March 4. Please be on time, and call me if you have questions.',
			'',
			'See you soon,',
			'Anneke'
		].join('\n'),
		things: [
			'1 each clear two-liter bottle | 1',
			'1 each blue food coloring | 1',
			'1 cup vegetable oil | 1',
			'1 each paper plate per child | 2',
			'1 each scissors per child | 2',
			'some each seashell per child ? | 2',
			'1 each beach towel | 2',
			'1 cup salt | 3',
			'2 each egg per pair | 3',
			'1 each tall glass | 3',
			'1 each microscope optional | 3',
			'1 each hand lens optional | 3'
		]
	},
	{
		name: 'by lesson, a letter mark and a star, one lesson that is not there',
		lessons: 6,
		aWeek: 2,
		titles: ['What Is a Forest?', 'Layers', 'Leaf Prints', 'Who Lives Here?', 'Seeds', 'Trails'],
		text: [
			'FOREST UNIT: SUPPLY LIST BY LESSON',
			'(Items marked with an asterisk are optional. "ea" = one for each child)',
			'',
			'Lesson 1 - What Is a Forest?',
			'clipboards, ea',
			'pencils',
			'*binoculars',
			'2 yards burlap',
			'Lesson 2 - Layers',
			'brown, green & tan paint',
			'sponge brushes (1 per child)',
			'a large sheet of butcher paper',
			'cardboard box, any size',
			'Lesson 3: leaves, clear contact paper, scissors',
			'Lesson 4: Who Lives Here?',
			'cotton batting, 1 bag',
			'twigs - 10-12 per child',
			'hot glue gun (adult use only)',
			'glue sticks for gun',
			'Lesson 5',
			'see Lesson 2 for paint',
			'acorns, pinecones, or other seeds',
			'egg cartons 2',
			'plaster of Paris 1 lb',
			'Lesson 9',
			'compass'
		].join('\n'),
		things: [
			'1 each clipboard per child | 1',
			'1 each pencil | 1',
			'1 each binoculars optional | 1',
			'2 yd burlap | 1',
			'1 each brown paint | 2',
			'1 each green paint | 2',
			'1 each tan paint | 2',
			'1 each sponge brush per child | 2',
			'1 sheet butcher paper | 2',
			'1 each cardboard box | 2',
			'1 each leaf | 3',
			'1 each clear contact paper | 3',
			'1 each scissors | 3',
			'1 bag cotton batting | 4',
			'10 each twig per child | 4',
			'1 each hot glue gun | 4',
			'1 each glue stick | 4',
			'1 each acorn | 5',
			'1 each pinecone | 5',
			'2 each egg carton | 5',
			'1 lb plaster of paris | 5',
			'1 each compass ? |'
		]
	},
	{
		name: 'numbers behind dots',
		lessons: 6,
		aWeek: 2,
		titles: [],
		text: [
			'Kitchen Chemistry supplies (numbers after each item show the lessons)',
			'baking soda ............ 1, 2, 5',
			'white vinegar, 1 qt .... 1, 2',
			'red cabbage ............ 3',
			'coffee filters, 8 ...... 3, 4',
			'lemon juice, 1/2 cup ... 3-5',
			'measuring spoons ....... all',
			'eyedroppers, 1/child ... 3',
			'zip bags, quart, 10 .... 6',
			'goggles ................ throughout'
		].join('\n'),
		things: [
			'1 each baking soda | 1 2 5 in all',
			'1 quart white vinegar | 1 2 in all',
			'1 each red cabbage | 3',
			'8 each coffee filter | 3 4 in all',
			'0.5 cup lemon juice | 3 4 5 in all',
			'1 each measuring spoon | all',
			'1 each eyedropper per child | 3',
			'10 each quart zip bag | 6',
			'1 each goggles | all'
		]
	},
	{
		name: 'lessons in every notation',
		lessons: 6,
		aWeek: 2,
		titles: [],
		text: [
			'What to buy',
			'',
			'- Air-dry clay, 5 lb (Lessons 1–3)',
			'- Wooden skewers (L2)',
			'- Acrylic paint: red, yellow, blue (Les. 3 & 5)',
			'- Yarn - 1 skein (Wk 3)',
			'- 12 plastic eggs (Wk 2, Day 2)',
			'- Foil - Lesson 4',
			'- Cotton swabs, 1 box, Lessons 4-6',
			'- String; every lesson',
			'- Buttons, 2 per child (Lesson 6; optional)',
			'- Lemons (6)',
			'- Cornstarch 16 oz (Lesson 12)',
			'- Stapler (weekly)',
			'- Stickers, 1 sheet each week',
			'- Napkins (2 per child, Lesson 5)'
		].join('\n'),
		things: [
			'5 lb air-dry clay | 1 2 3 in all',
			'1 each wooden skewer | 2',
			'1 each red acrylic paint | 3 5 in all',
			'1 each yellow acrylic paint | 3 5 in all',
			'1 each blue acrylic paint | 3 5 in all',
			'1 ball yarn | 5 6 in all',
			'12 each plastic egg | 4',
			'1 each foil | 4',
			'1 box cotton swab | 4 5 6 in all',
			'1 each string | all',
			'2 each button per child optional | 6',
			'6 each lemon |',
			'16 oz cornstarch ? |',
			'1 each stapler | 1 3 5',
			'1 sheet sticker |',
			'2 each napkin per child | 5'
		]
	},
	{
		name: 'broken running text',
		lessons: 4,
		aWeek: 2,
		titles: ['Mud Bricks', 'Pillars', 'Arches', 'Domes'],
		text: [
			'ANCIENT BUILDERS',
			'',
			'The following materials are needed for this unit. Most can be found around the',
			'house or at any craft store. Amounts are for one child unless noted.',
			'',
			'Lesson 1: Mud Bricks',
			'You will need about four cups of dirt, two cups of water, a handful of straw or',
			'dried grass and an ice cube tray. Old clothes are a good idea.',
			'',
			'Lesson 2: Pillars',
			'Gather twelve paper tubes, a heavy book, and a sheet of stiff cardboard.',
			'',
			'Lesson 3: Arches',
			"Each pair will need 9 sugar cubes and frosting. We'll also use a plastic knife",
			'for spreading. Optional: a flashlight.',
			'',
			'Lesson 4: no supplies'
		].join('\n'),
		things: [
			'4 cup dirt | 1',
			'2 cup water | 1',
			'1 handful straw or dried grass | 1',
			'1 each ice cube tray | 1',
			'12 each paper tube | 2',
			'1 each heavy book | 2',
			'1 sheet stiff cardboard | 2',
			'9 each sugar cube per pair | 3',
			'1 each frosting per pair | 3',
			'1 each plastic knife | 3',
			'1 each flashlight optional | 3'
		]
	},
	{
		name: 'commas between cells',
		lessons: 4,
		aWeek: 0,
		titles: [],
		text: [
			'Item,Qty,Unit,Lesson',
			'"Felt, green",2,sheets,1',
			'Glue gun,1,,2',
			'Googly eyes,4,per child,"1, 3"',
			'Ribbon,3,yards,4'
		].join('\n'),
		things: [
			'2 sheet green felt | 1',
			'1 each glue gun | 2',
			'4 each googly eye per child | 1 3 in all',
			'3 yd ribbon | 4'
		]
	},
	{
		name: 'columns set apart by blanks',
		lessons: 4,
		aWeek: 2,
		titles: [],
		text: [
			'Week    Day    Supplies',
			'1       1      2 flashlights, tracing paper',
			'1       2      mirror',
			'2       1      prism; white paper',
			'2       2      3 cellophane sheets (red, blue, green)'
		].join('\n'),
		things: [
			'2 each flashlight | 1',
			'1 each tracing paper | 1',
			'1 each mirror | 2',
			'1 each prism | 3',
			'1 each white paper | 3',
			'3 each cellophane sheet | 4'
		]
	},
	{
		name: 'dates and who brings what',
		lessons: 3,
		aWeek: 0,
		titles: [],
		text: [
			'Light & Shadow co-op',
			'',
			'Sept 8: Lesson 1',
			'Leader brings: bedsheet, 2 clamp lights',
			'Each student: flashlight',
			'Sept 15: Lesson 2',
			'Leader: mirrors (6), tape',
			'Everyone: 1 shoebox, foil',
			'Sept 22 – no class',
			'Sept 29: Lesson 3',
			'Volunteers bring snacks',
			'Per group of 4: 1 bowl of water',
			'Each family brings 1 white plate'
		].join('\n'),
		things: [
			'1 each bedsheet | 1',
			'2 each clamp light | 1',
			'1 each flashlight per child | 1',
			'6 each mirror | 2',
			'1 each tape | 2',
			'1 each shoebox | 2',
			'1 each foil | 2',
			'1 each snack | 3',
			'1 each bowl of water per group4 | 3',
			'1 each white plate | 3'
		]
	},
	{
		name: 'for every lesson, optional at the end',
		lessons: 4,
		aWeek: 0,
		titles: ['Meet the Fungi', 'Growing', 'Spore Prints', 'Moss Walk'],
		text: [
			'Mushrooms and Moss',
			'Supplies',
			'',
			'Needed for every lesson',
			'hand lens, one per child',
			'sketchbook',
			'colored pencils',
			'',
			'Lesson One',
			'spray bottle',
			'3 large jars',
			'Lesson Two',
			'shredded newspaper, 1 bag',
			'mushroom kit (order 2 weeks ahead)',
			'Lesson Three',
			'black construction paper, 1 sheet/child',
			'hair spray',
			'mushroom caps, 2 each',
			'Optional',
			'microscope',
			'slides (5)',
			'Lesson Four',
			'No new materials'
		].join('\n'),
		things: [
			'1 each hand lens per child | all',
			'1 each sketchbook | all',
			'1 each colored pencil | all',
			'1 each spray bottle | 1',
			'3 each large jar | 1',
			'1 bag shredded newspaper | 2',
			'1 each mushroom kit | 2',
			'1 sheet black construction paper per child | 3',
			'1 each hair spray | 3',
			'2 each mushroom cap ? | 3',
			'1 each microscope optional | 3',
			'5 each slide optional | 3'
		]
	},
	{
		name: 'by shop, no lessons',
		lessons: 4,
		aWeek: 2,
		titles: [],
		text: [
			'BIRD STUDY SHOPPING LIST',
			'',
			'Grocery Store',
			'peanut butter - 1 jar',
			'birdseed - 5 lbs',
			'suet - 2 cakes',
			'oranges (4)',
			'',
			'Craft Store',
			'pipe cleaners - brown',
			'feathers, assorted (1 bag)',
			'wooden birdhouses - 1 per child',
			'',
			'Around the House',
			'milk cartons, clean',
			'string',
			'binoculars',
			'old bird nest, if you can find one'
		].join('\n'),
		things: [
			'1 jar peanut butter |',
			'5 lb birdseed |',
			'2 each cake of suet |',
			'4 each orange |',
			'1 each brown pipe cleaner |',
			'1 bag feather |',
			'1 each wooden birdhouse per child |',
			'1 each milk carton |',
			'1 each string |',
			'1 each binoculars |',
			'1 each old bird nest |'
		]
	},
	{
		name: 'numbered, lessons behind dashes',
		lessons: 6,
		aWeek: 2,
		titles: [],
		text: [
			'1. Cardboard (large box) – L1, L4',
			'2. Duct tape, 2 rolls – all',
			'3. Box cutter* – L1',
			'4. Paint, gray, 1 qt – L2–L3',
			'5. 4 paintbrushes – L2, L3',
			'6. PVC pipe, 10 ft. – L5',
			'7. Rope (20 ft) – L6',
			'8. Swim goggles, 1 pair per child – L6',
			'* adults only'
		].join('\n'),
		things: [
			'1 each cardboard | 1 4 in all',
			'2 roll duct tape | all',
			'1 each box cutter | 1',
			'1 quart gray paint | 2 3 in all',
			'4 each paintbrush | 2 3 in all',
			'10 ft pvc pipe | 5',
			'20 ft rope | 6',
			'1 each swim goggles per child | 6'
		]
	},
	{
		name: 'two columns of things',
		lessons: 3,
		aWeek: 0,
		titles: [],
		text: [
			'Materials                         ',
			'',
			'scissors              glue sticks',
			'2 rolls tape          crayons',
			'construction paper    12 paper plates'
		].join('\n'),
		things: [
			'1 each scissors |',
			'1 each glue stick |',
			'2 roll tape |',
			'1 each crayon |',
			'1 each construction paper |',
			'12 each paper plate |'
		]
	},
	{
		name: 'lessons in front of their things',
		lessons: 5,
		aWeek: 0,
		titles: [],
		text: [
			'Supply list: Weather',
			'',
			'Every lesson: weather journal, pencil',
			'L1: thermometer (outdoor), 2 jars',
			'L2: balloon, index cards (3), rubber bands',
			'L3: blue food coloring; shaving cream (1 can); 1 clear cup per child',
			'L4: none'
		].join('\n'),
		things: [
			'1 each weather journal | all',
			'1 each pencil | all',
			'1 each thermometer | 1',
			'2 each jar | 1',
			'1 each balloon | 2',
			'3 each index card | 2',
			'1 each rubber band | 2',
			'1 each blue food coloring | 3',
			'1 can shaving cream | 3',
			'1 each clear cup per child | 3'
		]
	},
	{
		name: 'weeks with headings for whom',
		lessons: 6,
		aWeek: 2,
		titles: [],
		text: [
			'Week 1',
			'For the teacher',
			'large map of Africa',
			'pointer',
			'For each child',
			'1 pocket folder',
			'12 index cards',
			'For the family',
			'shoebox of sand',
			'Week 2',
			'none this week',
			'Week 3',
			'To print',
			'map, p. 4 (1 per child)',
			'From the kitchen',
			'cornmeal, 2 c.',
			'vegetable oil - 1/4 c.',
			'paper lunch sacks - 1 each child'
		].join('\n'),
		things: [
			'1 each large map of africa | 1 2 in all',
			'1 each pointer | 1 2 in all',
			'1 each pocket folder per child | 1 2 in all',
			'12 each index card per child | 1 2 in all',
			'1 each shoebox of sand | 1 2 in all',
			'1 each map per child | 5 6 in all',
			'2 cup cornmeal | 5 6 in all',
			'0.25 cup vegetable oil | 5 6 in all',
			'1 each paper lunch sack per child | 5 6 in all'
		]
	},
	{
		name: 'metric, letters for whom',
		lessons: 3,
		aWeek: 0,
		titles: [],
		text: [
			'METRIC COOKING',
			'Legend: P = per pair; E = whole class; * = bring from home',
			'',
			'Lesson 1',
			'strong white flour, 500 g P',
			'fast-action yeast, 7 g P',
			'lukewarm water, 325 ml P',
			'*tea towel',
			'Lesson 2',
			'butter, 250 g E',
			'caster sugar, 0,5 kg E',
			'large eggs, 6 E',
			'*apron, 1 per child',
			'greaseproof paper, 30 cm x 40 cm',
			'Lesson 3',
			'2 x 500 ml bottles of milk',
			'lemons, 3 P',
			'muslin square'
		].join('\n'),
		things: [
			'500 g strong white flour per pair | 1',
			'7 g fast-action yeast per pair | 1',
			'325 ml lukewarm water per pair | 1',
			'1 each tea towel | 1',
			'250 g butter | 2',
			'0.5 kg caster sugar | 2',
			'6 each large egg | 2',
			'1 each apron per child | 2',
			'1 each 30 cm x 40 cm greaseproof paper | 2',
			'2 bottle milk | 3',
			'3 each lemon per pair | 3',
			'1 each muslin square | 3'
		]
	},
	{
		name: 'an untidy list by room',
		lessons: 8,
		aWeek: 2,
		titles: [],
		text: [
			'hi all - here is the list for machines, from Dana',
			'',
			'NUMBERS IN ( ) = LESSONS    * = optional',
			'from the garage',
			'wagon or cart (1, 4)',
			'2x4 board, about 4 ft (2, 4)',
			'* bricks, 2 (2)',
			'WD-40 (6)',
			'bolts & nuts, 3 of each (6)',
			'from the kitchen',
			'rolling pin (1)',
			'paper towel tubes, 4 (1,5)',
			'cookie sheet (4)',
			'dish soap, a squirt (4)',
			'1/2 c. vegetable oil (8)',
			'craft closet',
			'string, 10 ft (3, 5)',
			'spools, empty - 1 per child (5)',
			'clothespins, 1 doz (7)',
			'rubber bands (7)',
			'popsicle sticks - 12 each (2-3)',
			'hot glue gun (all)',
			'tape',
			'almond butter 1 jar (8)',
			'snack for the fair'
		].join('\n'),
		things: [
			'1 each wagon or cart | 1 4 in all',
			'4 ft 2x4 board | 2 4 in all',
			'2 each brick optional | 2',
			'1 each wd-40 | 6',
			'3 each bolt | 6',
			'3 each nut | 6',
			'1 each rolling pin | 1',
			'4 each paper towel tube | 1 5 in all',
			'1 each cookie sheet | 4',
			'1 each dish soap | 4',
			'0.5 cup vegetable oil | 8',
			'10 ft string | 3 5 in all',
			'1 each spool per child | 5',
			'1 dozen clothespin | 7',
			'1 each rubber band | 7',
			'12 each popsicle stick ? | 2 3 in all',
			'1 each hot glue gun | all',
			'1 each tape |',
			'1 jar almond butter | 8',
			'1 each snack |'
		]
	},
	{
		name: 'several lessons a heading',
		lessons: 4,
		aWeek: 2,
		titles: ['Soil', 'More Soil', 'Worms', 'More Worms'],
		text: [
			'Lessons 1-2: Soil',
			'trowel (1 per pair)',
			'3 kinds of soil',
			'newspaper',
			'Lessons 3, 4: Worms',
			'worm bin - borrow',
			'1 lb red wigglers',
			'shredded paper',
			'Throughout the unit:',
			'garden gloves, 1 pair each child'
		].join('\n'),
		things: [
			'1 each trowel per pair | 1 2 in all',
			'3 each kind of soil ? | 1 2 in all',
			'1 each newspaper | 1 2 in all',
			'1 each worm bin | 3 4 in all',
			'1 lb red wiggler | 3 4 in all',
			'1 each shredded paper | 3 4 in all',
			'1 pair garden glove per child | all'
		]
	},
	{
		name: 'indented below lessons',
		lessons: 3,
		aWeek: 0,
		titles: [],
		text: [
			'BRIDGES                      materials',
			'',
			'Lesson 1   craft sticks (100)',
			'           white glue',
			'Lesson 2   string, 12 ft',
			'           2 chairs',
			'           books for weights',
			'Lesson 3   spaghetti, 1 lb',
			'           mini marshmallows'
		].join('\n'),
		things: [
			'100 each craft stick | 1',
			'1 each white glue | 1',
			'12 ft string | 2',
			'2 each chair | 2',
			'1 each book | 2',
			'1 lb spaghetti | 3',
			'1 each mini marshmallow | 3'
		]
	},
	{
		name: 'weeks in sentences',
		lessons: 6,
		aWeek: 2,
		titles: [],
		text: [
			"For the whole unit you'll want a sturdy notebook for each child.",
			'',
			'Week 1: Please have on hand a bag of potting soil, six small pots and a packet of bean seeds.',
			"Week 2: We'll be needing a ruler per child and a roll of masking tape.",
			'Week 3: Nothing new!'
		].join('\n'),
		things: [
			'1 each sturdy notebook per child | all',
			'1 bag potting soil | 1 2 in all',
			'6 each small pot | 1 2 in all',
			'1 pack bean seed | 1 2 in all',
			'1 each ruler per child | 3 4 in all',
			'1 roll masking tape | 3 4 in all'
		]
	},
	{
		name: 'letters that say where things come from',
		lessons: 3,
		aWeek: 0,
		titles: [],
		text: [
			'Supplies (h = have at home, b = buy)',
			'1. clear vinegar, 1 gal — b',
			'2. measuring cup — h',
			'3. balloons, 12 — b',
			'4. funnel — h'
		].join('\n'),
		things: ['1 gallon clear vinegar |', '1 each measuring cup |', '12 each balloon |', '1 each funnel |']
	},
	{
		name: 'dots behind lessons',
		lessons: 3,
		aWeek: 0,
		titles: [],
		text: [
			'LIST OF MATERIALS',
			'Lesson 1 ........ thermometer, ice, salt (1/2 c)',
			'Lesson 2 ........ none',
			'Lesson 3 ........ 3 mirrors; flashlight; index card with slit'
		].join('\n'),
		things: [
			'1 each thermometer | 1',
			'1 each ice | 1',
			'0.5 cup salt | 1',
			'3 each mirror | 3',
			'1 each flashlight | 3',
			'1 each index card | 3'
		]
	},
	{
		name: 'a legend of stars without the sign',
		lessons: 5,
		aWeek: 0,
		titles: [],
		text: [
			'Stars on top = buy early!',
			'',
			'* dry ice (L4)',
			'felt, black, 1 yd (L1)',
			'* star map (L1, L2, L5)',
			'glow paint (L3)'
		].join('\n'),
		things: [
			'1 each dry ice | 4',
			'1 yd black felt | 1',
			'1 each star map | 1 2 5 in all',
			'1 each glow paint | 3'
		]
	},
	{
		name: 'pages with their heads',
		lessons: 2,
		aWeek: 0,
		titles: [],
		text: [
			'Page 1 of 2',
			'Nature Journal Year',
			'Needed weekly: journal, pencil, ruler',
			'Lesson 1',
			'acorn caps, a handful',
			'2 pieces of bark',
			'Page 2 of 2',
			'Nature Journal Year',
			'Lesson 2',
			'spider web (find outdoors)',
			'black paper, 1 sheet each',
			'hair spray'
		].join('\n'),
		things: [
			'1 each journal | all',
			'1 each pencil | all',
			'1 each ruler | all',
			'1 handful acorn cap | 1',
			'2 each piece of bark | 1',
			'1 each spider web | 2',
			'1 sheet black paper ? | 2',
			'1 each hair spray | 2'
		]
	},
	{
		name: 'a table by week and day',
		lessons: 4,
		aWeek: 2,
		titles: [],
		text: [
			'WEEK\tDAY\tWHAT YOU NEED\tFOR\tOPT?',
			'1\t1\t2 corks\tchild\t',
			'1\t2\ttub of water\tfamily\t',
			'2\t1\tsail cloth, 1 ft sq\tpair\t',
			'2\t2\tpennies (20)\tchild\tx'
		].join('\n'),
		things: [
			'2 each cork per child | 1',
			'1 each tub of water | 2',
			'1 each sail cloth per pair | 3',
			'20 each penny per child optional | 4'
		]
	},
	{
		name: 'title and things on one line',
		lessons: 4,
		aWeek: 0,
		titles: ['Kites', 'Wind Socks', 'Paper Planes', 'Gliders'],
		text: [
			'(Materials for Lesson 3 are in the kit.)',
			'Lesson 1 – Kites: dowels, 2 per child; paper, 1 sheet per child; string, 20 ft per child; tape',
			'Lesson 2 – Wind Socks: 1 sleeve from an old shirt; wire',
			'Lesson 4 – Gliders: balsa wood'
		].join('\n'),
		things: [
			'2 each dowel per child | 1',
			'1 sheet paper per child | 1',
			'20 ft string per child | 1',
			'1 each tape | 1',
			'1 each sleeve | 2',
			'1 each wire | 2',
			'1 each balsa wood | 4'
		]
	},
	{
		name: 'headings for whom',
		lessons: 3,
		aWeek: 0,
		titles: [],
		text: ['Materials for each child:', '2 corks', '1 net per pair', 'Optional:', 'kite'].join('\n'),
		things: ['2 each cork per child |', '1 each net per pair |', '1 each kite optional |']
	}
];
