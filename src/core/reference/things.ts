import type { PlaceAtHome, Staple, Use } from './at-home.ts';
import { namesIn } from './names-in.ts';

/**
 * What any sensible parent would say of a common thing: whether it comes back whole, whether a house has it, and
 * where. Common practice, no source. Names are singular; the longest name that ends a thing's own name counts, so
 * that "clear tape" is tape, and "measuring tape" is not.
 */

type Row = readonly [PlaceAtHome, Staple, Use, string];

/** Place, staple, use, and the names of which that is said, with commas between. */
const ROWS: readonly Row[] = [
	[
		'kitchen',
		'always',
		'kept',
		`
		 bowl, mixing bowl, plate, dish, glass, drinking glass, cup, mug, coffee mug, teacup, saucer, spoon,
		 tablespoon, teaspoon, wooden spoon, fork, knife, butter knife, pan, frying pan, skillet, pot, saucepan,
		 baking sheet, cookie sheet, baking pan, cake pan, pie plate, casserole dish, spatula, whisk, ladle,
		 tongs, colander, strainer, sieve, can opener, cutting board, measuring cup, measuring spoon, pitcher,
		 kettle, oven, stove, microwave, refrigerator, freezer, sink, toaster, table, kitchen table, counter,
		 dish towel, dishcloth, oven mitt, pot holder, potholder, hot pad, trivet, tray, peeler, vegetable
		 peeler, grater, lid, serving spoon, scoop, jug, silverware, utensil, kitchen timer, faucet, dishpan,
		 stool, bottle opener`
	],
	[
		'kitchen',
		'often',
		'kept',
		`
		 funnel, rolling pin, cookie cutter, muffin tin, muffin pan, cupcake pan, loaf pan, ice cube tray, mason
		 jar, jar, glass jar, canning jar, blender, mixer, hand mixer, electric mixer, kitchen
		 scale, food scale, timer, plastic container, container, food container, storage container,
		 cooler, thermos, water bottle, apron, tea towel, tablecloth, placemat, cooling rack, wire rack, turkey
		 baster, baster, garlic press, potato masher, masher, egg slicer, melon baller, pastry brush, basting
		 brush, tea ball, teapot, vase, chopstick, ice pack, lunch box, griddle, hot plate, slow cooker, waffle
		 iron, popcorn popper, coffee maker, coffee pot, food processor, mortar and pestle, salt shaker, pepper
		 shaker, salt and pepper shaker, pie pan, pie tin, cake plate, platter, basket, gravy boat, squeeze
		 bottle, candy thermometer, meat thermometer, kitchen thermometer, tea strainer, nutcracker, cookie
		 press, double boiler, ramekin, custard cup, wine glass, juicer, sifter, serving tray, egg cup, canister,
		 jar lid`
	],
	[
		'kitchen',
		'always',
		'used up',
		`
		 ice, ice cube, crushed ice, water, tap water, hot water, warm water, cold water, boiling water, ice
		 water, paper towel, napkin, paper napkin`
	],
	[
		'kitchen',
		'always',
		'some',
		`
		 dish soap, dishwashing liquid, liquid soap, dishwashing soap`
	],
	[
		'kitchen',
		'often',
		'used up',
		`
		 paper plate, paper cup, plastic cup, disposable cup, styrofoam cup, foam cup, foam plate, plastic plate,
		 paper bowl, plastic spoon, plastic fork, plastic knife, drinking straw, straw, bendy straw, paper straw,
		 plastic straw, toothpick, skewer, bamboo skewer, wooden skewer, coffee filter, paper bag, lunch bag,
		 paper lunch bag, paper sack, grocery bag, brown bag, zip-top bag, zip-lock bag, zipper bag, resealable
		 bag, sandwich bag, freezer bag, plastic bag, baggie, trash bag, garbage bag, cupcake liner, muffin
		 liner, baking cup, birthday candle, tealight, tea light, tea light candle, candle, votive candle, match,
		 wooden match, steel wool, sponge, scouring pad, doily, aluminum pan, food storage bag, styrofoam plate,
		 party hat, paper tablecloth, disposable tablecloth, plastic tablecloth, condiment cup, souffle cup,
		 plastic utensil, stirrer, coffee stirrer, stir stick`
	],
	[
		'kitchen',
		'often',
		'some',
		`
		 aluminum foil, tin foil, foil, plastic wrap, cling wrap, wax paper, waxed paper, parchment paper,
		 freezer paper, cooking spray, nonstick spray`
	],
	[
		'pantry',
		'often',
		'used up',
		`
		 flour, all-purpose flour, whole wheat flour, bread flour, sugar, brown sugar, powdered sugar,
		 confectioners sugar, granulated sugar, white sugar, baking soda, baking powder, cornstarch, corn starch,
		 corn syrup, cornmeal, corn meal, rice, brown rice, white rice, oat, rolled oat, oatmeal, pasta,
		 spaghetti, macaroni, elbow macaroni, noodle, lasagna noodle, penne, bean, dried bean, kidney bean, black
		 bean, lima bean, pinto bean, navy bean, lentil, split pea, dried pea, cereal, corn flake, cracker,
		 graham cracker, saltine, pretzel, pretzel stick, chip, potato chip, tortilla chip, tortilla, bread,
		 slice of bread, bun, bagel, pita, cookie, cookie crumb, marshmallow, mini marshmallow, raisin, popcorn,
		 popcorn kernel, unpopped popcorn, peanut butter, jelly, jam, honey, syrup, maple syrup, molasses,
		 chocolate chip, candy, hard candy, jelly bean, lollipop, gummy bear, gumdrop, licorice, chocolate,
		 chocolate bar, chocolate syrup, cocoa, cocoa powder, coconut, shredded coconut, nut, walnut, almond,
		 peanut, pecan, sunflower seed, pumpkin seed, sesame seed, dried fruit, dried cranberry, apple, red
		 apple, green apple, banana, orange, potato, sweet potato, onion, garlic, garlic clove, tomato, tomato
		 sauce, tomato paste, canned tomato, soup, broth, chicken broth, tuna, bouillon cube, tea, tea bag, tea
		 leaf, coffee, instant coffee, coffee ground, coffee bean, gelatin, unflavored gelatin, pudding, pudding
		 mix, instant pudding, cake mix, brownie mix, pancake mix, frosting, icing, sprinkle, drink mix, powdered
		 drink mix, lemonade mix, powdered milk, dry milk, evaporated milk, condensed milk, applesauce, pancake,
		 granola, trail mix, fruit snack, pickle, olive, salsa, sugar cube, bread crumb, breadcrumb, crouton,
		 shortening, yeast, active dry yeast, instant yeast, soda, soda pop, club soda, ginger ale, cola, juice
		 box, seltzer, sparkling water, peppermint, candy cane, mint, gum, chewing gum, ice cream cone, taco
		 shell, couscous, barley, quinoa, wheat berry, popcorn seed, chickpea, birdseed, marshmallow creme, fruit
		 leather, toast`
	],
	[
		'pantry',
		'often',
		'some',
		`
		 food coloring, food color, vanilla, vanilla extract, almond extract, peppermint extract, cinnamon,
		 ground cinnamon, ginger, ground ginger, nutmeg, clove, ground clove, allspice, paprika, turmeric, cumin,
		 chili powder, curry powder, oregano, dried basil, thyme, rosemary, parsley flake, bay leaf, garlic
		 powder, onion powder, mustard powder, cream of tartar, spice, pumpkin pie spice, cayenne pepper, red
		 pepper flake, vinegar, white vinegar, apple cider vinegar, cider vinegar, oil, vegetable oil, cooking
		 oil, olive oil, canola oil, corn oil, coconut oil, soy sauce, lemon juice, hot sauce, worcestershire
		 sauce`
	],
	[
		'pantry',
		'always',
		'some',
		`
		 salt, table salt, kosher salt, sea salt, pepper, black pepper`
	],
	[
		'pantry',
		'often',
		'used up',
		`
		 cinnamon stick, whole clove, peppercorn, vanilla bean, star anise`
	],
	[
		'pantry',
		'rarely',
		'used up',
		`
		 matzo, chocolate coin, alum, xanthan gum, rock salt, ice cream salt, epsom salt, agar, agar agar, citric
		 acid, tapioca, edible glitter, rice paper, seaweed, nori, phyllo dough, unsweetened chocolate, candy
		 melt, rock candy, pine nut, hominy, masa harina, rose water, bird seed, suet, teff, millet, spelt, fig,
		 date, pomegranate, mango, papaya, kiwi, star fruit, passion fruit, coconut milk, marzipan, fondant,
		 hardtack, jerky, beef jerky, dried apricot, lard, edible flower`
	],
	[
		'fridge',
		'often',
		'used up',
		`
		 milk, whole milk, egg, raw egg, hard-boiled egg, boiled egg, egg white, egg yolk, butter, margarine,
		 cheese, cheddar cheese, cheese slice, string cheese, cream cheese, cottage cheese, parmesan cheese,
		 mozzarella cheese, yogurt, sour cream, mayonnaise, ketchup, mustard, juice, orange juice, apple juice,
		 grape juice, cranberry juice, lemonade, carrot, baby carrot, celery, celery stalk, celery stick,
		 lettuce, spinach, cabbage, broccoli, cauliflower, cucumber, green pepper, bell pepper, corn, ear of
		 corn, pea, frozen pea, green bean, mushroom, lemon, lime, grape, strawberry, blueberry, raspberry,
		 berry, fruit, vegetable, meat, ground beef, hamburger, chicken, bacon, ham, lunch meat, hot dog,
		 sausage, fish fillet, ice cream, vanilla ice cream, popsicle, frozen fruit, frozen vegetable, salad
		 dressing, whipped topping, salad, frozen orange juice, pear, peach, plum, cherry, watermelon, melon,
		 cantaloupe, pineapple, zucchini, squash, pumpkin, radish, beet, turnip, kale, avocado, green onion, dip,
		 hummus`
	],
	[
		'fridge',
		'rarely',
		'used up',
		`
		 heavy cream, whipping cream, heavy whipping cream, half and half, buttermilk, red cabbage, fresh basil,
		 fresh herb, fresh parsley, fresh mint, fresh ginger, ginger root, bean sprout, sprout, tofu, rhubarb,
		 leek, fennel, artichoke, asparagus, eggplant, brussels sprout, cranberry, fresh cranberry, whole fish,
		 liver, chicken bone, chicken leg, chicken wing, bone, beef heart, ricotta cheese, feta cheese, pie
		 crust, puff pastry, cookie dough, biscuit dough, dry ice`
	],
	[
		'bathroom',
		'always',
		'kept',
		`
		 towel, bath towel, hand towel, washcloth, wash cloth, mirror, bathtub, tub, toothbrush, hairbrush, hair
		 brush, comb, hair dryer, blow dryer, bathroom scale, toilet`
	],
	[
		'bathroom',
		'often',
		'kept',
		`
		 hand mirror, tweezers, tweezer, nail file, nail clipper, shower curtain, loofah, headband, hair clip,
		 barrette, bobby pin, plunger, soap dish, old toothbrush`
	],
	[
		'bathroom',
		'always',
		'some',
		`
		 soap, bar of soap, hand soap, shampoo, baby shampoo, conditioner, toothpaste, lotion, hand lotion,
		 toilet paper, tissue, facial tissue, deodorant`
	],
	[
		'bathroom',
		'often',
		'some',
		`
		 shaving cream, baby oil, baby powder, talcum powder, body lotion, hair gel, hairspray, hair spray,
		 mouthwash, nail polish, nail polish remover, acetone, petroleum jelly, sunscreen, lip balm, lipstick,
		 makeup, perfume, dental floss, floss, cotton wool, body wash, bubble bath, hand sanitizer, makeup
		 remover, aftershave, bath salt`
	],
	[
		'bathroom',
		'often',
		'used up',
		`
		 cotton ball, cotton swab, cotton pad, cotton round, baby wipe, wet wipe, wipe, razor blade, hair tie,
		 emery board, shower cap`
	],
	[
		'medicine cabinet',
		'often',
		'used up',
		`
		 bandage, adhesive bandage, gauze, gauze pad, medical tape, elastic bandage, rubber glove, latex glove,
		 disposable glove, plastic glove, vitamin, aspirin, antacid, antacid tablet, effervescent tablet, tongue
		 depressor, face mask, surgical mask`
	],
	[
		'medicine cabinet',
		'often',
		'some',
		`
		 rubbing alcohol, isopropyl alcohol, alcohol, hydrogen peroxide, peroxide, antiseptic, calamine lotion,
		 witch hazel, antibiotic ointment, eye drop, saline solution, contact lens solution, contact solution`
	],
	[
		'medicine cabinet',
		'often',
		'kept',
		`
		 thermometer, eyedropper, eye dropper, dropper, medicine dropper, medicine cup, first aid kit, hot water
		 bottle, heating pad, syringe`
	],
	[
		'medicine cabinet',
		'rarely',
		'some',
		`
		 iodine, tincture of iodine, milk of magnesia, glycerin, mineral oil, castor oil, essential oil, zinc
		 oxide`
	],
	[
		'laundry',
		'always',
		'kept',
		`
		 washing machine, dryer, laundry basket, iron, ironing board, rag, old towel, broom, mop, dustpan, dust
		 pan, vacuum, vacuum cleaner, trash can, wastebasket, garbage can`
	],
	[
		'laundry',
		'often',
		'kept',
		`
		 clothespin, clothes pin, wooden clothespin, spring clothespin, clothesline, bucket, pail, spray bottle,
		 scrub brush, feather duster, drying rack, dish pan, wash tub, washtub`
	],
	[
		'laundry',
		'often',
		'some',
		`
		 laundry detergent, detergent, bleach, fabric softener, liquid starch, starch, spray starch, stain
		 remover, ammonia, window cleaner, glass cleaner, cleaning spray, washing powder, powdered detergent,
		 washing soda`
	],
	[
		'laundry',
		'rarely',
		'some',
		`
		 borax, dryer sheet, cleanser, bluing, laundry bluing`
	],
	[
		'laundry',
		'often',
		'used up',
		`
		 dryer lint, lint`
	],
	[
		'closet',
		'always',
		'kept',
		`
		 chair, couch, sofa, bed, pillow, bed pillow, blanket, bed sheet, bedsheet, pillowcase, pillow case,
		 shirt, old shirt, sock, old sock, shoe, running shoe, sneaker, boot, coat, jacket, sweater, hat, cap,
		 scarf, glove, mitten, dress, skirt, pants, jeans, shorts, clothes, clothing, belt, coat hanger, hanger,
		 wire hanger, wire coat hanger, lamp, stairs, step, door, wall, window, floor, rug, carpet, curtain,
		 shelf, light switch, light, backpack, suitcase, purse, umbrella, pajamas, swimsuit, bathing suit, robe,
		 bathrobe, tie, necktie, t-shirt, old t-shirt, bag, tote bag, sunglasses, watch, jewelry, bench,
		 furniture, dresser, desk, cushion, rain coat, raincoat, bandana, handkerchief, quilt, sleeping bag`
	],
	[
		'closet',
		'often',
		'kept',
		`
		 flashlight, fan, electric fan, shoebox lid, camera, binoculars, headphones, cardboard box, shoe box,
		 shoebox, large cardboard box, large box, box, gift box, tarp, tent, lantern, extension cord, vaporizer,
		 humidifier, picnic blanket, beach towel, old sheet, old clothes, bow, ornament, christmas light, string
		 of lights, wrapping ribbon, photo album, picture frame, yoga mat, exercise mat, jump mat, dress-up
		 clothes, costume jewelry`
	],
	[
		'closet',
		'often',
		'used up',
		`
		 wrapping paper, gift wrap, tissue paper, gift bag, balloon, party streamer, streamer, crepe paper, light
		 bulb, battery, aa battery, aaa battery, d battery, c battery, 9-volt battery, d-cell battery, aa, moving
		 box, bubble wrap`
	],
	[
		'closet',
		'rarely',
		'kept',
		`
		 costume, pirate costume, crown, cape, mask, wig, toga, kilt, kimono, sari, black light`
	],
	[
		'school supplies',
		'always',
		'kept',
		`
		 pencil, #2 pencil, sharpened pencil, eraser, pencil sharpener, pen, ballpoint pen, ruler, scissors,
		 blunt-tip scissors, safety scissors`
	],
	[
		'school supplies',
		'often',
		'kept',
		`
		 colored pencil, crayon, box of crayons, marker, washable marker, fine-tip marker, felt-tip pen,
		 highlighter, clipboard, notebook, composition notebook, science notebook, journal, nature journal, math
		 journal, spiral notebook, sketchbook, sketch pad, binder, three-ring binder, folder, pocket folder,
		 protractor, drawing compass, calculator, whiteboard, white board, dry erase board, dry-erase board, dry
		 erase marker, dry-erase marker, whiteboard marker, chalkboard, chalkboard eraser, globe, map, world map,
		 wall map, u.s. map, timeline, flash card, hole punch, hole puncher, single hole punch, yardstick, yard
		 stick, meter stick, metre stick, magnifying glass, magnifier, hand lens, hand-lens, magnifying lens,
		 pencil case, pencil box, bookmark, calendar, pointer, permanent marker, poster, picture, chart,
		 workbook, textbook, stopwatch, math manipulative, counting bear, base ten block, pattern block, fraction
		 bar, tangram, geoboard, multiplication chart, number line, abacus, graph, atlas, student atlas, student
		 book, lab notebook, printable, binder clip, photo, photograph, postcard, worksheet laminated, sentence
		 strip holder`
	],
	[
		'school supplies',
		'often',
		'used up',
		`
		 paper, sheet of paper, notebook paper, lined paper, plain paper, white paper, blank paper, scrap paper,
		 drawing paper, construction paper, black construction paper, graph paper, copy paper, card stock,
		 cardstock, white card stock, index card, note card, notecard, poster board, posterboard, tag board,
		 tagboard, oak tag, sentence strip, chart paper, worksheet, handout, sticky note, sticker, label, name
		 tag, sheet protector, report cover, butcher paper, manila folder, file folder, paper strip, strip of
		 paper, tracing paper, reinforcement, loose-leaf paper, printer paper, computer paper, colored paper,
		 chalk, sidewalk chalk, stick-on star, star sticker, paper square, certificate`
	],
	[
		'school supplies',
		'often',
		'some',
		`
		 glue, white glue, school glue, glue stick, tape, clear tape, transparent tape, masking tape, rubber
		 cement, correction fluid, sticky tack, poster putty, double-sided tape, double-stick tape, packing tape,
		 washi tape, glue dot`
	],
	[
		'office',
		'often',
		'kept',
		`
		 stapler, tape dispenser, computer, laptop, printer, tablet, phone, cell phone, smartphone, telephone,
		 scanner, paper clip, paperclip, large paper clip, push pin, pushpin, thumbtack, thumb tack, tack, letter
		 opener, clock, alarm clock, radio, speaker, cd player, dvd player, television, tv, video camera, ink
		 pad, stamp pad, paper cutter, paper trimmer, laminator, file box, in-tray, remote control, microphone,
		 headset, usb drive, bulletin board, cork board, magnetic board, corkboard`
	],
	[
		'office',
		'often',
		'used up',
		`
		 envelope, large envelope, rubber band, elastic band, staple, stamp, postage stamp, laminating pouch,
		 laminating sheet, contact paper, address label, printer ink, business card, shredded paper,
		 transparency, transparency sheet, overhead transparency, acetate, acetate sheet, check`
	],
	[
		'office',
		'rarely',
		'kept',
		`
		 projector, overhead projector, metronome, cassette player, tape recorder, light table, light box`
	],
	[
		'art supplies',
		'often',
		'kept',
		`
		 paintbrush, paint brush, foam brush, watercolor brush, smock, paint smock, paint shirt, easel, palette,
		 stencil, stamp set, watercolor set, watercolors, watercolor paint set, oil pastel, pastel, chalk pastel,
		 colored chalk, play dough, playdough, modeling clay, plasticine, craft knife, hot glue gun, glue gun,
		 paint tray, rubber stamp, pinking shears, fancy scissors, roller, paint roller, brayer, art smock, paint
		 palette, drop cloth, charcoal pencil, sketch pencil`
	],
	[
		'art supplies',
		'often',
		'used up',
		`
		 craft stick, popsicle stick, lolly stick, wooden craft stick, jumbo craft stick, pipe cleaner, chenille
		 stem, pom-pom, pompom, pom pom, googly eye, wiggle eye, wiggly eye, feather, craft feather, bead, wooden
		 bead, sequin, craft foam, foam sheet, felt square, paper fastener, brass fastener, brad, brass brad,
		 metal brad, cotton batting, tissue paper square, crepe streamer, craft paper, kraft paper, finger paint
		 paper, paint stick, clay, magnet strip, magnetic tape, magnetic strip, raffia, ribbon scrap, foam
		 sticker, foam shape, wooden stick, jewel, rhinestone, gem, bell, jingle bell, doll hair, moss, wood
		 slice`
	],
	[
		'art supplies',
		'often',
		'some',
		`
		 paint, washable paint, tempera paint, acrylic paint, watercolor, watercolor paint, poster paint, finger
		 paint, fingerpaint, craft glue, tacky glue, glitter, glitter glue, hot glue, fabric glue, craft paint,
		 ink, india ink, puffy paint`
	],
	[
		'art supplies',
		'rarely',
		'some',
		`
		 face paint, decoupage glue, fabric paint, spray paint, glow-in-the-dark paint, glow paint, metallic
		 paint, gold paint, silver paint, liquid watercolor, printing ink, block printing ink, fabric dye, dye,
		 varnish, shellac, gesso, fixative, oil paint, spray adhesive, clear acrylic spray, calligraphy ink,
		 epoxy, resin`
	],
	[
		'art supplies',
		'rarely',
		'used up',
		`
		 origami paper, air-dry clay, air dry clay, polymer clay, pony bead, seed bead, styrofoam ball, foam
		 ball, foam cone, styrofoam cone, styrofoam block, styrofoam, foam block, foam board, foamboard, foam
		 core, foam core board, cellophane, colored cellophane, watercolor paper, rice paper sheet, scratch art
		 paper, sun print paper, paper mache, papier-mâché, plaster strip, plaster cloth, plaster gauze, wood
		 shape, craft wire, copper foil, mosaic tile, canvas, parchment scroll, vellum, shrink plastic, wax,
		 beeswax, beeswax sheet, paraffin wax, paraffin, candle wick, wick, wool roving, roving, calligraphy
		 paper, papyrus, quill, leather lacing, leather scrap, bamboo, reed`
	],
	[
		'art supplies',
		'rarely',
		'kept',
		`
		 loom, weaving loom, linoleum cutter, lino cutter, calligraphy pen, pottery wheel, clay tool, mosaic
		 mold, candy mold, mold, soap mold, wood burning tool, airbrush, linoleum block, screen printing frame,
		 paper crimper`
	],
	[
		'games and toys',
		'often',
		'kept',
		`
		 deck of cards, playing card, card deck, pack of cards, die, dice, domino, marble, block, building block,
		 wooden block, toy car, car toy, toy, toy boat, toy truck, train set, toy train, doll, action figure,
		 plastic animal, toy animal, plastic dinosaur, dinosaur, stuffed animal, puppet, ball, tennis ball,
		 ping-pong ball, ping pong ball, rubber ball, bouncy ball, basketball, soccer ball, baseball, football,
		 golf ball, beach ball, playground ball, bat, baseball bat, jump rope, hula hoop, puzzle, jigsaw puzzle,
		 board game, game, chess set, checker, checkerboard, chessboard, play money, bean bag, beanbag, wagon,
		 tricycle, bicycle, bike, scooter, skateboard, sled, yo-yo, spinning top, top, kite, magnetic tile,
		 spinner, game spinner, dollhouse, play food, play kitchen, toy figure, figurine, plastic egg, easter
		 egg, plastic bug, plastic insect, balance board, xylophone, drum, tambourine, whistle, recorder, kazoo,
		 harmonica, rhythm stick, rhythm instrument, maraca, triangle, musical instrument, guitar, piano,
		 keyboard, sand toy, squirt gun, water toy, bubble wand, ring toss, penny, coin, nickel, dime, quarter,
		 dollar bill, memory game, sorting toy, shape sorter, stacking ring, puzzle piece, toy soldier, toy
		 phone, doctor kit`
	],
	[
		'games and toys',
		'often',
		'used up',
		`
		 bubble solution, bubbles, water balloon, glow stick, popper`
	],
	[
		'games and toys',
		'rarely',
		'kept',
		`
		 parachute, trampoline, pinata, rubber snake, marble run, remote control car, model airplane, model
		 rocket, toy glider, pinwheel, gyroscope, kaleidoscope, prism, stilt, croquet set, horseshoe,
		 shuttlecock, badminton racket, sombrero, castanets, didgeridoo, rain stick, pan flute, dreidel, mancala,
		 mancala board`
	],
	[
		'bookshelf',
		'always',
		'kept',
		`
		 book, bible, dictionary, read-aloud, story`
	],
	[
		'bookshelf',
		'often',
		'kept',
		`
		 picture book, storybook, library book, field guide, bird guide, encyclopedia, cookbook, chapter book,
		 novel, biography, poem, poetry book, nonfiction book, reader, hymnal, thesaurus, almanac, guidebook, cd,
		 dvd, audiobook, movie`
	],
	[
		'sewing box',
		'often',
		'kept',
		`
		 needle, sewing needle, straight pin, pin, safety pin, tape measure, measuring tape, thimble, pin
		 cushion, seam ripper, button, large button, zipper, fabric scissors, sewing scissors, snap, hook and
		 eye, sewing kit`
	],
	[
		'sewing box',
		'often',
		'some',
		`
		 thread, white thread, sewing thread, yarn, ribbon, elastic, lace, trim, hook and loop tape, felt,
		 fabric, cloth, fabric scrap, scrap of fabric, cotton fabric, piece of fabric, piece of cloth, piece of
		 felt, batting, rickrack, bias tape, cord`
	],
	[
		'sewing box',
		'rarely',
		'kept',
		`
		 sewing machine, knitting needle, crochet hook, embroidery hoop, large-eye needle, tapestry needle,
		 plastic needle, yarn needle, darning needle, spindle, drop spindle`
	],
	[
		'sewing box',
		'rarely',
		'used up',
		`
		 muslin, burlap, cheesecloth, embroidery floss, embroidery thread, interfacing, tulle, netting, leather,
		 fake fur, faux fur, wool, silk, stuffing, polyester stuffing, fiberfill, jute, satin, fleece, plastic
		 canvas, iron-on transfer, quilting fabric`
	],
	[
		'toolbox or garage',
		'often',
		'kept',
		`
		 hammer, screwdriver, pliers, plier, wrench, saw, hand saw, drill, level, spirit level, clamp, c-clamp,
		 ladder, step ladder, stepladder, utility knife, wire cutter, wire cutters, tin snips, metal file,
		 chisel, toolbox, safety glasses, safety goggles, goggles, work glove, workbench, vise, sawhorse, hose,
		 garden hose, wheelbarrow, shovel, rake, trowel, garden trowel, spade, hoe, watering can, pruning shears,
		 flower pot, flowerpot, planter, garden glove, plastic bucket, rope, bungee cord, chain, crowbar, axe,
		 hatchet, hacksaw, mallet, brick, cinder block, board, wooden board, plywood, piece of wood, wood block,
		 block of wood, scrap wood, 2x4, wood, bolt, hook, hinge, screw eye, cup hook, washer, metal washer, nut
		 and bolt, spring, caulk gun, plastic bin, storage bin, tire, inner tube, bike pump, air pump, fishing
		 rod, fishing pole, fishing net, helmet, compass, stake, tent stake, wire mesh, magnet, refrigerator
		 magnet, paint can, spray nozzle, dowel, wooden dowel, dowel rod`
	],
	[
		'toolbox or garage',
		'often',
		'used up',
		`
		 nail, finishing nail, screw, wood screw, wire, copper wire, sandpaper, zip tie, cable tie, twist tie,
		 cardboard sheet, plastic sheeting, steel wool pad, paint stirrer, paint stir stick, furniture pad,
		 picture hook`
	],
	[
		'toolbox or garage',
		'often',
		'some',
		`
		 duct tape, electrical tape, super glue, superglue, wood glue, string, twine, fishing line, motor oil,
		 caulk, silicone caulk, house paint, primer, lubricant, lamp oil, charcoal lighter, gasoline, kerosene,
		 wood stain, painter’s tape, painters tape, blue tape`
	],
	[
		'toolbox or garage',
		'rarely',
		'kept',
		`
		 pvc pipe, copper pipe, copper tubing, plastic tubing, rubber tubing, clear tubing, aquarium tubing,
		 tubing, pulley, alligator clip, alligator clip lead, alligator lead, battery holder, bulb holder, light
		 socket, switch, buzzer, small motor, motor, dc motor, multimeter, soldering iron, ball bearing, gear,
		 wood plank, hot wax melter, hand drill, post hole digger, sheet metal, screen, window screen, chicken
		 wire, hardware cloth, lath`
	],
	[
		'toolbox or garage',
		'rarely',
		'used up',
		`
		 cement, quick-set cement, concrete, quick-setting concrete, mortar, grout, insulated wire, bell wire,
		 magnet wire, solder, fertilizer, plant food, weed killer, vermiculite, perlite, peat moss, potting mix,
		 potting soil, spackle, roofing nail, copper sheet, aluminum flashing, charcoal briquette, wood chip,
		 sawdust, straw bale, hay, mulch, landscape fabric, pea gravel`
	],
	[
		'recycling',
		'often',
		'used up',
		`
		 newspaper, old newspaper, old magazine, magazine, catalog, junk mail, cardboard, corrugated cardboard,
		 piece of cardboard, cardboard tube, paper towel tube, paper towel roll, toilet paper tube, toilet paper
		 roll, toilet roll, wrapping paper tube, egg carton, milk carton, milk jug, empty milk jug, juice carton,
		 plastic bottle, soda bottle, 2-liter bottle, 2-liter soda bottle, empty water bottle, empty bottle,
		 plastic soda bottle, tin can, can, empty can, soup can, soda can, aluminum can, coffee can, cereal box,
		 empty cereal box, tissue box, empty tissue box, oatmeal container, oatmeal box, yogurt cup, yogurt
		 container, margarine tub, bottle cap, bottle top, plastic lid, styrofoam tray, meat tray, foam tray,
		 cracker box, empty box, berry basket, strawberry basket, packing peanut, film canister, empty jar,
		 eggshell, egg shell, nut shell, walnut shell, orange peel, banana peel, fruit peel, vegetable scrap,
		 food scrap, apple core, tin lid, juice can, frozen juice can, pizza box, detergent bottle, spool, empty
		 spool, thread spool, chip can, coffee can lid, old cd, recyclable, recycled material, trash`
	],
	[
		'outdoors or yard',
		'often',
		'used up',
		`
		 leaf, fallen leaf, green leaf, dead leaf, dry leaf, stick, twig, branch, small stick, small branch,
		 bark, tree bark, acorn, pinecone, pine cone, pine needle, seed pod, grass, grass clipping, dirt, soil,
		 topsoil, garden soil, mud, sand, gravel, flower, wildflower, dandelion, weed, clover, snow, pond water,
		 rainwater, rain water, creek water, river water, fern, cattail, worm, earthworm, ladybug, ant, pill bug,
		 insect, bug, caterpillar, cricket, snail, tadpole, spider, spider web, bird nest, nest, log, plant,
		 potted plant, houseplant, natural material, nature item, natural object, nature treasure, pussy willow,
		 evergreen sprig, holly, ash, firewood, kindling, compost, flower petal, petal, blade of grass`
	],
	[
		'outdoors or yard',
		'often',
		'kept',
		`
		 rock, stone, small rock, pebble, smooth stone, large rock, flat rock, shell, seashell, sea shell, bird
		 feeder, birdhouse, bird bath, sandbox, swing, slide, picnic table, playground, mailbox, fence, tree,
		 bush, grill, campfire ring, lawn chair, patio, driveway, wading pool, kiddie pool, swimming pool,
		 sprinkler, bug box, insect net, butterfly net, net, weather vane, wind chime, compost bin, tree stump,
		 stump`
	],
	[
		'outdoors or yard',
		'rarely',
		'used up',
		`
		 seed, radish seed, bean seed, grass seed, flower seed, vegetable seed, marigold seed, wheat seed, pea
		 seed, corn seed, lima bean seed, tulip bulb, flower bulb, seed packet, seedling, tomato plant, bean
		 plant, herb plant, elodea, pond plant, play sand, venus flytrap`
	],
	[
		'shop only',
		'rarely',
		'kept',
		`
		 bar magnet, horseshoe magnet, ring magnet, disc magnet, neodymium magnet, magnet wand, microscope,
		 telescope, test tube, test tube rack, beaker, flask, graduated cylinder, petri dish, pipette, balance
		 scale, balance, spring scale, pan balance, triple beam balance, weight set, gram weight, microscope
		 slide, glass microscope slide, prepared slide, cover slip, slide cover slip, glass slide, glass prism,
		 convex lens, concave lens, lens, concave mirror, laser pointer, tuning fork, sundial, barometer,
		 anemometer, rain gauge, weather station, hygrometer, wind gauge, solar panel, solar cell, circuit kit,
		 led, led light, light-emitting diode, resistor, mini light bulb, flashlight bulb, human skeleton model,
		 skeleton model, skeleton, human torso model, torso model, model of the heart, heart model, brain model,
		 eye model, solar system model, planet model, rock collection, mineral set, mineral sample, rock sample,
		 fossil, fossil set, geode, crystal set, gemstone, ant farm, aquarium, fish tank, terrarium, butterfly
		 habitat, incubator, hand crank generator, hand boiler, newton’s cradle, radiometer, stethoscope, blood
		 pressure cuff, dissection kit, dissecting tray, scalpel, lab coat, ring stand, bunsen burner, alcohol
		 burner, alcohol lamp, wire gauze, tripod, crucible, evaporating dish, watch glass, stirring rod, glass
		 stirring rod, rubber stopper, stopper, cork, glass tubing, relief map, star chart, planisphere, timeline
		 figure set, sculpture, flag, american flag, artifact, replica, arrowhead, coin collection, menorah,
		 prayer rug, rosary, icon, tatami, sitar, thumb piano, model, robot, robot kit, drone, kit, science kit,
		 chemistry set, star map, force meter, periodic table, aquarium gravel`
	],
	[
		'shop only',
		'rarely',
		'used up',
		`
		 plaster of paris, plaster, casting plaster, litmus paper, ph paper, ph strip, ph test strip, red cabbage
		 indicator, universal indicator, phenolphthalein, copper sulfate, iron filing, iron powder, magnesium
		 ribbon, zinc strip, copper strip, calcium chloride, sodium polyacrylate, water bead, activated charcoal,
		 owl pellet, frog specimen, earthworm specimen, crayfish, brine shrimp, brine shrimp egg, silkworm,
		 mealworm, butterfly larva, caterpillar kit, ladybug larva, goldfish, feeder fish, hermit crab, triop,
		 distilled water, deionized water, agar plate, nutrient agar, yeast culture, bacteria culture, methylene
		 blue, iodine solution, benedict’s solution, cow eye, sheep heart, squid, sugar glass, sparkler, model
		 rocket engine, fireworks, filter paper, chromatography paper, indicator paper, glow powder, wooden
		 wheel, balsa wood, balsa, balsa wood sheet, craft mirror, mylar, mylar sheet, mylar balloon, helium
		 balloon, helium, incense, frankincense, myrrh, gold leaf, silver leaf, chain mail ring, powdered
		 tempera, sculpting wire, armature wire, pheasant feather, corn husk, gourd, sugar cane, wheat stalk,
		 cotton boll, raw cotton, raw wool, flax, tobacco, honeycomb, bamboo pole, goat milk, rennet, cheese
		 culture, kefir grain, seed tray, peat pot, peat pellet, raw milk`
	]
];

/** What is said of each common name. */
export const THINGS = ROWS.flatMap(([place, staple, use, names]) =>
	namesIn(names).map((name) => ({ name, place, staple, use }))
);
