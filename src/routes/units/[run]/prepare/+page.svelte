<script lang="ts">
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import { dayText } from '$core/calendar/index.ts';
	import { durationText, timeText } from '$core/words/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import DateField from '$lib/ui/field/DateField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import PlanSittings from '$lib/ui/prepare/PlanSittings.svelte';
	import RatesForm from '$lib/ui/prepare/RatesForm.svelte';
	import RowLine from '$lib/ui/prepare/RowLine.svelte';
	import SittingsDrawing from '$lib/ui/prepare/SittingsDrawing.svelte';
	import TimesField from '$lib/ui/prepare/TimesField.svelte';

	let { data, form } = $props();
	const { view } = $derived(data);
	const failure = $derived(form && 'message' in form ? form : null);
	const planned = $derived(view.sittings.filter((one) => one.rows.length));
	const empty = $derived(view.sittings.filter((one) => !one.rows.length));
	/** What is drawn: the sittings that are used, and the next ones that are free. */
	const FREE_DRAWN = 3;
	const drawn = $derived(view.sittings.filter((one) => one.rows.length || empty.indexOf(one) < FREE_DRAWN));
	let times = $state('');
	// Open after it was asked; what one opens oneself stays so when the page is loaded again.
	let isFreeOpen = $state(untrack(() => data.free !== null));
	let drawing = $state<ReturnType<typeof SittingsDrawing>>();
</script>

<svelte:head><title>Prepare · {data.unit.name} · Gather Bin</title></svelte:head>

