<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { RowView } from '$lib/server/services/prepare/rows.ts';
	import Button from '../button/Button.svelte';
	import PostButton from '../button/PostButton.svelte';

	type Props = {
		row: RowView;
		/** Moves it to the sitting before or after its own. */
		onstep?: (by: -1 | 1) => void;
		children?: Snippet;
	};
	let { row, onstep, children }: Props = $props();
	let isOpen = $state(false);
	function keys(event: KeyboardEvent) {
		const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
		if (by === undefined) return;
		event.preventDefault();
		onstep?.(by as -1 | 1);
	}
</script>

<!-- What is done at one go: what, for which lessons, how long, by when, what is wrong; its parts open, each with its own Done. -->
<li class="py-2">
	<div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
		{#if onstep}
			<button
				type="button"
				data-handle={row.key}
				class="-my-2 -mr-2 inline-flex size-11 shrink-0 cursor-pointer items-center justify-center self-center text-ink-2 hover:text-ink"
				aria-label="Move {row.title}, {row.of}: arrow keys, or open"
				aria-expanded={isOpen}
				onkeydown={keys}
				onclick={() => (isOpen = !isOpen)}
			>
				<svg viewBox="0 0 16 16" class="size-4" aria-hidden="true"
					><path
						d="M8 1v14M4.5 4.5 8 1l3.5 3.5M4.5 11.5 8 15l3.5-3.5"
						fill="none"
						stroke="currentColor"
						stroke-width="1.6"
					/></svg
				>
			</button>
		{/if}
		<span class="font-semibold">{row.title}</span>
		<span class="w-full text-sm text-ink-2 sm:w-auto sm:flex-1"
			>{row.of}{row.detail ? ` · ${row.detail}` : ''}</span
		>
		{#if row.by}<span class="text-sm {row.isLate ? 'font-semibold text-late' : 'text-ink-2'}"
				>{row.isLate ? 'late, was due' : 'by'} {row.by}</span
			>{/if}
		<span class="min-w-16 text-right text-sm tabular-nums">{row.time}</span>
		{@render children?.()}
	</div>
	{#if onstep && isOpen}
		<p class="mt-1 flex gap-3">
			<Button onclick={() => onstep(-1)}>Earlier sitting</Button>
			<Button onclick={() => onstep(1)}>Later sitting</Button>
		</p>
	{/if}
	{#if row.broken.length}<p class="text-sm font-semibold text-late">
			Not here: {row.broken.join('; ')}.
		</p>{/if}
	{#if row.parts.length === 1 && row.parts[0].instead.length}<p class="text-sm text-ink-2">
			Instead: {row.parts[0].instead.join('; ')}.
		</p>{/if}
	{#if row.parts.length > 1}
		<details>
			<summary class="min-h-11 cursor-pointer py-2 text-sm sm:min-h-0 sm:py-1"
				>{row.parts.length} parts</summary
			>
			<ul class="divide-y divide-rule border-l-2 border-rule pl-3">
				{#each row.parts as part (part.id)}
					<li class="flex flex-wrap items-baseline gap-x-4 gap-y-1 py-1.5 text-sm">
						<span>{part.title}</span>
						<span class="w-full text-ink-2 sm:w-auto sm:flex-1"
							>{part.of}{part.detail ? ` · ${part.detail}` : ''}{#if part.isLate && part.instead.length}<span
									class="block">Instead: {part.instead.join('; ')}.</span
								>{/if}</span
						>
						{#if part.by}<span class={part.isLate ? 'font-semibold text-late' : 'text-ink-2'}
								>{part.isLate ? 'late, was due' : 'by'} {part.by}</span
							>{/if}
						<span class="tabular-nums">{part.time}</span>
						<PostButton
							action="?/done"
							fields={{ job: part.id }}
							size="small"
							label="Done: {part.title}, {part.of}">Done</PostButton
						>
					</li>
				{/each}
			</ul>
		</details>
	{/if}
</li>
