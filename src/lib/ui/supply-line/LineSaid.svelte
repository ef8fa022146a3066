<script lang="ts">
	import { USE_OPTIONS } from '$core/words/index.ts';
	import type { ReviewLine } from './review.svelte.ts';

	/** What is said in front of an amount. */
	const ABOUT =
		/^(?:about|approximately|approx\.?|around|roughly|at least|at most|up to|nearly|almost|more than|less than|over)$/i;

	let { line, children: count }: { line: ReviewLine; children: number } = $props();
	const text = $derived(line.said(count));
	const { row } = $derived(line);
	// What is dotted is our guess; it is said once above the list.
	const isOne = $derived(row.amountAssumed && line.fields.quantity === '1' && text.said.startsWith('1 '));
	const use = $derived(USE_OPTIONS.find((one) => one.value === line.fields.use)!.label);
	const useGuessed = $derived(row.useAssumed && line.fields.use === row.use);
	const guess = 'underline decoration-edge decoration-dotted decoration-2 underline-offset-3';
	const notes = $derived(row.note.split('; ').filter(Boolean));
	const about = $derived(notes.filter((note) => ABOUT.test(note)).map((note) => `${note.toLowerCase()} `));
	const said = $derived(
		about.join('') +
			[text.said, ...row.or.map((other) => `or ${other.item}`)].join(row.or.length > 1 ? ', ' : ' ')
	);
	const tail = $derived(
		[line.fields.optional && 'optional', ...notes.filter((note) => !ABOUT.test(note))]
			.filter(Boolean)
			.map((part) => ` · ${part}`)
			.join('')
	);
</script>

<!-- A line that was read, in one breath. -->
{#if isOne}<span class={guess}>1</span>{said.slice(1)}{:else}{said}{/if}
<span class="text-ink-2"
	>{text.total ?? ''}
	{#if row.fromHeading && line.fields.per === row.per}<span class={guess}>from the heading</span>{/if}
	· <span class={useGuessed ? guess : ''}>{use}</span>{tail}</span
>
