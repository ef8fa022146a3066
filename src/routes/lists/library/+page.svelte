<script lang="ts">
	import { enhance } from '$app/forms';
	import Check from '@lucide/svelte/icons/check';
	import Printer from '@lucide/svelte/icons/printer';
	import Button from '$lib/ui/button/Button.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import TextField from '$lib/ui/field/TextField.svelte';
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
						<form
							method="post"
							action="?/step"
							use:enhance={saves({ waits: `${book.button}: ${book.title}` })}
							class="no-print"
						>
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
		{#each view.problems as problem, i (i)}
			<div class="mt-3 max-w-3xl border-l-4 border-late pl-3">
				<p class="font-semibold">{problem.text}</p>
				{#each problem.loans as loan, i (i)}<p>{loan}</p>{/each}
				{#if problem.swap}
					<form
						method="post"
						action="?/swap"
						use:enhance={saves()}
						class="mt-1 flex flex-wrap items-center gap-3"
					>
						<input type="hidden" name="first" value={problem.swap.first} />
						<input type="hidden" name="second" value={problem.swap.second} />
						<span>{problem.swap.text}</span>
						<Button type="submit" size="small">Swap lessons</Button>
					</form>
				{/if}
			</div>
		{/each}
		{#if data.desk.isThere}
			<section
				aria-label="Library catalog"
				class="no-print mt-5 flex flex-wrap items-end gap-x-6 gap-y-3 border-y border-rule py-3"
			>
				<form method="get" class="flex min-w-64 flex-1 items-end gap-3">
					<TextField
						label="Search the library catalog"
						name="q"
						value={data.words}
						class="flex-1"
						type="search"
					/>
					<Button type="submit" size="small">Search</Button>
				</form>
				<form method="post" action="?/ask" use:enhance={saves()} class="flex items-center gap-3">
					<Button type="submit" size="small">Check for updates</Button>
				</form>
				{#if data.desk.said}<p class="w-full text-sm" role="status">{data.desk.said}</p>{/if}
			</section>
			{#if data.found}
				<ul class="no-print mt-2 divide-y divide-rule">
					{#each data.found.titles as one (one.isbn)}
						<li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
							<span class="min-w-56 flex-1"
								><span class="font-semibold">{one.title}</span>
								<span class="block text-sm text-ink-2"
									>{one.authors} · {one.copies}
									{one.copies === 1 ? 'copy' : 'copies'}, {one.waiting === 0
										? 'no wait'
										: one.waiting === 1
											? '1 waiting'
											: `${one.waiting} waiting`}</span
								></span
							>
							<form method="post" action="?/want" use:enhance={saves()}>
								{#each ['isbn', 'title', 'authors', 'kind', 'pages'] as const as name (name)}
									<input type="hidden" {name} value={one[name] ?? ''} />
								{/each}
								<Button type="submit" size="small" aria-label="Place a hold on {one.title}"
									>Place a hold</Button
								>
							</form>
						</li>
					{:else}<li class="py-2 text-ink-2">
							{data.found.failure || 'No matches at the library. Try fewer words.'}
						</li>{/each}
				</ul>
			{/if}
		{/if}
		{#if view.trips.length === 0 && view.holds.length === 0}
			<div class="mt-6">
				<EmptyState title="No trips yet">
					<p>Assign a library book to a lesson to see when to place the hold and pick it up.</p>
				</EmptyState>
			</div>
		{/if}
		<div class="mt-6 grid gap-x-10 gap-y-8 lg:grid-cols-2">
			<div class="space-y-6">
				{#each view.trips as trip, i (i)}
					<section aria-label="Trip on {trip.text}" class="break-inside-avoid">
						<h2 class="text-lg">{trip.text} <span class="font-normal text-ink-2">{trip.library}</span></h2>
						{@render books('Pick up', trip.fetch)}
						{@render books('Return', trip.bring)}
					</section>
				{/each}
			</div>
			{#if view.holds.length}
				<section aria-labelledby="holds">
					<h2 id="holds" class="text-lg">Holds to place</h2>
					<ul class="mt-2 divide-y divide-rule border-y border-rule">
						{#each view.holds as one, i (i)}
							<li class="flex items-center gap-3 py-2">
								<form
									method="post"
									action="?/step"
									use:enhance={saves({ waits: `Placed: ${one.title}` })}
									class="no-print"
								>
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
				<h2 id="line" class="mb-2 text-lg">Loans and lessons</h2>
				<LoanLine bars={view.bars} days={view.days} weeks={view.weeks} trips={tripDays} />
			</section>
		{/if}
	</main>
</Sheet>
