<script lang="ts">
	import { enhance } from '$app/forms';
	import Check from '@lucide/svelte/icons/check';
	import type { HuntRow } from '$lib/server/services/looking/hunt.ts';
	import { saves } from '../device/submit.ts';
	import CautionNote from '../caution/CautionNote.svelte';

	type Props = {
		row: HuntRow;
		/** What was answered on this walk. */
		done: 'found' | 'not here' | null;
		/** Whether what is found goes into the unit's box. */
		move: boolean;
		/** The unit it is for, where the walk is for several. */
		unit: string;
		found: () => void;
		notHere: () => void;
		/** Opens how many were found. */
		ask: () => void;
	};
	let { row, done, move, unit, found, notHere, ask }: Props = $props();
	const title = $derived(row.what === 'look' ? `${row.text}?` : row.text);
</script>

{#snippet fields(answer: 'found' | 'not here')}
	<input type="hidden" name="item" value={row.item} />
	<input type="hidden" name="run" value={row.run} />
	<input type="hidden" name="place" value={row.where.place ?? ''} />
	<input type="hidden" name="kind" value={row.where.kind} />
	<input type="hidden" name="unit" value={row.unit} />
	<input type="hidden" name="move" value={move ? 'on' : ''} />
	<input type="hidden" name="answer" value={answer} />
{/snippet}

<!-- One thing that may be here, or that the house has without a count. -->
<li
	class="flex break-inside-avoid items-center gap-3 border-b border-rule py-2 print:items-start print:gap-2 print:py-0.5"
>
	<form
		method="post"
		action="?/hunt"
		onsubmit={(event) => {
			event.preventDefault();
			found();
		}}
	>
		{@render fields('found')}
		<button
			aria-pressed={done === 'found'}
			class="group grid size-12 place-items-center rounded-[3px] border-2 border-ink print:mt-1 print:size-3.5 print:rounded-none print:border aria-pressed:bg-good aria-pressed:text-sheet {row.what ===
			'look'
				? 'border-dashed print:border-solid'
				: ''}"
			aria-label="Found: {row.text}"
		>
			<Check size={26} class={done === 'found' ? '' : 'text-rule print:hidden'} aria-hidden="true" />
		</button>
	</form>
	<div class="min-w-0 flex-1 {done ? 'text-ink-2' : ''}">
		<p class="text-lg leading-snug font-semibold print:text-sm print:text-black {done ? 'line-through' : ''}">
			{title}
		</p>
		<p class="text-sm text-ink-2 print:text-xs print:text-black">
			{row.lessons}{unit ? `, ${unit}` : ''}{done === 'not here'
				? row.next
					? ` · next: ${row.next}`
					: ' · not at home'
				: row.what === 'have'
					? ` · have enough${row.under ? `, under ${row.under}` : ''}`
					: ''}
		</p>
		{#each row.cautions as text (text)}<CautionNote {text} />{/each}
	</div>
	{#if !done && row.what === 'have'}
		<div class="no-print flex shrink-0 flex-col justify-end gap-1.5 sm:flex-row">
			{#each [['short', 'Not enough'], ['gone', 'Used up']] as [to, label] (to)}
				<form
					method="post"
					action="/lists/have?/{to}"
					use:enhance={saves({ waits: `${row.name}: ${label}` })}
				>
					<input type="hidden" name="item" value={row.item} />
					<button
						class="min-h-11 rounded-[3px] border border-edge px-3 text-sm font-semibold hover:border-ink hover:bg-lined"
						aria-label="{label}: {row.name}">{label}</button
					>
				</form>
			{/each}
		</div>
	{/if}
	{#if !done && row.what === 'look'}
		<div class="no-print flex shrink-0 flex-wrap justify-end gap-1.5">
			{#if row.unit !== 'each' || row.amount !== '1'}
				<button
					type="button"
					class="min-h-11 px-2 text-sm font-semibold text-ink-2 underline decoration-rule decoration-2 underline-offset-4 hover:text-ink"
					aria-label="Found some: {row.text}"
					onclick={ask}>Some</button
				>
			{/if}
			<form
				method="post"
				action="?/hunt"
				onsubmit={(event) => {
					event.preventDefault();
					notHere();
				}}
			>
				{@render fields('not here')}
				<button
					class="min-h-11 rounded-[3px] border border-edge px-3 text-sm font-semibold hover:border-ink hover:bg-lined"
					aria-label="Not here: {row.text}">Not here</button
				>
			</form>
		</div>
	{/if}
</li>
