/** Text as people paste it: its lines, without the marks of a page, and the language it is in. */
export { BRACKETS, keepers, QUOTED } from './keepers.ts';
export { foreignLanguage } from './language.ts';
export { linesOf, withoutMarkup } from './lines.ts';
export { lessonHeading, onlyNames, type LessonHeading } from './lesson-heading.ts';
