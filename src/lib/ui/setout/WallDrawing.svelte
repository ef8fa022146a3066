<script lang="ts">
	import { lengthText, type System } from '$core/measure/index.ts';
	import type { WallView } from '$lib/server/services/setout/wall.ts';

	type Props = { view: WallView; system: System };
	let { view, system }: Props = $props();
	const wall = $derived(view.wall);
	const letter = $derived(Math.max(wall.width_mm, wall.height_mm) / 34);
	const bar = $derived(
		system === 'metric' ? { length: 200, text: '20 cm' } : { length: 203.2, text: '8 in' }
	);
	const size = (text: string) =>
		Math.min(wall.card_height_mm / 3, (wall.card_width_mm - 8) / (Math.max(4, text.length) * 0.56));
	/** A title in lines of a word or two. */
	const wrapped = (title: string) =>
		title.split(' ').reduce<string[]>((lines, word) => {
			const last = lines.at(-1);
			return last !== undefined && last.length + word.length < 12
				? [...lines.slice(0, -1), `${last} ${word}`]
				: [...lines, word];
		}, []);
	const posterLetter = (spot: { width: number; height: number }, lines: readonly string[]) =>
		Math.min(
			letter * 1.6,
			(spot.width - 8) / (Math.max(4, ...lines.map((one) => one.length)) * 0.56),
			spot.height / (lines.length * 1.3)
		);
	const step = $derived(view.steps[view.at]);
	const said = $derived(
		`Board of ${lengthText(wall.width_mm, system)} by ${lengthText(wall.height_mm, system)}: ${
			[
				...view.posters.filter((one) => one.spot && one.isUp).map((one) => one.title),
				...view.hanging.map((one) => one.text)
			].join(', ') || 'empty'
		}`
	);
</script>

<!-- The board with its cards, to scale: new ones marked, hidden ones turned to the wall, free places dashed. -->
<figure class="mat rounded-sheet p-4 text-chalk">
	<svg
		viewBox="-8 -8 {wall.width_mm + 16} {wall.height_mm + 16 + letter * 2}"
		class="max-h-[30rem] w-full"
		role="img"
		aria-label={said}
	>
		<rect
			x="0"
			y="0"
			width={wall.width_mm}
			height={wall.height_mm}
			fill="none"
			stroke="currentColor"
			stroke-width={wall.width_mm / 200}
			data-width={wall.width_mm}
		/>
		{#if wall.strip_mm > 0}
			<rect x="0" y="0" width={wall.width_mm} height={wall.strip_mm} class="fill-chalk" stroke="#111" />
			{#if wall.strip_text}<text
					x={wall.width_mm / 2}
					y={wall.strip_mm * 0.68}
					font-size={Math.min(wall.strip_mm * 0.6, wall.width_mm / (wall.strip_text.length * 0.6))}
					text-anchor="middle"
					fill="#111">{wall.strip_text}</text
				>{/if}
		{/if}
		{#each view.posters as one (one.id)}
			{#if one.spot}
				{@const lines = wrapped(one.isHidden ? '?' : one.title)}
				{@const size = posterLetter(one.spot, lines)}
				<rect
					{...one.spot}
					data-poster={one.id}
					class={one.isUp ? (one.at === view.at ? 'fill-tape' : 'fill-chalk') : ''}
					fill={one.isUp ? undefined : 'none'}
					stroke="currentColor"
					stroke-dasharray={one.isUp ? undefined : `${letter / 3} ${letter / 3}`}
					stroke-width={wall.width_mm / 400}
				/>
				{#each lines as line, row (row)}
					<text
						x={one.spot.x + one.spot.width / 2}
						y={one.spot.y + one.spot.height / 2 + (row - (lines.length - 1) / 2) * size * 1.2 + size / 3}
						font-size={size}
						text-anchor="middle"
						fill={one.isUp ? (one.at === view.at ? 'var(--color-chalk)' : '#111') : 'currentColor'}
						>{line}</text
					>
				{/each}
			{/if}
		{/each}
		{#each view.layout?.places ?? [] as place, at (at)}
			{@const card = view.hanging[at]}
			<rect
				x={place.x}
				y={place.y}
				width={wall.card_width_mm}
				height={wall.card_height_mm}
				class={card ? (card.isNew ? 'fill-tape' : 'fill-chalk') : ''}
				fill={card ? undefined : 'none'}
				stroke="currentColor"
				stroke-dasharray={card ? undefined : `${letter / 3} ${letter / 3}`}
				stroke-width={wall.width_mm / 600}
			/>
			{#if card}
				<text
					x={place.x + wall.card_width_mm / 2}
					y={place.y + wall.card_height_mm / 2 + size(card.text) / 3}
					font-size={size(card.text)}
					text-anchor="middle"
					fill={card.isNew ? 'var(--color-chalk)' : '#111'}>{card.isHidden ? '?' : card.text}</text
				>
			{/if}
		{/each}
		<g fill="currentColor" stroke="currentColor" stroke-width={wall.width_mm / 300}>
			<line x1="0" x2={bar.length} y1={wall.height_mm + letter} y2={wall.height_mm + letter} />
			<text x={bar.length + 8} y={wall.height_mm + letter * 1.3} font-size={letter} stroke="none"
				>{bar.text}</text
			>
		</g>
	</svg>
	<figcaption class="mt-1 text-sm">
		{step ? `With lesson ${step.number}${step.day ? `, ${step.day}` : ''}. ` : ''}Dark: new. Dashed: free.
	</figcaption>
</figure>
