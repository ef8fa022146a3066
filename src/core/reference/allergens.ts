import { namesIn } from './names-in.ts';

/** What an allergen hides in, and what only sounds like it. Singular; a name is searched for them as whole words. */
export type AllergenRow = { readonly things: readonly string[]; readonly except: readonly string[] };

const row = (things: string, except = ''): AllergenRow => ({
	things: namesIn(things),
	except: except ? namesIn(except) : []
});

/**
 * The nine major allergens of US FALCPA 2004 and the FASTER Act 2021 by their names there, and the foods and
 * materials that usually hold them (common practice). What is excepted takes its own words away from that one
 * allergen only: “almond flour” is no wheat, and still a tree nut.
 */
export const ALLERGENS: Readonly<Record<string, AllergenRow>> = {
	milk: row(
		`milk, butter, buttermilk, buttercream, cream, cheese, yogurt, yoghurt, whey, casein, caseinate, ghee, kefir,
		custard, pudding, chocolate, cocoa mix, hot cocoa, caramel, toffee, fudge, mozzarella, parmesan, cheddar, feta,
		ricotta, curd, half and half, sherbet, gelato, eggnog, frosting, pesto, cake, cupcake, cookie, brownie, muffin,
		pancake, waffle, croissant, doughnut, donut, pizza, quiche, dairy, lactose`,
		`coconut milk, almond milk, soy milk, oat milk, rice milk, cashew milk, hemp milk, coconut cream, cream of coconut,
		coconut yogurt, peanut butter, almond butter, nut butter, cashew butter, apple butter, sunflower butter, seed butter,
		cocoa butter, shea butter, body butter, butter bean, butter lettuce, butter knife, butter dish, shaving cream, hand cream, face cream,
		sun cream, cream of tartar, cream paper, cream cardstock, cream card, cream soda, cream color, ice cream stick,
		ice cream scoop, ice cream tub, milk jug, milk carton, milk crate, milk bottle, milk cap, milk thistle, bean curd,
		cookie sheet, cookie cutter, cookie jar, cookie tin, rice cake, fish cake, paint cake, watercolor cake, cake pan, cake stand,
		cake tin, cake box, cake topper, cupcake liner, cupcake tin, muffin tin, muffin cup, muffin liner, pizza box,
		pizza cutter, pizza pan, non-dairy, dairy-free, lactose-free, milk-free`
	),
	egg: row(
		`egg, eggshell, eggnog, yolk, mayonnaise, mayo, aioli, meringue, marshmallow creme, custard, quiche, omelet, omelette,
		frittata, souffle, challah, brioche, french toast, cake, cupcake, cookie, brownie, muffin, pancake, waffle, doughnut,
		donut, egg noodle, albumen`,
		`egg carton, egg crate, egg tray, egg timer, egg cup, egg shaker, egg holder, egg slicer, plastic egg, wooden egg, wood egg, foam egg,
		paper egg, styrofoam egg, plastic easter egg, egg-free, egg free, egg replacer, cookie sheet, cookie cutter, cookie jar, cookie tin,
		rice cake, fish cake, paint cake, watercolor cake, cake pan, cake stand, cake tin, cake box, cake topper, cupcake liner,
		cupcake tin, muffin tin, muffin cup, muffin liner`
	),
	fish: row(
		`fish, tuna, salmon, anchovy, sardine, cod, haddock, halibut, herring, mackerel, trout, tilapia, bass, flounder,
		pollock, catfish, snapper, caviar, fish sauce, worcestershire sauce, caesar dressing, surimi, imitation crab, crab stick`,
		`fish tank, fish bowl, fish hook, fish net, fishing line, goldfish bowl, paper fish, toy fish, plastic fish, wooden fish, felt fish,
		fish shape, fish template, fish stamp, fish cracker, goldfish cracker, bass drum, bass clef, bass guitar`
	),
	'crustacean shellfish': row(
		`shrimp, crab, lobster, prawn, crayfish, crawfish, krill, langoustine, scampi, shellfish, bisque`,
		`crab apple, hermit crab, horseshoe crab, toy crab, plastic crab, paper crab, toy lobster, plastic lobster`
	),
	'tree nuts': row(
		`nut, almond, walnut, pecan, cashew, hazelnut, filbert, pistachio, macadamia, chestnut, praline, marzipan, nougat,
		gianduja, frangipane, pesto, baklava, trail mix, granola`,
		`nut and bolt, bolt and nut, wing nut, hex nut, lock nut, cap nut, metal nut, steel nut, brass nut, nut driver, nut cracker,
		water chestnut, nut-free, nut free, ground nut`
	),
	peanuts: row(
		`peanut, groundnut, ground nut, nut, nut butter, satay, nougat, trail mix, granola`,
		`packing peanut, nut and bolt, bolt and nut, wing nut, hex nut, lock nut, cap nut, metal nut, steel nut, brass nut, nut driver,
		nut cracker, tree nut, pine nut, brazil nut, macadamia nut, cashew nut, pecan nut, pistachio nut, hazel nut, peanut butter jar lid,
		nut-free, nut free, peanut-free`
	),
	wheat: row(
		`wheat, flour, bread, breadcrumb, panko, pasta, macaroni, spaghetti, lasagna, orzo, noodle, ramen, udon, couscous,
		bulgur, farina, semolina, spelt, durum, seitan, cracker, pretzel, cookie, biscuit, cake, cupcake, muffin, brownie,
		pancake, waffle, doughnut, donut, croissant, bagel, pita, tortilla, pizza, pie crust, pie, dough, playdough, graham cracker,
		cereal, granola, crouton, dumpling, matzo, challah, brioche, toast, soy sauce, ice cream cone, wafer, sandwich, couscous`,
		`rice flour, corn flour, cornflour, almond flour, coconut flour, oat flour, chickpea flour, potato flour, tapioca flour,
		gluten-free, gluten free, wheat-free, rice noodle, glass noodle, pool noodle, rice cracker, corn tortilla, rice cake, fish cake, paint cake,
		watercolor cake, soap cake, cookie sheet, cookie cutter, cookie jar, cookie tin, biscuit cutter, cracker box, bread bag,
		bread tie, bread pan, bread knife, bread board, flour sack, flour sifter, shell pasta shape, pasta maker, cake pan, cake stand,
		cake tin, cake box, cake topper, cupcake liner, cupcake tin, muffin tin, muffin cup, muffin liner, pie pan, pie tin, pie plate, pie weight, pie chart,
		pizza box, pizza cutter, pizza pan, cereal box, cereal bowl, dough cutter, pretzel stick box, sandwich bag, sandwich box`
	),
	soybeans: row(
		`soy, soya, soybean, soya bean, tofu, bean curd, edamame, tempeh, miso, natto, tamari, shoyu, teriyaki sauce, okara`,
		`soy-free, soy free`
	),
	sesame: row(`sesame, tahini, hummus, halva, gomasio, za'atar, everything bagel, benne seed`, `sesame-free`)
};

