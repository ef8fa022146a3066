import type { Generated } from 'kysely';
import type { Day } from '$core/calendar';
import type { Weekday } from '$core/calendar/index.ts';
import type { ActivityKind, ReadingWay, Rhythm } from '$core/plan';
import type { RunLimits } from '$core/plan/index.ts';
import type { Json } from '../json.ts';
import type { Bit, HabitKind } from './columns.ts';

export interface UnitTable {
	id: Generated<number>;
	name: string;
}

export interface RunTable {
	id: Generated<number>;
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
	rhythm: Generated<Rhythm>;
	/** Days of a topic, reading days after a lesson, or lessons a day, as the rhythm says. */
	rhythm_days: Generated<number>;
	/** The most the family takes in a week, by name, as JSON. */
	limits: Generated<Json<Partial<RunLimits>>>;
}

export interface RunParticipantTable {
	id: Generated<number>;
	run_id: number;
	person_id: number;
}

export interface BlockedTable {
	id: Generated<number>;
	run_id: number;
	from_on: Day;
	to_on: Day;
	reason: string;
}

export interface LessonTable {
	id: Generated<number>;
	run_id: number;
	position: number;
	title: string;
	note: string;
	optional: Bit;
	sessions: number;
	topic: Generated<string>;
	objective: Generated<string>;
	/** Words and questions, one on each line. */
	vocabulary: Generated<string>;
	questions: Generated<string>;
	minutes: number | null;
	/** More for older children, and for whom (ids). */
	extension: Generated<string>;
	extension_for: Generated<Json<readonly number[]>>;
	/** Where the lesson begins in the book whose contents it comes from. */
	first_page: number | null;
}

/** Something to do beside the lesson itself: in a lesson, on a day of its own, or (neither) in the pool. */
export interface ActivityTable {
	id: Generated<number>;
	run_id: number;
	lesson_id: number | null;
	day: Day | null;
	title: string;
	kind: ActivityKind;
	standing: Generated<'required' | 'extra' | 'do without'>;
	minutes: number;
	/** An adult is needed all the time. */
	adult: Generated<Bit>;
	/** 0 clean … 3 very messy. */
	mess: Generated<number>;
	cents: Generated<number>;
	/** How much the family wants it, 1 to 5. */
	worth: Generated<number>;
	/** Ids of those it is for; null is everyone. */
	participants: Json<readonly number[]> | null;
	from_age: number | null;
	to_age: number | null;
	/** Subjects it counts for, with commas. */
	subjects: Generated<string>;
	weather: Generated<string>;
	start_days_before: Generated<number>;
	/** An easier way, and its minutes. */
	instead: Generated<string>;
	instead_minutes: number | null;
	/** How often it is done in all, and how often it has been. */
	times: Generated<number>;
	daily: Generated<Bit>;
	done: Generated<number>;
	note: Generated<string>;
	/** An older child who helps the younger ones with it. */
	helper_id: number | null;
}

/** A book that carries the unit. */
export interface SpineTable {
	id: Generated<number>;
	run_id: number;
	position: number;
	title: string;
	counted: 'pages' | 'chapters';
	first_page: number;
	last_page: number;
	words_per_page: number | null;
	state: Generated<'in use' | 'set aside'>;
	/** The last page that has been read. */
	reached: number | null;
	/** The book of the library that it is. */
	resource_id: number | null;
	/** On which days it is read. */
	read_on: Generated<'lessons' | 'weekdays' | 'every day'>;
}

/** Pages of a spine in a lesson: a flag. */
export interface PageRangeTable {
	id: Generated<number>;
	spine_id: number;
	lesson_id: number;
	from_page: number;
	to_page: number;
	way: ReadingWay;
	participants: Json<readonly number[]> | null;
	minutes: number | null;
	note: Generated<string>;
}

/** Work of one child's own in a lesson. */
export interface TaskTable {
	id: Generated<number>;
	lesson_id: number;
	person_id: number;
	text: string;
	minutes: number | null;
	done: Generated<Bit>;
	/** What it is this child's part of; null is the lesson itself. */
	activity_id: number | null;
}

/** What a child is to come to in this run. */
export interface GoalTable {
	id: Generated<number>;
	run_id: number;
	person_id: number;
	text: string;
}

export interface SessionTable {
	id: Generated<number>;
	lesson_id: number;
	/** From 1. */
	ordinal: number;
	outcome: 'taught' | 'partly taught' | 'skipped';
	held_on: Day;
}
