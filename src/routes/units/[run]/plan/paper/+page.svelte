<script lang="ts">
	import { readQuestions } from '$core/plan/index.ts';
	import Printer from '@lucide/svelte/icons/printer';
	import Button from '$lib/ui/button/Button.svelte';

	let { data } = $props();
	const VIEWS = [
		['plan', 'The unit plan'],
		['month', 'A month'],
		['lessons', 'A page for each lesson'],
		['next', 'The next lesson']
	] as const;
	const lined = (text: string) => text.split(/\r?\n/).filter((line) => line.trim());
</script>

<svelte:head><title>Print · {data.unit.name} · Gather Bin</title></svelte:head>

<div class="no-print mb-6">
	<p class="max-w-3xl font-display text-xl leading-snug font-medium sm:text-2xl">
		For the wall or the binder, set for your paper.
	</p>
	<div class="mt-4 flex flex-wrap items-center gap-3">
		{#each VIEWS as [show, label] (show)}<Button
				size="small"
				href="?show={show}"
				aria-current={data.show === show ? 'page' : undefined}
				class="aria-[current]:border-ink aria-[current]:bg-lined">{label}</Button
			>{/each}
		<Button size="small" look="main" onclick={() => window.print()}
			><Printer size={18} aria-hidden="true" /> Print</Button
		>
	</div>
</div>

{#if data.show === 'plan'}
	<h2 class="mb-2 text-xl">{data.unit.name}: the plan</h2>
	<p class="mb-3">{data.plan.sentence}</p>
	<div class="overflow-x-auto" role="region" aria-label="The plan, lesson by lesson" tabindex="-1">
		<table class="w-full min-w-[38rem] border-collapse text-left text-sm print:min-w-0">
			<thead
				><tr class="border-b-2 border-ink"
					>{#each ['Lesson', 'Day', 'What is done', 'Pages', 'Extras'] as head (head)}<th
							class="py-1 pr-3 font-semibold">{head}</th
						>{/each}</tr
				></thead
			>
			<tbody>
				{#each data.lessons as lesson (lesson.id)}
					<tr class="break-inside-avoid border-b border-rule align-top">
						<td class="py-1.5 pr-3 font-semibold">{lesson.number} {lesson.title}</td>
						<td class="py-1.5 pr-3">{lesson.day}</td>
						<td class="py-1.5 pr-3">{lesson.note}</td>
						<td class="py-1.5 pr-3"
							>{#each lesson.pages as flag (flag.id)}<span class="block">{flag.book} {flag.pages}</span
								>{/each}</td
						>
						<td class="py-1.5">{lesson.extras.map((one) => one.title).join(', ')}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
{:else if data.show === 'month'}
	<div class="mb-2 flex items-baseline justify-between">
		<h2 class="text-xl">{data.unit.name}: {data.month.title}</h2>
		<p class="no-print flex gap-4 text-sm">
			<a href="?show=month&m={data.month.before}">previous month</a><a href="?show=month&m={data.month.after}"
				>next month</a
			>
		</p>
	</div>
	<table class="w-full table-fixed border-collapse text-sm">
		<thead
			><tr
				>{#each data.month.weekdays as weekday (weekday)}<th
						class="border-b-2 border-ink py-1 text-left font-semibold">{weekday}</th
					>{/each}</tr
			></thead
		>
		<tbody>
			{#each data.month.weeks as week (week[0].day)}
				<tr>
					{#each week as day (day.day)}
						<td class="h-24 border border-rule p-1 align-top">
							{#if day.inMonth}
								<span class="text-ink-2">{day.number} {day.blocked}</span>
								{#each day.lessons as lesson, i (i)}<p class="leading-tight font-semibold">
										{lesson.text}
									</p>{/each}
								{#each day.extras as one (one.id)}<p class="leading-tight">{one.title}</p>{/each}
								{#each day.begins as start, i (i)}<p class="leading-tight italic">{start}</p>{/each}
							{/if}
						</td>
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
{:else}
	{#each data.lessons as lesson, i (lesson.id)}
		<article class="{i ? 'break-before-page border-t border-rule pt-6 print:border-0 print:pt-0' : ''} mb-6">
			<h2 class="text-xl">Lesson {lesson.number}: {lesson.title}</h2>
			<p class="text-ink-2">{data.unit.name} · {lesson.day}{lesson.topic ? ` · ${lesson.topic}` : ''}</p>
			{#if lesson.objective}<p class="mt-3"><strong>Objective:</strong> {lesson.objective}</p>{/if}
			{#if lesson.note}<p class="mt-2">{lesson.note}</p>{/if}
			<div class="mt-3 grid gap-x-8 gap-y-4 sm:grid-cols-2">
				{#if lesson.pages.length || lesson.uses.length}<section>
						<h3 class="font-display font-semibold">Links</h3>
						<ul>
							{#each lesson.pages as flag (flag.id)}<li>{flag.book} {flag.pages}: {flag.text}</li>{/each}
							{#each lesson.uses as use (use.id)}
								<li>
									{use.title}: {use.text}{use.where ? ` (${use.where})` : ''}
									{#if use.code}<span class="my-1 flex items-center gap-3"
											><img src={use.code} alt="Code for {use.address}" class="size-20" /><span
												class="text-sm break-all">{use.address}</span
											></span
										>{/if}
								</li>
							{/each}
						</ul>
					</section>{/if}
				{#if lesson.supplies.length}<section>
						<h3 class="font-display font-semibold">Supplies</h3>
						<ul>
							{#each lesson.supplies as line, k (k)}<li>□ {line}</li>{/each}
						</ul>
					</section>{/if}
				{#if lesson.vocabulary}<section>
						<h3 class="font-display font-semibold">Vocabulary</h3>
						<p>{lined(lesson.vocabulary).join(', ')}</p>
					</section>{/if}
				{#if lesson.questions}<section>
						<h3 class="font-display font-semibold">Discuss</h3>
						<ol class="list-inside list-decimal">
							{#each readQuestions(lesson.questions) as question, k (k)}<li>
									{question.page ? `p. ${question.page}: ` : ''}{question.text}
								</li>{/each}
						</ol>
					</section>{/if}
				{#if lesson.extras.length}<section>
						<h3 class="font-display font-semibold">Extras</h3>
						<ul>
							{#each lesson.extras as one (one.id)}<li>
									□ {one.title}, {one.fields.minutes} min{one.takes.length
										? `; uses ${one.takes.map((thing) => thing.title).join(', ')}`
										: ''}
								</li>{/each}
						</ul>
					</section>{/if}
				{#if lesson.extension}<section>
						<h3 class="font-display font-semibold">For older children</h3>
						<p>{lesson.extension}</p>
					</section>{/if}
			</div>
		</article>
	{:else}
		<p class="text-ink-2">{data.none}</p>
	{/each}
{/if}
