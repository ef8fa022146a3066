import { dayText, type Day } from '$core/calendar/index.ts';
import { CoreError } from '$core/error.ts';
import { fullAt, layWall, wallSteps, type WallLayout } from '$core/setout/index.ts';
import { counted, listText } from '$core/words/index.ts';
import type { Row } from '../../database/tables/index.ts';
import type { WallInput, WordInput } from '../../stores/setout/wall.ts';
import { usedIn } from '../../snapshot/lookups.ts';
import { nextLessons, type RunSituation } from '../calendar/runs.ts';
import { placePath } from '../house/place-paths.ts';
import type { Situation } from '../readiness/situation.ts';

/** A usual white board, with quarter-sheet cards on it, mm (common practice). */
const USUAL: WallInput = {
	kind: 'whiteboard',
	width_mm: 900,
	height_mm: 600,
	card_width_mm: 140,
	card_height_mm: 108,
	gap_mm: 10,
	strip_mm: 0,
	strip_text: ''
};
export const WALL_TEXT: Readonly<Record<WallInput['kind'], string>> = {
	whiteboard: 'whiteboard, with sticky tack',
	wall: 'wall',
	door: 'door'
};

export type WallView = {
	readonly sentence: string;
	readonly detail: string;
	readonly wall: WallInput;
	readonly layout: WallLayout | null;
	readonly problem: string;
	/** The lesson that is looked at, by its place in the list. */
	readonly at: number;
	readonly steps: readonly {
		readonly number: number;
		readonly title: string;
		readonly day: string;
		readonly date: Day | null;
		readonly words: readonly {
			readonly id: number;
			readonly text: string;
			readonly kept: boolean;
			readonly hidden: boolean;
			readonly hiddenUntil: Day | null;
		}[];
		readonly down: readonly string[];
		readonly isFull: boolean;
	}[];
	/** What hangs with the lesson looked at, in its places; words of that lesson are new. */
	readonly hanging: readonly { readonly text: string; readonly isNew: boolean; readonly isHidden: boolean }[];
};

/** Where a unit's words hang, lesson by lesson. */
export function wallView(now: Situation, run: RunSituation, asked: number | null): WallView {
	const { snapshot, today } = now;
	const wall = snapshot.walls.find((one) => one.run_id === run.row.id) ?? USUAL;
	const lessons = run.lessons.filter((one) => !one.dropped);
	const own = snapshot.wallWords.filter((one) => one.run_id === run.row.id);
	const isHidden = (word: Row<'wall_word'>, on: Day | null) =>
		word.hidden_until !== null && (on === null || on < word.hidden_until);
	const wordsOf = lessons.map((one, at) =>
		own.filter((word) => word.lesson_id === one.lesson.id || (word.lesson_id === null && at === 0))
	);
	const { layout, problem } = laid(wall);
	const kept = new Set(own.filter((word) => word.kept === 1).map((word) => String(word.id)));
	const steps = wallSteps(
		lessons.map(({ lesson }, at) => ({
			lesson: String(lesson.id),
			words: wordsOf[at].map((word) => String(word.id))
		})),
		layout?.room ?? 0,
		kept
	);
	const full = fullAt(steps);
	const next = nextLessons([run]).get(run);
	const nextAt = Math.max(
		0,
		lessons.findIndex((one) => one === next)
	);
	const at = Math.min(Math.max(0, asked ?? nextAt), Math.max(0, lessons.length - 1));
	const byId = new Map(own.map((word) => [String(word.id), word]));
	const textOf = (id: string) => byId.get(id)!.text;
	const total = own.length;
	const room = layout?.room ?? 0;
	return {
		sentence: problem
			? problem
			: total === 0
				? `Room for ${counted(room, 'card')}. No words yet.`
				: full === null
					? `All ${total} cards hang together: there is room for ${room}.`
					: `Full with lesson ${lessons[full].number}${lessons[full].dates[0] ? ` on ${dayText(lessons[full].dates[0])}` : ''}: take down ${listText(steps[full].down.map(textOf).slice(0, 6)) || 'some'}${steps[full].left.length ? `; ${counted(steps[full].left.length, 'card')} find no place` : ''}.`,
		detail:
			total && !problem
				? `${steps[at]?.up.length ?? 0} of ${room} places taken with lesson ${lessons[at]?.number ?? 1}.`
				: '',
		wall,
		layout,
		problem,
		at,
		steps: lessons.map((one, index) => ({
			number: one.number,
			title: one.lesson.title,
			day: one.dates[0] ? dayText(one.dates[0]) : '',
			date: one.dates[0] ?? null,
			words: wordsOf[index].map((word) => ({
				id: word.id,
				text: word.text,
				kept: word.kept === 1,
				hidden: isHidden(word, today),
				hiddenUntil: word.hidden_until
			})),
			down: steps[index].down.map(textOf),
			isFull: index === full
		})),
		hanging: (steps[at]?.up ?? []).map((id) => ({
			text: textOf(id),
			isNew: steps[at].comes.includes(id),
			isHidden: isHidden(byId.get(id)!, lessons[at].dates[0] ?? null)
		}))
	};
}

