<script lang="ts">
	import type { ResourceKind } from '$core/library/index.ts';

	type Props = { title: string; authors: string; kind: ResourceKind; picture?: string };
	let { title, authors, kind, picture = '' }: Props = $props();

	/** A picture drawn from the title and the kind, the same each time. */
	const seed = $derived([...title].reduce((sum, sign) => (sum * 31 + sign.codePointAt(0)!) >>> 0, 7));
	const TINTS = ['mat', 'ink', 'due', 'good', 'edge'] as const;
	const tint = $derived(TINTS[seed % TINTS.length]);
	const isBook = $derived(['book', 'picture book', 'magazine'].includes(kind));
	const bands = $derived(Array.from({ length: 3 + (seed % 4) }, (_, i) => ((seed >>> (i * 3)) % 7) + 2));
</script>

<div
	aria-hidden="true"
	class="relative flex aspect-[3/4] flex-col overflow-hidden rounded-[3px] border border-edge bg-sheet p-2"
	style="--tint: var(--color-{tint})"
>
	{#if picture}<img
			src={picture}
			alt=""
			loading="lazy"
			class="absolute inset-0 size-full object-cover"
		/>{/if}
	<svg viewBox="0 0 60 24" class="mb-2 block w-full" preserveAspectRatio="none">
		<rect width="60" height="24" fill="var(--tint)" />
		{#each bands as height, i (i)}
			{#if isBook}
				<rect
					x={4 + i * 9}
					y={24 - height * 2}
					width="5"
					height={height * 2}
					fill="var(--color-sheet)"
					opacity=".8"
				/>
			{:else}
				<circle cx={8 + i * 10} cy="12" r={height / 1.6} fill="var(--color-sheet)" opacity=".8" />
			{/if}
		{/each}
	</svg>
	<p class="line-clamp-4 font-display text-sm leading-tight font-semibold">{title}</p>
	<p class="mt-auto line-clamp-2 text-sm leading-tight text-ink-2">{authors || kind}</p>
</div>
