<script lang="ts">
	import { SvelteSet } from 'svelte/reactivity';
	import { enhance } from '$app/forms';
	import { counted } from '$core/words/index.ts';
	import type { SuggestedGroup } from '$lib/server/services/print/sorting.ts';
	import { saves } from '../device/submit.ts';
	import Button from '../button/Button.svelte';

	let { groups }: { groups: readonly SuggestedGroup[] } = $props();
	/** First pages of groups that somebody unchecked. */
	const unchecked = new SvelteSet<number>();
	const checked = $derived(groups.filter((one) => !unchecked.has(one.pages[0])));
	const pages = $derived(checked.reduce((sum, one) => sum + one.pages.length, 0));
</script>

<!-- What the pages seem to be, each with its reason, taken or dropped in one go. -->
<form
	method="post"
	action="?/suggested"
	use:enhance={saves()}
	class="mt-4 rounded-sheet border border-rule bg-lined p-3"
	aria-label="Suggestions"
>
	<div class="flex flex-wrap items-center justify-between gap-3">
		<h3 class="text-base">What they seem to be</h3>
		<div class="flex flex-wrap gap-2">
			<Button type="submit" look="main" size="small" name="take" value="take"
				>Sort {counted(pages, 'page')} like this</Button
			>
			<Button type="submit" size="small" name="take" value="drop">Drop the checked ones</Button>
		</div>
	</div>
	<ul class="mt-2 max-h-72 columns-1 gap-x-8 overflow-y-auto md:columns-2">
		{#each groups as group (group.pages[0])}
			<li class="break-inside-avoid border-b border-rule">
				<label class="flex min-h-9 items-start gap-2.5 py-1.5 text-sm leading-snug">
					<input
						type="checkbox"
						name="group{group.pages[0]}"
						checked
						class="mt-0.5 size-4 shrink-0"
						onchange={({ currentTarget }) =>
							currentTarget.checked ? unchecked.delete(group.pages[0]) : unchecked.add(group.pages[0])}
					/>
					<span
						><span class="font-semibold tabular-nums">{group.pagesText}</span>
						{group.roleText}{group.lesson ? `, lesson ${group.lesson.number}` : ''}{group.again
							? ', written on again'
							: ''}
						<span class="text-ink-2">{group.why}</span></span
					>
				</label>
			</li>
		{/each}
	</ul>
</form>