function laid(wall: WallInput): { layout: WallLayout | null; problem: string } {
	try {
		if (wall.strip_mm > 0 && wall.strip_mm >= wall.height_mm)
			return { layout: null, problem: 'The strip is as high as the board: no card fits below it.' };
		const layout = layWall({
			width: wall.width_mm,
			height: wall.height_mm - wall.strip_mm,
			cardWidth: wall.card_width_mm,
			cardHeight: wall.card_height_mm,
			gap: wall.gap_mm
		});
		return layout.room === 0
			? { layout: null, problem: 'Not one card fits: the board is smaller than a card.' }
			: {
					layout: {
						...layout,
						places: layout.places.map((one) => ({ ...one, y: one.y + wall.strip_mm }))
					},
					problem: ''
				};
	} catch (error) {
		if (!(error instanceof CoreError)) throw error;
		return { layout: null, problem: error.message };
	}
}

/** Words as they were typed: with commas or a line each, “Lesson 3: legend, scale”, an asterisk for those that stay. */
export function wordsTyped(run: RunSituation, text: string, lesson: number | null): WordInput[] {
	let at = lesson;
	return text.split(/\n/).flatMap((line): WordInput[] => {
		const head = /^\s*lesson\s+(\d+)\s*[:.–-]?\s*/i.exec(line);
		if (head) at = run.lessons.find((one) => one.number === Number(head[1]))?.lesson.id ?? at;
		return line
			.slice(head?.[0].length ?? 0)
			.split(/[,;\t]/)
			.map((word) => word.replace(/^[\s•\-–*]+|[\s*]+$/g, '').trim())
			.flatMap((word, index, all): WordInput[] =>
				word === '' || all.indexOf(word) < index
					? []
					: [
							{
								lesson_id: at,
								text: word.slice(0, 80),
								kept: line.includes(`${word}*`) ? 1 : 0,
								hidden_until: null
							}
						]
			);
	});
}

/** Things of the house for a display corner: posters, models and what keeps hands busy while one listens. */
export function cornerOf(
	{ snapshot }: Situation,
	run: RunSituation
): { readonly title: string; readonly why: string }[] {
	const SHOWN = 8;
	const lessons = new Set(run.lessons.map((one) => one.lesson.id));
	const used = usedIn(snapshot, lessons);
	const words = run.unit.name
		.toLowerCase()
		.split(/[^a-z]+/)
		.filter((word) => word.length > 3);
	const isOnTopic = (text: string) => words.some((word) => text.includes(word.replace(/s$/, '')));
	return [
		...snapshot.resources
			.filter(
				(one) =>
					one.owned === 1 &&
					['poster', 'model', 'live specimen'].includes(one.kind) &&
					(used.has(one.id) || isOnTopic(`${one.topics} ${one.title}`.toLowerCase()))
			)
			.map((one) => ({
				title: one.title,
				why: `${one.kind}, ${placePath(snapshot.places, one.place_id)}`
			})),
		...snapshot.basketParts
			.filter((one) => one.kind === 'hands')
			.map((one) => ({ title: one.title, why: 'to handle while listening' }))
	].slice(0, SHOWN);
}
