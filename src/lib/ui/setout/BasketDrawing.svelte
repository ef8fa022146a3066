<script lang="ts">
	import { lengthText, type System } from '$core/measure/index.ts';
	import type { BasketView } from '$lib/server/services/setout/basket.ts';

	type Props = {
		books: BasketView['books'];
		size: { readonly length: number; readonly height: number };
		system: System;
	};
	let { books, size, system }: Props = $props();
	const taken = $derived(Math.max(0, ...books.map((one) => one.x + one.thick)));
	const wide = $derived(Math.max(size.length, taken));
	const tall = $derived(Math.max(size.height, ...books.map((one) => one.height)));
	const letter = $derived(wide / 26);
	const bar = $derived(
		system === 'metric' ? { length: 100, text: '10 cm' } : { length: 101.6, text: '4 in' }
	);
	const said = $derived(
		`Basket, ${lengthText(size.length, system)} long, from the side: ${books.map((one) => `${one.title} ${lengthText(Math.round(one.thick), system)}`).join(', ')}`
	);
</script>

<!-- The basket from its side, to scale: books on their edges one behind the other, those over its length in red. -->
<figure class="mat mt-3 max-w-3xl rounded-sheet p-4 text-chalk">
	<svg
		viewBox="-6 -6 {wide + 12} {tall + 12 + letter * 2}"
		class="max-h-64 w-full"
		role="img"
		aria-label={said}
	>
		{#each books as one (one.id)}
			{@const isOver = one.x + one.thick > size.length}
			<rect
				x={one.x}
				y={tall - one.height}
				width={one.thick}
				height={one.height}
				class={isOver ? 'fill-tape' : 'fill-chalk'}
				stroke="#111"
				data-thick={one.thick}
			/>
			<text
				transform="translate({one.x + one.thick / 2 + Math.min(letter, one.thick * 0.7) / 3} {tall -
					8}) rotate(-90)"
				font-size={Math.min(letter, one.thick * 0.7)}
				fill={isOver ? 'var(--color-chalk)' : '#111'}
				>{one.title.slice(0, Math.floor(one.height / (letter * 0.55)))}</text
			>
		{/each}
		<path
			d="M0 {tall - size.height} V{tall} H{size.length} V{tall - size.height}"
			fill="none"
			stroke="currentColor"
			stroke-width={wide / 90}
			data-length={size.length}
		/>
		<g fill="currentColor" stroke="currentColor" stroke-width={wide / 250}>
			<line x1="0" x2={bar.length} y1={tall + letter} y2={tall + letter} />
			<text x={bar.length + 6} y={tall + letter * 1.3} font-size={letter} stroke="none">{bar.text}</text>
		</g>
	</svg>
	<figcaption class="mt-1 text-sm">
		From the side, to scale, from the left: {books
			.map((one) => `${one.title} ${lengthText(Math.round(one.thick), system)}`)
			.join(', ')}. Whatever else is in it takes room, too.
	</figcaption>
</figure>
