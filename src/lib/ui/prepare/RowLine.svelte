<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { RowView } from '$lib/server/services/prepare/rows.ts';
	import PostButton from '../button/PostButton.svelte';

	type Props = { row: RowView; children?: Snippet };
	let { row, children }: Props = $props();
</script>

<!-- What is done at one go: what, for which lessons, how long, by when, what is wrong; its parts open, each with its own Done. -->
<li class="py-2">
	<div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
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
