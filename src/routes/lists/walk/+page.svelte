<script lang="ts">
	import TextField from '$lib/ui/field/TextField.svelte';
	import { enhance } from '$app/forms';
	import Check from '@lucide/svelte/icons/check';
	import Ellipsis from '@lucide/svelte/icons/ellipsis';
	import Printer from '@lucide/svelte/icons/printer';
	import { onMount, untrack } from 'svelte';
	import { SvelteMap } from 'svelte/reactivity';
	import Button from '$lib/ui/button/Button.svelte';
	import CautionNote from '$lib/ui/caution/CautionNote.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import { queue } from '$lib/ui/device/queue.svelte.ts';
	import { saves } from '$lib/ui/device/submit.ts';
	import Sheet from '$lib/ui/shell/Sheet.svelte';
	import Tape from '$lib/ui/tape/Tape.svelte';

	let { data, form } = $props();
	type Row = (typeof data.walk.places)[number]['rows'][number];

	/** Rows ticked on this walk stay where they were, so that the list does not jump under the thumb. */
	const ticked = new SvelteMap<string, { row: Row; path: string }>();
	/** The order in which this walk shows its places, kept while it is walked. */
	let kept = { of: '', paths: [] as string[] };
	const places = $derived.by(() => {
		const shown = data.walk.places.map((place) => ({ path: place.path, rows: [...place.rows] }));
		for (const { row, path } of ticked.values()) {
			let place = shown.find((one) => one.path === path);
			if (!place) shown.push((place = { path, rows: [] }));
			if (!place.rows.some((one) => one.id === row.id)) place.rows.push(row);
			place.rows.sort((a, b) => (a.item < b.item ? -1 : 1));
		}
		const of = `${data.run} ${data.span}`;
		const before = kept.of === of ? kept.paths : [];
		kept = {
			of,
			paths: inKeptOrder(
				before,
				data.walk.places.map((place) => place.path)
			)
		};
		return shown.toSorted((a, b) => kept.paths.indexOf(a.path) - kept.paths.indexOf(b.path));
	});

	/** What was shown stays in its order; what is new comes behind the place that it follows. */
	function inKeptOrder(before: readonly string[], now: readonly string[]): string[] {
		const order = [...before];
		now.forEach((path, i) => {
			if (!order.includes(path)) order.splice(order.indexOf(now[i - 1]) + 1, 0, path);
		});
		return order;
	}
	const shownThings = $derived(data.walk.places.reduce((sum, place) => sum + place.rows.length, 0));
	const left = $derived(places.flatMap((place) => place.rows).filter((row) => !ticked.has(row.id)));
	const failure = $derived(form && 'message' in form ? form : null);

	const FOUND = '/lists/walk?/found';
	const FOR = { next: ' for the next lesson', week: ' for the week', all: '' } as const;
	let move = $state(true);
	let asked = $state<{ row: Row; path: string } | null>(null);
	let askOpen = $state(false);

	const idOf = (fields: Readonly<Record<string, string>>) => `${fields.lot}/${fields.run}`;
	/** What came back after an undo is not ticked any more. */
	function forgetTicks() {
		for (const [id] of ticked)
			if (data.walk.places.some((place) => place.rows.some((row) => row.id === id))) ticked.delete(id);
	}
	onMount(() =>
		queue.listen({
			// What was ticked before a reload and still waits is ticked here as well.
			found: (waiting) => {
				for (const { action, fields } of waiting)
					for (const place of data.walk.places)
						for (const row of place.rows)
							if (action === FOUND && row.id === idOf(fields)) ticked.set(row.id, { row, path: place.path });
			},
			sent: forgetTicks,
			refused: (fields) => ticked.delete(idOf(fields))
		})
	);
	$effect(() => {
		void data.revision;
		untrack(() => {
			if (queue.waiting.length === 0) forgetTicks();
		});
	});

	function tick(event: SubmitEvent, row: Row, path: string) {
		event.preventDefault();
		if (ticked.has(row.id)) {
			// What has not been sent yet can simply be taken back.
			queue.takeBack(({ action, fields }) => action === FOUND && idOf(fields) === row.id);
			return;
		}
		ticked.set(row.id, { row, path });
		const fields = {
			lot: String(row.lot),
			run: String(row.run),
			amount: row.amount,
			unit: row.unit,
			move: move ? 'on' : ''
		};
		queue.add(FOUND, fields, row.text, data.revision);
	}
	const link = (run: number | null, span: string) =>
		`/lists/walk?${new URLSearchParams({ ...(run ? { unit: String(run) } : {}), span })}`;
