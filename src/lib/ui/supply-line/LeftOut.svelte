<script lang="ts">
	import { counted } from '$core/words/index.ts';
	import Button from '../button/Button.svelte';
	import type { LeftOutLine } from './review.svelte.ts';

	type Props = { lines: readonly LeftOutLine[]; ready: boolean };
	let { lines, ready }: Props = $props();
	const names = (line: LeftOutLine) => line.lines.map((one) => one.row.item).join(', ');
</script>

<!-- Lines that gave no thing; a tap lets them in. -->
<ul>
	{#each lines as line, i (i)}
		{@const isIn = line.lines.every((one) => one.keep)}
		<li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule py-1.5">
			<span class="font-display text-ink-2">“{line.written}”</span>
			<span class="min-w-0 flex-1 text-sm text-ink-2"
				>{isIn ? `${counted(line.lines.length, 'thing')} on the list: ` : ''}{names(line)}</span
			>
			<Button
				size="small"
				disabled={!ready}
				aria-pressed={isIn}
				aria-label="{isIn ? 'Leave out' : 'Add'}: {line.written}"
				onclick={() => line.lines.forEach((one) => (one.keep = !isIn))}
				>{isIn ? 'Leave out' : `Add ${counted(line.lines.length, 'thing')}`}</Button
			>
		</li>
	{/each}
</ul>
