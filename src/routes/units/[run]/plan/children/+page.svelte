<script lang="ts">
	import { counted } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import Button from '$lib/ui/button/Button.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	type Lesson = (typeof data.grid.lessons)[number];
	type Child = (typeof data.grid.children)[number];
	let shown = $state<{ lesson: number; child: number } | null>(null);
	let open = $state(false);
	let goalOf = $state<Child | null>(null);
	let goalOpen = $state(false);
	let behindOf = $state<Child | null>(null);
	let behindOpen = $state(false);
	let showOver = $state(false);
	const overCount = $derived(data.grid.lessons.filter((row) => row.over).length);
	const lesson = $derived(data.grid.lessons.find((one) => one.id === shown?.lesson));
	const child = $derived(data.grid.children.find((one) => one.id === shown?.child));
	const cell = $derived(lesson?.cells.find((one) => one.child === shown?.child));
	function show(of: Lesson, child: number) {
		shown = { lesson: of.id, child };
		open = true;
	}
</script>

<svelte:head><title>Children · {data.unit.name} · Gather Bin</title></svelte:head>

<p class="max-w-3xl font-display text-xl leading-snug font-medium sm:text-2xl">{data.grid.sentence}</p>

<div class="mt-5 overflow-x-auto" role="region" aria-label="Each child in each lesson" tabindex="-1">
	<table class="w-full min-w-[40rem] border-collapse text-left">
		<thead>
			<tr class="align-bottom">
				<th class="w-28 border-b-2 border-ink py-2 pr-3 font-semibold sm:w-auto">Lesson</th>
				{#each data.grid.children as one (one.id)}
					<th class="border-b-2 border-l border-b-ink border-l-rule px-3 py-2 font-normal">
						<span class="font-display text-lg font-semibold">{one.name}</span>
						<span class="block text-sm text-ink-2">{one.about}</span>
						<button
							type="button"
							class="min-h-7 text-left text-sm text-ink underline decoration-rule decoration-2 underline-offset-4 hover:decoration-ink"
							onclick={() => {
								goalOf = one;
								goalOpen = true;
							}}>{one.goal || `Set a goal for ${one.name}`}</button
						>
						{#if one.behind.length}<button
								type="button"
								class="block min-h-7 text-left text-sm text-ink-2 underline decoration-rule decoration-2 underline-offset-4 hover:decoration-ink"
								onclick={() => {
									behindOf = one;
									behindOpen = true;
								}}>{one.behind.reduce((sum, { things }) => sum + things.length, 0)} things done so far</button
							>{/if}
					</th>
				{/each}
			</tr>
		</thead>
		<tbody>
			{#each data.grid.lessons.filter((row) => showOver || !row.over) as row (row.id)}
				<tr class="border-b border-rule align-top {row.over ? 'text-ink-2' : ''}">
					<th class="w-28 py-2 pr-3 font-normal sm:w-48"
						>{row.number} {row.title}<span class="block text-sm text-ink-2">{row.day}</span></th
					>
					{#each row.cells as one (one.child)}
						<td
							class="border-l border-rule px-3 py-2 text-sm {!one.away && !one.has.length && !row.over
								? 'bg-due-soft'
								: ''}"
						>
							{#if one.away}
								<span class="text-ink-2">not here</span>
							{:else}
								<button
									type="button"
									class="w-full text-left hover:underline"
									onclick={() => show(row, one.child)}
									aria-label="{data.grid.children.find((c) => c.id === one.child)
										?.name}, lesson {row.number}: {one.has.join(', ') || 'nothing yet'}"
								>
									{#if one.has.length}
										{one.has.slice(0, 2).join(' · ')}{one.has.length > 2
											? ` · ${one.has.length - 2} more`
											: ''}
										<span class="block text-ink-2">{one.minutes} min</span>
									{:else}
										<span class="font-semibold {row.over ? '' : 'text-due'}">nothing at their level</span>
									{/if}
								</button>
							{/if}
						</td>
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</div>

{#if data.grid.never}<p class="mt-3 text-sm text-ink-2">{data.grid.never}</p>{/if}
{#if overCount}<p class="mt-3">
		<Button size="small" onclick={() => (showOver = !showOver)}
			>{showOver ? 'Hide' : 'Show'} {counted(overCount, 'finished lesson')}</Button
		>
	</p>{/if}

<Dialog bind:open title="{child?.name}: lesson {lesson?.number}" about={lesson?.title}>
	{#if cell && lesson && child}
		{#if cell.has.length}
			<ul class="mb-3 list-inside list-disc">
				{#each cell.has as what, i (i)}<li>{what}</li>{/each}
			</ul>
		{/if}
		{#if cell.unfit.length}<p class="mb-3 text-sm text-ink-2">
				Not for this age: {cell.unfit.join(', ')}.
			</p>{/if}
		{#each cell.tasks as task (task.id)}
			<form
				method="post"
				action="?/untask"
				use:enhance={saves()}
				class="flex items-center justify-between gap-3 border-t border-rule py-1.5"
			>
				<span>{task.text}</span><Button
					type="submit"
					size="small"
					look="quiet"
					name="id"
					value={task.id}
					aria-label="Remove the task {task.text}">Remove</Button
				>
			</form>
		{/each}
		<form
			method="post"
			action="?/task"
			use:enhance={saves({ reset: true, done: () => (open = false) })}
			class="mt-3 space-y-3"
		>
			<input type="hidden" name="lesson" value={lesson.id} />
			<input type="hidden" name="person" value={child.id} />
			<div class="flex gap-3">
				<TextField label="Task" name="text" class="flex-1" placeholder="match the symbol cards" {failure} />
				<TextField label="Minutes" name="minutes" inputmode="numeric" look="!w-20" {failure} />
			</div>
			{#if data.grid.activities[lesson.id]?.length}
				<SelectField
					label="Part of"
					name="activity"
					options={[{ value: '', label: 'the lesson' }, ...data.grid.activities[lesson.id]]}
					value=""
					{failure}
				/>
			{/if}
			<Button type="submit" look="main">Add task</Button>
		</form>
	{/if}
</Dialog>

<Dialog bind:open={behindOpen} title="What {behindOf?.name} has read and done">
	{#each behindOf?.behind ?? [] as { run, things } (run)}
		<h3 class="mt-3 font-display font-semibold first:mt-0">{run}</h3>
		<ul class="list-inside list-disc">
			{#each things as thing, i (i)}<li>{thing}</li>{/each}
		</ul>
	{/each}
</Dialog>

<Dialog bind:open={goalOpen} title="A goal for {goalOf?.name}">
	{#if goalOf}
		<form
			method="post"
			action="?/goal"
			use:enhance={saves({ done: () => (goalOpen = false) })}
			class="space-y-4"
		>
			<input type="hidden" name="person" value={goalOf.id} />
			<TextField
				label="In this unit"
				name="text"
				value={goalOf.goal}
				placeholder="reads a street map on their own"
				{failure}
			/>
			<Button type="submit" look="main">Save goal</Button>
		</form>
	{/if}
</Dialog>
