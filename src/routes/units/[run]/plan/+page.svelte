<script lang="ts">
	import HabitFields from '$lib/ui/habits/HabitFields.svelte';
	import DateField from '$lib/ui/field/DateField.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import GripVertical from '@lucide/svelte/icons/grip-vertical';
	import { dragHandle, dragHandleZone } from 'svelte-dnd-action';
	import Button from '$lib/ui/button/Button.svelte';
	import RangeList from '$lib/ui/day/RangeList.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import { saves } from '$lib/ui/forms/submit.ts';
	import Outcome from '$lib/ui/outcome/Outcome.svelte';
	import ContentsRead from '$lib/ui/typed/ContentsRead.svelte';
	import WaysToFit from '$lib/ui/plan/WaysToFit.svelte';
	import WhatIf from '$lib/ui/plan/WhatIf.svelte';
	import Weekdays from '$lib/ui/weekdays/Weekdays.svelte';
	import DayStrip from '$lib/ui/strip/DayStrip.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	type Lesson = (typeof data.plan.lessons)[number];
	let lessons = $derived([...data.plan.lessons]);
	let editing = $state<Lesson | null>(null);
	let editorOpen = $state(false);
	let contents = $state('');
	let rhythm = $derived(data.calendar.rhythm as string);
	const details = $derived(editing ? data.details[editing.id] : undefined);
	const RHYTHM_OPTIONS = [
		{ value: 'fixed days', label: 'a lesson each teaching day' },
		{ value: 'topics', label: 'topics of some days' },
		{ value: 'reading between', label: 'reading days after each lesson' },
		{ value: 'fast', label: 'fast: several lessons a day' },
		{ value: 'checklist', label: 'a checklist without dates' }
	];
	const RHYTHM_DAYS: Readonly<Record<string, string>> = {
		topics: 'Days each',
		'reading between': 'Reading days',
		fast: 'Lessons a day'
	};
	let icsForm: HTMLFormElement;
	let ics = $state('');
	async function readCalendar(event: Event) {
		const [file] = (event.currentTarget as HTMLInputElement).files ?? [];
		if (!file) return;
		ics = await file.text();
		await Promise.resolve();
		icsForm.requestSubmit();
	}
	let orderForm: HTMLFormElement;
	let orderText = $state('');

	async function sendOrder(order: readonly Lesson[]) {
		orderText = order.map((lesson) => lesson.id).join(',');
		await Promise.resolve();
		orderForm.requestSubmit();
	}
	function edit(lesson: Lesson) {
		editing = lesson;
		editorOpen = true;
	}
	const about = (lesson: Lesson) =>
		[
			lesson.days,
			lesson.optional ? 'optional' : '',
			lesson.sessions > 1 ? `${lesson.sessions} days` : '',
			lesson.supplies === 1 ? '1 supply line' : `${lesson.supplies} supply lines`
		]
			.filter(Boolean)
			.join(' · ');
	const moved = (i: number, by: 1 | -1) => {
		const order = data.plan.lessons.map((lesson) => lesson.id);
		[order[i], order[i + by]] = [order[i + by], order[i]];
		return order.join(',');
	};
</script>

<svelte:head><title>Plan · {data.unit.name} · Gather Bin</title></svelte:head>

<p class="max-w-3xl font-display text-xl leading-snug font-medium sm:text-2xl">{data.plan.sentence}</p>

<WaysToFit ways={data.ways} />

