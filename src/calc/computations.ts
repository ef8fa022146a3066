import loadHighs from 'highs';
import Joi from 'joi';
import { packs, type PacksInput } from '../core/buying/index.ts';
import { teachingDays, type TeachingDaysInput } from '../core/calendar/index.ts';
import { chooseActivities, type ChoiceInput } from '../core/choice/index.ts';
import { convert, exact, type MeasureSystem, type Unit } from '../core/measure/index.ts';
import { readBookLine, readIsbn, trips, type TripsInput } from '../core/library/index.ts';
import { booklet, cards, printRun, type Flip, type PrintRunInput } from '../core/print/index.ts';
import { thickness, type StackInput } from '../core/binders/index.ts';
import { pack, type PackInput } from '../core/boxes/index.ts';
import { prep, type PrepInput } from '../core/prepare/index.ts';
import { FILED_AS, STOCKS, UNITS } from '../core/reference/index.ts';
import { readContents } from '../core/plan/index.ts';
import { readingPlan, type ReadingPlanInput } from '../core/reading/index.ts';
import { solveWith } from '../lib/solver/highs.ts';
import {
	readSupplyLine,
	readSupplyList,
	requirements,
	thingOf,
	type RequirementsInput
} from '../core/supplies/index.ts';

/** One computation of the command: what it takes, and the core function that answers. */
export type Computation = {
	readonly about: string;
	readonly schema: Joi.ObjectSchema;
	readonly run: (input: never) => object | Promise<object>;
};

const day = Joi.string()
	.pattern(/^\d{4}-\d{2}-\d{2}$/)
	.messages({ 'string.pattern.base': '{{#label}} must be a date such as 2027-01-12' });
const text = Joi.string();
const unit = Joi.string().valid(...UNITS);
const quantity = Joi.number().unsafe().min(0);
const cents = Joi.number().integer().min(0);
/** After so long the best found so far is the answer, with a bound. */
const PACKS_LIMIT_MS = 5000;
const whole = Joi.number().integer().min(1).messages({
	'number.base': '{{#label}} must be a whole number, 1 or more',
	'number.integer': '{{#label}} must be a whole number, 1 or more',
	'number.min': '{{#label}} must be a whole number, 1 or more'
});

/** A lesson of a unit as `supply-list` takes it. */
type UnitLesson = {
	readonly number: number;
	readonly week: number | null;
	readonly day: number | null;
	readonly title: string;
};
const unitLesson = Joi.object<UnitLesson>({
	number: whole.required(),
	week: whole.allow(null).default(null),
	day: whole.allow(null).default(null),
	title: Joi.string().allow('').default('')
});

/** Millimeters. */
const measure = Joi.number().greater(0);

/** Cents with parts of a cent; null where nobody knows. */
const price = Joi.number().min(0).allow(null);
const stock = Joi.string().valid(...STOCKS.map(({ code }) => code));
const pricesOfStocks = Joi.object(Object.fromEntries(STOCKS.map(({ code }) => [code, price]))).allow(null);

/** What `imposition` takes. */
type ImpositionInput =
	| { readonly kind: 'booklet'; readonly pages: number }
	| {
			readonly kind: 'cards';
			readonly cards: number;
			readonly rows: number;
			readonly columns: number;
			readonly flip: Flip | null;
	  };
const onlyFor = (kind: 'booklet' | 'cards', schema: Joi.Schema) =>
	Joi.when('kind', { is: kind, then: schema.required(), otherwise: Joi.forbidden() });

function computation<Input>(
	about: string,
	fields: Joi.SchemaMap,
	run: (input: Input) => object | Promise<object>
): Computation {
	return { about, schema: Joi.object(fields).required(), run: run as Computation['run'] };
}

