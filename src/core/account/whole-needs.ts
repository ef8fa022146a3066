import type { Day } from '../calendar/index.ts';
import type { ActKind, Need, NeedDays, Verdict } from '../readiness/index.ts';
import type { Row } from '../facts/index.ts';
import type { LessonSituation, RunSituation } from './runs.ts';

/** What moves a need on, as the button of its act says it. */
export type StepKind = Extract<
	ActKind,
	| 'begin'
	| 'print'
	| 'finish'
	| 'check'
	| 'place'
	| 'ask for'
	| 'get'
	| 'pick up'
	| 'renew'
	| 'ask back'
	| 'preview'
	| 'return'
>;

/** The next thing to do for a need that is one thing as a whole. */
export type Step = {
	readonly kind: StepKind;
	/** "Start the papier-mâché globe" */
	readonly title: string;
	/** The same about a thing that was named: "start it". */
	readonly short: string;
	/** With whom or where, and why; empty when the title says it all. */
	readonly detail: string;
	/** The last day for it, where that does not follow from the need's days. */
	readonly by?: Day;
	/** Of a beginning: the day on which it is ready; null is at once. */
	readonly readyOn?: Day | null;
	/** The print run that it is in. */
	readonly run?: Row<'print_run'> | null;
};

/** A need that is one thing as a whole and not an amount: a book, something begun days before. */
export type WholeNeed = {
	readonly need: Need;
	readonly run: RunSituation;
	readonly lesson: LessonSituation;
	/** What it is, without a verb. */
	readonly title: string;
	/** How it stands with it, in words: "not begun", "drying until Sat, Jan 23". */
	readonly stands: string;
	readonly step: Step | null;
	/** The book that it is, with its loan; null outside the books stream. */
	readonly book: { readonly resource: Row<'resource'>; readonly loan: Row<'loan'> | null } | null;
	readonly doer: Row<'person'> | null;
	readonly days: NeedDays | null;
	readonly verdict: Verdict;
};

/** A whole need before its days are computed. */
export type WholeDraft = Omit<WholeNeed, 'days' | 'verdict'>;
