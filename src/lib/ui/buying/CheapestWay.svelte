<script lang="ts">
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import Check from '@lucide/svelte/icons/check';
	import { onDestroy } from 'svelte';
	import type { PacksInput } from '$core/buying/index.ts';
	import type { Bought } from '$lib/workers/buy.worker.ts';
	import Button from '../button/Button.svelte';
	import { saves } from '../forms/submit.ts';

	type Offer = { id: number; what: string; aisle: string };
	type Thing = {
		key: string;
		name: string;
		missing: string;
		lessons: string;
		when: string;
		keys: readonly string[];
		offers: readonly Offer[];
	};
	type Props = {
		input: PacksInput;
		/** Of each offer of the input, in the same order, which it is. */
		offerIds: readonly number[];
		things: readonly Thing[];
		shops: readonly { id: number; name: string; terms: string }[];
	};
	let { input, offerIds, things, shops }: Props = $props();

	let worker: Worker | null = null;
	let working = $state(false);
	let answer = $state<{ bought: Bought; for: string } | null>(null);
	const asked = $derived(JSON.stringify(input));
	// An answer to an older question is not shown.
	const shown = $derived(answer?.for === asked ? answer.bought : null);
	const money = (cents: number) => `$${(cents / 100).toFixed(2)}`;

	$effect(() => {
		if (input.items.length && answer?.for !== asked) workOut(asked);
		return stop;
	});
	function workOut(question: string) {
		stop();
		working = true;
		worker = new Worker(new URL('../../workers/buy.worker.ts', import.meta.url), { type: 'module' });
		worker.onmessage = ({ data }: MessageEvent<Bought>) => {
			answer = { bought: data, for: question };
			stop();
		};
		worker.onerror = () => {
			answer = {
				bought: { problem: 'That could not be worked out on this device. Nothing was changed.' },
				for: question
			};
			stop();
		};
		worker.postMessage(JSON.parse(question));
	}
	function stop() {
		worker?.terminate();
		worker = null;
		working = false;
	}
	onDestroy(stop);

	/** What is bought in each shop, aisle by aisle. */
	const baskets = $derived.by(() => {
		if (!shown || !('purchase' in shown)) return [];
		const { buys, fees } = shown.purchase;
		return fees.map(({ store, fee }) => {
			const rows = buys
				.filter((one) => one.store === store)
				.map((one) => {
					const at = input.offers.findIndex(
						(offer) =>
							offer.item === one.item &&
							offer.store === one.store &&
							offer.size === one.size &&
							offer.price === one.price
					);
					const thing = things.find(({ key }) => key === one.item)!;
					const offer = thing.offers.find(({ id }) => id === offerIds[at])!;
					return { thing, offer, count: one.count, cents: one.count * one.price };
				})
				.sort((a, b) => (a.offer.aisle < b.offer.aisle ? -1 : a.offer.aisle > b.offer.aisle ? 1 : 0));
			return {
				shop: shops.find(({ id }) => String(id) === store)!,
				fee,
				rows,
				total: fee + rows.reduce((sum, one) => sum + one.cents, 0)
			};
		});
	});
	/** What is taken to the shops as a list. */
	const along = $derived(
		baskets.flatMap(({ rows }) =>
			rows.map(({ thing, offer, count, cents }) => ({ offer: offer.id, count, keys: thing.keys, cents }))
		)
	);
</script>

<section aria-labelledby="cheapest">
	<h2 id="cheapest" class="mb-1 text-lg">The cheapest way</h2>
	<div role="status">
		{#if working}
			<p class="flex items-center gap-3">
				Comparing all ways to buy {input.items.length}
				{input.items.length === 1 ? 'thing' : 'things'} … <Button size="small" look="quiet" onclick={stop}
					>Stop</Button
				>
			</p>
		{:else if shown && 'problem' in shown}
			<p class="border-l-4 border-late pl-3">{shown.problem}</p>
		{:else if shown}
			<p class="font-semibold">
				{money(shown.purchase.cost)} in all{shown.purchase.optimal
					? '; no other way costs less.'
					: `; no way costs less than ${money(shown.purchase.bound ?? 0)}.`}
			</p>
		{:else if input.items.length === 0}
			<p class="text-ink-2">As soon as a price is known it stands here what to buy where.</p>
		{/if}
	</div>
	{#if baskets.length}
		<form
			method="post"
			action="?/along"
			use:enhance={saves({ shown: () => goto('/lists/errands') })}
			class="no-print mt-3"
		>
			<input type="hidden" name="list" value={JSON.stringify(along)} />
			<Button type="submit" look="main">Take this along</Button>
		</form>
	{/if}
	{#each baskets as { shop, fee, rows, total } (shop.id)}
		<div class="mt-4">
			<h3 class="flex items-baseline justify-between border-b-2 border-ink pb-1 font-display font-semibold">
				<span>{shop.name}</span><span>{money(total)}</span>
			</h3>
			<ul class="divide-y divide-rule">
				{#each rows as { thing, offer, count, cents } (offer.id)}
					<li class="flex flex-wrap items-center gap-x-3 gap-y-1 py-2">
						<form
							method="post"
							action="?/bought"
							use:enhance={saves()}
							class="no-print flex shrink-0 items-center gap-2"
						>
							<input type="hidden" name="offer" value={offer.id} />
							<input type="hidden" name="count" value={count} />
							<input type="hidden" name="keys" value={thing.keys.join(' ')} />
							<button
								class="flex min-h-11 w-11 items-center justify-center rounded-[3px] border-2 border-ink hover:bg-ink hover:text-sheet"
								aria-label="Bought: {count} × {offer.what}"><Check size={18} aria-hidden="true" /></button
							>
							<label class="flex items-center gap-1 text-sm"
								>$<input
									name="paid"
									inputmode="decimal"
									class="typed w-20"
									value={(cents / 100).toFixed(2)}
									aria-label="Paid for {thing.name}, in dollars"
								/></label
							>
						</form>
						<span class="min-w-40 flex-1"
							><span class="font-semibold">{count} × {offer.what}</span>
							<span class="block text-sm text-ink-2"
								>{[offer.aisle, `${thing.missing} for ${thing.lessons}`, thing.when]
									.filter(Boolean)
									.join(' · ')}</span
							></span
						>
					</li>
				{/each}
			</ul>
			{#if shop.terms}<p class="text-sm text-ink-2">
					{fee ? `${money(fee)} of it: ${shop.terms}` : `${shop.terms}: nothing to pay for that`}
				</p>{/if}
		</div>
	{/each}
	{#if shown && 'purchase' in shown}
		{@const left = shown.purchase.leftover.filter((one) => one.quantity > 0)}
		{#if left.length}<p class="mt-3 text-sm text-ink-2">
				Left over for the stash: {left.map((one) => one.item).join(', ')}.
			</p>{/if}
	{/if}
</section>
