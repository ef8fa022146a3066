import { CoreError } from '../error.ts';

/** How far somebody reads in one language, as a school grade: 0 is kindergarten, 2.5 the middle of second grade. */
export type ReadingLevel = { readonly language: string; readonly grade: number };

const HIGHEST_GRADE = 12;

/**
 * Reading levels as one would say them, a language and its grade each, with commas between.
 *
 *     readLevels('English 5, Spanish K')   // [{ language: 'English', grade: 5 }, { language: 'Spanish', grade: 0 }]
 *
 * @throws CoreError naming the part that cannot be read.
 */
export function readLevels(text: string): ReadingLevel[] {
	const levels = text
		.split(/[,;]/)
		.map((part) => part.trim())
		.filter(Boolean)
		.map((part): ReadingLevel => {
			const [, language, grade] =
				/^(\p{L}[\p{L} ]*?)\s+(?:grade\s+)?(k|\d{1,2}(?:\.\d)?)$/iu.exec(part) ?? [];
			if (language === undefined)
				throw new CoreError(
					`“${part.slice(0, 40)}” isn’t a language with its grade. Try English 5, Spanish K.`
				);
			const number = grade.toLowerCase() === 'k' ? 0 : Number(grade);
			if (number > HIGHEST_GRADE) throw new CoreError(`“${part}”: grades go from K to ${HIGHEST_GRADE}.`);
			return { language: language[0].toUpperCase() + language.slice(1), grade: number };
		});
	const twice = levels.find((one, i) => levels.findIndex((other) => other.language === one.language) !== i);
	if (twice) throw new CoreError(`${twice.language} is listed twice.`);
	return levels;
}

/** "English 5, Spanish K" */
export function levelsText(levels: readonly ReadingLevel[]): string {
	return levels.map(({ language, grade }) => `${language} ${grade === 0 ? 'K' : grade}`).join(', ');
}
