import { type Row, remember } from '$core/facts/index.ts';
import type { Situation } from '$core/account/index.ts';
import { counted } from '$core/words/index.ts';

/** The topics of all resources, most frequent first. */
export function topicsOf({ snapshot }: Situation): { topic: string; count: number }[] {
	const counts = new Map<string, number>();
	for (const { topics } of snapshot.resources)
		for (const topic of topicList(topics)) counts.set(topic, (counts.get(topic) ?? 0) + 1);
	return [...counts]
		.map(([topic, count]) => ({ topic, count }))
		.sort((a, b) => b.count - a.count || (a.topic < b.topic ? -1 : 1));
}

export function topicList(topics: string): string[] {
	return topics
		.split(',')
		.map((topic) => topic.trim())
		.filter(Boolean);
}

/** What the library comes to, in words. */
export function librarySentence(situation: Situation): string {
	const { snapshot, returns } = situation;
	const { resources, loans } = snapshot;
	if (resources.length === 0) return 'No books yet. Type a title or ISBN, or scan a shelf.';
	const owned = resources.filter((one) => one.owned).length;
	const borrowed = loans.filter((one) => one.direction === 'in' && one.state === 'on loan').length;
	const lent = loans.filter((one) => one.direction === 'out' && one.state === 'on loan').length;
	const parts = [
		`You own ${counted(owned, 'title')}`,
		borrowed ? `${borrowed} borrowed` : '',
		lent ? `${lent} lent` : ''
	].filter(Boolean);
	const [first] = returns;
	const idle = unusedOf(situation).length;
	const unused = idle ? ` ${idle} ${idle === 1 ? 'wasn’t' : 'weren’t'} used in the last two units.` : '';
	return `${parts.join(', ')}.${unused}${first ? ` ${first.resource.title} is due first.` : ''}`;
}

const useCounts = remember<readonly Row<'resource'>[]>();

/** What is ours, was here for two units that have begun or are over, and no lesson or extra of any unit uses. */
export function unusedOf({ snapshot, runs }: Situation): readonly Row<'resource'>[] {
	const begun = runs.filter(
		({ row: run, lessons }) => run.state === 'put away' || lessons.some((one) => one.over)
	);
	const starts = begun.flatMap(({ row: run }) => (run.start_on ? [run.start_on] : [])).sort();
	// Here before the last two of them began.
	const before = starts.at(-2) ?? '';
	const { resources, uses, spines, activityResources } = snapshot;
	return useCounts(resources, [before, uses, spines, activityResources], () => {
		const used = new Set([
			...uses.map((one) => one.resource_id),
			...spines.map((one) => one.resource_id),
			...activityResources.map((one) => one.resource_id)
		]);
		return resources.filter((one) => one.owned === 1 && one.added_on < before && !used.has(one.id));
	});
}
