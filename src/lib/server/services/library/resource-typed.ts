import { Refusal } from '$core/error.ts';
import { readResource } from '$core/library/index.ts';
import type { Trx } from '../../history/changes.ts';
import { addResource, type ResourceInput } from '../../stores/library/resources.ts';
import type { Situation } from '$core/account/index.ts';
import { sameAs } from './same.ts';
import { isbnShown } from './shown.ts';

/** Adds a resource as typed; parts that name a place are its place, the others its topics. */
export async function addTyped(
	trx: Trx,
	situation: Situation,
	text: string
): Promise<{ id: number; title: string }> {
	const typed = readResource(text);
	const { input, title } = resourceTyped(situation, text);
	const same = sameAs(situation, { title, authors: typed.authors, isbn13: typed.isbn13 });
	const twin = same.find((one) => one.how === 'same ISBN');
	if (twin) throw new Refusal(`“${twin.title}” already has that ISBN.`, 'text');
	return { id: await addResource(trx, input, situation.today), title };
}

function resourceTyped(situation: Situation, text: string): { input: ResourceInput; title: string } {
	const typed = readResource(text);
	const places = new Map(situation.snapshot.places.map((place) => [place.name.toLowerCase(), place.id]));
	const place = typed.rest.map((part) => places.get(part.toLowerCase())).find((id) => id !== undefined);
	const topics = typed.rest.filter((part) => !places.has(part.toLowerCase()));
	const title = typed.title || `ISBN ${isbnShown(typed.isbn13)}`;
	return {
		title,
		input: {
			title,
			authors: typed.authors,
			kind: typed.kind,
			isbn13: typed.isbn13,
			pages: typed.pages,
			pieces: typed.pieces,
			minutes: typed.minutes,
			from_age: typed.fromAge,
			to_age: typed.toAge,
			players_from: typed.playersFrom,
			players_to: typed.playersTo,
			address: typed.address,
			topics: topics.join(', '),
			place_id: place ?? null
		}
	};
}
