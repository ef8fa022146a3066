<script lang="ts">
	import { labeled } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import Button from '$lib/ui/button/Button.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import Cover from '$lib/ui/library/Cover.svelte';
	import ShelfDrawing from '$lib/ui/library/ShelfDrawing.svelte';
	import VirtualList from '$lib/ui/library/VirtualList.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	type Row = (typeof data.first.rows)[number];
	const LINE = 68;
	const CARD = { width: 150, height: 230 };

	const query = (more: Record<string, string | number>) => {
		const { words, ...rest } = data.filter;
		const all = { q: words, ...rest, view: data.view === 'list' ? '' : data.view, ...more };
		return new URLSearchParams(
			Object.entries(all).flatMap(([name, value]) => (value ? [[name, String(value)]] : []))
		).toString();
	};
	const load = async (offset: number, limit: number): Promise<Row[]> => {
		const answer = await fetch(`/home/books/rows?${query({ offset, limit })}`);
		if (!answer.ok) throw new Error('The list couldn’t be loaded.');
		return ((await answer.json()) as { rows: Row[] }).rows;
	};
	let waiting: ReturnType<typeof setTimeout> | undefined;
	/** Typing waits for a moment, a choice does not. */
	function look(event: Event) {
		const asked = new FormData(event.currentTarget as HTMLFormElement);
		clearTimeout(waiting);
		waiting = setTimeout(
			() =>
				void goto(`?${query(Object.fromEntries(asked) as Record<string, string>)}`, {
					replaceState: true,
					keepFocus: true,
					noScroll: true
				}),
			(event.target as HTMLElement).matches('select') ? 0 : 120
		);
	}
	const { kind, where, content, use } = $derived(data.filter);
</script>

<svelte:head><title>Home library · Gather Bin</title></svelte:head>

<p class="max-w-3xl font-display text-xl leading-snug font-medium">{data.sentence}</p>

<form
	method="post"
	action="?/add"
	use:enhance={saves({ reset: true })}
	class="mt-4 flex max-w-4xl flex-wrap items-end gap-3"
>
	<TextField
		label="Add a title"
		name="text"
		class="min-w-64 flex-1"
		placeholder="Old Roads by Nell Arkwright, ages 9-13, 132 pages, desk"
		value={failure?.typed?.text ?? ''}
		{failure}
	/>
	<Button type="submit" look={data.isEmpty ? 'main' : 'plain'}>Add</Button>
	<Button href="/home/books/topics">By topic</Button>
	<Button href="/home/books/scan" look={data.isEmpty ? 'plain' : 'main'}>Scan a shelf</Button>
</form>

