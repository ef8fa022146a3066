import { roleOfTitle } from '../../print/index.ts';
import { byId, json, type Row, type Snapshot } from '../../facts/index.ts';
import type { RunSituation } from '../runs.ts';
import { wantedOf } from './books.ts';
import { isPrintedFrom, sortedResources } from './printed-from.ts';

/** Lessons have ids below this, so that a resource and a lesson make one number. */
const LESSONS = 1_000_000;

/** Prints that nobody sorted have ids below zero, made of what they are: so their copies and runs are known again. */
export const isFlagged = (print: { readonly id: number }): boolean => print.id < 0;

/**
 * Printables at home that lessons of a run want, as rows of prints: all their pages, for whoever takes part. Once
 * something is settled about one it becomes a row like any other.
 */
export function flaggedPrints(
	snapshot: Snapshot,
	run: RunSituation
): { readonly row: Row<'print'>; readonly resource: Row<'resource'> }[] {
	const resources = byId(snapshot.resources);
	const documents = byId(snapshot.documents);
	const sorted = sortedResources(snapshot, run);
	return wantedOf(snapshot, run).flatMap(({ resource: id, lesson, required, previewMinutes }) => {
		const resource = resources.get(id);
		if (!resource || !isPrintedFrom(resource) || sorted.has(id)) return [];
		const pages = documents.get(resource.document_id ?? 0)?.pages ?? resource.pages ?? 1;
		const row: Row<'print'> = {
			id: -(id * LESSONS + lesson),
			run_id: run.row.id,
			source_id: 0,
			lesson_id: lesson,
			activity_id: null,
			title: resource.title,
			role: roleOfTitle(resource.title) ?? 'student',
			pages: json(Array.from({ length: pages }, (_, index) => index + 1)),
			participants: null,
			again: 0,
			from_book: 0,
			place_of: null,
			page_width_mm: null,
			page_height_mm: null,
			backs: null,
			fit: json([]),
			optional: required ? 0 : 1,
			choices: json({}),
			note: previewMinutes ? `Look through it first: ${previewMinutes} min` : ''
		};
		return [{ row, resource }];
	});
}
