<script lang="ts">
	import { counted } from '$core/words/index.ts';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import GripVertical from '@lucide/svelte/icons/grip-vertical';
	import { dragHandle, dragHandleZone } from 'svelte-dnd-action';
	import Button from '$lib/ui/button/Button.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import Outcome from '$lib/ui/outcome/Outcome.svelte';
	import ContentsRead from '$lib/ui/typed/ContentsRead.svelte';
	import DaysOff from '$lib/ui/plan/DaysOff.svelte';
	import LessonEditor from '$lib/ui/plan/LessonEditor.svelte';
	import UnitDays from '$lib/ui/plan/UnitDays.svelte';
	import WaysToFit from '$lib/ui/plan/WaysToFit.svelte';
	import WhatIf from '$lib/ui/plan/WhatIf.svelte';
	import DayStrip from '$lib/ui/strip/DayStrip.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	type Lesson = (typeof data.plan.lessons)[number];
	let lessons = $derived([...data.plan.lessons]);
	let editing = $state<Lesson | null>(null);
	let editorOpen = $state(false);
	let contents = $state('');
	const details = $derived(editing ? data.details[editing.id] : undefined);
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
			lesson.sessions > 1 ? counted(lesson.sessions, 'day') : '',
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
			<p>If you skip <strong>{data.missed.dayText}</strong>: {data.missed.moves}.</p>
			<form
				method="post"
				action="?/missed"
				use:enhance={saves({ done: () => goto(page.url.pathname, { noScroll: true }) })}
				class="mt-2 flex flex-wrap items-center gap-3"
			>
				<input type="hidden" name="day" value={data.missed.day} />
				<Button type="submit" size="small">Move lessons</Button>
				<Button href="/units/{data.unit.id}/plan" size="small" look="quiet">Cancel</Button>
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
		<h2 id="lessons" class="mb-2 text-lg">Lessons</h2>
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
				label="Add a lesson"
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
					label="Lessons, one per line"
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

		<UnitDays calendar={data.calendar} places={data.places} {failure} />

		<WhatIf
			asked={data.asked}
			answer={data.answer}
			childCount={data.childCount}
			extras={data.extras}
			lessons={lessons.filter((lesson) => !lesson.outcome)}
		/>

		<DaysOff holidays={data.holidays} country={data.country} blocked={data.plan.blocked} {failure} />
		<section aria-labelledby="frame">
			<h2 id="frame" class="mb-2 text-lg">In every unit</h2>
			<details>
				<summary class="min-h-9 cursor-pointer py-1"
					>Opening, weekly extras, closing, books per lesson</summary
				>
				<form method="post" action="?/frame" use:enhance={saves()} class="mt-2 space-y-3">
					<TextField label="One per line" name="frame" rows={6} value={data.frame} {failure} />
					<Button type="submit" size="small">Add these to this unit</Button>
				</form>
			</details>
		</section>
		<section aria-labelledby="take">
			<h2 id="take" class="mb-2 text-lg">Export the plan</h2>
			<p class="flex flex-wrap gap-3">
				<Button size="small" href="/units/{data.unit.id}/plan.ics" download>Calendar file</Button>
				<Button size="small" href="/take-out/plan.csv?unit={data.unit.id}" download>Lessons as CSV</Button>
			</p>
		</section>
	</div>
</div>

<Dialog bind:open={editorOpen} title="Lesson {editing?.number}" about={editing?.days}>
	{#if editing}
		<LessonEditor
			lesson={editing}
			{details}
			people={data.people}
			{failure}
			done={() => (editorOpen = false)}
		/>
	{/if}
</Dialog>
