<script lang="ts">
	import { counted } from '$core/words/index.ts';
	import Printer from '@lucide/svelte/icons/printer';
	import { onMount, untrack } from 'svelte';
	import Button from '$lib/ui/button/Button.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import FoundSome from '$lib/ui/gathering/FoundSome.svelte';
	import HuntLine from '$lib/ui/gathering/HuntLine.svelte';
	import NotThere from '$lib/ui/gathering/NotThere.svelte';
	import WalkLine from '$lib/ui/gathering/WalkLine.svelte';
	import { HouseWalk } from '$lib/ui/gathering/walk.svelte.ts';
	import Sheet from '$lib/ui/shell/Sheet.svelte';
	import Tape from '$lib/ui/tape/Tape.svelte';
	import type { HuntRow } from '$lib/server/services/looking/hunt.ts';
	import type { WalkRow } from '$lib/server/services/gathering/walk.ts';

	let { data, form } = $props();
	const walk = new HouseWalk(
		() => data.walk.places,
		() => `${data.run} ${data.span}`
	);
	onMount(() => walk.start());
	$effect(() => {
		void data.revision;
		untrack(() => walk.settle());
	});

	const shownThings = $derived(
		data.walk.places.reduce((sum, place) => sum + place.rows.length + place.hunt.length, 0)
	);
	/** Of what is left, what nobody knows to be in the house. */
	const looks = $derived(walk.left.filter((row) => 'what' in row && row.what === 'look').length);
	const failure = $derived(form && 'message' in form ? form : null);
	const FOR = { next: ' for the next lesson', week: ' this week', all: '' } as const;
	let move = $state(true);
	let asked = $state<{ row: WalkRow; path: string } | null>(null);
	let askOpen = $state(false);
	let someOf = $state<{ row: HuntRow; path: string } | null>(null);
	let someOpen = $state(false);
	const sentence = $derived.by(() => {
		const left = walk.left.length;
		if (left === 0) return walk.hasTicks ? 'All gathered.' : `Nothing to gather${FOR[data.span]}.`;
		const where = `in ${counted(walk.places.length, 'place')}`;
		const fetch = left - looks;
		if (looks === 0) return `${counted(left, 'item')} to gather${FOR[data.span]}, ${where}.`;
		const time = `about ${counted(data.walk.minutes, 'minute')}`;
		return fetch
			? `${counted(fetch, 'item')} to gather and ${looks} to look for${FOR[data.span]}, ${where}.`
			: `${counted(looks, 'item')} to look for${FOR[data.span]}, ${where}; ${time}.`;
	});
	const link = (run: number | null, span: string) =>
		`/lists/walk?${new URLSearchParams({ ...(run ? { unit: String(run) } : {}), span })}`;
</script>

{#snippet maybe(row: HuntRow, path: string)}
	<HuntLine
		{row}
		{move}
		done={walk.answerOf(row)}
		unit={data.run === null && data.units.length > 1 ? row.unitName : ''}
		found={() => walk.hunt(row, path, 'found', move, data.revision)}
		notHere={() => walk.hunt(row, path, 'not here', move, data.revision)}
		ask={() => ((someOf = { row, path }), (someOpen = true))}
	/>
{/snippet}

<svelte:head><title>House walk · Gather Bin</title></svelte:head>
<Sheet>
	<main>
		<div class="flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
			<h1 class="font-display text-xl font-medium sm:text-2xl">
				{sentence}
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
			{#if data.units.some((unit) => unit.hasBin)}
				<label class="flex min-h-10 items-center gap-2"
					><input type="checkbox" bind:checked={move} class="size-5" />Put what I find in the unit’s bin</label
				>
			{/if}
		</div>

		{#if data.walk.learned && walk.places.length > 1}
			<p class="no-print mt-2 text-sm text-ink-2">In the order you usually walk.</p>
		{/if}
		<div class="print:mt-3 print:columns-2 print:gap-8">
			{#each walk.places as place (place.path)}
				<section class="mt-5 print:mt-0 print:mb-3">
					<h2 class="mb-1">
						<Tape text={place.path} />{#if place.usual}<span class="ml-2 text-sm text-ink-2 print:text-black"
								>or wherever you keep such things</span
							>{/if}
					</h2>
					<ul>
						{#each place.rows as row (row.id)}
							<WalkLine
								{row}
								{move}
								done={walk.isDone(row)}
								unit={data.run === null && data.units.length > 1 ? row.unitName : ''}
								tick={() => walk.tick(row, place.path, move, data.revision)}
								ask={() => ((asked = { row, path: place.path }), (askOpen = true))}
							/>
						{/each}
						{#each place.hunt.filter((row) => row.what === 'have') as row (row.id)}{@render maybe(
								row,
								place.path
							)}{/each}
					</ul>
					{#if place.hunt.some((row) => row.what === 'look')}
						{#if !place.usual}<h3
								class="mt-2 break-after-avoid text-sm font-semibold text-ink-2 print:text-black"
							>
								Maybe here
							</h3>{/if}
						<ul>
							{#each place.hunt.filter((row) => row.what === 'look') as row (row.id)}{@render maybe(
									row,
									place.path
								)}{/each}
						</ul>
					{/if}
				</section>
			{:else}
				<div class="mt-5">
					<EmptyState
						title={data.allThings
							? data.span === 'next'
								? 'The next lesson is gathered'
								: 'This week is gathered'
							: 'Nothing to gather'}
					>
						<p>
							{data.allThings
								? 'There’s more for later lessons if you have time.'
								: 'Everything is already in its bin or has to be bought.'}
						</p>
						{#snippet act()}{#if data.allThings}<Button href={link(data.run, 'all')} look="main"
									>Show everything</Button
								>{:else}<Button href="/" look="main">What’s next</Button>{/if}{/snippet}
					</EmptyState>
				</div>
			{/each}
		</div>
		{#if data.walk.things > shownThings}
			<p class="no-print mt-4">
				<Button href="{link(data.run, data.span)}&show=all">Show all {data.walk.things} items</Button>
			</p>
		{/if}

		{#if data.walk.missing.length}
			<section class="mt-8 print:mt-3" aria-labelledby="missing">
				<h2 id="missing" class="text-lg">Not at home</h2>
				<ul class="mt-1 columns-1 gap-8 sm:columns-2 print:columns-2 print:text-sm">
					{#each data.walk.missing as thing, i (i)}<li class="break-inside-avoid border-b border-rule py-1.5">
							<strong>{thing.text}</strong> <span class="text-sm text-ink-2">{thing.lessons}</span>
						</li>{/each}
				</ul>
			</section>
		{/if}
	</main>
</Sheet>

<NotThere bind:open={askOpen} {asked} {move} {failure} />
<FoundSome
	bind:open={someOpen}
	asked={someOf}
	found={(row, path, amount) => walk.hunt(row, path, 'found', move, data.revision, amount)}
/>