</script>

<svelte:head><title>Walk · Gather Bin</title></svelte:head>
<Sheet>
	<main>
		<div class="flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
			<h1 class="font-display text-xl font-medium sm:text-2xl">
				{#if left.length}{left.length}
					{left.length === 1 ? 'thing' : 'things'} to fetch{FOR[data.span]}, in {places.length}
					{places.length === 1 ? 'place' : 'places'}.{:else if ticked.size}All found.{:else}Nothing to fetch{FOR[
						data.span
					]}.{/if}
			</h1>
			<button
				type="button"
				onclick={() => print()}
				class="no-print hidden items-center gap-2 font-semibold underline decoration-rule decoration-2 underline-offset-4 hover:decoration-ink sm:inline-flex"
				><Printer size={18} aria-hidden="true" />Print</button
			>
		</div>

		<div class="no-print mt-3 flex flex-wrap items-center gap-x-5 gap-y-2 text-sm">
			<nav aria-label="How far ahead" class="flex border-b-2 border-ink">
				{#each [{ span: 'next', label: 'The next lesson' }, { span: 'week', label: 'This week' }, { span: 'all', label: `Everything (${data.allThings})` }] as choice (choice.span)}
					<a
						href={link(data.run, choice.span)}
						aria-current={data.span === choice.span ? 'true' : undefined}
						class="flex min-h-10 items-center px-3 font-semibold text-ink-2 no-underline aria-[current]:bg-ink aria-[current]:text-sheet"
						>{choice.label}</a
					>
				{/each}
			</nav>
			{#if data.units.length > 1}
				<nav aria-label="Unit" class="flex flex-wrap gap-x-4">
					{#each [{ id: null, name: 'All units' }, ...data.units] as unit (unit.id)}
						<a
							href={link(unit.id, data.span)}
							aria-current={data.run === unit.id ? 'true' : undefined}
							class="flex min-h-10 items-center text-ink-2 underline decoration-transparent decoration-2 underline-offset-4 aria-[current]:font-semibold aria-[current]:text-ink aria-[current]:decoration-ink"
							>{unit.name}</a
						>
					{/each}
				</nav>
			{/if}
			<label class="flex min-h-10 items-center gap-2"
				><input type="checkbox" bind:checked={move} class="size-5" />What I find goes into the unit’s box</label
			>
		</div>

		{#if data.walk.learned && places.length > 1}
			<p class="no-print mt-2 text-sm text-ink-2">In the order in which you walked before.</p>
		{/if}
		{#each places as place (place.path)}
			<section class="mt-5 break-inside-avoid">
				<h2 class="mb-1"><Tape text={place.path} /></h2>
				<ul>
					{#each place.rows as row (row.id)}
						{@const done = ticked.has(row.id)}
						<li class="flex items-center gap-3 border-b border-rule py-2">
							<form method="post" action="?/found" onsubmit={(event) => tick(event, row, place.path)}>
								<input type="hidden" name="lot" value={row.lot} />
								<input type="hidden" name="run" value={row.run} />
								<input type="hidden" name="amount" value={row.amount} />
								<input type="hidden" name="unit" value={row.unit} />
								<input type="hidden" name="move" value={move ? 'on' : ''} />
								<button
									aria-pressed={done}
									class="group grid size-12 place-items-center rounded-[3px] border-2 border-ink aria-pressed:bg-good aria-pressed:text-sheet"
									aria-label="Found: {row.text}"
								>
									<Check size={26} class={done ? '' : 'text-rule print:hidden'} aria-hidden="true" />
								</button>
							</form>
							<div class="min-w-0 flex-1 {done ? 'text-ink-2' : ''}">
								<p class="text-lg leading-snug font-semibold {done ? 'line-through' : ''}">{row.text}</p>
								<p class="text-sm text-ink-2">
									{row.lessons}{data.run === null && data.units.length > 1 ? `, ${row.unitName}` : ''} · {row.there}
									there{row.lookAgain ? ` · ${row.lookAgain}` : ''}
								</p>
								{#if row.caution}<CautionNote text={row.caution} />{/if}
							</div>
							{#if !done}
								<button
									type="button"
									class="no-print grid size-11 shrink-0 place-items-center text-ink-2 hover:text-ink"
									aria-label="Not there, or less: {row.text}"
									onclick={() => ((asked = { row, path: place.path }), (askOpen = true))}
									><Ellipsis size={22} aria-hidden="true" /></button
								>
							{/if}
						</li>
					{/each}
				</ul>
			</section>
		{:else}
			<div class="mt-5">
				<EmptyState
					title={data.allThings
						? data.span === 'next'
							? 'The next lesson is fetched'
							: 'This week is fetched'
						: 'Nothing waits in the house'}
				>
					<p>
						{data.allThings
							? 'There is more for later lessons; look at everything if you have the time.'
							: 'What the lessons want is in its box already, or has to be bought.'}
					</p>
					{#snippet act()}{#if data.allThings}<Button href={link(data.run, 'all')} look="main"
								>Show everything</Button
							>{:else}<Button href="/" look="main">What is next</Button>{/if}{/snippet}
				</EmptyState>
			</div>
		{/each}
		{#if data.walk.things > shownThings}
			<p class="no-print mt-4">
				<Button href="{link(data.run, data.span)}&show=all">Show all {data.walk.things} things</Button>
			</p>
		{/if}

		{#if data.walk.missing.length}
			<section class="mt-8 break-inside-avoid" aria-labelledby="missing">
				<h2 id="missing" class="text-lg">Not in the house</h2>
				<ul class="mt-1 columns-1 gap-8 sm:columns-2">
					{#each data.walk.missing as thing, i (i)}<li class="break-inside-avoid border-b border-rule py-1.5">
							<strong>{thing.text}</strong> <span class="text-sm text-ink-2">{thing.lessons}</span>
						</li>{/each}
				</ul>
			</section>
		{/if}
	</main>
</Sheet>

<Dialog
	bind:open={askOpen}
	title={asked?.row.text ?? ''}
	about={asked ? `${asked.path}: ${asked.row.there} by the last count` : ''}
>
	{#if asked}
		<div class="space-y-6">
			<form
				method="post"
				action="?/there"
				use:enhance={saves({ done: () => (askOpen = false), waits: `${asked?.row.item} is not there` })}
			>
				<input type="hidden" name="lot" value={asked.row.lot} />
				<input type="hidden" name="amount" value="0" />
				<Button type="submit" look="main" class="w-full">Not there at all</Button>
				<p class="mt-1 text-sm text-ink-2">The count becomes nothing, and what is lacking goes to missing.</p>
			</form>
			<form
				method="post"
				action="?/found"
				use:enhance={saves({ done: () => (askOpen = false), waits: `Took some ${asked?.row.item}` })}
				class="flex items-end gap-2"
			>
				<input type="hidden" name="lot" value={asked.row.lot} />
				<input type="hidden" name="run" value={asked.row.run} />
				<input type="hidden" name="unit" value={asked.row.unit} />
				<input type="hidden" name="move" value={move ? 'on' : ''} />
				<TextField
					label="Took only ({asked.row.unit})"
					name="amount"
					class="flex-1"
					inputmode="decimal"
					{failure}
				/>
				<Button type="submit">Took these</Button>
			</form>
			<form
				method="post"
				action="?/there"
				use:enhance={saves({ done: () => (askOpen = false), waits: `${asked?.row.item} counted` })}
				class="flex items-end gap-2"
			>
				<input type="hidden" name="lot" value={asked.row.lot} />
				<TextField
					label="There is this much in all"
					name="amount"
					class="flex-1"
					inputmode="decimal"
					{failure}
				/>
				<Button type="submit">Correct the count</Button>
			</form>
		</div>
	{/if}
</Dialog>
