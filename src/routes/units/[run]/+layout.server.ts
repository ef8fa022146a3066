import { dayText, weekdayName, weekdayOf } from '$core/calendar/index.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { gatherList } from '$lib/server/services/gathering/list.ts';
import { weekdaysText } from '$lib/server/services/plan/days.ts';
import { boardOf, lessonStand, type RunSituation, type Situation } from '$core/account/index.ts';
import type { LayoutServerLoad } from './$types';
import { listedIn, undecidedLessons } from '$lib/server/services/library/book-list.ts';
import { isChosen } from '$lib/server/services/library/book-proposals.ts';
import { bindersView, binderThings } from '$lib/server/services/binders/view.ts';
import { pieceCount, thingsOf } from '$lib/server/services/boxes/things.ts';
import { toPrint } from '$lib/server/services/print/copies.ts';
import { jobsOf } from '$lib/server/services/prepare/jobs.ts';
import { unplacedOf } from '$lib/server/services/prepare/plan.ts';
import { counted } from '$core/words/index.ts';

/** How far the book list is, as its tab says it. */
function booksText(now: Situation, run: RunSituation): string {
	const listed = listedIn(now.snapshot, run);
	if (listed.length === 0) return 'paste a list';
	const chosen = listed.filter((row) => isChosen(row.choice));
	const open = undecidedLessons(now.snapshot, run).length;
	return open ? `${counted(open, 'lesson')} to choose for` : `${chosen.length} chosen`;
}

/** How far printing is, as its tab says it. */
function printText(now: Situation, run: RunSituation): string {
	const copies = now.whole.filter(
		(one) => one.run === run && one.need.stream === 'copies' && !one.need.doWithout
	);
	const open = toPrint(now, run).length;
	if (copies.length === 0) return 'add your guide';
	return open ? `${open} to print` : copies.some((one) => one.step) ? 'to finish' : 'all printed';
}

/** How far preparing is, as its tab says it. */
function prepareText(now: Situation, run: RunSituation): string {
	const jobs = jobsOf(now, run);
	if (jobs.length === 0) return 'nothing to do';
	const { toPlace, cannotWait } = unplacedOf(now, jobs);
	if (toPlace.length > 0) return `${counted(toPlace.length, 'job')} to place`;
	return cannotWait.length > 0
		? `${counted(cannotWait.length, 'job')} to do soon`
		: `${counted(jobs.length, 'job')} planned`;
}

/** Whether the unit's binders close, as their tab says it. */
function bindersText(now: Situation, run: RunSituation): string {
	const { hasPaper, containers } = bindersView(now, run);
	if (!hasPaper) return 'nothing to file';
	return containers.some((one) => one.isLate) ? 'won’t close' : 'all fits';
}

/** How much goes into boxes, as their tab says it. */
function boxesText(now: Situation, run: RunSituation): string {
	const things = pieceCount(thingsOf(now, run, binderThings(now, run)));
	return things ? counted(things, 'thing') : 'nothing yet';
}

/** How full the board is, as its tab says it. */
function setOutText(now: Situation, run: RunSituation): string {
	const words = now.snapshot.wallWords.filter((one) => one.run_id === run.row.id).length;
	const trays = now.snapshot.trays.filter((one) => one.run_id === run.row.id).length;
	return (
		[words ? counted(words, 'card') : '', trays ? counted(trays, 'tray') : ''].filter(Boolean).join(', ') ||
		'wall, shelf, basket'
	);
}

export const load: LayoutServerLoad = async ({ params }) => {
	const { now, run } = await runOf(params);
	const { calendar } = run;
	const list = gatherList(now, run);
	const next = boardOf(now, run).lessons.find((lesson) => lesson.isNext);
	const lesson = next && run.lessons.find((one) => one.lesson.id === next.id);
	const stand = lesson && lessonStand(now, lesson).stand;
	const nextDay = next?.date ? weekdayName(weekdayOf(next.date)) : null;
	const spare = calendar?.spare ?? null;
	return {
		unit: {
			id: run.row.id,
			trouble: run.trouble,
			name: run.unit.name,
			about: `${counted(run.lessons.length, 'lesson')}${calendar ? `, ${weekdaysText(run)}${calendar.finish ? `, through ${dayText(calendar.finish)}` : ''}` : ', no dates yet'}`,
			standing: [
				next ? `Lesson ${next.number} of ${run.lessons.length} is next` : null,
				spare === null ? null : `${counted(spare, 'day')} to spare`
			]
				.filter(Boolean)
				.join(' · ')
		},
		tabs: [
			{
				path: '',
				label: 'Board',
				detail: next ? `${nextDay}: ${stand === 'nothing' ? 'nothing noted yet' : stand}` : 'overview'
			},
			{
				path: '/plan',
				label: 'Plan',
				detail: calendar?.shortBy
					? `${calendar.shortBy} ${calendar.shortBy === 1 ? 'doesn’t' : 'don’t'} fit`
					: run.trouble
						? 'needs fixing'
						: spare !== null
							? `${counted(spare, 'day')} to spare`
							: calendar?.finish
								? `through ${dayText(calendar.finish)}`
								: 'no dates yet'
			},
			{
				path: '/gather',
				label: 'Gather',
				detail:
					list.counts.all === 0
						? 'paste a list'
						: list.counts.missing
							? `${list.counts.missing} missing`
							: list.counts.toLook
								? `${list.counts.toLook} to look for`
								: 'nothing missing'
			},
			{ path: '/books', label: 'Books', detail: booksText(now, run) },
			{ path: '/print', label: 'Print', detail: printText(now, run) },
			{ path: '/prepare', label: 'Prepare', detail: prepareText(now, run) },
			{ path: '/binders', label: 'Binders', detail: bindersText(now, run) },
			{ path: '/boxes', label: 'Boxes', detail: boxesText(now, run) },
			{ path: '/setout', label: 'Set out', detail: setOutText(now, run) }
		]
	};
};
