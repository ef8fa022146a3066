<script lang="ts">
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { enhance } from '$app/forms';
	import Button from '$lib/ui/button/Button.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import ListRow from '$lib/ui/gathering/ListRow.svelte';
	import RowDetail from '$lib/ui/gathering/RowDetail.svelte';
	import Sentence from '$lib/ui/sentence/Sentence.svelte';
	import Part from '$lib/ui/shell/Part.svelte';
	import LineEditor from '$lib/ui/supply-line/LineEditor.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const base = $derived(`/units/${data.unit.id}`);
	let open = $state<string | null>(null);
	let editing = $state<(typeof data.lines)[number] | null>(null);
	let editorOpen = $state(false);
	let show = $state<'all' | 'missing' | 'look' | 'home'>('all');

	const openLessons = $derived(data.lessons.filter((lesson) => !lesson.booked));
	const lessonOptions = $derived(
		openLessons.map((lesson) => ({ value: String(lesson.id), label: `${lesson.number} ${lesson.title}` }))
	);
	const shown = $derived(
		data.list.rows.filter(
			(row) =>
				show === 'all' ||
				(show === 'missing'
					? row.missing !== null && !row.doWithout
					: show === 'look'
						? row.toLook !== null && !row.doWithout
						: row.missing === null && row.toLook === null && row.verdict !== 'done')
		)
	);
	const linesOf = (row: (typeof data.list.rows)[number]) => {
		const ids = new Set(row.keys.map((key) => Number(key.split('/')[2])));
		return data.lines.filter((line) => ids.has(line.id));
	};
	const filters = $derived([
		{ value: 'all' as const, label: `All ${data.list.counts.all}` },
		{ value: 'missing' as const, label: `Missing ${data.list.counts.missing}` },
		...(data.list.counts.toLook
			? [{ value: 'look' as const, label: `To look for ${data.list.counts.toLook}` }]
			: []),
		{ value: 'home' as const, label: `To gather ${data.list.counts.atHome}` }
	]);
</script>

<svelte:head><title>Gather · {data.unit.name} · Gather Bin</title></svelte:head>

<div class="flex flex-wrap items-start justify-between gap-x-8 gap-y-4">
	<Sentence sentence={data.sentence} />
	<div class="no-print flex flex-wrap gap-2">
		{#if data.list.counts.toAsk}<Button href="/lists/have?unit={data.unit.id}" look="main"
				>Do we have it?</Button
			>{/if}
		{#if data.list.counts.atHome || data.list.counts.toLook}<Button
				href="/lists/walk?unit={data.unit.id}{data.list.counts.toLook ? '&span=all' : ''}"
				look={data.list.counts.toAsk ? 'plain' : 'main'}>Walk the house</Button
			>{/if}
		{#if data.lessons.length}<Button href="{base}/gather/paste" look={data.list.counts.all ? 'plain' : 'main'}
				>Paste a list</Button
			>{/if}
	</div>
</div>

{#if data.lessons.length === 0}
	<div class="mt-6">
		<EmptyState title="Lessons first">
			<p>
				Supplies go with lessons. Add lesson titles under Plan; a pasted list matches them by number or name.
			</p>
			{#snippet act()}<Button look="main" href="{base}/plan">Add the lessons</Button>{/snippet}
		</EmptyState>
	</div>
{:else}
	{#if data.list.counts.all === 0}
		<div class="mt-6">
			<EmptyState title="No supply list yet">
				<p>
					Paste the list just as it’s printed, headings and all. You’ll check each line before anything is
					saved.
				</p>
				{#snippet act()}<Button look="main" href="{base}/gather/paste">Paste a list</Button>{/snippet}
			</EmptyState>
		</div>
	{:else}
		<div class="no-print mt-6 flex flex-wrap items-center gap-x-6 gap-y-2">
			<div role="group" aria-label="Show" class="flex flex-wrap border-b-2 border-ink">
				{#each filters as filter (filter.value)}
					<button
						type="button"
						aria-pressed={show === filter.value}
						onclick={() => (show = filter.value)}
						class="min-h-10 px-2 text-sm font-semibold whitespace-nowrap text-ink-2 sm:px-3 sm:text-base aria-pressed:bg-ink aria-pressed:text-sheet"
						>{filter.label}</button
					>
				{/each}
			</div>
			{#if data.list.counts.looks}<p class="text-sm font-semibold text-due">
					{data.list.counts.looks}
					{data.list.counts.looks === 1 ? 'needs' : 'need'} checking
				</p>{/if}
		</div>

		<h2 class="sr-only">The list</h2>
		<table class="mt-3 w-full border-collapse text-left [&_td]:[overflow-wrap:anywhere]">
			<thead class="hidden border-b border-ink text-sm md:table-header-group">
				<tr>
					<th class="w-[30%] py-2 font-semibold">Item</th>
					<th class="w-24 py-2 text-right font-semibold">Needed</th>
					<th class="py-2 pl-6 font-semibold">At home</th>
					<th class="w-40 py-2 font-semibold">Missing</th>
					<th class="w-36 py-2 font-semibold">By</th>
					<th class="w-28 py-2"><span class="sr-only">Act</span></th>
				</tr>
			</thead>
			<tbody>
				{#each shown as row (row.id)}
					{@const isOpen = open === row.id}
					<ListRow {row} {isOpen} turn={() => (open = isOpen ? null : row.id)} />
					{#if isOpen}
						<tr class="block border-b border-rule bg-lined md:table-row">
							<td colspan="6" class="block px-4 py-4 md:table-cell md:px-8">
								<Part
									><RowDetail
										{row}
										shares={data.shares[row.item] ?? []}
										lines={linesOf(row)}
										sources={data.sources}
										{failure}
										change={(line) => {
											editing = line;
											editorOpen = true;
										}}
									/></Part
								>
							</td>
						</tr>
					{/if}
				{:else}
					<tr><td colspan="6" class="py-4 text-ink-2">Nothing here.</td></tr>
				{/each}
			</tbody>
		</table>
	{/if}

	{#if data.things > data.list.rows.length}
		<p class="no-print mt-4">
			<Button href="?show=all" data-sveltekit-noscroll>Show all {data.things} things</Button>
		</p>
	{/if}

	<form
		method="post"
		action="?/add"
		use:enhance={saves({ reset: true })}
		class="no-print mt-6 flex flex-wrap items-end gap-3"
	>
		<TextField
			label="Add an item"
			name="text"
			class="min-w-64 flex-[2]"
			placeholder="12 craft sticks per child"
			value={failure?.typed?.text ?? ''}
			{failure}
		/>
		<SelectField
			label="Lesson"
			name="lesson"
			class="min-w-48 flex-1"
			options={lessonOptions}
			value={lessonOptions[0]?.value ?? ''}
			{failure}
		/>
		<Button type="submit">Add</Button>
	</form>
{/if}

<Dialog bind:open={editorOpen} title="Supply line">
	{#if editing}
		<LineEditor
			line={editing}
			items={data.items}
			children={data.children}
			{failure}
			done={() => (editorOpen = false)}
		/>
	{/if}
</Dialog>
