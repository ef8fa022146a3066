<script lang="ts">
	import type { PackedBox } from '$core/boxes/index.ts';

	type Props = {
		packed: PackedBox;
		box: { readonly name: string; readonly length: number; readonly width: number; readonly height: number };
		titles: Readonly<Record<string, string>>;
		isMetric: boolean;
	};
	let { packed, box, titles, isMetric }: Props = $props();

	/** How many of its things are in, in the order in which they go in. */
	let step = $state(0);
	const shown = $derived(step === 0 ? packed.items.length : step);
	const inside = $derived(packed.items.slice(0, shown));
	/** Depth is drawn at an angle, half as long, as one sees a box from above its corner. */
	const SLANT = 0.45;
	const at = (x: number, y: number, z: number) =>
		`${x + y * SLANT},${box.height + box.width * SLANT - z - y * SLANT}`;
	const face = (...corners: [number, number, number][]) => corners.map((one) => at(...one)).join(' ');
	type Item = PackedBox['items'][number];
	/** Seen from the front, the right and above: what lies behind, below or left of another is drawn before it. */
	const isBefore = (a: Item, b: Item) =>
		a.y >= b.y + b.width || a.z + a.height <= b.z || a.x + a.length <= b.x;
	function backToFront(items: readonly Item[]): { item: Item; index: number }[] {
		const left = items.map((item, index) => ({ item, index }));
		const order: typeof left = [];
		while (left.length) {
			const free = left.findIndex((one) =>
				left.every(
					(other) => other === one || isBefore(one.item, other.item) || !isBefore(other.item, one.item)
				)
			);
			order.push(...left.splice(Math.max(0, free), 1));
		}
		return order;
	}
	const drawn = $derived(backToFront(inside));
	/** The front, the top and the right side of a thing, each a little darker than the one before. */
	const sidesOf = ({ x, y, z, length, width: deep, height: high }: Item) => [
		{ shade: 0, points: face([x, y, z], [x + length, y, z], [x + length, y, z + high], [x, y, z + high]) },
		{
			shade: 0.08,
			points: face(
				[x, y, z + high],
				[x + length, y, z + high],
				[x + length, y + deep, z + high],
				[x, y + deep, z + high]
			)
		},
		{
			shade: 0.22,
			points: face(
				[x + length, y, z],
				[x + length, y + deep, z],
				[x + length, y + deep, z + high],
				[x + length, y, z + high]
			)
		}
	];
	const width = $derived(box.length + box.width * SLANT);
	const height = $derived(box.height + box.width * SLANT);
	const bar = $derived(isMetric ? { length: 100, text: '10 cm' } : { length: 101.6, text: '4 in' });
	const last = $derived(inside.at(-1));
	const lies = (item: PackedBox['items'][number]) =>
		item.height <= Math.min(item.length, item.width) ? 'flat' : 'on edge';
	const size = (mm: number) => (isMetric ? `${Math.round(mm / 10)} cm` : `${(mm / 25.4).toFixed(0)} in`);
	const said = $derived(
		last
			? `${shown}. ${titles[last.item]}, ${lies(last)}, ${size(last.x)} from the left, ${size(last.y)} from the front${last.z > 0 ? `, on top of what is there` : ''}.`
			: 'Empty.'
	);
</script>

<!-- A box with its things where they lie, from the very packing; the front is left open. -->
<figure class="mat rounded-sheet p-4 text-chalk">
	<svg
		viewBox="-8 -8 {width + 16} {height + 44}"
		class="w-full"
		role="img"
		aria-label="{box.name}: {inside.map((one) => titles[one.item]).join(', ')}"
	>
		<g fill="none" stroke="currentColor" stroke-width={width / 300}>
			<polygon points={face([0, 0, 0], [box.length, 0, 0], [box.length, box.width, 0], [0, box.width, 0])} />
			<polygon
				points={face(
					[0, box.width, 0],
					[box.length, box.width, 0],
					[box.length, box.width, box.height],
					[0, box.width, box.height]
				)}
			/>
			<polygon points={face([0, 0, 0], [0, box.width, 0], [0, box.width, box.height], [0, 0, box.height])} />
		</g>
		{#each drawn as { item, index } (index)}
			{@const { x, y, z, length, height: high } = item}
			{@const isLast = index === shown - 1 && step > 0}
			<g
				fill={isLast ? 'var(--color-tape)' : 'var(--color-chalk)'}
				stroke="#111"
				stroke-width={width / 500}
				stroke-linejoin="round"
			>
				{#each sidesOf(item) as side (side.shade)}
					<polygon points={side.points} />
					<polygon points={side.points} fill="#000" fill-opacity={side.shade} stroke="none" />
				{/each}
				{#if high > width / 26 && length > width / 16}
					<text
						x={x + y * SLANT + length / 2}
						y={height - z - y * SLANT - high / 2 + width / 110}
						font-size={width / 32}
						text-anchor="middle"
						stroke="none"
						fill={isLast ? 'var(--color-chalk)' : '#111'}
						font-family="inherit">{index + 1}</text
					>
				{/if}
			</g>
		{/each}
		<g fill="currentColor" stroke="currentColor" stroke-width={width / 250}>
			<line x1="0" x2={bar.length} y1={height + 18} y2={height + 18} />
			<text x={bar.length + 8} y={height + 24} font-size={width / 28} stroke="none">{bar.text}</text>
		</g>
	</svg>
	<input
		type="range"
		min="0"
		max={packed.items.length}
		bind:value={step}
		aria-label="{box.name}, step by step"
		aria-valuetext={step === 0 ? 'all of it' : said}
		class="mt-1 w-full accent-chalk"
	/>
	<figcaption class="mt-1 text-sm" aria-live="polite">
		<strong>{box.name}</strong>
		{step === 0 ? 'All of it. Move the slider to put it in step by step.' : said}
	</figcaption>
</figure>
