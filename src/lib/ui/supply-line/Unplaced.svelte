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
	const picked = $derived(group.lines.filter((line) => line.keep));
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
			<div class="w-64 max-w-full">
				<Select bind:value={lesson} {options} aria-label="Lesson for the checked lines" />
			</div>
			<Button disabled={lesson === '' || picked.length === 0} onclick={put}
				>Put {counted(picked.length, 'checked line')} there</Button
			>
			<Button
				size="small"
				onclick={() => {
					const all = picked.length < group.lines.length;
					for (const line of group.lines) line.keep = all;
				}}>{picked.length < group.lines.length ? 'Check all' : 'Uncheck all'}</Button
			>
		</div>
	{/if}
	<ol class="mt-2 border-t-2 border-ink">
		{#each group.lines as line (line)}
			<ReviewRow {line} {lessons} {ready} {...row} />
		{/each}
	</ol>
</section>
