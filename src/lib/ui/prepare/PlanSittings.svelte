<script lang="ts">
	import { dayText } from '$core/calendar/index.ts';
	import { counted, durationText, listText, timeText } from '$core/words/index.ts';
	import { BAR_TEXT, type Bar, type PlanWay, type PrepPlan, type WhyNot } from '$core/prepare/index.ts';
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
	const REASON: Readonly<Record<Bar, string>> = {
		noise: 'noisy, and your sittings are quiet',
		heat: 'hot, and your sittings have no laminator',
		blades: 'sharp or hot, and small hands are about at your sittings',
		printer: 'printed, and your sittings have no printer'
	};
	/** “Print 12 gray sides and 3 more” */
	const named = ({ jobs }: Pick<WhyNot, 'jobs'>) =>
		jobs.length > 2
			? `${question.titles[jobs[0]]} and ${jobs.length - 1} more`
			: listText(jobs.map((id) => question.titles[id]));
	function reason(one: WhyNot): string {
		const is = one.jobs.length > 1 ? 'are' : 'is';
		if (one.why === 'barred')
			return `${named(one)}: ${is} ${listText(one.bars.map((bar) => REASON[bar as Bar]))}.`;
		if (one.why === 'too long')
			return `${named(one)}: ${one.jobs.length > 1 ? 'up to ' : ''}${timeText(one.minutes)}, longer than any of your sittings.`;
		return `${named(one)}: your sittings are full.`;
	}
	const result = (one: WhyNot, { places }: PlanWay) =>
		places === one.jobs.length
			? 'then all of it has room'
			: `then ${counted(places, 'job')} of ${one.jobs.length} has room`.replace(
					/(\d+ jobs) of (\d+) has/,
					'$1 of $2 have'
				);
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
		{#each shown.whyNot as one (one.jobs[0])}
			<div class="mt-3 border-l-4 border-due pl-3">
				<p class="font-semibold">{reason(one)}</p>
				<ul class="mt-1 space-y-1.5 text-sm">
					{#each one.ways as way (way.kind)}
						<li class="flex flex-wrap items-center gap-x-3 gap-y-1">
							{#if way.kind === 'allow'}
								<PostButton action="?/allow" fields={{ bars: one.bars.join(' ') }} size="small"
									>Allow it: take “{listText(one.bars.map((bar) => BAR_TEXT[bar as Bar]))}” back</PostButton
								>
							{:else if way.kind === 'add'}
								<PostButton
									action="?/sitting"
									fields={{ text: `${way.day}, ${way.minutes} min` }}
									size="small"
									>Add {durationText(way.minutes)} on {dayText(way.day)}{one.why === 'barred'
										? ', with everything allowed'
										: ''}</PostButton
								>
							{:else}
								<span
									>Have the copy store print {way.jobs.length === 1
										? 'it'
										: counted(way.jobs.length, 'job')}</span
								>
							{/if}
							<span class="text-ink-2">{result(one, way)}</span>
						</li>
					{/each}
				</ul>
			</div>
		{/each}
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
