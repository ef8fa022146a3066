<script lang="ts">
	import { untrack } from 'svelte';
	import {
		above,
		backToFront,
		nameOn,
		onPaper,
		roundOf,
		sidesOf,
		SLANT,
		type PackedBox
	} from '$core/boxes/index.ts';
	import { lengthText, type System } from '$core/measure/index.ts';

	type Props = {
		packed: PackedBox;
		box: { readonly name: string; readonly length: number; readonly width: number; readonly height: number };
		titles: Readonly<Record<string, string>>;
		system: System;
		/** Which of the things are round: balls and cans. */
		round: ReadonlySet<string>;
		/** Opened at the layer of this thing: what lies on it is drawn as outlines. */
		thing?: string | null;
	};
	let { packed, box, titles, system, round, thing = null }: Props = $props();

	/** How many of its things are in, in the order in which they go in; 0 is all of them. */
	let step = $state(untrack(() => 1 + packed.items.findIndex((one) => one.item === thing)));
	const isSought = $derived(thing !== null && packed.items[step - 1]?.item === thing);
	const shown = $derived(step === 0 || isSought ? packed.items.length : step);
	const inside = $derived(packed.items.slice(0, shown));
	const marked = $derived(step > 0 ? packed.items[step - 1] : null);
	const lifted = $derived(isSought && marked ? above(packed.items, marked) : []);
	const points = (corners: readonly (readonly [number, number, number])[]) =>
		corners.map((corner) => onPaper(box, corner).join(',')).join(' ');
	const flat = (corners: readonly (readonly [number, number])[]) =>
		corners.map((corner) => corner.join(',')).join(' ');
	type Item = PackedBox['items'][number];
	/** Letters stand on the front of a thing, and across the middle of a round one. */
	const middleOf = (item: Item) => item.y + (round.has(item.item) ? item.width / 2 : 0);
	/** The number that the list has for it, with its name where that has room. */
	function labelOf(item: Item, index: number): string {
		const long = `${index + 1} ${titles[item.item]}`;
		return nameOn(item, long.length, { least: width / 55, most: width / 30 }) ? long : String(index + 1);
	}
	// Outlines last, so that they lie over what is sought.
	const drawn = $derived([
		...backToFront(inside).filter(({ item }) => !lifted.includes(item)),
		...backToFront(inside).filter(({ item }) => lifted.includes(item))
	]);
	/** The front, the top and the right side, each a little darker than the one before. */
	const SHADES = [0, 0.08, 0.22];
	const width = $derived(box.length + box.width * SLANT);
	const height = $derived(box.height + box.width * SLANT);
	const bar = $derived(
		system === 'metric' ? { length: 100, text: '10 cm' } : { length: 101.6, text: '4 in' }
	);
	const lies = (item: PackedBox['items'][number]) =>
		item.height <= Math.min(item.length, item.width) ? 'flat' : 'on edge';
	const said = $derived(
		!marked
			? 'Empty.'
			: isSought
				? `${titles[marked.item]}, ${lies(marked)}. ${
						lifted.length
							? `Lift out first: ${lifted.map((one) => titles[one.item]).join(', ')}.`
							: 'Nothing is on top of it.'
					}`
				: `${step}. ${titles[marked.item]}, ${lies(marked)}, ${lengthText(marked.x, system)} from the left, ${lengthText(marked.y, system)} from the front${marked.z > 0 ? ', on top of what is there' : ''}.`
	);
	const floor = $derived([
		[0, 0, 0],
		[box.length, 0, 0],
		[box.length, box.width, 0],
		[0, box.width, 0]
	] as const);
	const back = $derived([
		[0, box.width, 0],
		[box.length, box.width, 0],
		[box.length, box.width, box.height],
		[0, box.width, box.height]
	] as const);
	const left = $derived([
		[0, 0, 0],
		[0, box.width, 0],
		[0, box.width, box.height],
		[0, 0, box.height]
	] as const);
</script>

<!-- A box with its things where they lie, from the very packing; the front is left open. -->
<figure class="mat rounded-sheet p-4 text-chalk">
	<svg
		viewBox="-8 -8 {width + 16} {height + 44}"
		class="max-h-[26rem] w-full"
		role="img"
		aria-label="{box.name}: {inside.map((one) => titles[one.item]).join(', ')}"
	>
		<g fill="none" stroke="currentColor" stroke-width={width / 300}>
			{#each [floor, back, left] as side, index (index)}<polygon points={points(side)} />{/each}
		</g>
		{#each drawn as { item, index } (index)}
			{@const isMarked = item === marked}
			{@const isLifted = lifted.includes(item)}
			{@const [x, y] = onPaper(box, [item.x + item.length / 2, middleOf(item), item.z + item.height / 2])}
			{@const label = labelOf(item, index)}
			{@const name = isLifted ? null : nameOn(item, label.length, { least: width / 55, most: width / 30 })}
			<g
				fill={isLifted ? 'none' : isMarked ? 'var(--color-tape)' : 'var(--color-chalk)'}
				stroke={isLifted ? 'currentColor' : '#111'}
				stroke-dasharray={isLifted ? `${width / 60} ${width / 90}` : undefined}
				stroke-width={width / 500}
				stroke-linejoin="round"
			>
				{#if round.has(item.item)}
					{@const shape = roundOf(box, item)}
					<polygon points={flat(shape.outline)} data-thing={item.item} />
					{#if !isLifted && shape.end}<polygon
							points={flat(shape.end)}
							fill="#000"
							fill-opacity={SHADES[1]}
						/>{/if}
				{:else}
					{#each sidesOf(item) as side, at (at)}
						<polygon points={points(side)} data-thing={item.item} />
						{#if !isLifted}<polygon
								points={points(side)}
								fill="#000"
								fill-opacity={SHADES[at]}
								stroke="none"
							/>{/if}
					{/each}
				{/if}
				{#if name}
					<text
						transform="translate({x} {y}) {name.isUp ? 'rotate(-90)' : ''}"
						y={name.size * 0.34}
						font-size={name.size}
						text-anchor="middle"
						stroke="none"
						fill={isMarked ? 'var(--color-chalk)' : '#111'}
						font-family="inherit">{label}</text
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
