<script lang="ts">
	import { lengthText, type System } from '$core/measure/index.ts';
	import type { ShelfView } from '$lib/server/services/boxes/box-page.ts';

	type Props = { shelf: ShelfView; name: string; system: System };
	let { shelf, name, system }: Props = $props();
	const high = $derived(
		shelf.height ?? Math.max(shelf.box.high, ...shelf.standing.map((one) => one.high)) + 60
	);
	const places = $derived(
		shelf.standing.map((one, at) => ({
			...one,
			x: shelf.standing.slice(0, at).reduce((sum, other) => sum + other.along, 0)
		}))
	);
	const letter = $derived(shelf.width / 30);
	const bar = $derived(
		system === 'metric' ? { length: 100, text: '10 cm' } : { length: 101.6, text: '4 in' }
	);
	/** A name is set as large as its place allows, and turned where that is narrow. */
	const sizeFor = (text: string, along: number) => Math.min(letter, along / (text.length * 0.56));
	const said = $derived(
		`${shelf.name}: ${[...shelf.standing.map((one) => one.name), name].join(', ')}; ${lengthText(shelf.box.freeAlong, system)} left over`
	);
</script>

<!-- A shelf from the front, to scale, with what stands on it and the box. -->
<figure class="mat rounded-sheet p-4 text-chalk">
	<svg
		viewBox="-12 -6 {shelf.width + 24} {high + 30 + letter * 2}"
		class="max-h-72 w-full"
		role="img"
		aria-label={said}
	>
		<g stroke="currentColor" stroke-width={shelf.width / 250} fill="none">
			<line x1="0" x2={shelf.width} y1={high} y2={high} stroke-width={shelf.width / 90} />
			<line x1="0" x2="0" y1="0" y2={high} />
			<line x1={shelf.width} x2={shelf.width} y1="0" y2={high} />
			{#if shelf.height !== null}<line x1="0" x2={shelf.width} y1="0" y2="0" />{/if}
		</g>
		{#each [...places.map( (one) => ({ ...one, isBox: false }) ), { name, x: shelf.box.x, along: shelf.box.along, high: shelf.box.high, isBox: true }] as one, index (index)}
			<rect
				x={one.x}
				y={high - one.high}
				width={one.along}
				height={one.high}
				fill={one.isBox ? 'var(--color-tape)' : 'var(--color-chalk)'}
				stroke="#111"
				stroke-width={shelf.width / 500}
			/>
			{@const size = sizeFor(one.name, one.along)}
			{#if size > letter / 3}<text
					x={one.x + one.along / 2}
					y={high - one.high / 2 + size / 3}
					font-size={size}
					text-anchor="middle"
					fill={one.isBox ? 'var(--color-chalk)' : '#111'}>{one.name}</text
				>{/if}
		{/each}
		<g fill="currentColor" stroke="currentColor" stroke-width={shelf.width / 300}>
			<line x1="0" x2={bar.length} y1={high + 22} y2={high + 22} />
			<text x={bar.length + 8} y={high + 22 + letter / 3} font-size={letter} stroke="none">{bar.text}</text>
		</g>
	</svg>
	<figcaption class="mt-1 text-sm">
		<strong>{shelf.name}</strong>{shelf.floor !== null
			? `, ${lengthText(shelf.floor, system)} off the floor`
			: ''}. {shelf.box.isTurned ? 'Short side to the front.' : 'Long side to the front.'}
		{lengthText(shelf.box.freeAlong, system)} left over{shelf.why ? `; ${shelf.why}` : ''}.
	</figcaption>
</figure>
