<script lang="ts">
	import Printer from '@lucide/svelte/icons/printer';
	import Button from '$lib/ui/button/Button.svelte';
	import CheapestWay from '$lib/ui/buying/CheapestWay.svelte';
	import ClassKit from '$lib/ui/buying/ClassKit.svelte';
	import OfferDialog from '$lib/ui/buying/OfferDialog.svelte';
	import PackPrices from '$lib/ui/buying/PackPrices.svelte';
	import Receipts from '$lib/ui/buying/Receipts.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import Part from '$lib/ui/shell/Part.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const buying = $derived(data.buying);
	type Offer = (typeof buying.things)[number]['offers'][number];
	let editing = $state<(Offer & { name: string }) | null>(null);
	let open = $state(false);
	const SPANS = [
		['next', 'The next lesson'],
		['week', 'This week'],
		['all', 'Everything']
	] as const;
	const address = (span: string, most: number | null) =>
		`?${new URLSearchParams({ span, ...(most === null ? {} : { most: String(most) }) })}`;
</script>

<svelte:head><title>Shopping · Gather Bin</title></svelte:head>

<Sheet>
	<main>
		<div class="flex flex-wrap items-baseline justify-between gap-4 border-b-2 border-ink pb-3">
			<h1 class="text-[1.75rem]">Shopping</h1>
			<Button size="small" onclick={() => window.print()} class="no-print"
				><Printer size={18} aria-hidden="true" /> Print</Button
			>
		</div>
		<p class="mt-4 max-w-3xl font-display text-xl leading-snug font-medium sm:text-2xl">{buying.sentence}</p>
		{#if buying.notFound}<p class="mt-2 text-ink-2">
				{buying.notFound} <a href="/lists/walk?span=all" class="font-semibold text-ink">Look at home</a>
			</p>{/if}
		<nav aria-label="For what" class="no-print mt-4 flex flex-wrap gap-2">
			{#each SPANS as [span, label] (span)}
				<Button
					size="small"
					href={address(span, data.maxStores)}
					aria-current={data.span === span ? 'page' : undefined}
					class="aria-[current]:border-ink aria-[current]:bg-lined">{label}</Button
				>
			{/each}
			<span class="hidden w-4 sm:block"></span>
			{#each [null, 2, 1] as most (most)}
				<Button
					size="small"
					href={address(data.span, most)}
					aria-current={data.maxStores === most ? 'page' : undefined}
					class="aria-[current]:border-ink aria-[current]:bg-lined"
					>{most === null ? 'Any stores' : most === 1 ? 'One store' : 'Two stores at most'}</Button
				>
			{/each}
		</nav>

		{#if buying.things.length === 0}
			<div class="mt-6">
				<EmptyState title="Nothing to buy">
					<p>Items missing for scheduled lessons show up here, with the cheapest way to get them.</p>
					{#snippet act()}<Button look="main" href={address('all', data.maxStores)}>Show everything</Button
						>{/snippet}
				</EmptyState>
			</div>
		{:else}
			<div class="mt-6 grid gap-x-10 gap-y-8 lg:grid-cols-2">
				<Part
					><CheapestWay
						input={buying.input}
						things={buying.things}
						shops={buying.shops}
						bundles={buying.bundles}
						coming={buying.coming}
					/></Part
				>
				<div class="no-print">
					<Part
						><PackPrices
							{buying}
							hasLists={data.hasLists}
							{failure}
							edit={(offer) => {
								editing = offer;
								open = true;
							}}
						/></Part
					>
					<Part><ClassKit children={data.children} /></Part>
				</div>
			</div>
		{/if}
		<div class="mt-8 grid gap-x-10 gap-y-8 lg:grid-cols-2">
			<section aria-labelledby="money">
				<h2 id="money" class="mb-2 text-lg">Spent so far</h2>
				<ul class="divide-y divide-rule border-y border-rule">
					{#each buying.money as one, i (i)}<li class="flex justify-between gap-4 py-1.5">
							<span>{one.unit}</span><span
								><span class="font-semibold">{one.spent}</span>{one.budget ? `, ${one.budget}` : ''}</span
							>
						</li>{/each}
				</ul>
			</section>
			{#if buying.receipts.length}
				<Part><Receipts receipts={buying.receipts} toClaim={buying.toClaim} /></Part>
			{/if}
		</div>
	</main>
</Sheet>

<OfferDialog bind:open {editing} {failure} />
