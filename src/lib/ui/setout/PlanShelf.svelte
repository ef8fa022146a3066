<script lang="ts">
	import { enhance } from '$app/forms';
	import { dayText } from '$core/calendar/index.ts';
	import { inWeek, leftOutText, type LeftOut, type ShelfInput } from '$core/setout/index.ts';
	import { counted, listText } from '$core/words/index.ts';
	import type { ShelfAsked, ShelfPlanned } from '$lib/workers/shelf.worker.ts';
	import { Aside } from '../device/aside.svelte.ts';
	import { saves } from '../device/submit.ts';
	import Button from '../button/Button.svelte';

	type Props = {
		input: ShelfInput;
		before: readonly string[];
		weeks: readonly string[];
		isNext: boolean;
	};
	let { input, before, weeks, isNext }: Props = $props();
	const asking = $derived({ input, before });
	const aside = new Aside<ShelfAsked, ShelfPlanned>(
		() => new Worker(new URL('../../workers/shelf.worker.ts', import.meta.url), { type: 'module' })
	);
	const shown = $derived(aside.to(asking));
	const title = (id: string) => input.trays.find((one) => one.id === id)?.title ?? '';
	/** What is left out for one reason stands together; a lesson's tray first. */
	const reasons = (left: readonly LeftOut[], week: number) => {
		const said = left
			.toSorted((a, b) => Number(b.isLesson) - Number(a.isLesson))
			.map((one) => ({ title: title(one.tray), text: leftOutText(inWeek(input, week), one) }));
		return [...new Set(said.map((one) => one.text))].map(
			(text) => `${listText(said.filter((one) => one.text === text).map((one) => one.title))} (${text})`
		);
	};
	const name = (id: string) => input.children.find((one) => one.id === id)?.name ?? '';
</script>

<!-- Which trays are out in which week, worked out on this device; one tap takes it over. -->
<div aria-live="polite">
	<Button
		onclick={() => aside.ask(asking)}
		disabled={aside.share !== null || input.trays.length === 0}
		look={isNext && !shown ? 'main' : 'plain'}>Plan the shelf</Button
	>
	{#if shown && 'problem' in shown}<p class="mt-2 font-semibold text-late">{shown.problem}</p>{/if}
	{#if shown && 'weeks' in shown}
		<ol class="mt-3 divide-y divide-rule border-y border-rule text-sm">
			{#each shown.weeks as week, at (at)}
				<li class="py-1.5">
					<strong>{dayText(weeks[at])}</strong>: {counted(week.standing.length, 'tray')}.
					{#if week.comes.length}New: {listText(week.comes.map(title))}.{/if}
					{#if week.goes.length}Away: {listText(week.goes.map(title))}.{/if}
					{#if week.without.length}<strong class="text-late"
							>Nothing for {listText(week.without.map(name))}.</strong
						>{/if}
					{#if week.left.length}<span class="block text-ink-2"
							>Not out: {reasons(week.left, at).join('; ')}.</span
						>{/if}
				</li>
			{/each}
		</ol>
		<form method="post" action="?/accept" use:enhance={saves()} class="mt-2">
			<input
				type="hidden"
				name="plan"
				value={JSON.stringify(shown.weeks.map(({ standing }) => ({ standing })))}
			/>
			<Button type="submit" look="main">Use this plan</Button>
		</form>
	{/if}
</div>
