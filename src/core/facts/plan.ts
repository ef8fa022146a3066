import type { Day, Weekday } from '../calendar/index.ts';
import type { ActivityKind, ReadingWay, Rhythm, RunLimits } from '../plan/index.ts';
import type { Json } from './json.ts';
import type { Bit, HabitKind, Filled } from './columns.ts';

export interface UnitTable {
	id: Filled<number>;
	name: string;
}

export interface RunTable {
	id: Filled<number>;
	unit_id: number;
	name: string;
	state: 'collecting' | 'running' | 'put away';
	start_on: Day | null;
	end_on: Day | null;
	weekdays: Json<readonly Weekday[]>;
	keep_free: number;
	/** Null takes the household's habit. */
	habit: HabitKind | null;
	habit_date: Day | null;
	collecting_place_id: number | null;
	copied_from: number | null;
	rhythm: Filled<Rhythm>;
	/** Days of a topic, reading days after a lesson, or lessons a day, as the rhythm says. */
	rhythm_days: Filled<number>;
	/** The most the family takes in a week, by name, as JSON. */
	limits: Filled<Json<Partial<RunLimits>>>;
}

export interface RunParticipantTable {
	id: Filled<number>;
	run_id: number;
	person_id: number;
}

export interface BlockedTable {
	id: Filled<number>;
	run_id: number;
	from_on: Day;
	to_on: Day;
	reason: string;
}

export interface LessonTable {
	id: Filled<number>;
	run_id: number;
	position: number;
	title: string;
	note: string;
	optional: Bit;
	sessions: number;
	topic: Filled<string>;
	objective: Filled<string>;
	/** Words and questions, one on each line. */
	vocabulary: Filled<string>;
	questions: Filled<string>;
	minutes: number | null;
	/** More for older children, and for whom (ids). */
	extension: Filled<string>;
	extension_for: Filled<Json<readonly number[]>>;
	/** Where the lesson begins in the book whose contents it comes from. */
	first_page: number | null;
}

/** Something to do beside the lesson itself: in a lesson, on a day of its own, or (neither) in the pool. */
export interface ActivityTable {
	id: Filled<number>;
	run_id: number;
	lesson_id: number | null;
	day: Day | null;
	title: string;
	kind: ActivityKind;
	standing: Filled<'required' | 'extra' | 'do without'>;
	minutes: number;
	/** An adult is needed all the time. */
	adult: Filled<Bit>;
	/** 0 clean … 3 very messy. */
	mess: Filled<number>;
	cents: Filled<number>;
	/** How much the family wants it, 1 to 5. */
	worth: Filled<number>;
	/** Ids of those it is for; null is everyone. */
	participants: Json<readonly number[]> | null;
	from_age: number | null;
	to_age: number | null;
	/** Subjects it counts for, with commas. */
	subjects: Filled<string>;
	weather: Filled<string>;
	start_days_before: Filled<number>;
	/** An easier way, and its minutes. */
	instead: Filled<string>;
	instead_minutes: number | null;
	/** How often it is done in all, and how often it has been. */
	times: Filled<number>;
	daily: Filled<Bit>;
	done: Filled<number>;
	note: Filled<string>;
	/** An older child who helps the younger ones with it. */
	helper_id: number | null;
}

/** A book that carries the unit. */
export interface SpineTable {
	id: Filled<number>;
	run_id: number;
	position: number;
	title: string;
	counted: 'pages' | 'chapters';
	first_page: number;
	last_page: number;
	words_per_page: number | null;
	state: Filled<'in use' | 'set aside'>;
	/** The last page that has been read. */
	reached: number | null;
	/** The book of the library that it is. */
	resource_id: number | null;
	/** On which days it is read. */
	read_on: Filled<'lessons' | 'weekdays' | 'every day'>;
}

/** Pages of a spine in a lesson: a flag. */
export interface PageRangeTable {
	id: Filled<number>;
	spine_id: number;
	lesson_id: number;
	from_page: number;
	to_page: number;
	way: ReadingWay;
	participants: Json<readonly number[]> | null;
	minutes: number | null;
	note: Filled<string>;
}

/** Work of one child's own in a lesson. */
export interface TaskTable {
	id: Filled<number>;
	lesson_id: number;
	person_id: number;
	text: string;
	minutes: number | null;
	done: Filled<Bit>;
	/** What it is this child's part of; null is the lesson itself. */
	activity_id: number | null;
}

/** What a child is to come to in this run. */
export interface GoalTable {
	id: Filled<number>;
	run_id: number;
	person_id: number;
	text: string;
}

export interface SessionTable {
	id: Filled<number>;
	lesson_id: number;
	/** From 1. */
	ordinal: number;
	outcome: 'taught' | 'partly taught' | 'skipped';
	held_on: Day;
}
