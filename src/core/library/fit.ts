import type { ReadingLevel } from '../house/read-levels.ts';
import type { ResourceKind, ResourceRole } from './kinds.ts';

export type Reader = {
	readonly name: string;
	/** Whole years on the day; null is not known. */
	readonly age: number | null;
	readonly reads: readonly ReadingLevel[];
};

export type Fitting = {
	readonly kind: ResourceKind;
	readonly fromAge: number | null;
	readonly toAge: number | null;
	/** Reading level as a school grade; null is not known. */
	readonly grade: number | null;
	readonly language: string;
	readonly smallParts: boolean;
	readonly playersFrom: number | null;
	readonly playersTo: number | null;
};

/** How far over one's own level a book may be to be read alone. Common practice, no source. */
const STRETCH = 1;
/** 16 CFR 1501: small parts are not for children under three. */
const SMALL_PARTS_AGE = 3;

/** Why a resource is not for a child in a role; null when nothing speaks against it. */
export function misfit(resource: Fitting, reader: Reader, role: ResourceRole): string | null {
	const { age, name, reads } = reader;
	if (age !== null && age < SMALL_PARTS_AGE && resource.smallParts)
		return `${name} is under three, and it has small parts`;
	if (age !== null && resource.fromAge !== null && age < resource.fromAge)
		return `ages ${resource.fromAge} and up; ${name} is ${age}`;
	if (age !== null && resource.toAge !== null && age > resource.toAge)
		return `up to age ${resource.toAge}; ${name} is ${age}`;
	if (role !== 'read alone' || resource.grade === null) return null;
	const language = resource.language || reads[0]?.language;
	const level = reads.find((one) => one.language === language);
	if (!level) return reads.length ? `${name} doesn’t read ${language}` : null;
	return resource.grade > level.grade + STRETCH
		? `grade ${resource.grade} level; ${name} reads ${language} at grade ${level.grade === 0 ? 'K' : level.grade}`
		: null;
}

/** Whether a game goes with so many; null when it does, or nobody has said. */
export function playersMisfit(resource: Fitting, there: number): string | null {
	if (resource.playersFrom !== null && there < resource.playersFrom)
		return `needs ${resource.playersFrom} or more players; you have ${there}`;
	if (resource.playersTo !== null && there > resource.playersTo)
		return `${resource.playersTo} players at most; you have ${there}`;
	return null;
}
