<script lang="ts">
	import { tick } from 'svelte';
	import type { StripPage } from '$lib/server/services/print/sorting.ts';
	import type { PageChoice } from './page-choice.svelte.ts';
	import PageTile from './PageTile.svelte';

	type Props = {
		pages: readonly StripPage[];
		file: string | null;
		choice: PageChoice;
		/** A page is to be seen large. */
		enlarge: (page: number) => void;
		/** A letter was pressed that stands for a role. */
		letter: (key: string) => void;
	};
	let { pages, file, choice, enlarge, letter }: Props = $props();
	let list = $state<HTMLElement>();
	let dragging = false;

	const pageAt = (target: EventTarget | null): number | null => {
		const tile = (target as HTMLElement | null)?.closest?.('[data-page]');
		return tile ? Number(tile.getAttribute('data-page')) : null;
	};
	/** How many tiles stand in a row just now. */
	function across(): number {
		const tiles = [...(list?.children ?? [])] as HTMLElement[];
		const top = tiles[0]?.offsetTop;
		const next = tiles.findIndex((tile) => tile.offsetTop !== top);
		return next > 0 ? next : Math.max(1, tiles.length);
	}
	async function focusCurrent() {
		await tick();
		list?.querySelector<HTMLElement>(`[data-page="${choice.current}"]`)?.focus();
	}
	function press(event: KeyboardEvent) {
		const steps: Record<string, number> = {
			ArrowRight: 1,
			ArrowLeft: -1,
			ArrowDown: across(),
			ArrowUp: -across(),
			Home: -pages.length,
			End: pages.length
		};
		const step = steps[event.key];
		if (step !== undefined) {
			choice.move(step, { extend: event.shiftKey, only: event.ctrlKey || event.metaKey });
			void focusCurrent();
		} else if (event.key === 'Enter') choice.pick(choice.current, { add: true });
		else if (event.key === ' ') enlarge(choice.current);
		else if (event.key.toLowerCase() === 'a' && (event.ctrlKey || event.metaKey))
			choice.all(pages.map((one) => one.page));
		else if (event.key === 'Escape') choice.clear();
		else if (/^[a-z0-9]$/i.test(event.key) && !event.ctrlKey && !event.metaKey && !event.altKey)
			letter(event.key.toLowerCase());
		else return;
		event.preventDefault();
		event.stopPropagation();
	}
</script>

<svelte:window onpointerup={() => (dragging = false)} />

<div
	bind:this={list}
	role="listbox"
	tabindex="-1"
	aria-multiselectable="true"
	aria-label="Pages"
	class="grid grid-cols-3 content-start gap-1.5 sm:grid-cols-5 xl:grid-cols-6"
	onkeydown={press}
	onpointerdown={(event) => {
		const page = pageAt(event.target);
		if (page === null || event.button !== 0) return;
		// A finger scrolls; it chooses by tapping.
		const isTouch = event.pointerType === 'touch';
		if (isTouch) return;
		dragging = true;
		choice.pick(page, { add: event.ctrlKey || event.metaKey, extend: event.shiftKey });
	}}
	onclick={(event) => {
		const page = pageAt(event.target);
		if (page !== null && (event as unknown as PointerEvent).pointerType === 'touch')
			choice.pick(page, { add: true });
	}}
	onpointerover={(event) => {
		const page = pageAt(event.target);
		if (page !== null && dragging) choice.pick(page, { extend: true, add: event.ctrlKey || event.metaKey });
	}}
	ondblclick={(event) => {
		const page = pageAt(event.target);
		if (page !== null) enlarge(page);
	}}
>
	{#each pages as page (page.page)}
		<PageTile
			{page}
			{file}
			isChosen={choice.chosen.has(page.page)}
			isCurrent={choice.current === page.page}
		/>
	{/each}
</div>
