<script lang="ts">
	import { counted } from '$core/words/index.ts';
	import type { ComponentProps } from 'svelte';
	import type { Part } from './columns.ts';
	import ReviewRow from './ReviewRow.svelte';
	import type { ReviewLine } from './review.svelte.ts';

	type Row = ComponentProps<typeof ReviewRow>;
	type Props = Pick<Row, 'children' | 'failure' | 'marks' | 'next'> & {
		columns: readonly (readonly Part<ReviewLine>[])[];
		/** Lines of a column that are on the screen. */
		filled: number;
		lessons: readonly { readonly id: number; readonly day: string | null }[];
		options: Row['lessons'];
		ready: boolean;
	};
	let { columns, filled, lessons, options, children, failure, marks, ready, next }: Props = $props();

	/** On the phone a lesson opens when it is tapped. */
	let unfolded = $state<Record<number, boolean>>({});
	const dayOf = (id: number) => lessons.find((lesson) => lesson.id === id)?.day ?? '';
	const titleOf = (id: number) => options.find((one) => one.value === String(id))?.label ?? '';
</script>

<!-- The lines that are read, lesson by lesson, in two columns; on the phone in one, folded. -->
<div class="mt-5 grid gap-x-10 lg:grid-cols-2 lg:items-start">
	{#each columns as column, c (c)}
		<div>
			{#each column as group (`${group.lesson} ${group.from}`)}
				<section class="mb-3" aria-label={titleOf(group.lesson)}>
					<h3 class="border-b-2 border-ink font-display font-semibold">
						<button
							type="button"
							class="flex min-h-11 w-full items-baseline justify-between gap-3 text-left sm:hidden"
							aria-expanded={unfolded[group.lesson] ?? false}
							onclick={() => (unfolded[group.lesson] = !unfolded[group.lesson])}
							><span>{titleOf(group.lesson)}</span><span class="font-text text-sm font-normal text-ink-2"
								>{[dayOf(group.lesson), counted(group.lines.length, 'line')].filter(Boolean).join(', ')}</span
							></button
						>
						<span class="flex items-baseline justify-between gap-3 max-sm:hidden"
							><span>{titleOf(group.lesson)}</span><span class="font-text text-sm font-normal text-ink-2"
								>{dayOf(group.lesson)}</span
							></span
						>
					</h3>
					<ol class={unfolded[group.lesson] ? '' : 'max-sm:hidden'}>
						{#each ready ? group.lines.slice(0, Math.max(0, filled - group.from)) : group.lines as line (line)}
							<ReviewRow {line} lessons={options} {children} {failure} {marks} {ready} {next} />
						{/each}
					</ol>
				</section>
			{/each}
		</div>
	{/each}
</div>
