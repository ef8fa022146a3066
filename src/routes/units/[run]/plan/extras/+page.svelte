<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import ActivityFields from '$lib/ui/plan/ActivityFields.svelte';
	import ChooseExtras from '$lib/ui/plan/ChooseExtras.svelte';
	import Select from '$lib/ui/select/Select.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	type Row = (typeof data.extras.pool)[number];
	let editing = $state<Row | null>(null);
	let open = $state(false);
	function edit(row: Row) {
		editing = row;
		open = true;
	}
</script>

<svelte:head><title>Extras · {data.unit.name} · Gather Bin</title></svelte:head>

<p class="max-w-3xl font-display text-xl leading-snug font-medium sm:text-2xl">{data.extras.sentence}</p>

<form
	method="post"
	action="?/add"
	use:enhance={saves({ reset: true })}
	class="mt-4 flex max-w-3xl flex-wrap items-end gap-3"
>
	<TextField
		label="New idea"
		name="text"
		class="min-w-64 flex-1"
		placeholder="salt dough island, craft, 45 min, messy, with an adult, $4"
		{failure}
	/>
	<Button type="submit" look={data.extras.pool.length + data.extras.placed.length ? 'plain' : 'main'}
		>Add idea</Button
	>
</form>

{#snippet title(row: Row)}
	<button
		type="button"
		class="text-left font-semibold underline decoration-transparent decoration-2 underline-offset-4 hover:decoration-ink"
		onclick={() => edit(row)}>{row.title}</button
	>
	{#if row.standing === 'required'}<span class="ml-2 text-sm text-ink-2">required</span>{/if}
	<p class="text-sm text-ink-2">{row.about}</p>
	{#each row.notes as note, i (i)}<p class="text-sm">{note}</p>{/each}
	{#if row.takes.length}<p class="text-sm">
			uses {#each row.takes as thing, i (thing.id)}{i ? ', ' : ''}<a href="/home/books/{thing.id}"
					>{thing.title}</a
				>
				({thing.where}){/each}
		</p>{/if}
	{#each row.cautions as caution, i (i)}<p class="text-sm text-due">{caution}</p>{/each}
{/snippet}

<div class="mt-6 grid gap-x-10 gap-y-8 xl:grid-cols-[minmax(0,1fr)_23.5rem]">
	<div class="space-y-8">
		<section aria-labelledby="placed">
			<h2 id="placed" class="mb-2 text-lg">Scheduled</h2>
			<ul class="divide-y divide-rule border-t-2 border-ink">
				{#each data.extras.placed as row (row.id)}
					<li class="flex flex-wrap items-start gap-x-4 gap-y-1 py-2">
						<span class="w-40 text-sm sm:pt-0.5">{row.where}</span>
						<div class="min-w-56 flex-1">{@render title(row)}</div>
						{#if row.done >= row.times}
							<span class="text-sm font-semibold text-good">done</span>
						{:else}
							<PostButton action="?/done" fields={{ id: row.id }} size="small" label="Done, {row.title}"
								>{row.times > 1 ? 'Done once' : 'Done'}</PostButton
							>
						{/if}
					</li>
				{:else}<li class="py-2 text-ink-2">No extras are scheduled yet.</li>{/each}
			</ul>
		</section>
		<section aria-labelledby="pool">
			<h2 id="pool" class="mb-2 text-lg">Ideas</h2>
			<ul class="divide-y divide-rule border-t-2 border-ink">
				{#each data.extras.pool as row (row.id)}
					<li class="flex flex-wrap items-start gap-x-4 gap-y-1 py-2">
						<div class="min-w-56 flex-1">{@render title(row)}</div>
						<form method="post" action="?/place" use:enhance={saves()} class="flex items-center gap-2">
							<input type="hidden" name="id" value={row.id} />
							<Select
								name="lesson"
								options={data.lessons}
								value={data.lessons[0]?.value}
								aria-label="Lesson for {row.title}"
							/>
							<Button type="submit" size="small" aria-label="Add {row.title} to this lesson">Add</Button>
						</form>
					</li>
				{:else}<li class="py-2 text-ink-2">Ideas wait here until they have a day.</li>{/each}
			</ul>
		</section>
		{#if data.extras.more}
			<p><Button size="small" href="?all">Show {data.extras.more}</Button></p>
		{/if}
		{#if data.extras.without.length}
			<section aria-labelledby="without">
				<h2 id="without" class="mb-2 text-lg">Skipped</h2>
				<ul class="divide-y divide-rule border-t border-rule">
					{#each data.extras.without as row (row.id)}
						<li class="flex items-center gap-4 py-1.5">
							<span class="flex-1 text-ink-2">{row.title}</span>
							<PostButton action="?/back" fields={{ id: row.id }} size="small" label="Restore {row.title}"
								>Restore</PostButton
							>
						</li>
					{/each}
				</ul>
			</section>
		{/if}
		{#if data.extras.setAside.length}
			<section aria-labelledby="aside">
				<h2 id="aside" class="mb-2 text-lg">In the bin but not needed</h2>
				<p class="mb-1 text-sm text-ink-2">These are in the unit’s bin, but nothing calls for them.</p>
				<ul class="divide-y divide-rule border-t border-rule">
					{#each data.extras.setAside as thing (thing.id)}
						<li class="flex items-baseline justify-between gap-4 py-1.5">
							<span>{thing.text}</span><a class="text-sm" href="/home/supplies?lot={thing.id}"
								>{thing.place}</a
							>
						</li>
					{/each}
				</ul>
			</section>
		{/if}
	</div>
	<ChooseExtras {...data.choice} budget={data.budget} asked={data.asked} unit={data.unit.id} />
</div>

<Dialog bind:open title={editing?.title ?? ''} about={editing?.where || 'no date'}>
	{#if editing}
		<form method="post" action="?/edit" use:enhance={saves({ done: () => (open = false) })} class="space-y-4">
			<input type="hidden" name="id" value={editing.id} />
			<ActivityFields fields={editing.fields} lessons={data.lessons} people={data.people} {failure} />
			<div class="flex flex-wrap justify-between gap-3">
				<Button type="submit" look="main">Save</Button>
				<span class="flex gap-3">
					<Button type="submit" look="quiet" formaction="?/without">Skip</Button>
					<Button type="submit" look="quiet" formaction="?/remove">Remove</Button>
				</span>
			</div>
		</form>
	{/if}
</Dialog>
