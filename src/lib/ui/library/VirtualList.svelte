<script lang="ts" generics="T extends { readonly id: number }">
	import type { Snippet } from 'svelte';
	import { SvelteMap } from 'svelte/reactivity';

	type Props = {
		total: number;
		/** The first stretch, from the server. */
		first: readonly T[];
		/** Height of one line of entries, in pixels. */
		lineHeight: number;
		/** Smallest width of an entry; null is one on each line. */
		entryWidth?: number | null;
		load: (offset: number, limit: number) => Promise<readonly T[]>;
		entry: Snippet<[T]>;
		label: string;
	};
	let { total, first, lineHeight, entryWidth = null, load, entry, label }: Props = $props();

	const STRETCH = 60;
	/** Lines drawn above and below what is seen, so that fast scrolling shows no gap. */
	const MARGIN = 12;
	let box = $state<HTMLElement>();
	let top = $state(0);
	let height = $state(600);
	let width = $state(0);
	const known = new SvelteMap<number, T>();
	/** Stretches that are loaded or on their way; nothing is drawn from it. */
	// eslint-disable-next-line svelte/prefer-svelte-reactivity
	const asked = new Set<number>();
	$effect.pre(() => {
		known.clear();
		asked.clear();
		first.forEach((one, i) => known.set(i, one));
		if (first.length) asked.add(0);
	});
	const columns = $derived(entryWidth === null ? 1 : Math.max(1, Math.floor(width / entryWidth)));
	const lines = $derived(Math.ceil(total / columns));
	const from = $derived(Math.max(0, Math.floor(top / lineHeight) - MARGIN) * columns);
	const to = $derived(Math.min(total, (Math.ceil((top + height) / lineHeight) + MARGIN) * columns));
	$effect(() => {
		for (let at = Math.floor(from / STRETCH) * STRETCH; at < to; at += STRETCH) {
			if (asked.has(at)) continue;
			asked.add(at);
			const start = at;
			load(start, STRETCH).then(
				(rows) => rows.forEach((one, i) => known.set(start + i, one)),
				() => asked.delete(start)
			);
		}
	});
</script>

<!-- Only what is seen is drawn; the box is as high as all of it, so that scrolling feels like the whole list. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex (a scrolling region has to be reached by keyboard) -->
<div
	bind:this={box}
	bind:clientHeight={height}
	bind:clientWidth={width}
	onscroll={() => (top = box!.scrollTop)}
	class="h-[calc(100vh-21rem)] min-h-96 overflow-y-auto border-y border-rule"
	role="region"
	aria-label={label}
	tabindex="0"
>
	<ul class="relative" style="height: {lines * lineHeight}px">
		{#each Array.from({ length: Math.max(0, to - from) }, (_, i) => from + i) as at (at)}
			{@const one = known.get(at)}
			<li
				class="absolute overflow-hidden"
				style="top: {Math.floor(at / columns) * lineHeight}px; height: {lineHeight}px; left: {((at %
					columns) /
					columns) *
					100}%; width: {100 / columns}%"
				aria-posinset={at + 1}
				aria-setsize={total}
			>
				{#if one}{@render entry(one)}{:else}<span class="block px-2 py-4 text-ink-2">…</span>{/if}
			</li>
		{/each}
	</ul>
</div>