/** Foods that some cannot have, and that are none of the nine. */
export const OTHER_ALLERGENS: Readonly<Record<string, AllergenRow>> = {
	mollusks: row(`clam, mussel, oyster, scallop, squid, octopus, calamari, snail, escargot, shellfish`),
	corn: row(
		`corn, popcorn, cornstarch, cornmeal, cornflour, corn syrup, polenta, grits, hominy, tortilla chip, maize`,
		`corn snake, corn snow, popcorn bucket`
	),
	strawberries: row(`strawberry`),
	kiwi: row(`kiwi, kiwifruit`),
	latex: row(`latex, balloon, rubber glove, rubber band`, `foil balloon, hot-air balloon, hot air balloon`)
};

/** What people call an allergy, and which of the rows above it means. */
export const ALLERGY_WORDS: Readonly<Record<string, readonly string[]>> = {
	dairy: ['milk'],
	lactose: ['milk'],
	lacto: ['milk'],
	casein: ['milk'],
	'milk protein': ['milk'],
	'cow milk': ['milk'],
	"cow's milk": ['milk'],
	nut: ['tree nuts', 'peanuts'],
	treenut: ['tree nuts'],
	'tree nut': ['tree nuts'],
	'ground nut': ['peanuts'],
	groundnut: ['peanuts'],
	peanut: ['peanuts'],
	gluten: ['wheat'],
	celiac: ['wheat'],
	coeliac: ['wheat'],
	'celiac disease': ['wheat'],
	soy: ['soybeans'],
	soya: ['soybeans'],
	soybean: ['soybeans'],
	shellfish: ['crustacean shellfish', 'mollusks'],
	'crustacean shellfish': ['crustacean shellfish'],
	crustacean: ['crustacean shellfish'],
	seafood: ['fish', 'crustacean shellfish', 'mollusks'],
	mollusk: ['mollusks'],
	mollusc: ['mollusks'],
	strawberry: ['strawberries']
};
