import { parsed, type Moment } from '$core/facts/index.ts';
import { counted } from '$core/words/index.ts';

/** The steps of a first evening, in their order. */
export const STEPS = ['who', 'places', 'measures', 'unit', 'list'] as const;
export type Step = (typeof STEPS)[number];

export type EveningStep = {
	readonly id: Step;
	readonly label: string;
	readonly state: 'done' | 'skipped' | 'open';
	/** What is there already, in a few words. */
	readonly says: string;
};

export type Evening = {
	readonly steps: readonly EveningStep[];
	/** The first step that is neither done nor skipped. */
	readonly next: Step | null;
	/** Whether there is anything left to lead through. */
	readonly isOpen: boolean;
	/** The unit that the list is for. */
	readonly run: number | null;
};

const LABELS: Readonly<Record<Step, string>> = {
	who: 'Children',
	places: 'Places',
	measures: 'Measurements',
	unit: 'First unit',
	list: 'Supply list'
};

/** How far a household has come on its first evening; what is there counts, whoever entered it. */
export function eveningOf({ snapshot }: Moment): Evening {
	const marks = parsed(snapshot.household.evening);
	const boxes = new Set(snapshot.runs.map((run) => run.collecting_place_id));
	const children = snapshot.people.filter((person) => person.kind !== 'adult').map((person) => person.name);
	const places = snapshot.places.filter((place) => !boxes.has(place.id)).length;
	const run = snapshot.runs.findLast((one) => snapshot.lessons.some((lesson) => lesson.run_id === one.id));
	const lessons = snapshot.lessons.filter((lesson) => lesson.run_id === run?.id).length;
	const unit = snapshot.units.find((one) => one.id === run?.unit_id);
	const { measures, paper } = snapshot.household;
	const says: Record<Step, string> = {
		who: children.join(', '),
		places: places ? counted(places, 'place') : '',
		measures: marks.measures === 'done' ? `${measures === 'us' ? 'US' : 'metric'}, ${paper}` : '',
		unit: unit ? `${unit.name}, ${counted(lessons, 'lesson')}` : '',
		list: snapshot.lines.length ? counted(snapshot.lines.length, 'line') : ''
	};
	const steps = STEPS.map((id): EveningStep => ({
		id,
		label: LABELS[id],
		state: says[id] ? 'done' : marks[id] === 'skipped' ? 'skipped' : 'open',
		says: says[id]
	}));
	const next = steps.find((step) => step.state === 'open')?.id ?? null;
	return { steps, next, isOpen: next !== null && marks.over !== 'done', run: run?.id ?? null };
}
