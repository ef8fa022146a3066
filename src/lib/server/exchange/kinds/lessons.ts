import { Refusal } from '$core/error.ts';
import { addLesson, updateLesson, type LessonInput } from '../../stores/plan/lessons.ts';
import { yesCell } from '../columns.ts';
import { isFormula } from '../formats/csv.ts';
import { eachRow, readRows, type SheetKind } from '../import-plan.ts';

type Key = 'lesson' | 'title' | 'days' | 'sessions' | 'optional' | 'note';

/** The lessons of a unit in order, with their days. Lessons that the file does not name stay. */
export const PLAN: SheetKind<Key> = {
	id: 'plan',
	name: 'lessons of a unit',
	columns: [
		{ key: 'lesson', title: 'lesson', also: ['lesson number', 'number', 'week'] },
		{ key: 'title', title: 'lesson title', also: ['title', 'topic'] },
		{ key: 'days', title: 'days', also: ['date', 'dates', 'day'] },
		{ key: 'sessions', title: 'school days', also: ['teaching days', 'sessions'] },
		{ key: 'optional', title: 'optional', also: [] },
		{ key: 'note', title: 'what is done', also: ['note', 'notes'] }
	],
	needs: ['lesson', 'title'],

	write({ runs }, run) {
		return (runs.find((one) => one.row.id === run)?.lessons ?? []).map(({ lesson, number, dates }) => [
			String(number),
			lesson.title,
			dates.join(' '),
			String(lesson.sessions),
			lesson.optional ? 'yes' : '',
			lesson.note
		]);
	},

	async plan(situation, rows, run) {
		const own = situation.runs.find((one) => one.row.id === run);
		if (!own) throw new Refusal('Choose the unit that the lessons belong to.', 'run');
		const planned: { id: number | null; number: number; input: LessonInput }[] = [];
		const read = await readRows(rows, (cells) => {
			const number = Number(cells.lesson);
			if (!Number.isInteger(number) || number < 1 || number > 999)
				throw new Refusal(`“${cells.lesson.slice(0, 40)}” isn’t a lesson number.`);
			if (!cells.title || isFormula(cells.title)) throw new Refusal('the title is missing.');
			if (planned.some((one) => one.number === number))
				throw new Refusal(`lesson ${number} is already in the file.`);
			const sessions = cells.sessions ? Number(cells.sessions) : 1;
			if (!Number.isInteger(sessions) || sessions < 1 || sessions > 50)
				throw new Refusal(`“${cells.sessions.slice(0, 40)}” isn’t a number of school days.`);
			const input: LessonInput = {
				title: cells.title.slice(0, 200),
				note: cells.note.slice(0, 500),
				optional: yesCell(cells.optional) ? 1 : 0,
				sessions
			};
			const here = own.lessons.find((one) => one.number === number)?.lesson;
			const same =
				here && (Object.keys(input) as (keyof LessonInput)[]).every((key) => here[key] === input[key]);
			planned.push({ id: here?.id ?? null, number, input });
			return {
				status: same ? 'same' : here ? 'changed' : 'new',
				text: `${number} ${input.title}`,
				value: null
			};
		});
		return {
			rows: read.map((one) => one.planned),
			apply(trx, progress) {
				const inOrder = planned.toSorted((a, b) => a.number - b.number);
				return eachRow(inOrder, progress, async ({ id, input }) => {
					if (id === null) await addLesson(trx, own.row.id, input);
					else await updateLesson(trx, own.row.id, id, input);
				});
			}
		};
	}
};
