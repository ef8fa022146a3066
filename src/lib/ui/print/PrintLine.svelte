<script lang="ts">
	import { enhance } from '$app/forms';
	import Check from '@lucide/svelte/icons/check';
	import Undo from '@lucide/svelte/icons/undo-2';
	import type { PrintRow } from '$lib/server/services/print/view.ts';
	import { saves } from '../device/submit.ts';
	import type { Choices } from './options.ts';
	import PrintSettings from './PrintSettings.svelte';

	type Props = {
		print: PrintRow;
		choices: Choices;
		failure: { message?: string; path?: string | null } | null;
	};
	let { print, choices, failure }: Props = $props();
	let open = $state(false);

	const WORDS = { printed: 'Printed', finished: 'Finished', filed: 'Filed' } as const;
	const BACK = {
		printed: 'to print',
		finished: 'printed',
		filed: 'finished',
		'to print': 'to print'
	} as const;
	/** Copies that are equally far are moved on together. */
	const stages = $derived(
		(['to print', 'printed', 'finished', 'filed'] as const)
			.map((state) => ({ state, copies: print.copies.filter((one) => one.state === state) }))
			.filter((stage) => stage.copies.length > 0)
	);
	const who = (copies: PrintRow['copies']) =>
		copies.length === print.copies.length && copies.length > 1
			? 'all'
			: copies.map((one) => one.who).join(', ');
</script>

<!-- A print: a picture of its first page, what comes out of the printer, what is done with it then, how far its copies are. -->
<li class="border-b border-rule py-2.5 {open ? 'lg:col-span-2' : ''}" id="print-{print.id}">
	<div class="flex items-start gap-3">
		<div class="flex h-[4.5rem] w-14 shrink-0 items-center justify-center border border-rule bg-lined">
			{#if print.source.file}
				<img
					src="/documents/{print.source.file}/{print.firstPage}/small"
					alt=""
					loading="lazy"
					class="max-h-full max-w-full object-contain"
				/>
			{:else}<span class="px-1 text-center text-xs text-ink-2">on paper</span>{/if}
		</div>
		<div class="min-w-0 flex-1">
			<p class="leading-snug">
				<strong class="font-semibold">{print.title}</strong>
				<span class="text-sm text-ink-2">{print.pagesText}</span>
			</p>
			<p class="text-sm leading-snug">{print.what}</p>
			<p class="text-sm leading-snug text-ink-2">{print.next}{print.optional ? ' · extra' : ''}</p>
			{#if print.note}<p class="text-sm font-semibold text-due">{print.note}</p>{/if}
			{#each stages.filter((one) => one.state !== 'to print') as { state, copies } (state)}
				<form
					method="post"
					action="?/copies"
					use:enhance={saves()}
					class="flex items-center gap-1 text-sm font-semibold text-good"
				>
					<input type="hidden" name="keys" value={copies.map((one) => one.key).join(' ')} />
					{who(copies)}: {state}
					<button
						name="to"
						value={BACK[state]}
						class="inline-flex min-h-9 min-w-9 items-center justify-center text-ink-2 hover:text-ink"
						aria-label="Back to {BACK[state]}: {print.title}, {who(copies)}"
						><Undo size={16} aria-hidden="true" /></button
					>
				</form>
			{/each}
		</div>
		<div class="flex shrink-0 flex-col items-end gap-1.5">
			{#each stages as { state, copies } (state)}
				{@const next = copies[0].next}
				{#if next}
					<form method="post" action="?/copies" use:enhance={saves()}>
						<input type="hidden" name="keys" value={copies.map((one) => one.key).join(' ')} />
						<button
							name="to"
							value={next}
							class="inline-flex min-h-9 items-center gap-1.5 rounded-[3px] border-2 border-ink px-2.5 text-sm font-semibold hover:bg-ink hover:text-sheet"
							aria-label="{WORDS[next]}: {print.title}, {who(copies)}"
						>
							<Check size={16} aria-hidden="true" />{WORDS[next]}
						</button>
					</form>
				{/if}
			{/each}
			<button
				type="button"
				class="min-h-9 text-sm font-semibold underline decoration-rule decoration-2 underline-offset-4 hover:decoration-ink"
				aria-expanded={open}
				aria-label="Why and how: {print.title}"
				onclick={() => (open = !open)}
				>{open ? 'Close' : print.ownCount ? `Why · ${print.ownCount} yours` : 'Why'}</button
			>
		</div>
	</div>
	{#if open}<PrintSettings {print} {choices} {failure} done={() => (open = false)} />{/if}
</li>
