<script lang="ts">
	import { ROLE_TEXT } from '$core/print/index.ts';
	import { ROLE_TAGS } from './role-keys.ts';
	import type { StripPage } from '$lib/server/services/print/sorting.ts';

	type Props = { page: StripPage; file: string | null; isChosen: boolean; isCurrent: boolean };
	let { page, file, isChosen, isCurrent }: Props = $props();
	const role = $derived(page.role ?? page.seems?.role ?? null);
	const lesson = $derived(page.role ? page.lesson : (page.seems?.lesson ?? null));
	const said = $derived(role ? `${ROLE_TEXT[role][0]}${lesson ? `, lesson ${lesson}` : ''}` : '');
</script>

<!-- A page of the strip: its picture, its number, and as tape what it is, or dotted what it seems to be. -->
<div
	role="option"
	aria-selected={isChosen}
	aria-label="Page {page.page}{said ? `: ${page.role ? '' : 'maybe '}${said}` : ', not sorted'}"
	data-page={page.page}
	tabindex={isCurrent ? 0 : -1}
	class="group flex cursor-pointer flex-col rounded-[3px] p-1 outline-offset-2 select-none aria-selected:bg-ink"
>
	<div
		class="flex aspect-square items-center justify-center overflow-hidden bg-desk-2 {page.role === 'skip'
			? 'opacity-45'
			: ''}"
	>
		{#if file}
			<img
				src="/documents/{file}/{page.page}/small"
				alt=""
				loading="lazy"
				draggable="false"
				class="max-h-full max-w-full border border-rule bg-white object-contain"
			/>
		{:else}
			<span
				class="flex h-full items-center justify-center border border-rule bg-white font-display text-2xl text-black"
				style="aspect-ratio: {1 / page.shape}">{page.page}</span
			>
		{/if}
	</div>
	<p class="flex items-baseline gap-1.5 px-0.5 pt-1 text-xs leading-tight group-aria-selected:text-sheet">
		<span class="shrink-0 font-semibold tabular-nums">{page.page}</span>
		{#if page.role}
			<span class="min-w-0 truncate rounded-[2px] bg-tape px-1 font-semibold text-chalk"
				>{ROLE_TAGS[page.role]}{page.lesson ? ` ${page.lesson}` : ''}</span
			>
		{:else if page.seems}
			<span class="min-w-0 truncate border-b border-dotted border-current italic"
				>{ROLE_TAGS[page.seems.role]}{page.seems.lesson ? ` ${page.seems.lesson}` : ''}?</span
			>
		{/if}
	</p>
</div>
