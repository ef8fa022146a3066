import { nameKey } from '../naming/naming.ts';
import type { SupplyUse } from './net.ts';

/** Last words of things that go back on their shelf. Common practice. */
const TOOLS = new Set(
	(
		'scissor ruler compass protractor clipboard magnet bowl tray bucket jar pan pot spoon fork knife ' +
		'tweezer tong plier goggle stapler punch hammer screwdriver scale balance thermometer timer stopwatch ' +
		'clock flashlight lamp mirror lens glass globe atlas map book tarp apron funnel strainer sieve pitcher ' +
		'beaker cup basket tub bin board easel brush paintbrush needle pin thimble pedometer measure ' +
		'stick chalkboard whiteboard die dice game puzzle marble block counter abacus camera phone tablet ' +
		'computer printer laminator trimmer cutter gun iron towel cloth blanket rope pencil pen marker crayon ' +
		'eraser sharpener pushpin hat vest whistle ball hoop cone microscope telescope binocular microphone ' +
		'speaker fan heater kettle plate platter mug mat dropper syringe bottle stencil stamp shovel rake ' +
		'trowel wagon bicycle ladder'
	).split(' ')
);

/** Words that make even a tool something to be used up. */
const DISPOSABLE = /\b(?:paper|disposable|craft|popsicle|plastic|glue|empty|cinnamon|butter|candy) /;

/**
 * Whether a thing is usually used up or kept, from its name alone. It is a suggestion that the
 * review shows and the household's own choice replaces.
 */
export function usualUse(item: string): SupplyUse {
	const key = nameKey(item.split(/ with | for | of /)[0]);
	if (DISPOSABLE.test(key)) return 'consumed';
	return TOOLS.has(key.split(' ').at(-1)!) ? 'kept' : 'consumed';
}
