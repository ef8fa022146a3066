<script lang="ts">
	import { dollarsTyped } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import StackChart from '$lib/ui/chart/StackChart.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const money = (cents: number | null) => (cents === null ? '' : dollarsTyped(cents));
</script>

<svelte:head><title>Workload · {data.unit.name} · Gather Bin</title></svelte:head>

<p class="max-w-3xl font-display text-xl leading-snug font-medium sm:text-2xl">{data.load.sentence}</p>

{#if data.load.suggestions.length}
	<section class="mt-5 max-w-4xl border-l-4 border-due bg-due-soft px-4 py-3" aria-labelledby="lighter">
		<h2 id="lighter" class="text-lg">Ways to lighten it</h2>
		<ul class="mt-1 divide-y divide-rule">
			{#each data.load.suggestions as one (one.id)}
				<li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-1.5">
					<span class="min-w-56 flex-1 font-semibold">{one.title}</span>
					<span class="text-sm sm:w-80">{one.why}</span>
					<PostButton
						action="?/ease"
						fields={{ activity: one.activity, way: one.way, to: one.to ?? '' }}
						size="small"
						label="{one.button}: {one.title}">{one.button}</PostButton
					>
				</li>
			{/each}
		</ul>
	</section>
{/if}
{#if data.load.mix}<p class="mt-4">{data.load.mix}</p>{/if}

<div class="mt-6 grid gap-x-10 gap-y-8 xl:grid-cols-[minmax(0,1fr)_20rem]">
	<div>
		{#if data.chart}<StackChart chart={data.chart} label="Minutes of each week: {data.load.sentence}" />{/if}
		<div class="mt-4 overflow-x-auto" role="region" aria-label="Every lesson and week" tabindex="-1">
			<table class="w-full min-w-[36rem] border-collapse text-left text-sm">
				<thead>
					<tr class="border-b-2 border-ink">
						<th class="py-1 font-semibold">Lesson</th>
						{#each ['Minutes', 'Hands-on projects', 'Preparing', 'Cost', 'Mess'] as head (head)}<th
								class="py-1 pl-4 text-right font-semibold">{head}</th
							>{/each}
					</tr>
				</thead>
				<tbody>
					{#each data.load.weeks as week (week.week)}
						{#each data.load.lessons.filter((lesson) => lesson.week === week.week) as lesson (lesson.number)}
							<tr class="border-b border-rule">
								<td class="py-1"
									>{lesson.number} {lesson.title} <span class="text-ink-2">{lesson.day}</span></td
								>
								<td class="py-1 pl-4 text-right">{lesson.load.minutes}</td>
								<td class="py-1 pl-4 text-right">{lesson.load.handsOn || ''}</td>
								<td class="py-1 pl-4 text-right">{lesson.load.prepareMinutes || ''}</td>
								<td class="py-1 pl-4 text-right">{lesson.load.cents ? money(lesson.load.cents) : ''}</td>
								<td class="py-1 pl-4 text-right">{lesson.load.mess || ''}</td>
							</tr>
						{/each}
						<tr class="border-b border-ink bg-lined font-semibold">
							<td class="py-1"
								>Week {week.week} <span class="font-normal text-ink-2">from {week.from}</span>
								{#if week.over.length}<span class="block text-late">too full: {week.over.join('; ')}</span
									>{/if}</td
							>
							<td class="py-1 pl-4 text-right">{week.load.minutes}</td>
							<td class="py-1 pl-4 text-right">{week.load.handsOn || ''}</td>
							<td class="py-1 pl-4 text-right">{week.load.prepareMinutes || ''}</td>
							<td class="py-1 pl-4 text-right">{week.load.cents ? money(week.load.cents) : ''}</td>
							<td class="py-1 pl-4 text-right">{week.load.mess || ''}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	</div>
	<section aria-labelledby="limits">
		<h2 id="limits" class="mb-1 text-lg">Our weekly limits</h2>
		<p class="mb-3 text-sm text-ink-2">
			Leave blank what doesn’t matter. Lessons with no time set count as 40 minutes.
		</p>
		<form method="post" action="?/limits" use:enhance={saves()} class="space-y-3">
			<div class="grid grid-cols-2 gap-3">
				<TextField
					label="Minutes"
					name="minutes"
					inputmode="numeric"
					value={data.load.limits.minutes ?? ''}
					{failure}
				/>
				<TextField
					label="Hands-on projects"
					name="handsOn"
					inputmode="numeric"
					value={data.load.limits.handsOn ?? ''}
					{failure}
				/>
				<TextField
					label="Prep minutes"
					name="prepareMinutes"
					inputmode="numeric"
					value={data.load.limits.prepareMinutes ?? ''}
					{failure}
				/>
				<TextField
					label="Adult minutes"
					name="adultMinutes"
					inputmode="numeric"
					value={data.load.limits.adultMinutes ?? ''}
					{failure}
				/>
				<TextField
					label="Mess points (0–3 each)"
					name="mess"
					inputmode="numeric"
					value={data.load.limits.mess ?? ''}
					{failure}
				/>
				<TextField
					label="Money ($)"
					name="cents"
					inputmode="decimal"
					value={money(data.load.limits.cents)}
					{failure}
				/>
			</div>
			<h3 class="pt-2 font-display font-semibold">For the whole unit</h3>
			<div class="grid grid-cols-2 gap-3">
				<TextField
					label="Money ($)"
					name="budget"
					inputmode="decimal"
					value={money(data.load.limits.budget)}
					{failure}
				/>
				<TextField
					label="Hands-on projects"
					name="projects"
					inputmode="numeric"
					value={data.load.limits.projects ?? ''}
					{failure}
				/>
			</div>
			<Button type="submit" look={data.load.limits.minutes === null ? 'main' : 'plain'}>Save limits</Button>
		</form>
	</section>
</div>
