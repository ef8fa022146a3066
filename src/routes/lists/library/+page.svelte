<script lang="ts">
	import { enhance } from '$app/forms';
	import Check from '@lucide/svelte/icons/check';
	import Printer from '@lucide/svelte/icons/printer';
	import Button from '$lib/ui/button/Button.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import { saves } from '$lib/ui/forms/submit.ts';
	import LoanLine from '$lib/ui/library/LoanLine.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	let { data } = $props();
	const view = $derived(data.view);
	type Book = (typeof view.trips)[number]['fetch'][number];
	const tripDays = $derived(view.trips.map((trip) => trip.at));
</script>

<svelte:head><title>Library trips · Gather Bin</title></svelte:head>

{#snippet books(label: string, list: readonly Book[])}
	{#if list.length}
		<h3 class="mt-2 text-sm font-semibold text-ink-2">{label}</h3>
		<ul class="divide-y divide-rule border-y border-rule">
			{#each list as book (book.resource)}
				<li class="flex items-center gap-3 py-2">
					{#if book.keys.length}
						<form method="post" action="?/step" use:enhance={saves()} class="no-print">
							<input type="hidden" name="keys" value={book.keys.join(' ')} />
							<button
								class="flex min-h-11 w-11 items-center justify-center gap-1.5 rounded-[3px] border-2 border-ink text-sm font-semibold hover:bg-ink hover:text-sheet sm:w-32"
								aria-label="{book.button}: {book.title}"
								><Check size={18} aria-hidden="true" /><span class="hidden sm:inline">{book.button}</span
								></button
							>
						</form>
					{:else}<span class="hidden print:inline">□</span>{/if}
					<span class="flex-1"
						><a class="font-semibold text-ink no-underline hover:underline" href="/home/books/{book.resource}"
							>{book.title}</a
						><span class="block text-sm text-ink-2">{book.why}</span></span
					>
				</li>
			{/each}
		</ul>
	{/if}
{/snippet}

<Sheet>
	<main>
		<div class="flex flex-wrap items-baseline justify-between gap-4 border-b-2 border-ink pb-3">
			<h1 class="text-[1.75rem]">Library trips</h1>
			<Button size="small" onclick={() => window.print()} class="no-print"
				><Printer size={18} aria-hidden="true" /> Print</Button
			>
		</div>
		<p class="mt-4 max-w-3xl font-display text-xl leading-snug font-medium sm:text-2xl">{view.sentence}</p>
		{#each view.problems as problem (problem)}<p class="mt-2 border-l-4 border-late pl-3">{problem}</p>{/each}
		{#if view.trips.length === 0 && view.holds.length === 0}
			<div class="mt-6">
				<EmptyState title="Nothing to carry">
					<p>Flag a library book for a lesson, and the day for its hold and its trip is worked out here.</p>
				</EmptyState>
			</div>
		{/if}
		<div class="mt-6 grid gap-x-10 gap-y-8 lg:grid-cols-2">
			<div class="space-y-6">
				{#each view.trips as trip (`${trip.day} ${trip.library}`)}
					<section aria-label="Trip on {trip.text}" class="break-inside-avoid">
						<h2 class="text-lg">{trip.text} <span class="font-normal text-ink-2">{trip.library}</span></h2>
						{@render books('Fetch', trip.fetch)}
						{@render books('Bring back', trip.bring)}
					</section>
				{/each}
			</div>
			{#if view.holds.length}
				<section aria-labelledby="holds">
					<h2 id="holds" class="text-lg">Holds to place</h2>
					<ul class="mt-2 divide-y divide-rule border-y border-rule">
						{#each view.holds as one (one.title)}
							<li class="flex items-center gap-3 py-2">
								<form method="post" action="?/step" use:enhance={saves()} class="no-print">
									<input type="hidden" name="keys" value={one.keys.join(' ')} />
									<button
										class="flex min-h-11 w-11 items-center justify-center gap-1.5 rounded-[3px] border-2 border-ink text-sm font-semibold hover:bg-ink hover:text-sheet sm:w-28"
										aria-label="Placed: {one.title}"
										><Check size={18} aria-hidden="true" /><span class="hidden sm:inline">Placed</span
										></button
									>
								</form>
								<span class="flex-1 font-semibold"
									>{one.title}<span class="block text-sm font-normal text-ink-2">{one.library}</span></span
								>
								<span class="text-sm font-semibold {one.isLate ? 'text-late' : 'text-ink-2'}"
									>{one.isLate ? 'late, ' : ''}{one.when}</span
								>
							</li>
						{/each}
					</ul>
				</section>
			{/if}
		</div>
		{#if view.bars.length}
			<section aria-labelledby="line" class="mt-8">
				<h2 id="line" class="mb-2 text-lg">Loans against lessons</h2>
				<LoanLine bars={view.bars} days={view.days} weeks={view.weeks} trips={tripDays} />
			</section>
		{/if}
	</main>
</Sheet>
