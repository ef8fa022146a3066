<script lang="ts">
	import type { ContainerView } from '$lib/server/services/binders/view.ts';

	type Props = { container: ContainerView; title: string; isMetric: boolean };
	let { container, title, isMetric }: Props = $props();

	/** Millimeters of paper, seen from its lower edge: a letter sheet is about so wide. */
	const SHEET = 216;
	const BOARD = 3;
	const LEFT = 8;
	const TOP = 10;
	const { sections, holds, stack } = $derived(container);
	const most = $derived(Math.max(holds, stack.millimetres));
	/** A lesson is a millimeter or a few: thickness is drawn so many times as large as width, and says so. */
	const THICK = $derived(most > 40 ? 3 : 6);
	const height = $derived(most * THICK + 2 * BOARD * THICK + 34);
	const layers = $derived(
		sections.map((one) => ({
			...one,
			y: TOP + (BOARD + most - one.upTo) * THICK,
			height: Math.max(one.millimetres * THICK, 0.4),
			isOver: one.upTo > holds + 1e-9
		}))
	);
	const scale = $derived(isMetric ? { length: 50, text: '50 mm' } : { length: 50.8, text: '2 in' });
	const thick = $derived(isMetric ? { length: 10, text: '10 mm' } : { length: 12.7, text: '½ in' });
	const measured = (mm: number) => (isMetric ? `${mm.toFixed(1)} mm` : `${(mm / 25.4).toFixed(2)} in`);
	let chosen = $state(-1);
	const said = $derived(
		chosen >= 0 && sections[chosen]
			? `${sections[chosen].number ? `Lesson ${sections[chosen].number}: ${sections[chosen].lesson}` : 'The guide'}, ${measured(sections[chosen].millimetres)}, up to ${measured(sections[chosen].upTo)}. ${sections[chosen].titles.join(', ') || 'Only its divider.'}`
			: 'Point at a layer, or move the slider.'
	);
</script>

<!-- A binder lying open, seen along its rings: each lesson is a layer, as thick as it is. Thickness is drawn larger than width, each with its own bar. -->
<figure class="mat rounded-sheet p-4 text-chalk">
	<svg viewBox="0 0 {SHEET + 60} {height}" class="w-full" role="img" aria-label={container.sentence}>
		<!-- Boards -->
		<rect
			x={LEFT - 4}
			y={TOP + (BOARD + most) * THICK}
			width={SHEET + 8}
			height={BOARD * THICK * 0.6}
			class="fill-tape"
		/>
		<!-- What the rings hold -->
		<rect
			x={LEFT}
			y={TOP + (BOARD + most - holds) * THICK}
			width={SHEET}
			height={holds * THICK}
			fill="none"
			stroke="currentColor"
			stroke-width="0.6"
			stroke-dasharray="3 2"
		/>
		{#each layers as layer, index (index)}
			<rect
				x={LEFT}
				y={layer.y}
				width={SHEET}
				height={layer.height}
				class="{layer.isOver ? 'fill-late' : index % 2 ? 'fill-desk-2' : 'fill-sheet'} stroke-ink"
				stroke-width={chosen === index ? 1.2 : 0.25}
				role="presentation"
				onpointerenter={() => (chosen = index)}
				data-mm={layer.millimetres}
			/>
			{#if layer.height > 6.5}
				<text
					x={LEFT + 4}
					y={layer.y + layer.height / 2 + 2}
					font-size="6"
					class={layer.isOver ? 'fill-sheet' : 'fill-ink'}
					>{layer.number ? `${layer.number} ${layer.lesson}`.slice(0, 52) : 'the guide'}</text
				>
			{/if}
		{/each}
		<!-- Rings -->
		{#each [0.2, 0.5, 0.8] as at (at)}
			<circle cx={LEFT + SHEET * at} cy={TOP + (BOARD + most) * THICK + 4} r="2.2" class="fill-desk" />
		{/each}
		<text
			x={LEFT + SHEET + 4}
			y={TOP + (BOARD + most - holds) * THICK + 5}
			font-size="6.5"
			fill="currentColor">rings hold</text
		>
		<text
			x={LEFT + SHEET + 4}
			y={TOP + (BOARD + most - holds) * THICK + 13}
			font-size="6.5"
			fill="currentColor">{measured(holds)}</text
		>
		<!-- Scale bars, along and across -->
		<g stroke="currentColor" stroke-width="0.8" fill="currentColor">
			<line x1={LEFT} x2={LEFT + scale.length} y1={height - 6} y2={height - 6} />
			<line x1={LEFT} x2={LEFT} y1={height - 9} y2={height - 3} />
			<line x1={LEFT + scale.length} x2={LEFT + scale.length} y1={height - 9} y2={height - 3} />
			<text x={LEFT + scale.length + 3} y={height - 3.5} font-size="6.5" stroke="none"
				>{scale.text} · thickness {THICK} times as large</text
			>
			<line
				x1={LEFT + SHEET + 40}
				x2={LEFT + SHEET + 40}
				y1={height - 8 - thick.length * THICK}
				y2={height - 8}
			/>
			<text x={LEFT + SHEET + 14} y={height - 10} font-size="6.5" stroke="none">{thick.text}</text>
		</g>
	</svg>
	<input
		type="range"
		min="0"
		max={sections.length - 1}
		bind:value={chosen}
		aria-label="{container.name}, layer by layer"
		aria-valuetext={said}
		class="mt-1 w-full accent-chalk"
	/>
	<figcaption class="mt-2 text-sm" aria-live="polite"><strong>{title}</strong> {said}</figcaption>
</figure>
