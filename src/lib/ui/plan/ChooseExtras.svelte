<script lang="ts">
	import { dollarsTyped, LOAD_NAMES, loadText } from '$core/words/index.ts';
	import type { MeasureOfLoad } from '$core/plan/index.ts';
	import { enhance } from '$app/forms';
	import type { ChoiceInput } from '$core/choice/index.ts';
	import type { Chosen } from '$lib/workers/choose.worker.ts';
	import Button from '../button/Button.svelte';
	import TextField from '../field/TextField.svelte';
	import { Aside } from '../device/aside.svelte.ts';
	import { saves } from '../device/submit.ts';

	type Props = {
		input: ChoiceInput;
		titles: Readonly<Record<string, string>>;
		children: Readonly<Record<string, string>>;
		now: Readonly<Record<string, number | null>>;
		/** Money for the whole unit, in cents, and as it was asked for in the address. */
		budget: number | null;
		asked: string;
		unit: number;
	};
	let { input, titles, children, now, budget, asked, unit }: Props = $props();

	const aside = new Aside<ChoiceInput, Chosen>(
		() => new Worker(new URL('../../workers/choose.worker.ts', import.meta.url), { type: 'module' })
	);
	const working = $derived(aside.share !== null);
	const shown = $derived(aside.to(input));
	const whereNow = (id: string) => (now[id] === null ? 'from ideas' : `already in week ${now[id]}`);
</script>

<!-- Which extras to do: exactly the best set within the family's limits, worked out on this device. -->
<section aria-labelledby="choose">
	<h2 id="choose" class="mb-1 text-lg">Which ones fit?</h2>
	<p class="mb-2 text-sm text-ink-2">
		{input.activities.length} extras, {input.limits.length
			? 'your weekly limits'
			: 'no limits yet (set them under Workload)'}, and something for each child each week.
	</p>
	<form method="get" class="mb-3 flex items-end gap-3" data-sveltekit-noscroll data-sveltekit-keepfocus>
		<TextField
			label="Spend at most ($)"
			name="budget"
			inputmode="decimal"
			value={asked}
			placeholder={budget === null ? 'no limit' : dollarsTyped(budget)}
			look="!w-28"
		/>
		<Button type="submit" size="small">Apply</Button>
	</form>
	<div class="flex gap-3">
		<Button onclick={() => aside.ask(input)} disabled={working || input.activities.length === 0}
			>Find the best mix</Button
		>
		{#if working}<Button look="quiet" onclick={() => aside.stop()}>Stop</Button>{/if}
	</div>
	<div role="status" class="mt-3">
		{#if working}
			<p>Comparing every mix …</p>
		{:else if shown && 'problem' in shown}
			<p class="border-l-4 border-late pl-3">
				{shown.problem} <a href="/units/{unit}/plan/load">Edit the limits</a>
			</p>
		{:else if shown && 'over' in shown}
			<p class="border-l-4 border-late pl-3">
				{shown.over
					? `Required extras already use ${loadText(shown.over.of as MeasureOfLoad, shown.over.taken)}${shown.over.week === null ? '' : ` in week ${shown.over.week}`}; your limit is ${loadText(shown.over.of as MeasureOfLoad, shown.over.most)}.`
					: 'Required extras already go over your limits.'}
				<a href="/units/{unit}/plan/load">Edit the limits</a>
			</p>
		{:else if shown}
			{@const choice = shown.choice}
			<p class="font-semibold">
				{choice.chosen.length} of {input.activities.length} fit. No other mix scores higher.
			</p>
			<ul class="mt-1 divide-y divide-rule border-y border-rule text-sm">
				{#each choice.chosen as one (one.id)}<li class="flex justify-between gap-3 py-1">
						<span>{titles[one.id]}</span><span class="text-ink-2"
							>{now[one.id] === null ? `week ${one.week}, ` : ''}{whereNow(one.id)}</span
						>
					</li>{/each}
				{#each choice.left as one (one.id)}<li class="flex justify-between gap-3 py-1 text-ink-2">
						<span>{titles[one.id]}</span><span
							>{one.over.length
								? `too much ${one.over.map((of) => LOAD_NAMES[of as MeasureOfLoad]).join(' and ')}`
								: 'you want it less than the others'}</span
						>
					</li>{/each}
			</ul>
			{#if choice.uncovered.length}<p class="mt-2 text-sm text-due">
					Nothing fits for {choice.uncovered
						.map((gap) => `${children[gap.child]} in week ${gap.week}`)
						.join(', ')}.
				</p>{/if}
			<form method="post" action="?/choose" use:enhance={saves()} class="mt-3">
				<input
					type="hidden"
					name="chosen"
					value={choice.chosen.map((one) => `${one.id}@${one.week}`).join(',')}
				/>
				<Button type="submit" size="small">Use this mix</Button>
			</form>
		{/if}
	</div>
</section>