{#if data.missable.length}
	<section class="mt-4 max-w-4xl text-sm" aria-labelledby="missed">
		<h2 id="missed" class="sr-only">A missed day</h2>
		{#if data.missed}
			<p>If there is no lesson on <strong>{data.missed.dayText}</strong>: {data.missed.moves}.</p>
			<form
				method="post"
				action="?/missed"
				use:enhance={saves({ done: () => goto(page.url.pathname, { noScroll: true }) })}
				class="mt-2 flex flex-wrap items-center gap-3"
			>
				<input type="hidden" name="day" value={data.missed.day} />
				<Button type="submit" size="small">Roll on</Button>
				<Button href="/units/{data.unit.id}/plan" size="small" look="quiet">Leave it</Button>
			</form>
		{:else}
			<p class="flex flex-wrap items-baseline gap-x-4">
				<span class="text-ink-2">Missed a day?</span>
				{#each data.missable as one (one.day)}<a
						href="?missed={one.day}"
						class="min-h-8 font-semibold text-ink underline decoration-rule decoration-2 underline-offset-4 hover:decoration-ink"
						>{one.text}</a
					>{/each}
			</p>
		{/if}
	</section>
{/if}

<div class="mt-6 grid gap-x-10 gap-y-8 xl:grid-cols-[minmax(0,1fr)_23.5rem]">
	<section aria-labelledby="lessons">
		<h2 id="lessons" class="mb-2 text-lg">Lessons in order</h2>
		<ol
			class="border-t-2 border-ink"
			use:dragHandleZone={{ items: lessons, flipDurationMs: 120, dropTargetStyle: {}, type: 'lessons' }}
			onconsider={(event) => (lessons = event.detail.items)}
			onfinalize={(event) => {
				lessons = event.detail.items;
				void sendOrder(event.detail.items);
			}}
		>
			{#each lessons as lesson, i (lesson.id)}
				<li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule bg-sheet py-2">
					<span
						use:dragHandle
						aria-label="Drag {lesson.title}"
						class="hidden cursor-grab text-ink-2 sm:inline-flex"
						><GripVertical size={18} aria-hidden="true" /></span
					>
					<span class="w-6 text-right text-ink-2">{i + 1}</span>
					<div class="min-w-48 flex-1">
						<button
							type="button"
							class="text-left font-semibold underline decoration-transparent decoration-2 underline-offset-4 hover:decoration-ink"
							onclick={() => edit(lesson)}>{lesson.title}</button
						>
						<p class="text-sm text-ink-2">
							{about(lesson)}
						</p>
					</div>
					{#if lesson.outcome}
						<span class="text-sm font-semibold text-good">{lesson.outcome}</span>
					{:else if lesson.asksOutcome}
						<span class="text-sm text-due">How did it go?</span>
						<Outcome lesson={lesson.id} />
					{/if}
					<div class="flex">
						<form method="post" action="?/order" use:enhance={saves()}>
							<button
								name="order"
								value={i > 0 ? moved(i, -1) : ''}
								disabled={i === 0}
								class="grid size-9 place-items-center text-ink-2 hover:text-ink disabled:opacity-25"
								aria-label="Move {lesson.title} up"><ArrowUp size={18} aria-hidden="true" /></button
							>
						</form>
						<form method="post" action="?/order" use:enhance={saves()}>
							<button
								name="order"
								value={i < lessons.length - 1 ? moved(i, 1) : ''}
								disabled={i === lessons.length - 1}
								class="grid size-9 place-items-center text-ink-2 hover:text-ink disabled:opacity-25"
								aria-label="Move {lesson.title} down"><ArrowDown size={18} aria-hidden="true" /></button
							>
						</form>
					</div>
				</li>
			{/each}
		</ol>
		<form method="post" action="?/order" use:enhance={saves()} bind:this={orderForm} hidden>
			<input type="hidden" name="order" value={orderText} />
		</form>
		<form
			method="post"
			action="?/add"
			use:enhance={saves({ reset: true })}
			class="mt-4 flex flex-wrap items-end gap-3"
		>
			<TextField
				label="Next lesson"
				name="title"
				class="min-w-56 flex-1"
				placeholder="Old maps and sea monsters"
				{failure}
			/>
			<Button type="submit" look={lessons.length ? 'plain' : 'main'}>Add lesson</Button>
		</form>
		<details class="mt-4" open={lessons.length === 0}>
			<summary class="min-h-9 cursor-pointer py-1 font-semibold">Paste a table of contents</summary>
			<form
				method="post"
				action="?/contents"
				use:enhance={saves({ reset: true, done: () => (contents = '') })}
				class="mt-2 space-y-3"
			>
				<TextField
					label="Lessons, as the book lists them"
					name="contents"
					rows={6}
					bind:value={contents}
					placeholder="Lesson 3 Scale and distance … 22"
					{failure}
				/>
				<ContentsRead text={contents} />
				<Button type="submit">Add these lessons</Button>
			</form>
		</details>
	</section>

	<div class="space-y-8">
		{#if data.plan.weeks.length}<DayStrip weeks={data.plan.weeks} summary={data.plan.sentence} />{/if}

		<section aria-labelledby="calendar">
			<h2 id="calendar" class="mb-2 text-lg">Days of the unit</h2>
			<form method="post" action="?/calendar" use:enhance={saves()} class="space-y-3">
				<div class="grid grid-cols-2 gap-3">
					<DateField label="First day" name="start" value={data.calendar.start ?? ''} {failure} />
					<DateField label="Last day" name="end" value={data.calendar.end ?? ''} {failure} />
				</div>
				<Weekdays legend="Weekdays" chosen={data.calendar.weekdays} />
				<div class="flex gap-3">
					<SelectField
						label="Rhythm"
						name="rhythm"
						class="min-w-48 flex-1"
						options={RHYTHM_OPTIONS}
						bind:value={rhythm}
						{failure}
					/>
					{#if RHYTHM_DAYS[rhythm]}
						<TextField
							label={RHYTHM_DAYS[rhythm]}
							name="rhythmDays"
							inputmode="numeric"
							value={data.calendar.rhythmDays}
							look="!w-20"
							{failure}
						/>
					{/if}
				</div>
				<TextField
					label="Days to keep free"
					name="keepFree"
					hint="Slack for sick days and good weather."
					inputmode="numeric"
					value={data.calendar.keepFree}
					look="!w-24"
					{failure}
				/>
				<HabitFields
					habits={data.calendar.habits}
					inherited="As the household does: {data.calendar.householdHabit}"
					{failure}
				/>
				<SelectField
					label="Its things come together in"
					name="collectingPlace"
					options={[{ value: '', label: 'no place of their own' }, ...data.places]}
					value={String(data.calendar.collectingPlace ?? '')}
					{failure}
				/>
				<Button type="submit">Save the days</Button>
			</form>
		</section>

		<WhatIf
			asked={data.asked}
			answer={data.answer}
			childCount={data.childCount}
			extras={data.extras}
			lessons={lessons.filter((lesson) => !lesson.outcome)}
		/>

		<section aria-labelledby="holidays">
			<h2 id="holidays" class="mb-2 text-lg">Holidays on teaching days</h2>
			<ul class="divide-y divide-rule border-y border-rule">
				{#each data.holidays as one (`${one.from} ${one.name}`)}
					<li class="flex items-center gap-3 py-1.5">
						<span class="flex-1"
							>{one.name}<span class="block text-sm text-ink-2"
								>{one.text}{one.blocked === null ? '' : ': no lesson'}</span
							></span
						>
						<form method="post" action={one.blocked === null ? '?/block' : '?/unblock'} use:enhance={saves()}>
							<input type="hidden" name="id" value={one.blocked ?? ''} />
							<input type="hidden" name="from" value={one.from} />
							<input type="hidden" name="to" value={one.to} />
							<input type="hidden" name="reason" value={one.name} />
							<Button
								size="small"
								type="submit"
								aria-label="{one.blocked === null ? 'Keep free' : 'Teach anyway'}, {one.name}"
								>{one.blocked === null ? 'Keep free' : 'Teach anyway'}</Button
							>
						</form>
					</li>
				{:else}
					<li class="py-2 text-ink-2">
						{data.country
							? 'None between the first and the last day.'
							: 'Choose your country on House, and they are offered here.'}
					</li>
				{/each}
			</ul>
		</section>

		<section aria-labelledby="blocked">
			<h2 id="blocked" class="mb-2 text-lg">Days without lessons</h2>
			<RangeList
				ranges={data.plan.blocked}
				add="block"
				remove="unblock"
				addLabel="Block these days"
				removeLabel="Teach again"
				empty="None yet. Co-op days, trips and breaks go here."
				example="co-op"
				{failure}
			/>
		</section>
		<section aria-labelledby="from-calendar">
			<h2 id="from-calendar" class="mb-2 text-lg">Days off from your calendar</h2>
			<form method="post" action="?/ics" use:enhance={saves()} bind:this={icsForm}>
				<input type="hidden" name="ics" value={ics} />
				<label class="block text-sm"
					>A calendar file (.ics): every day with an event is kept free
					<input
						type="file"
						accept=".ics,text/calendar"
						class="mt-1 block w-full text-sm"
						onchange={readCalendar}
					/></label
				>
				{#if failure?.path === 'ics'}<p class="mt-1 text-sm text-late">{failure.message}</p>{/if}
			</form>
		</section>
		<section aria-labelledby="frame">
			<h2 id="frame" class="mb-2 text-lg">What all our units have</h2>
			<details>
				<summary class="min-h-9 cursor-pointer py-1"
					>Opening, weekly things, closing, the mix of books</summary
				>
				<form method="post" action="?/frame" use:enhance={saves()} class="mt-2 space-y-3">
					<TextField label="A line each" name="frame" rows={6} value={data.frame} {failure} />
					<Button type="submit" size="small">Put these into this unit</Button>
				</form>
			</details>
		</section>
		<section aria-labelledby="take">
			<h2 id="take" class="mb-2 text-lg">Take the plan along</h2>
			<p class="flex flex-wrap gap-3">
				<Button size="small" href="/units/{data.unit.id}/plan.ics" download>Calendar file</Button>
				<Button size="small" href="/take-out/plan.csv?unit={data.unit.id}" download>Lessons as CSV</Button>
			</p>
		</section>
	</div>
</div>

<Dialog bind:open={editorOpen} title="Lesson {editing?.number}" about={editing?.days}>
	{#if editing}
		<form
			method="post"
			action="?/edit"
			use:enhance={saves({ done: () => (editorOpen = false) })}
			class="space-y-4"
		>
			<input type="hidden" name="id" value={editing.id} />
			<TextField label="Title" name="title" value={editing?.title} {failure} />
			<TextField label="What is done" name="note" value={editing?.note} {failure} />
			<div class="flex items-end gap-6">
				<TextField
					label="Teaching days"
					name="sessions"
					inputmode="numeric"
					value={editing?.sessions}
					look="!w-24"
					{failure}
				/>
				<label class="flex min-h-10 items-center gap-2"
					><input type="checkbox" name="optional" class="size-5" checked={editing?.optional} /> Optional: dropped
					first when days are short</label
				>
			</div>
			{#if details}
				<details>
					<summary class="min-h-9 cursor-pointer py-1 font-semibold"
						>Aim, words, questions, minutes, more for older ones</summary
					>
					<div class="mt-2 space-y-3">
						<div class="flex gap-3">
							<TextField label="Topic" name="topic" class="flex-1" value={details.topic} {failure} />
							<TextField
								label="Minutes"
								name="minutes"
								inputmode="numeric"
								value={details.minutes ?? ''}
								placeholder="40"
								look="!w-20"
								{failure}
							/>
						</div>
						<TextField label="So that they …" name="objective" value={details.objective} {failure} />
						<TextField
							label="Words, a line each"
							name="vocabulary"
							rows={3}
							value={details.vocabulary}
							{failure}
						/>
						<TextField
							label="Questions, a line each"
							name="questions"
							rows={3}
							value={details.questions}
							{failure}
						/>
						<TextField label="More for older ones" name="extension" value={details.extension} {failure} />
						<fieldset class="flex flex-wrap gap-x-5">
							<legend class="text-sm font-semibold">For whom</legend>
							{#each data.people as person (person.id)}<label class="flex min-h-9 items-center gap-2"
									><input
										type="checkbox"
										name="who{person.id}"
										class="size-5"
										checked={details.extension_for.includes(person.id)}
									/>{person.name}</label
								>{/each}
						</fieldset>
					</div>
				</details>
			{/if}
			<div class="flex justify-between gap-3">
				<Button type="submit" look="main">Save lesson</Button>
				<Button type="submit" look="quiet" formaction="?/remove">Remove from the plan</Button>
			</div>
		</form>
	{/if}
</Dialog>
