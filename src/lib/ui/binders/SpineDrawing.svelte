<script lang="ts">
	import type { SpineView } from '$lib/server/services/binders/spines.ts';

	type Props = { spine: SpineView; isMetric: boolean };
	let { spine, isMetric }: Props = $props();
	const measured = (mm: number) => (isMetric ? `${Math.round(mm)} mm` : `${(mm / 25.4).toFixed(1)} in`);
	const bar = $derived(isMetric ? { length: 50, text: '50 mm' } : { length: 50.8, text: '2 in' });
	const gap = 14;
	const width = $derived(Math.max(spine.count * (spine.wide + gap), 96));
</script>

<!-- The closed binder from its back, to scale, with its label as it is printed. -->
<figure class="mat rounded-sheet p-4 text-chalk">
	<svg
		viewBox="-6 -6 {width + 12} {spine.high + 34}"
		class="max-h-80 w-full"
		role="img"
		aria-label="{spine.name}, closed: {measured(spine.wide)} wide, label {measured(
			spine.label.wide
		)} × {measured(spine.label.high)}"
	>
		{#each Array.from({ length: spine.count }, (_, at) => at) as at (at)}
			{@const x = at * (spine.wide + gap)}
			{@const left = x + (spine.wide - spine.label.wide) / 2}
			{@const top = (spine.high - spine.label.high) / 2}
			<rect
				{x}
				y="0"
				width={spine.wide}
				height={spine.high}
				rx="1.5"
				class="fill-tape"
				data-wide={spine.wide}
			/>
			<rect
				x={left}
				y={top}
				width={spine.label.wide}
				height={spine.label.high}
				class="fill-sheet"
				data-wide={spine.label.wide}
			/>
			{#each spine.label.lines as line, index (index)}
				{@const size = Math.min(5.5, (spine.label.wide - 3) / (line.length * 0.56))}
				<text
					x={left + spine.label.wide / 2}
					y={top + 9 + index * 7}
					font-size={size}
					text-anchor="middle"
					class="fill-ink">{line}</text
				>
			{/each}
		{/each}
		<g fill="currentColor" stroke="currentColor" stroke-width="1">
			<line x1="0" x2={bar.length} y1={spine.high + 12} y2={spine.high + 12} />
			<text x={bar.length + 4} y={spine.high + 15} font-size="8" stroke="none">{bar.text}</text>
		</g>
	</svg>
	<figcaption class="mt-1 text-sm">
		<strong>{spine.name}</strong> Closed, {measured(spine.wide)} wide. Its label is {measured(
			spine.label.wide
		)} × {measured(spine.label.high)}.
	</figcaption>
</figure>
