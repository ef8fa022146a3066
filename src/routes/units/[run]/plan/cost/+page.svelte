<script lang="ts">
	import { money } from '$core/words/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import StackChart from '$lib/ui/chart/StackChart.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';

	let { data } = $props();
	const cost = $derived(data.cost);
	const cell = (cents: number) => (cents ? money(cents) : '');
	const SERIES = ['spent', 'committed', 'planned'] as const;
	const WORDS = { spent: 'spent', committed: 'ordered', planned: 'planned' } as const;
</script>

<svelte:head><title>Cost · {data.unit.name} · Gather Bin</title></svelte:head>

<p class="max-w-3xl font-display text-xl leading-snug font-medium sm:text-2xl">{cost.sentence}</p>
{#if cost.notFound}<p class="mt-2 text-ink-2">
		{cost.notFound} <a href="/lists/walk?span=all" class="font-semibold text-ink">Look at home</a>
	</p>{/if}
{#if cost.unpriced.length}
	<p class="mt-3 border-l-4 border-due pl-3">
		Not counted (no price yet): {cost.unpriced.slice(0, 8).join(', ')}{cost.unpriced.length > 8
			? ` and ${cost.unpriced.length - 8} more`
			: ''}.
		<a class="font-semibold underline" href="/lists/shops">Add prices</a>
	</p>
{/if}

{#if cost.lessons.length === 0}
	<div class="mt-6">
		<EmptyState title="No costs yet">
			<p>What you buy, order, or plan for this unit shows up here, by lesson.</p>
			{#snippet act()}<Button look="main" href="/units/{data.unit.id}/gather">See what’s missing</Button
				>{/snippet}
		</EmptyState>
	</div>
{:else}
	<div class="mt-6 grid gap-x-12 gap-y-8 xl:grid-cols-[minmax(0,1fr)_24rem]">
		<div>
			<StackChart chart={data.chart} label="Cost of each lesson: {cost.sentence}" />
			<div class="mt-4 overflow-x-auto" role="region" aria-label="Every lesson" tabindex="-1">
				<table class="w-full border-collapse text-left">
					<thead class="border-b-2 border-ink text-sm">
						<tr
							><th class="py-1.5 font-semibold">Lesson</th>{#each SERIES as key (key)}<th
									class="w-28 py-1.5 text-right font-semibold">{WORDS[key]}</th
								>{/each}</tr
						>
					</thead>
					<tbody>
						{#each cost.lessons as one (one.number)}
							<tr class="border-b border-rule"
								><td class="py-1.5">{one.number || ''} {one.title}</td>{#each SERIES as key (key)}<td
										class="text-right tabular-nums">{cell(one[key])}</td
									>{/each}</tr
							>
						{/each}
						<tr class="font-semibold"
							><td class="py-1.5">Total</td>{#each SERIES as key (key)}<td class="text-right tabular-nums"
									>{money(cost.total[key])}</td
								>{/each}</tr
						>
					</tbody>
				</table>
			</div>
		</div>
		<section aria-labelledby="streams">
			<h2 id="streams" class="mb-2 text-lg">By type</h2>
			<table class="w-full border-collapse text-left">
				<thead class="border-b-2 border-ink text-sm">
					<tr
						><th class="py-1.5"><span class="sr-only">Kind</span></th>{#each SERIES as key (key)}<th
								class="py-1.5 text-right font-semibold">{WORDS[key]}</th
							>{/each}</tr
					>
				</thead>
				<tbody>
					{#each cost.streams.filter((one) => SERIES.some((key) => one[key])) as one (one.stream)}
						<tr class="border-b border-rule"
							><th class="py-1.5 font-normal">{one.stream}</th>{#each SERIES as key (key)}<td
									class="text-right tabular-nums">{cell(one[key])}</td
								>{/each}</tr
						>
					{/each}
				</tbody>
			</table>
			<p class="mt-3 text-sm text-ink-2">
				Planned costs use your cheapest saved price, in whole packs. Tax and delivery are added under
				Shopping.
			</p>
			<p class="mt-3 flex flex-wrap gap-3">
				<Button size="small" href="/units/{data.unit.id}/plan/load">Set a budget</Button>
				<Button size="small" href="/lists/shops">Shopping</Button>
			</p>
		</section>
	</div>
{/if}
