/**
 * Words that stand in titles of books and are not the first or last word of a person's name. Common practice, no
 * source: a name that can be both (Brook, Rose, Hill) stands among `PLACE_NAMES` or is left out.
 */
const set = (words: string): ReadonlySet<string> => new Set(words.split(/\s+/));

export const TITLE_WORDS = set(
	`a about above across after again all almost alone along always among an ancient and animal animals another ant ants
	 apple apples are around art at atlas autumn away baby bad ball balloon balloons band bat bats bear bears beautiful
	 beaver beavers because bed bee bees beetle beetles before behind bell bells below beneath best better between
	 beyond big bird birds black blue boat boats body bone bones book books boot boots box boxes boy boys bread bridge
	 bridges bright broken brother brothers brown bubble bubbles bucket buckets bug bugs build building bus busy butter
	 butterflies butterfly button buttons by cake called camp can canoe cap car caravan card cards carpet carrot cars
	 castle castles cat caterpillar caterpillars cats cave caves chair chalk chicken chickens child children city clay
	 clock clocks cloth cloud clouds coat coats cold color colors come copper corn corner counting country cow cows crab
	 crabs cricket crickets crow crows cup cups dance dancing dark day days dear deep desert did dig digging dinner
	 dinosaur dinosaurs dirt do does dog dogs donkey door doors down dragon dragonflies dragonfly dragons dream dreams
	 drum drums duck ducks dust each eagle eagles ear early ears earth easy echo egg eggs eight elephant elephants eleven
	 empty end every everyone everything eye eyes face fair fairy falling family far farm farms fast father feather
	 feathers feet field fifty find finding fire first fish five flight floating floats flood floor flour flower flowers
	 fly flying fog food foot for forgotten fossil fossils four fox foxes friend friends frog frogs from frozen fruit full
	 funny garden gardens gate gates ghost ghosts giant giants gift girl girls glass go goat goats going gold golden good
	 goodbye goose grandfather grandma grandmother grandpa grass gray great green ground grow growing growth gull gulls hand
	 hands happy hare harvest hat hats hatching have hawk hear heart heavy hello hen hens her here hero heroes hidden
	 hide high hive home honey horn horse horses hot house houses how hum hundred hungry i ice if in inside insect
	 insects instrument instruments into is island islands it its jar jars journey jungle jump kettle key keys king kings
	 kitchen kite kites ladder lady ladybug lamp lamps land lantern lanterns last late leaf learn learning leaves letter
	 letters library life light lightning like line lion lions listen listening little live lives living log long look
	 looking lost loud low machine machines magic make makes making man many map maps market me meadow meet meets metal
	 mice middle midnight milk mill mirror mirrors monkey monkeys moon moonlight more morning moss most moth mother moths
	 mountain mountains mouse mouses moving mud museum music my name near neighbor neighbors nest nests net never new next
	 night nights nine no noise noisy north not nothing now number numbers oak ocean oceans octopus odd of off old on once
	 one only onion open orchard our out outside over owl owls ox paint painted paper parade party path paths peep pebble
	 pebbles pen people picture pictures pie pig pigs pine pipe pipes pirate pirates places plain plant planting plants
	 play playing pocket poems pond ponds pony pot potato potatoes princess puddle puddles pumpkin puppy queen question
	 questions quick quiet quilt rabbit rabbits race rain rainbow rainy rattles raven red reeds rhyme rhymes riddle
	 riddles ride river rivers road roads robot robots rock rocks roof room roots rope round rumble run running sad sail
	 sailing sails salt same sand scarf school science sea seas season seasons secret secrets seed seeds seven shadow
	 shadows sheep shell shells ship ships shoe shoes shore short show sing singing sister sisters six sky sleep sleeping
	 slow small snail snails snake snakes snow snowy soft soil some something song songs sound sounds soup south space
	 spider spiders spring squirrel squirrels star stars stick sticks stone stones stories storm storms story strange
	 straw stream streams street string strings strong summer sun sunny sweet swim swimming table tail tails tale tales
	 tall tea teeth tell ten tent that the their then there these they thimble thing things this thousand three thread
	 through thunder tide tides tiger tigers time tin tiny to toad toads together tomorrow too tooth top tower town toy
	 train trains treasure tree trees trip truck trucks true tunnel turtle turtles twelve twenty twigs two umbrella uncle
	 under until up upon us very village violin voice voices volcano volcanoes voyage wagon waiting walk walking wall walls
	 wanted warm was water watch watching waters wave waves way we weather weaving web week well were west wet whale whales
	 what wheel wheels when where whisper whispers whistle white who whole why wild will wind window windows winds wings
	 winter wish with without wolf wolves woman wonder wonderful wood wooden wool word words world worm worms yard year
	 years yellow yes you young your zoo stripes fin fins paws whiskers hooves beaks`
);

/** Family names that are places, too: "A Winter Walk by Heather Brook" may say where one walks. */
export const PLACE_NAMES = set(
	`brook brooks hill hills lake lakes wood woods forest pond field fields stream bay beach creek harbor harbour shore
	 river moor moors marsh heath vale valley glen mead meadow meadows ford bridge church mill cliff park garden lane
	 street field sea sands dale rivers banks grove bush island falls springs canyon ridge crossing landing cove point`
);

/** Words behind "by" that say how, when or where, and are no author. */
export const NO_AUTHORS = set(
	`moonlight candlelight firelight starlight lamplight sunlight daylight night day hand heart train boat bus car bike
	 foot land sea air mail myself yourself herself himself itself themselves ourselves design mistake magic number
	 numbers step one two color colors water side chance surprise accident name flashlight`
);