<div class="flex flex-wrap items-start justify-between gap-x-8 gap-y-4">
	<div class="max-w-2xl">
		<p class="font-display text-xl leading-snug font-medium sm:text-2xl">{view.sentence}</p>
		{#if view.detail}<p class="mt-1 {view.late ? 'font-semibold text-late' : 'text-ink-2'}">
				{view.detail}
			</p>{/if}
	</div>
	{#if planned.length}
		<Button href="/sittings/{planned[0].id}" look={view.waiting.length ? 'plain' : 'main'}
			>{planned[0].isToday ? 'Start' : 'Open the next sitting'}</Button
		>
	{/if}
</div>
{#if failure?.message}<p class="mt-2 font-semibold text-late" role="alert">{failure.message}</p>{/if}

{#if view.hasJobs && view.sittings.length}
	<section class="mt-5" aria-labelledby="plan">
		<h2 id="plan" class="sr-only">Plan</h2>
		<PlanSittings question={data.question} habit={view.habit} isNext={view.waiting.length > 0} />
	</section>
	<section class="mt-5" aria-label="Drawing of the sittings">
		<SittingsDrawing bind:this={drawing} sittings={drawn} waiting={view.waiting} />
		<p class="mt-1 text-sm text-ink-2">
			Drag a job to another sitting; or take its handle below and use the arrow keys.
		</p>
	</section>
{/if}

{#each planned as sitting (sitting.id)}
	<section class="mt-6" aria-label="{sitting.day} {sitting.about}">
		<div class="flex flex-wrap items-baseline gap-x-4 border-b-2 border-ink">
			<h2 class="text-lg">
				<a href="/sittings/{sitting.id}" class="no-underline hover:underline">{sitting.day}</a>
			</h2>
			<span class="text-sm text-ink-2">{[sitting.about, ...sitting.bars].join(' · ')}</span>
			<span class="ml-auto text-sm tabular-nums {sitting.isOverfull ? 'font-semibold text-late' : ''}"
				>{timeText(sitting.taken)} of {durationText(sitting.minutes)}</span
			>
		</div>
		{#if sitting.off}<p class="mt-1 font-semibold text-due">
				It is in your days off ({sitting.off}) and hasn’t moved.
			</p>{/if}
		<div class="flex flex-wrap items-center gap-x-3">
			<PostButton
				action="?/removeSitting"
				fields={{ id: sitting.id }}
				size="small"
				look={sitting.off ? 'plain' : 'quiet'}
				label="Leave out {sitting.day}">Leave it out</PostButton
			>
			<span class="text-sm text-ink-2">{data.without[sitting.id]}</span>
		</div>
		<ol class="divide-y divide-rule">
			{#each sitting.rows as row (row.key)}
				<RowLine {row} onstep={(by) => drawing?.step(row, sitting.id, by)} />
			{/each}
		</ol>
	</section>
{/each}

{#if view.waiting.length}
	<section class="mt-6" aria-labelledby="waiting">
		<h2 id="waiting" class="border-b-2 border-ink text-lg">Without a sitting</h2>
		<ul class="divide-y divide-rule">
			{#each view.waiting as row (row.key)}
				<RowLine {row} onstep={(by) => drawing?.step(row, 0, by)}>
					{#if row.fits}
						<PostButton
							action="?/move"
							fields={{ job: row.key, sitting: row.fits.id }}
							size="small"
							label="{row.title} on {row.fits.day}">{row.fits.day}</PostButton
						>
					{/if}
					{#each row.parts.filter((part) => part.canBare) as part (part.id)}
						<PostButton
							action="?/bare"
							fields={{ job: part.id }}
							size="small"
							label="Leave bare: {part.title}, {part.of}">Leave it bare</PostButton
						>
					{/each}
					{#each row.parts.flatMap( (part) => (part.later ? [{ ...part.later, of: part.title }] : []) ) as later (later.of + later.lesson)}
						<PostButton
							action="?/later"
							fields={{ run: later.run, day: later.day }}
							size="small"
							label="Lesson {later.lesson} a day later, for {later.of}"
							>Lesson {later.lesson} a day later</PostButton
						>
					{/each}
					{#if row.parts[0].own !== null}
						<PostButton
							action="?/removeOwn"
							fields={{ id: row.parts[0].own }}
							look="quiet"
							size="small"
							label="Remove {row.title}">Remove</PostButton
						>
					{/if}
				</RowLine>
			{/each}
		</ul>
	</section>
{/if}

<div class="mt-8 grid gap-x-10 gap-y-6 lg:grid-cols-2">
	<section aria-labelledby="sittings">
		<h2 id="sittings" class="text-lg">When you have time</h2>
		<form
			method="post"
			action="?/sitting"
			use:enhance={saves({ done: () => (times = '') })}
			class="mt-2 space-y-3"
		>
			<TimesField today={data.today} last={data.last} measures={data.measures} {failure} bind:value={times} />
			<DateField label="Until" name="until" value={data.last} {failure} />
			<Button type="submit" look={view.sittings.length ? 'plain' : 'main'}>Add</Button>
		</form>
		{#if view.longDay}
			<form
				method="post"
				action="?/sitting"
				use:enhance={saves()}
				class="mt-3 flex flex-wrap items-center gap-3"
			>
				<input type="hidden" name="text" value="{view.longDay.day} 9 am, {view.longDay.minutes} min" />
				<Button type="submit"
					>One long day: {dayText(view.longDay.day)}, {durationText(view.longDay.minutes)}</Button
				>
				<span class="text-sm text-ink-2">{view.longDay.why}</span>
			</form>
		{/if}
		{#if empty.length}
			<details class="mt-3">
				<summary class="min-h-9 cursor-pointer py-1.5 text-sm font-semibold"
					>{empty.length} more {empty.length === 1 ? 'sitting' : 'sittings'}, nothing planned</summary
				>
				<ul class="divide-y divide-rule border-y border-rule">
					{#each empty as sitting (sitting.id)}
						<li class="flex flex-wrap items-baseline gap-x-3 py-1">
							<a href="/sittings/{sitting.id}">{sitting.day}</a>
							<span class="flex-1 text-sm text-ink-2">{[sitting.about, ...sitting.bars].join(' · ')}</span>
							<form method="post" action="?/removeSitting" use:enhance={saves()} class="flex gap-3">
								<input type="hidden" name="id" value={sitting.id} />
								<Button type="submit" look="quiet" size="small" aria-label="Remove {sitting.day}"
									>Remove</Button
								>
								{#if sitting.series !== null}<Button
										type="submit"
										look="quiet"
										size="small"
										name="all"
										value="series"
										aria-label="Remove all of this series from {sitting.day}">All of these</Button
									>{/if}
							</form>
						</li>
					{/each}
				</ul>
			</details>
		{/if}
	</section>
	<section aria-labelledby="own">
		<h2 id="own" class="text-lg">Something else to prepare</h2>
		<form method="post" action="?/own" use:enhance={saves({ reset: true })} class="mt-2 space-y-3">
			<TextField label="What" name="title" placeholder="Make the salt dough" {failure} />
			<div class="flex flex-wrap gap-3">
				<TextField label="Minutes" name="minutes" inputmode="numeric" look="!w-24" {failure} />
				<DateField label="Done by" name="by" value="" {failure} />
			</div>
			<Button type="submit">Add the job</Button>
		</form>
	</section>
</div>

{#if view.hasJobs}
	<details class="mt-6" bind:open={isFreeOpen}>
		<summary class="min-h-11 cursor-pointer py-2 font-semibold">A free evening</summary>
		<form
			method="get"
			class="mt-1 flex flex-wrap items-end gap-3"
			data-sveltekit-noscroll
			data-sveltekit-keepfocus
		>
			<TextField
				label="Minutes you have"
				name="free"
				inputmode="numeric"
				value={data.free?.minutes ?? 60}
				look="!w-24"
			/>
			<Button type="submit">What is best done?</Button>
		</form>
		{#if data.free}
			<ol class="mt-2 divide-y divide-rule border-y border-rule" aria-label="Best done now">
				{#each data.free.rows as row (row.key)}
					<RowLine {row}>
						<PostButton
							action="?/done"
							fields={{ job: row.key }}
							size="small"
							label="Done: {row.title}, {row.of}">Done</PostButton
						>
					</RowLine>
				{:else}<li class="py-2">Nothing that fits into {durationText(data.free.minutes)}.</li>{/each}
			</ol>
		{/if}
	</details>
{/if}

<RatesForm rates={data.rates} />
