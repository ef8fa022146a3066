<script lang="ts">
	import { lengthText, type System } from '$core/measure/index.ts';
	import type { ShelfView } from '$lib/server/services/setout/shelf.ts';

	type Props = { view: ShelfView; system: System };
	/** Width of a letter of a child's name, of its size, with room before it. */
	const SHARE = 0.75;
	let { view, system }: Props = $props();

	const out = $derived(view.trays.filter((one) => one.board !== null));
	const width = $derived(Math.max(...view.boards.map((one) => one.along), 300));
	const top = $derived(
		Math.max(
			...view.boards.map((one) => one.high + Math.min(one.clear ?? 350, 350)),
			...view.children.map((one) => one.easy + 60)
		) + 40
	);
	/** How wide the drawing is shown, pixels; 0 until it is known. */
	let shown = $state(0);
	const LEAST_PIXELS = 11.5;
	const longest = $derived(Math.max(4, ...view.children.map((one) => one.name.length)));
	/** Letters of the drawing, mm: never smaller than what a phone shows legibly. */
	const letter = $derived.by(() => {
		const usual = Math.max(width, top) / 38;
		const pixels = shown - LEAST_PIXELS * longest * SHARE;
		return pixels <= 0 ? usual : Math.max(usual, (LEAST_PIXELS * (width + 20)) / pixels);
	});
	const bar = $derived(
		system === 'metric' ? { length: 200, text: '20 cm' } : { length: 203.2, text: '8 in' }
	);
	const side = $derived(letter * longest * SHARE);
	/** A name over its tray: a little smaller where it is long, and cut where that is not enough. */
	const named = (title: string, along: number) => {
		const size = Math.max(letter * 0.75, Math.min(letter, (along + 10) / (title.length * 0.5)));
		const most = Math.max(3, Math.floor((along + 10) / (size * 0.5)));
		return { size, text: title.length > most ? `${title.slice(0, most - 1)}…` : title };
	};
	const said = $derived(
		view.boards
			.toReversed()
			.map(
				(board) =>
					`${board.name} at ${lengthText(board.high, system)}: ${
						out
							.filter((one) => one.board === board.id)
							.map((one) => one.title)
							.join(', ') || 'empty'
					}`
			)
			.join('. ')
	);
</script>

<!-- The activity shelf from the front, to scale: boards at their height, trays where they are, and how high each child reaches. -->
<figure class="mat rounded-sheet p-4 text-chalk">
	<svg
		viewBox="{-10} 0 {width + side + 20} {top + letter * 2.4}"
		class="max-h-[34rem] w-full"
		bind:clientWidth={shown}
		role="img"
		aria-label={said}
	>
		<g stroke="currentColor" stroke-width={width / 300}>
			<line x1="0" x2="0" y1="20" y2={top} />
			<line x1={width} x2={width} y1="20" y2={top} />
			<line x1={-10} x2={width + side} y1={top} y2={top} stroke-width={width / 150} />
		</g>
		{#each view.boards as board (board.id)}
			<rect
				x="0"
				y={top - board.high}
				width={board.along}
				height={width / 70}
				fill="currentColor"
				data-high={board.high}
			/>
			<text x="6" y={top - board.high + width / 70 + letter} font-size={letter * 0.85} fill="currentColor"
				>{board.name}, {lengthText(board.high, system)}</text
			>
			{#each out.filter((one) => one.board === board.id) as tray (tray.id)}
				<rect
					x={tray.x}
					y={top - board.high - tray.high}
					width={tray.along}
					height={tray.high}
					class={tray.broken.length ? 'fill-late' : tray.state === 'comes' ? 'fill-tape' : 'fill-chalk'}
					stroke="#111"
					stroke-width={width / 500}
					data-along={tray.along}
				/>
				{@const name = named(tray.title, tray.along)}
				<text
					x={tray.x + tray.along / 2}
					y={top - board.high - tray.high - letter * 0.35}
					font-size={name.size}
					text-anchor="middle"
					fill="currentColor">{name.text}</text
				>
			{/each}
		{/each}
		{#each view.children as child (child.name)}
			<line
				x1="0"
				x2={width + side}
				y1={top - child.easy}
				y2={top - child.easy}
				stroke="currentColor"
				stroke-dasharray="{letter * 0.6} {letter * 0.4}"
				stroke-width={width / 400}
				data-reach={child.easy}
			/>
			<text x={width + 8} y={top - child.easy - letter * 0.3} font-size={letter} fill="currentColor"
				>{child.name}</text
			>
		{/each}
		<g fill="currentColor" stroke="currentColor" stroke-width={width / 300}>
			<line x1="0" x2={bar.length} y1={top + letter} y2={top + letter} />
			<text x={bar.length + 10} y={top + letter * 1.3} font-size={letter} stroke="none">{bar.text}</text>
		</g>
	</svg>
	<figcaption class="mt-1 text-sm">
		Dashed: what each child reaches with ease. Dark trays are new this week; red ones break a rule.
	</figcaption>
</figure>
