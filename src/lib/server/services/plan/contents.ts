import { Refusal } from '$core/error.ts';
import { readContents, withinText } from '$core/plan/index.ts';
import type { LessonInput } from '../../stores/plan/lessons.ts';

/** Most lessons that one table of contents may name. */
const MOST_LESSONS = 300;

/** The lessons of a pasted table of contents, and the lines that were let in, with page and topics as a note. @throws Refusal when there is none. */
export function lessonsTyped(text: string, letIn = ''): LessonInput[] {
	const { lessons } = readContents(text, new Set(letIn.split('\n').map((line) => line.trim())));
	if (lessons.length === 0)
		throw new Refusal(
			'No lessons found. Put one on each line, like “Lesson 3 Scale and distance … 22”.',
			'contents'
		);
	if (lessons.length > MOST_LESSONS)
		throw new Refusal(`That is more than ${MOST_LESSONS} lessons. Paste one unit at a time.`, 'contents');
	return lessons.map(({ title, page, topics, within, sessions, optional }) => ({
		title,
		note: [within && withinText(within), topics.join(', ')].filter(Boolean).join('. ').slice(0, 500),
		optional: optional ? 1 : 0,
		sessions,
		first_page: page
	}));
}
