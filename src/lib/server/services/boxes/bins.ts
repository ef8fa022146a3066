import { goesIn } from '$core/boxes/index.ts';
import { byId } from '$core/facts/index.ts';
import { placePath, type Situation } from '$core/account/index.ts';
import { innerOf } from './moving.ts';
import type { ThingView } from './things.ts';

/** An open bin of a subject, with what of a unit lives in it between units. */
export type OpenBin = {
	readonly place: number;
	readonly box: string;
	readonly subject: string;
	readonly things: readonly ThingView[];
};

/** Which of a unit's titles live in an open bin, by a topic that is the bin's subject. */
export function openBins({ snapshot }: Situation, things: readonly ThingView[]): OpenBin[] {
	const resources = byId(snapshot.resources);
	return snapshot.boxDetails
		.filter((one) => one.subject !== '')
		.map(({ place_id, subject }): OpenBin => ({
			place: place_id,
			box: placePath(snapshot.places, place_id),
			subject,
			things: things.filter((one) => {
				if (!one.id.startsWith('title-')) return false;
				const inner = innerOf(byId(snapshot.places).get(place_id)!);
				// What is too large for the bin is packed like all others.
				if (inner !== null && !one.soft && !goesIn({ ...one, keepUpright: one.upright }, inner)) return false;
				const topics = resources.get(Number(one.id.slice(6)))?.topics.toLowerCase() ?? '';
				return topics
					.split(',')
					.map((topic) => topic.trim())
					.includes(subject.toLowerCase());
			})
		}))
		.filter((one) => one.things.length > 0);
}

/** Things that are packed: all but those that live in an open bin. */
export function withoutBinned(bins: readonly OpenBin[], things: readonly ThingView[]): ThingView[] {
	const binned = new Set(bins.flatMap((one) => one.things.map((thing) => thing.id)));
	return things.filter((one) => !binned.has(one.id));
}