{#if data.isEmpty}
	<div class="mt-6">
		<EmptyState title="Start with one shelf">
			<p>Scan the books one by one, or type titles, then pick one place for them all.</p>
		</EmptyState>
	</div>
{:else}
	<form method="get" class="mt-5 space-y-2" oninput={look} onsubmit={(event) => event.preventDefault()}>
		<div class="flex flex-wrap items-end gap-3">
			<TextField
				label="Search titles, authors, topics, notes"
				name="q"
				class="min-w-56 flex-1"
				value={data.filter.words}
			/>
			<SelectField
				label="Topic"
				name="topic"
				options={[
					{ value: '', label: 'all' },
					...data.topics.map(({ topic, count }) => ({ value: topic, label: `${topic} (${count})` }))
				]}
				value={data.filter.topic}
			/>
			<SelectField
				label="For"
				name="child"
				options={[{ value: '', label: 'everyone' }, ...data.children]}
				value={String(data.filter.child ?? '')}
			/>
			<p class="flex gap-1" role="group" aria-label="How it is shown">
				{#each [['', 'List'], ['grid', 'Covers'], ['shelf', 'Shelves']] as [view, label] (view)}
					<a
						href="?{query({ view })}"
						aria-current={(data.view === 'list' ? '' : data.view) === view ? 'page' : undefined}
						class="flex min-h-10 items-center rounded-[3px] border border-edge px-3 font-semibold text-ink no-underline aria-[current]:border-ink aria-[current]:bg-ink aria-[current]:text-sheet"
						>{label}</a
					>
				{/each}
			</p>
		</div>
		<details open={Boolean(kind || where || content || use)}>
			<summary class="min-h-9 cursor-pointer py-1 text-sm font-semibold">More filters</summary>
			<div class="mt-1 flex flex-wrap gap-3">
				<SelectField
					label="Kind"
					name="kind"
					options={[{ value: '', label: 'all' }, ...data.kinds.map(labeled)]}
					value={kind}
				/>
				<SelectField
					label="Where"
					name="where"
					options={[
						{ value: '', label: 'anywhere' },
						{ value: 'home', label: 'ours' },
						{ value: 'away', label: 'not ours' },
						{ value: 'lent', label: 'lent or borrowed' }
					]}
					value={where}
				/>
				<SelectField
					label="Content"
					name="content"
					options={[{ value: '', label: 'any' }, ...data.contents.map(labeled)]}
					value={content}
				/>
				<SelectField
					label="Use"
					name="use"
					options={[
						{ value: '', label: 'any' },
						{ value: 'never used', label: 'never used' },
						{ value: 'good', label: 'liked' },
						{ value: 'not used', label: 'didn’t use last time' }
					]}
					value={use}
				/>
			</div>
		</details>
		<noscript><Button type="submit">Search</Button></noscript>
	</form>

	<p class="mt-3 mb-1 text-sm text-ink-2" role="status">
		{data.first.total === 1 ? '1 title' : `${data.first.total.toLocaleString('en-US')} titles`}
	</p>
	{#if data.view === 'shelf'}
		<div class="flex flex-wrap items-end gap-x-6 gap-y-8">
			{#each data.shelves as shelf (shelf.place)}<ShelfDrawing {shelf} />{:else}<p class="text-ink-2">
					No book has a place yet. Set their places, and the shelves are drawn here.
				</p>{/each}
		</div>
	{:else if data.first.total === 0}
		<p class="border-y border-rule py-6 text-ink-2">No matches. Try fewer words, or add it above.</p>
	{:else if data.view === 'grid'}
		<VirtualList
			total={data.first.total}
			first={data.first.rows}
			lineHeight={CARD.height}
			entryWidth={CARD.width}
			{load}
			label="Home library, as covers"
		>
			{#snippet entry(row: Row)}
				<a href="/home/books/{row.id}" class="block p-1.5 text-ink no-underline" aria-label={row.title}>
					<Cover title={row.title} authors={row.authors} kind={row.kind} picture={row.picture} />
					<span class="mt-1 block truncate text-sm text-ink-2">{row.where}</span>
				</a>
			{/snippet}
		</VirtualList>
	{:else}
		<VirtualList
			total={data.first.total}
			first={data.first.rows}
			lineHeight={LINE}
			{load}
			label="Home library"
		>
			{#snippet entry(row: Row)}
				<a
					href="/home/books/{row.id}"
					class="grid h-full grid-cols-1 content-center items-center gap-x-4 border-b border-rule px-1 text-ink no-underline hover:bg-lined sm:grid-cols-[minmax(0,1fr)_minmax(0,18rem)]"
				>
					<span class="min-w-0">
						<span class="line-clamp-2 leading-tight font-semibold sm:line-clamp-1"
							>{row.title}<span class="hidden font-normal text-ink-2 sm:inline"
								>{row.authors ? `, ${row.authors}` : ''}</span
							></span
						>
						<span class="block truncate text-sm text-ink-2"
							><span class="text-ink sm:hidden">{row.where} ·&nbsp;</span>{row.about}</span
						>
					</span>
					<span class="hidden truncate text-right text-sm sm:block">{row.where}</span>
				</a>
			{/snippet}
		</VirtualList>
	{/if}
{/if}
