<script lang="ts">
	import { enhance } from '$app/forms';
	import Check from '@lucide/svelte/icons/check';
	import Printer from '@lucide/svelte/icons/printer';
	import X from '@lucide/svelte/icons/x';
	import { onMount } from 'svelte';
	import { SvelteSet } from 'svelte/reactivity';
	import Button from '$lib/ui/button/Button.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import { queue } from '$lib/ui/device/queue.svelte.ts';
	import { saves } from '$lib/ui/device/submit.ts';
	import Sheet from '$lib/ui/shell/Sheet.svelte';
	import Tape from '$lib/ui/tape/Tape.svelte';

	let { data } = $props();
	type Row = (typeof data.shops)[number]['aisles'][number]['rows'][number];
	const ticked = new SvelteSet<number>();
	const isDone = (row: Row) => row.done || ticked.has(row.id);
	const rows = $derived(data.shops.flatMap((shop) => shop.aisles.flatMap((aisle) => aisle.rows)));
	const left = $derived(rows.filter((row) => !isDone(row)).length);

	const BOUGHT = '/lists/errands?/bought';
	const waits = () => {
		ticked.clear();
		for (const { action, fields } of queue.waiting) if (action === BOUGHT) ticked.add(Number(fields.id));
	};
	onMount(() =>
		queue.listen({ found: waits, sent: waits, refused: (fields) => ticked.delete(Number(fields.id)) })
	);
	function tick(event: SubmitEvent & { currentTarget: HTMLFormElement }, row: Row) {
		event.preventDefault();
		if (row.done) return;
		if (ticked.has(row.id)) {
			queue.takeBack(({ action, fields }) => action === BOUGHT && fields.id === String(row.id));
			return;
		}
		ticked.add(row.id);
		const typed = Object.fromEntries(new FormData(event.currentTarget)) as Record<string, string>;
		queue.add(BOUGHT, typed, row.text, data.revision);
	}
</script>

<svelte:head><title>Shopping list · Gather Bin</title></svelte:head>
<Sheet>
	<main>
		<div class="flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
			<h1 class="font-display text-xl font-medium sm:text-2xl">
				{#if rows.length === 0}No list yet.{:else if left}{left}
					{left === 1 ? 'thing' : 'things'} to buy, in {data.shops.length}
					{data.shops.length === 1 ? 'shop' : 'shops'}.{:else}All in the cart.{/if}
			</h1>
			{#if rows.length}<button
					type="button"
					onclick={() => print()}
					class="no-print hidden items-center gap-2 font-semibold underline decoration-rule decoration-2 underline-offset-4 hover:decoration-ink sm:inline-flex"
					><Printer size={18} aria-hidden="true" />Print</button
				>{/if}
		</div>
		{#each data.shops as shop (shop.id)}
			<section class="mt-5 break-inside-avoid" aria-labelledby="shop{shop.id}">
				<h2
					id="shop{shop.id}"
					class="flex items-baseline justify-between border-b-2 border-ink pb-1 text-xl font-semibold"
				>
					<span>{shop.name}</span><span class="text-base">{shop.total}</span>
				</h2>
				{#each shop.aisles as { aisle, rows } (aisle)}
					{#if aisle || shop.aisles.length > 1}<h3 class="mt-3"><Tape text={aisle || 'anywhere'} /></h3>{/if}
					<ul>
						{#each rows as row (row.id)}
							{@const done = isDone(row)}
							<li class="flex items-center gap-3 border-b border-rule py-2">
								<form
									method="post"
									action="?/bought"
									onsubmit={(event) => tick(event, row)}
									class="flex min-w-0 flex-1 items-center gap-3"
								>
									<input type="hidden" name="id" value={row.id} />
									<button
										aria-pressed={done}
										class="grid size-12 shrink-0 place-items-center rounded-[3px] border-2 border-ink aria-pressed:bg-good aria-pressed:text-sheet"
										aria-label="In the cart: {row.text}"
										><Check
											size={26}
											class={done ? '' : 'text-rule print:hidden'}
											aria-hidden="true"
										/></button
									>
									<span class="min-w-0 flex-1 {done ? 'text-ink-2' : ''}">
										<span class="block text-lg leading-snug font-semibold {done ? 'line-through' : ''}"
											>{row.text}</span
										>
										<span class="block text-sm text-ink-2">{row.for}</span>
									</span>
									<label class="flex items-center gap-1"
										>$<input
											name="paid"
											inputmode="decimal"
											class="typed w-20 text-right"
											value={row.paid}
											readonly={done}
											aria-label="Paid for {row.text}, in dollars"
										/></label
									>
								</form>
								{#if done}<span class="no-print size-11 shrink-0"></span>{:else}
									<form method="post" action="?/remove" use:enhance={saves()} class="no-print shrink-0">
										<input type="hidden" name="id" value={row.id} />
										<button
											class="grid size-11 place-items-center text-ink-2 hover:text-ink"
											aria-label="Not this trip: {row.text}"><X size={20} aria-hidden="true" /></button
										>
									</form>
								{/if}
							</li>
						{/each}
					</ul>
				{/each}
				{#if shop.learned}<p class="no-print mt-1 text-sm text-ink-2">
						In the order you walk this store.
					</p>{/if}
			</section>
		{:else}
			<div class="mt-5">
				<EmptyState title="No shopping list yet">
					<p>
						Shopping works out what to buy where. “Make my shopping list” puts it here by aisle, even offline.
					</p>
					{#snippet act()}<Button look="main" href="/lists/shops">Open Shopping</Button>{/snippet}
				</EmptyState>
			</div>
		{/each}
	</main>
</Sheet>