/** Every computation of the command, by the name used in `do`. */
export const COMPUTATIONS: Readonly<Record<string, Computation>> = {
	'teaching-days': computation<TeachingDaysInput>(
		'On which days the lessons fall, and whether they fit.',
		{
			start: day.required(),
			end: day.allow(null),
			weekdays: Joi.array().items(Joi.number().integer().min(1).max(7)).min(1).required().messages({
				'array.min': '{{#label}} must name at least one day of the week'
			}),
			blocked: Joi.array()
				.items(day, Joi.object({ from: day.required(), to: day.required() }))
				.required(),
			lessons: Joi.array()
				.items(Joi.object({ id: text.required(), sessions: whole, optional: Joi.boolean() }))
				.unique('id')
				.required(),
			keepFree: Joi.number().integer().min(0)
		},
		teachingDays
	),
	'supply-line': computation<{ text: string }>(
		'Reads one line of a printed supply list as a person wrote it.',
		{ text: Joi.string().allow('').required() },
		(input) => ({ lines: readSupplyLine(input.text) })
	),
	'supply-list': computation<{ text: string; lessons: UnitLesson[] }>(
		'Reads a whole supply list: each line, and what only the rest of the list tells.',
		{ text: Joi.string().allow('').required(), lessons: Joi.array().items(unitLesson).required() },
		({ text, lessons }) => {
			const { lines, leftOut } = readSupplyList(
				text,
				lessons.map(({ number, week, day, title }) => ({
					id: String(number),
					number,
					title,
					place: week === null ? null : { week, day: day ?? 1 }
				}))
			);
			return {
				lines: lines.map(({ lineNumber, read, lessons: of, all, spread }) => ({
					line: lineNumber,
					...read,
					lessons: of.map(Number),
					all,
					spread
				})),
				left: leftOut.map(({ lineNumber, written }) => ({ line: lineNumber, text: written }))
			};
		}
	),
	contents: computation<{ text: string }>(
		'Reads a table of contents or a list of lessons.',
		{ text: Joi.string().allow('').required() },
		({ text }) => {
			const { lessons } = readContents(text);
			const own = new Set(lessons.map((one) => one.lineNumber));
			return {
				lessons: lessons.map(({ lineNumber, title, page, week, day, sessions, date, optional }) => ({
					line: lineNumber,
					title,
					page,
					week,
					day,
					sessions,
					date,
					optional
				})),
				left: text.split('\n').flatMap((line, at) => {
					const written = line.trim();
					return written === '' || own.has(at + 1) ? [] : [{ line: at + 1, text: written }];
				})
			};
		}
	),
	'book-line': computation<{ text: string }>(
		'Reads one line of a printed or pasted book list.',
		{ text: Joi.string().allow('').required() },
		(input) => ({ books: readBookLine(input.text) })
	),
	thing: computation<{ item: string; quantity: number | null; unit: Unit }>(
		'What any sensible parent would say of a thing: how it is used, whether a house has it, and where.',
		{ item: text.required(), quantity: quantity.allow(null).default(null), unit: unit.default('each') },
		(input) => thingOf(input.item, input.quantity, input.unit)
	),
	convert: computation<{
		quantity: number;
		from: Unit;
		to: Unit;
		item?: string | null;
		measures?: MeasureSystem;
	}>(
		'One amount in another unit; volume to mass by the density of the item.',
		{
			quantity: quantity.required(),
			from: unit.required(),
			to: unit.required(),
			item: text.allow(null),
			measures: Joi.string().valid('us', 'metric-cup')
		},
		(input) => ({
			quantity: convert(
				exact(input.quantity),
				input.from,
				input.to,
				input.item ?? null,
				input.measures
			).valueOf()
		})
	),
	requirements: computation<RequirementsInput>(
		'What is needed in all, what the house already has, and what is missing.',
		{
			children: Joi.array()
				.items(Joi.object({ id: text.required(), age: quantity.required() }))
				.unique('id')
				.required(),
			lessons: Joi.array()
				.items(
					Joi.object({
						id: text.required(),
						date: day.required(),
						supplies: Joi.array()
							.items(
								Joi.object({
									item: text.required(),
									quantity: quantity.required(),
									unit: unit.required(),
									per: Joi.string().valid('family', 'child', 'pair', 'group').required(),
									groupSize: whole.allow(null),
									children: Joi.array().items(text).unique().allow(null),
									use: Joi.string().valid('consumed', 'kept').required(),
									outUntil: day.allow(null),
									spare: quantity.required()
								})
							)
							.required()
					})
				)
				.unique('id')
				.required(),
			stash: Joi.array()
				.items(
					Joi.object({
						item: text.required(),
						quantity: quantity.required(),
						unit: unit.required(),
						goodUntil: day.allow(null)
					})
				)
				.required()
		},
		requirements
	),
	'reading-plan': computation<ReadingPlanInput>(
		'So many pages a day that a book ends on its last day, and how long that takes.',
		{
			from: Joi.number().integer().required(),
			to: Joi.number().integer().required(),
			days: Joi.array().items(day).required(),
			wordsPerPage: quantity,
			wordsPerMinute: quantity
		},
		readingPlan
	),
	'activity-choice': computation<ChoiceInput>(
		'The best set of activities within limits, with something for each child in each week.',
		{
			activities: Joi.array()
				.items(
					Joi.object({
						id: text.required(),
						worth: Joi.number().required(),
						takes: Joi.object().pattern(text, Joi.number()).required(),
						weeks: Joi.array().items(Joi.number()).required(),
						children: Joi.array().items(text).unique().required(),
						decided: Joi.string().valid('in', 'out').allow(null)
					})
				)
				.required(),
			limits: Joi.array()
				.items(
					Joi.object({
						of: text.required(),
						most: Joi.number().required(),
						week: Joi.number().integer().min(1).allow(null).required()
					})
				)
				.required(),
			cover: Joi.object({
				children: Joi.array().items(text).unique().required(),
				weeks: Joi.array().items(Joi.number()).unique().required()
			}).required()
		},
		async (input) => chooseActivities(input, solveWith(await loadHighs()))
	),
	isbn: computation<{ text: string }>(
		'Reads an ISBN: both forms of it, or what is wrong.',
		{ text: Joi.string().allow('').required() },
		(input) => readIsbn(input.text)
	),
	trips: computation<TripsInput>(
		'As few library trips as the holds and loans allow.',
		{
			open: Joi.array().items(Joi.number().integer().min(1).max(7)).required(),
			from: day.required(),
			to: day.required(),
			loans: Joi.array()
				.items(
					Joi.object({
						id: text.required(),
						readyOn: day.required(),
						shelfDays: Joi.number().integer().min(0).required(),
						useFrom: day.required(),
						useTo: day.required(),
						loanDays: Joi.number().integer().min(0).required(),
						renewals: Joi.number().integer().min(0).required()
					})
				)
				.unique('id')
				.required()
		},
		(input) => {
			const { trips: days, loans, impossible } = trips(input);
			return { trips: days, loans, impossible };
		}
	),
	packs: computation<PacksInput>(
		'What to buy where, at the least total cost.',
		{
			items: Joi.array()
				.items(Joi.object({ item: text.required(), need: quantity.required() }))
				.unique('item')
				.required(),
			offers: Joi.array()
				.items(
					Joi.object({
						item: text.required(),
						store: text.required(),
						size: Joi.number().unsafe().greater(0).required(),
						price: cents.required(),
						limit: Joi.number().integer().min(0).allow(null).required()
					})
				)
				.required(),
			stores: Joi.array()
				.items(
					Joi.object({
						store: text.required(),
						fee: cents.required(),
						freeOver: cents.allow(null).required()
					})
				)
				.unique('store')
				.required(),
			maxStores: whole.allow(null).required()
		},
		(input) => {
			const end = performance.now() + PACKS_LIMIT_MS;
			return packs(input, () => performance.now() > end);
		}
	),
	thickness: computation<Omit<StackInput, 'paper'> & { paper: 'letter' | 'a4' }>(
		'How thick and heavy a stack of pages is, and the ring or coil that holds it.',
		{
			layers: Joi.array()
				.items(
					Joi.object({
						stock: stock.required(),
						sheets: Joi.number().integer().min(0).required(),
						finish: Joi.string()
							.valid(...Object.keys(FILED_AS))
							.required()
					})
				)
				.required(),
			tabs: Joi.number().integer().min(0).default(0),
			pocketTabs: Joi.number().integer().min(0).default(0),
			paper: Joi.string().valid('letter', 'a4').default('letter')
		},
		({ paper, ...stack }) => thickness({ ...stack, paper: paper === 'a4' ? 'A4' : 'letter' })
	),
	boxes: computation<PackInput>(
		'What goes into which box, and where it lies.',
		{
			boxes: Joi.array()
				.items(
					Joi.object({
						box: text.required(),
						length: measure.required(),
						width: measure.required(),
						height: measure.required(),
						maxKg: Joi.number().min(0).required(),
						count: Joi.number().integer().min(0).default(1)
					})
				)
				.required(),
			items: Joi.array()
				.items(
					Joi.object({
						item: text.required(),
						length: measure.required(),
						width: measure.required(),
						height: measure.required(),
						kg: Joi.number().min(0).required(),
						keepUpright: Joi.boolean().default(false),
						count: Joi.number().integer().min(0).default(1)
					})
				)
				.required()
		},
		(input) => pack(input)
	),
	prep: computation<PrepInput>(
		'Which job at which sitting, so that everything is ready in time.',
		{
			jobs: Joi.array()
				.items(
					Joi.object({
						id: text.required(),
						minutes: Joi.number().min(0).required(),
						after: Joi.array().items(text).default([]),
						readyBy: day.required(),
						setUp: text.allow(null).default(null)
					})
				)
				.required(),
			sittings: Joi.array()
				.items(
					Joi.object({ id: text.required(), date: day.required(), minutes: Joi.number().min(0).required() })
				)
				.required(),
			setUpMinutes: Joi.object().pattern(Joi.string(), Joi.number().min(0)).default({})
		},
		prep
	),
	imposition: computation<ImpositionInput>(
		'Which page or card goes where on each sheet, front and back.',
		{
			kind: Joi.string().valid('booklet', 'cards').required(),
			pages: onlyFor('booklet', whole),
			cards: onlyFor('cards', whole),
			rows: onlyFor('cards', whole),
			columns: onlyFor('cards', whole),
			flip: onlyFor('cards', Joi.string().valid('long-edge', 'short-edge').allow(null))
		},
		(input) =>
			input.kind === 'booklet'
				? booklet(input.pages)
				: cards(input.cards, input.rows, input.columns, input.flip)
	),
	'print-run': computation<PrintRunInput>(
		'Sheets, sides and pouches of some prints, and what each way of getting them costs.',
		{
			children: Joi.number().integer().min(0).required(),
			prints: Joi.array()
				.items(
					Joi.object({
						id: text.required(),
						pages: whole.required(),
						copies: Joi.alternatives(Joi.string().valid('child', 'family'), whole).required(),
						sides: Joi.number().valid(1, 2).required(),
						up: whole.required(),
						stock: stock.required(),
						colour: Joi.boolean().required(),
						laminate: Joi.boolean().required()
					})
				)
				.unique('id')
				.required(),
			home: Joi.object({
				paper: pricesOfStocks,
				colourSide: price,
				greySide: price,
				pouch: price
			}).required(),
			shop: Joi.object({
				colourSide: price,
				greySide: price,
				stockExtra: pricesOfStocks,
				pouch: price
			})
				.allow(null)
				.required(),
			readyMade: price.required()
		},
		printRun
	)
};
