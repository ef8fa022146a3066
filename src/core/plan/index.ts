/** Plans: what a book's table of contents says about lessons and pages. */
export { readContents, type ContentsLesson, type ReadContents } from './contents.ts';
