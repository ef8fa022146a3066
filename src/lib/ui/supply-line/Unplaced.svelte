<script lang="ts">
	import { counted } from '$core/words/index.ts';
	import Button from '../button/Button.svelte';
	import type { Failure } from '../field/failure.ts';
	import Select from '../select/Select.svelte';
	import ReviewRow from './ReviewRow.svelte';
	import type { ReviewLine } from './review.svelte.ts';

	type Props = {
		/** Lines without a lesson; under a heading that names one which is not there. */
		group: { readonly heading: string | null; readonly lines: readonly ReviewLine[] };
		lessons: readonly { value: string; label: string }[];
		children: number;
		failure: Failure;
		marks: boolean;
		ready: boolean;
		next: (from: HTMLElement) => void;
	};
	let { group, ready, lessons, ...row }: Props = $props();
	let lesson = $state('');
	const title = $derived(
		group.heading === null
			? `Which lesson? ${counted(group.lines.length, 'line')} without one`
			: `“${group.heading}” isn’t in this unit: ${counted(group.lines.length, 'line')}`
	);
	const picked = $derived(group.lines.filter((line) => line.picked));
	const options = $derived([{ value: '', label: 'Choose a lesson' }, ...lessons]);

	function put() {
		for (const line of picked) line.putInto(lesson);
		lesson = '';
	}
</script>

<!-- Lines that name no lesson of the unit: many go into one in one go. -->
<section class="mt-5" aria-label={title}>
	<h3 class="font-display text-lg font-semibold">{title}</h3>
	{#if ready}
		<div class="mt-1 flex flex-wrap items-center gap-3">
			<Select bind:value={lesson} {options} aria-label="Lesson for the picked lines" />
			<Button disabled={lesson === '' || picked.length === 0} onclick={put}
				>Put {counted(picked.length, 'picked line')} there</Button
			>
			<Button
				size="small"
				onclick={() => {
					const all = picked.length < group.lines.length;
					for (const line of group.lines) line.picked = all;
				}}>{picked.length < group.lines.length ? 'Pick all' : 'Pick none'}</Button
			>
		</div>
	{/if}
	<ol class="mt-2 border-t-2 border-ink">
		{#each group.lines as line (line)}
			<li class="flex items-start gap-1">
				{#if ready}<label class="flex size-11 shrink-0 items-center justify-center"
						><input
							type="checkbox"
							class="size-5"
							bind:checked={line.picked}
							aria-label="Pick: {line.row.written}"
						/></label
					>{/if}
				<ol class="min-w-0 flex-1"><ReviewRow {line} {lessons} {ready} {...row} /></ol>
			</li>
		{/each}
	</ol>
</section>
