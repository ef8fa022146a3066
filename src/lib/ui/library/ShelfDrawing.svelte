<script lang="ts">
	type Spine = {
		readonly id: number;
		readonly title: string;
		readonly width: number;
		readonly thick: string;
		readonly isTall: boolean;
	};
	type Props = {
		shelf: {
			readonly path: string;
			readonly length: number | null;
			readonly taken: number;
			readonly about: string;
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
	const isOver = $derived(shelf.length !== null && shelf.length < shelf.taken);

	/** The largest letters on a spine, and the smallest that can be read; a thinner one shows its title when pointed at. */
	const LETTERS = { most: 10, least: 6 };
	const LETTER_WIDTH = 0.58;
	function lettering({ title, width, height }: { title: string; width: number; height: number }) {
		const size = Math.min(LETTERS.most, width * 0.8, (height - 14) / (title.length * LETTER_WIDTH));
		if (size >= LETTERS.least) return { size, text: title };
		if (width * 0.8 < LETTERS.least) return null;
		const letters = Math.floor((height - 14) / (LETTERS.least * LETTER_WIDTH)) - 1;
		return { size: LETTERS.least, text: `${title.slice(0, letters)}…` };
	}

	/** The title that is pointed at, or that the keyboard has come to. */
	let pointed = $state<Spine | null>(null);
</script>

<figure class="max-w-full" style="width: {length * PIXELS_A_MM}px">
	<figcaption class="mb-1 flex flex-col">
		<span class="font-display font-semibold">{shelf.path}</span>
		<span class="text-sm {isOver ? 'font-semibold text-late' : 'text-ink-2'}">{shelf.about}</span>
	</figcaption>
	<svg
		viewBox="0 -{HIGH_MM} {length} {HIGH_MM + 14}"
		class="block w-full rounded-[3px] bg-mat"
		role="group"
		aria-label="{shelf.path}, to scale: {shelf.about}"
	>
		{#each placed as spine (spine.id)}
			{@const letters = lettering(spine)}
			<a
				href="/home/books/{spine.id}"
				aria-label="{spine.title}, {spine.thick}"
				class="group outline-none"
				onpointerenter={() => (pointed = spine)}
				onpointerleave={() => (pointed = null)}
				onfocus={() => (pointed = spine)}
				onblur={() => (pointed = null)}
			>
				<rect
					x={spine.x}
					y={-spine.height}
					width={spine.width}
					height={spine.height}
					class="fill-sheet group-hover:fill-due-soft group-focus-visible:fill-due-soft"
					stroke="var(--color-mat)"
					stroke-width="1"
				/>
				{#if letters}
					<text
						transform="translate({spine.x + spine.width / 2 + letters.size * 0.34} -7) rotate(-90)"
						font-size={letters.size}
						fill="var(--color-ink)">{letters.text}</text
					>
				{/if}
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
	<p class="mt-1 min-h-6 text-sm" aria-hidden="true">
		{#if pointed}<span class="font-semibold">{pointed.title}</span>, {pointed.thick}{/if}
	</p>
</figure>
