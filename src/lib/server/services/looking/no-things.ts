import { Refusal } from '$core/error.ts';
import type { Trx } from '../../history/changes.ts';
import { byId } from '$core/facts/index.ts';
import { removeLine } from '../../stores/gathering/supply-lines.ts';
import { addToNote } from '../../stores/plan/lessons.ts';
import { say } from '../../stores/stash/statements.ts';
import type { Situation, SupplyNeed } from '$core/account/index.ts';
import { askedNow, needsOfItem } from './answers.ts';

/** The lines of something that is no thing. @throws Refusal where they are gone. */
function linesOf(situation: Situation, item: number): SupplyNeed[] {
	const needs = needsOfItem(situation, item);
	if (needs.length === 0) throw new Refusal('That line is no longer on the list. Reload the page.');
	return needs;
}

const nameOf = ({ snapshot }: Situation, item: number) => byId(snapshot.items).get(item)!.name;

/** It is a thing after all: it is looked for like any other. */
export async function takeAsThing(trx: Trx, situation: Situation, item: number): Promise<string> {
	linesOf(situation, item);
	await say(trx, item, { state: 'look', place: null, asked: askedNow(situation, item) }, situation.today);
	return `${nameOf(situation, item)}: look for it`;
}

/** What the book prints goes into the note of its lesson, and off the list of supplies. */
export async function lineToNote(trx: Trx, situation: Situation, item: number): Promise<string> {
	for (const { line, lesson } of linesOf(situation, item)) {
		await addToNote(trx, lesson.lesson.id, line.written);
		await removeLine(trx, line.id);
	}
	return `${nameOf(situation, item)}: now a note`;
}

/** Takes it off the list of supplies. */
export async function lineOff(trx: Trx, situation: Situation, item: number): Promise<string> {
	for (const { line } of linesOf(situation, item)) await removeLine(trx, line.id);
	return `${nameOf(situation, item)}: off the list`;
}
