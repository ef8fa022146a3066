import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import { counted } from '$core/words/index.ts';
import { change } from '$lib/server/history/changes.ts';
import { opened } from '$lib/server/live/data.ts';
import { deskState, tellLibrarySoon } from '$lib/server/live/desk-talk.ts';
import { situation } from '$lib/server/live/now.ts';
import { lookUp } from '$lib/server/outside/catalogue.ts';
import { libraryDesk } from '$lib/server/outside/library-desk.ts';
import { doerOf, handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { id, words } from '$lib/server/schemas/fields.ts';
import { askForBooks, newsText } from '$lib/server/services/library/ask-for-books.ts';
import { bookListView, holdsToPlace, listedIn } from '$lib/server/services/library/book-list.ts';
import { isChosen } from '$lib/server/services/library/book-proposals.ts';
import { chooseForAll } from '$lib/server/services/library/choose-all.ts';
import {
	decideBook,
	placeHolds,
	type Choice,
	type PlacedHolds
} from '$lib/server/services/library/choose-book.ts';
import { noteAtLibrary, saidOther } from '$lib/server/stores/library/listed-books.ts';
import { updateResource } from '$lib/server/stores/library/resources.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const { now, run } = await runOf(params);
	return { view: bookListView(now, run), desk: deskState(), lessons: run.lessons.length };
};

const CHOSEN: Readonly<Record<Choice, string>> = {
	'': 'Undecided again',
	have: 'Have it',
	borrow: 'Borrow',
	buy: 'Buy',
	skip: 'Skipped'
};

export const actions: Actions = {
	choose: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; choice: Choice }>({
				id: id.required(),
				choice: Joi.string().valid('have', 'borrow', 'buy', 'skip', '').required()
			}),
			({ title, choice }: { title: string; choice: Choice }) => `${CHOSEN[choice]}: ${title}`,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				return { title: await decideBook(trx, now, run, form.id, form.choice), choice: form.choice };
			}
		),
	/** One book for each lesson that has none, and one more where it leaves out a child. */
	all: (event) =>
		handleForm(
			event,
			Joi.object({}),
			(count: number) => `${counted(count, 'book')} chosen`,
			async ({ trx, now }) => {
				const { run } = await runOf({ run: event.params.run! });
				return chooseForAll(trx, now, run);
			}
		),
	/** A like title of ours: it is the one, or another book. */
	like: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; resource: number | null }>({
				id: id.required(),
				resource: id.empty('').allow(null).default(null)
			}),
			(title: string) => title,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				if (form.resource === null) {
					await saidOther(trx, run.row.id, form.id);
					return 'Noted: another book';
				}
				const isOurs = now.snapshot.resources.find((one) => one.id === form.resource)?.owned === 1;
				const choice = isOurs ? 'have' : 'borrow';
				const title = await decideBook(trx, now, run, form.id, choice, { is: form.resource });
				return `${CHOSEN[choice]}: ${title}`;
			}
		),
	/** Books of ours that have much the same inside are marked with what they are on. */
	alike: (event) =>
		handleForm(
			event,
			Joi.object<{ resource: number; alike: string }>({ resource: id.required(), alike: words(60) }),
			(about: string) => (about ? `Noted: much the same inside, on ${about}` : 'Note taken off'),
			async ({ trx }, form) => {
				const about = form.alike.toLowerCase();
				await updateResource(trx, form.resource, { alike: about });
				return about;
			}
		),
	holds: async (event) => {
		const done = await handleForm(
			event,
			Joi.object({}),
			({ placed, later }: PlacedHolds) =>
				`${counted(placed, 'hold')} placed${later ? `; ${later} later, each on its day` : ''}`,
			async ({ trx, now }) => {
				const { run } = await runOf({ run: event.params.run! });
				const wanted = holdsToPlace(now, run);
				if (wanted.length === 0)
					throw new Refusal('No hold to place. Add the library in Household first, with its open days.');
				return placeHolds(trx, now, wanted);
			}
		);
		tellLibrarySoon(doerOf(event, null));
		return done;
	},
	/** Asks the library's computer and the catalogue; where they fall silent, the list goes on without them. */
	ask: async (event) => {
		const { now, run } = await runOf(event.params);
		const open = listedIn(now.snapshot, run).filter(
			(row) => row.at_library === null && row.choice !== 'skip'
		);
		const rows = open.length ? open : listedIn(now.snapshot, run).filter((row) => !isChosen(row.choice));
		const { news, isSilent } = await askForBooks(rows, libraryDesk(now.today), lookUp, now.today);
		const text = newsText(news, isSilent);
		if (news.length === 0) return { said: text };
		const { write } = await opened();
		await change(write, doerOf(event, null), text, async (trx) => {
			const { snapshot } = await situation();
			const there = new Set(snapshot.listedBooks.map((row) => row.id));
			for (const { id, at, pages } of news) if (there.has(id)) await noteAtLibrary(trx, id, at, pages);
		});
		return { said: text };
	}
};
