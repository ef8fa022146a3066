<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import Ellipsis from '@lucide/svelte/icons/ellipsis';
	import type { WalkRow } from '$lib/server/services/gathering/walk.ts';
	import CautionNote from '../caution/CautionNote.svelte';

	type Props = {
		row: WalkRow;
		done: boolean;
		/** Whether what is found goes into the unit's box. */
		move: boolean;
		/** The unit it is for, where the walk is for several. */
		unit: string;
		tick: () => void;
		/** Opens what to do where it is not there. */
		ask: () => void;
	};
	let { row, done, move, unit, tick, ask }: Props = $props();
</script>

<!-- One thing to fetch from its place. -->
<li
	class="flex break-inside-avoid items-center gap-3 border-b border-rule py-2 print:items-start print:gap-2 print:py-0.5"
>
	<form
		method="post"
		action="?/found"
		onsubmit={(event) => {
			event.preventDefault();
			tick();
		}}
	>
		<input type="hidden" name="lot" value={row.lot} />
		<input type="hidden" name="run" value={row.run} />
		<input type="hidden" name="amount" value={row.amount} />
		<input type="hidden" name="unit" value={row.unit} />
		<input type="hidden" name="move" value={move ? 'on' : ''} />
		<button
			aria-pressed={done}
			class="group grid size-12 place-items-center rounded-[3px] border-2 border-ink print:mt-1 print:size-3.5 print:rounded-none print:border aria-pressed:bg-good aria-pressed:text-sheet"
			aria-label="Found: {row.text}"
		>
			<Check size={26} class={done ? '' : 'text-rule print:hidden'} aria-hidden="true" />
		</button>
	</form>
	<div class="min-w-0 flex-1 {done ? 'text-ink-2' : ''}">
		<p class="text-lg leading-snug font-semibold print:text-sm print:text-black {done ? 'line-through' : ''}">
			{row.text}
		</p>
		<p class="text-sm text-ink-2 print:text-xs print:text-black">
			{row.lessons}{unit ? `, ${unit}` : ''} · {row.there}
			there{row.under ? ` · under ${row.under}` : ''}{row.lookAgain ? ` · ${row.lookAgain}` : ''}
		</p>
		{#each row.cautions as text (text)}<CautionNote {text} />{/each}
	</div>
	{#if !done}
		<button
			type="button"
			class="no-print grid size-11 shrink-0 place-items-center text-ink-2 hover:text-ink"
			aria-label="Not there, or less: {row.text}"
			onclick={ask}><Ellipsis size={22} aria-hidden="true" /></button
		>
	{/if}
</li>
