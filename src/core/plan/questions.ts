/** A question to talk over, and the page that it belongs to where one is named. */
export type Question = {
	readonly page: number | null;
	/** As it is asked, without its page. */
	readonly text: string;
};

const LEADING = /^\(?(?:pp?\.?|pages?)\s*(\d{1,4})(?:\s?[-–—]\s?\d{1,4})?\)?\s*[:.,–—-]?\s*/i;
const TRAILING = /\s*[([](?:pp?\.?|pages?)\s*(\d{1,4})(?:\s?[-–—]\s?\d{1,4})?[)\]]\s*$/i;

const LAST = 1e6;

/**
 * Questions as they are typed, one to a line, each with its page if one stands before or after it; in the order of
 * the pages, those without one last.
 *
 * @example readQuestions('Why is north up?\np. 14: What is a legend for?')
 * // [{ page: 14, text: 'What is a legend for?' }, { page: null, text: 'Why is north up?' }]
 */
export function readQuestions(text: string): Question[] {
	return text
		.split('\n')
		.map((line) => line.trim())
		.filter(Boolean)
		.map((line): Question => {
			const found = LEADING.exec(line) ?? TRAILING.exec(line);
			const rest = found ? line.replace(found[0], '').trim() : line;
			return found && rest ? { page: Number(found[1]), text: rest } : { page: null, text: line };
		})
		.toSorted((a, b) => (a.page ?? LAST) - (b.page ?? LAST));
}
