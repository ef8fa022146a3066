<script lang="ts">
	type Spine = {
		readonly id: number;
		readonly title: string;
		readonly width: number;
		readonly isTall: boolean;
	};
	type Props = {
		shelf: {
			readonly path: string;
			readonly length: number | null;
			readonly taken: number;
			readonly spines: readonly Spine[];
		};
	};
	let { shelf }: Props = $props();
	/** Heights that books usually have; common practice, no source. */
	const TALL_MM = 280;
	const USUAL_MM = 215;
	const HIGH_MM = 290;
	/** One scale for all shelves, and the least that is drawn of one. */
	const PIXELS_A_MM = 1.2;
	const LEAST_MM = 160;
	const length = $derived(Math.max(shelf.length ?? shelf.taken + 15, shelf.taken, LEAST_MM));
	const placed = $derived.by(() => {
		let x = 0;
		return shelf.spines.map((spine) => {
			const at = x;
			x += spine.width;
			return { ...spine, x: at, height: spine.isTall ? TALL_MM : USUAL_MM };
		});
	});
	const free = $derived(shelf.length === null ? null : Math.round(shelf.length - shelf.taken));
	/** A title fits a spine that is thick enough for its letters. */
	const LETTERS_MM = 9;
</script>

<figure class="max-w-full" style="width: {length * PIXELS_A_MM}px">
	<figcaption class="mb-1 flex flex-col">
		<span class="font-display font-semibold">{shelf.path}</span>
		<span class="text-sm {free !== null && free < 0 ? 'font-semibold text-late' : 'text-ink-2'}"
			>{shelf.spines.length}
			{shelf.spines.length === 1 ? 'takes' : 'take'}
			{Math.round(shelf.taken)} mm{free === null
				? ''
				: free < 0
					? `; ${-free} mm too many for it`
					: `; ${free} mm are free`}</span
		>
	</figcaption>
	<svg
		viewBox="0 -{HIGH_MM} {length} {HIGH_MM + 14}"
		class="block w-full rounded-[3px] bg-mat"
		role="group"
		aria-label="{shelf.path}, to scale: {shelf.spines.length} spines, {Math.round(shelf.taken)} mm"
	>
		{#each placed as spine (spine.id)}
			<a href="/home/books/{spine.id}" aria-label={spine.title}>
				<rect
					x={spine.x}
					y={-spine.height}
					width={spine.width}
					height={spine.height}
					fill="var(--color-sheet)"
					stroke="var(--color-mat)"
					stroke-width="1"
				/>
				{#if spine.width >= LETTERS_MM}
					<text
						transform="translate({spine.x + spine.width / 2 + 3} -8) rotate(-90)"
						font-size="10"
						fill="var(--color-ink)"
						>{spine.title.length > 34 ? `${spine.title.slice(0, 33)}…` : spine.title}</text
					>
				{/if}
				<title>{spine.title}, {Math.round(spine.width)} mm</title>
			</a>
		{/each}
		<rect x="0" y="0" width={shelf.length ?? length} height="14" fill="var(--color-ink)" />
		{#if shelf.length !== null}
			<line
				x1={shelf.length}
				x2={shelf.length}
				y1={-HIGH_MM}
				y2="14"
				stroke="var(--color-chalk)"
				stroke-width="3"
				stroke-dasharray="10 8"
			/>
		{/if}
	</svg>
</figure>
