<script lang="ts">
	import { counted, durationText } from '$core/words/index.ts';
	import type { PrepPlan } from '$core/prepare/index.ts';
	import type { Planned, PrepQuestion } from '$lib/workers/prep.worker.ts';
	import { Aside } from '../device/aside.svelte.ts';
	import Button from '../button/Button.svelte';
	import PostButton from '../button/PostButton.svelte';

	type Props = {
		question: PrepQuestion;
		habit: 'batch' | 'by lesson';
		/** Something waits for a sitting. */
		isNext: boolean;
	};
	let { question, habit, isNext }: Props = $props();

	const aside = new Aside<PrepQuestion, Planned>(
		() => new Worker(new URL('../../workers/prep.worker.ts', import.meta.url), { type: 'module' })
	);
	const working = $derived(aside.share !== null);
	const shown = $derived(aside.to(question));

	const minutesOf = (plan: PrepPlan) => Math.round(plan.sittings.reduce((sum, one) => sum + one.minutes, 0));
	const placed = (plan: PrepPlan) =>
		JSON.stringify(
			Object.fromEntries(plan.sittings.flatMap((one) => one.jobs.map((job) => [job, Number(one.id)])))
		);
	const said = (plan: PrepPlan) =>
		[
			counted(plan.sittings.length, 'sitting'),
			durationText(minutesOf(plan)),
			plan.late.length ? `${counted(plan.late.length, 'job')} late` : '',
			plan.unplaced.length ? `${counted(plan.unplaced.length, 'job')} without room` : ''
		]
			.filter(Boolean)
			.join(', ');
	const HABITS = [
		{ value: 'batch', name: 'All of a kind at once', way: 'batch' },
		{ value: 'by lesson', name: 'Lesson by lesson', way: 'byLesson' }
	] as const;
	function difference(batch: PrepPlan, byLesson: PrepPlan): string {
		if (batch.late.length + batch.unplaced.length !== byLesson.late.length + byLesson.unplaced.length)
			return '';
		const more = minutesOf(byLesson) - minutesOf(batch);
		return more > 0
			? `All of a kind at once saves ${durationText(more)}: the laminator warms up less often.`
			: 'Both take the same time here.';
	}
</script>

<!-- Which job at which sitting, worked out on this device, in both ways of working; one tap takes one over. -->
<div aria-live="polite">
	<div class="flex flex-wrap items-center gap-3">
		<Button onclick={() => aside.ask(question)} disabled={working} look={shown || !isNext ? 'plain' : 'main'}
			>{working ? 'Planning' : 'Plan the sittings'}</Button
		>
		{#if working}<Button look="quiet" onclick={() => aside.stop()}>Stop</Button>{/if}
	</div>
	{#if shown && 'problem' in shown}<p class="mt-2 font-semibold text-late">{shown.problem}</p>{/if}
	{#if shown && 'ways' in shown}
		<ul class="mt-3 divide-y divide-rule border-y border-rule">
			{#each HABITS as one (one.value)}
				{@const plan = shown.ways[one.way]}
				<li class="flex flex-wrap items-center gap-x-4 gap-y-2 py-2">
					<span class="font-semibold">{one.name}</span>
					<span class="flex-1 tabular-nums">{said(plan)}</span>
					<PostButton
						action="?/accept"
						fields={{ plan: placed(plan), habit: one.value }}
						look={one.value === habit ? 'main' : 'plain'}
						size="small">Use this plan</PostButton
					>
				</li>
			{/each}
		</ul>
		<p class="mt-1 text-sm text-ink-2">{difference(shown.ways.batch, shown.ways.byLesson)}</p>
	{/if}
</div>
