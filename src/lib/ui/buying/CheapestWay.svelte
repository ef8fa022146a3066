<script lang="ts">
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import Check from '@lucide/svelte/icons/check';
	import { untrack } from 'svelte';
	import type { Bundle } from '$core/buying/index.ts';
	import { nameForCount } from '$core/naming/index.ts';
	import { counted, dollarsTyped, money } from '$core/words/index.ts';
	import type { Buying } from '$lib/server/services/buying/shopping.ts';
	import type { Bought } from '$lib/workers/buy.worker.ts';
	import Button from '../button/Button.svelte';
	import { Aside } from '../device/aside.svelte.ts';
	import { saves } from '../device/submit.ts';

	type Offer = { id: number; what: string; one: string | null; aisle: string };
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
		input: Buying['input'];
		things: readonly Thing[];
		shops: readonly { id: number; name: string; terms: string }[];
		bundles: readonly (Bundle & { name: string; text: string })[];
		/** What coming units want of each thing. */
		coming: Readonly<Record<string, { units: string; amount: number; centsEach: number }>>;
	};
	let { input, things, shops, bundles, coming }: Props = $props();

	const question = $derived({ input, bundles });
	const aside = new Aside<{ input: typeof input; bundles: typeof bundles }, Bought>(
		() => new Worker(new URL('../../workers/buy.worker.ts', import.meta.url), { type: 'module' })
	);
	const working = $derived(aside.share !== null);
	const shown = $derived(aside.to(question));
	$effect(() => {
		const asking = question;
		if (input.items.length && !shown) untrack(() => aside.ask(asking));
		return () => aside.stop();
	});

	/** What is bought in each shop, aisle by aisle. */
	const baskets = $derived.by(() => {
		if (!shown || !('purchase' in shown)) return [];
		const { buys, fees } = shown.purchase;
		return fees.map(({ store, fee }) => {
			const rows = buys
				.filter((one) => one.store === store)
				.map((one) => {
					const { id } = input.offers.find(
						(offer) =>
							offer.item === one.item &&
							offer.store === one.store &&
							offer.size === one.size &&
							offer.price === one.price
					)!;
					const thing = things.find(({ key }) => key === one.item)!;
					const offer = thing.offers.find((offer) => offer.id === id)!;
					return { thing, offer, count: one.count, cents: one.count * one.price };
				})
				.sort((a, b) => (a.offer.aisle < b.offer.aisle ? -1 : a.offer.aisle > b.offer.aisle ? 1 : 0));
			const sets = bundles.filter(
				(one) => one.store === store && shown.purchase.bundles.includes(one.bundle)
			);
			return {
				sets,
				shop: shops.find(({ id }) => String(id) === store)!,
				fee,
				rows,
				total:
					fee + rows.reduce((sum, one) => sum + one.cents, 0) + sets.reduce((sum, one) => sum + one.price, 0)
			};
		});
	});
	/** What is left over, and what of it a coming unit will use. */
	const leftovers = $derived.by(() => {
		if (!shown || !('purchase' in shown)) return { names: [], used: [], cents: 0 };
		const left = shown.purchase.leftover.filter((one) => one.quantity > 1e-6);
		const used = left.flatMap(({ item, quantity }) => {
			const want = coming[item];
			if (!want) return [];
			return [
				{ item, units: want.units, cents: Math.round(Math.min(quantity, want.amount) * want.centsEach) }
			];
		});
		return {
			names: left.map((one) => one.item),
			used: used.filter((one) => one.cents > 0),
			cents: used.reduce((sum, one) => sum + one.cents, 0)
		};
	});
	/** "6 oranges", "1 kg flour", "2 × 10 corks". */
	const packsText = ({ what, one }: Offer, count: number) =>
		one === null ? `${count === 1 ? '' : `${count} × `}${what}` : `${count} ${nameForCount(one, count)}`;
	/** The needs that a bundle serves. */
	const keysOf = ({ parts }: Bundle) =>
		things.filter((thing) => parts.some((part) => part.item === thing.key)).flatMap((thing) => thing.keys);
	/** What is taken to the shops as a list. */
	const along = $derived(
		baskets.flatMap(({ rows, sets }) => [
			...sets.map((one) => ({
				offer: null,
				bundle: Number(one.bundle),
				count: 1,
				keys: keysOf(one),
				cents: one.price
			})),
			...rows.map(({ thing, offer, count, cents }) => ({
				offer: offer.id,
				bundle: null,
				count,
				keys: thing.keys,
				cents
			}))
		])
	);
</script>

<!-- While it is worked out, its room is kept: a line for each thing that has a price, and the head of a store. -->
<section
	aria-labelledby="cheapest"
	style:min-height={shown || !input.items.length ? null : `${14 + input.items.length * 5.8}rem`}
>
	<h2 id="cheapest" class="mb-1 text-lg">Cheapest way</h2>
	<div role="status">
		{#if working}
			<p class="flex items-center gap-3">
				Comparing every way to buy {counted(input.items.length, 'item')} … <Button
					size="small"
					look="quiet"
					onclick={() => aside.stop()}>Stop</Button
				>
			</p>
		{:else if shown && 'problem' in shown}
			<p class="border-l-4 border-late pl-3">{shown.problem}</p>
		{:else if shown}
			<p class="font-semibold">
				{money(shown.purchase.cost)} total{shown.purchase.optimal
					? ', the lowest possible.'
					: `; the lowest possible is at least ${money(shown.purchase.bound ?? 0)}.`}
			</p>
		{:else if input.items.length === 0}
			<p class="text-ink-2">Add a price to see what to buy where.</p>
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
			<Button type="submit" look="main">Make my shopping list</Button>
		</form>
	{/if}
	{#each baskets as { shop, fee, rows, sets, total } (shop.id)}
		<div class="mt-4">
			<h3 class="flex items-baseline justify-between border-b-2 border-ink pb-1 font-display font-semibold">
				<span>{shop.name}</span><span>{money(total)}</span>
			</h3>
			<ul class="divide-y divide-rule">
				{#each sets as one (one.bundle)}
					<li class="py-2">
						<span class="font-semibold">{one.name}</span>, {money(one.price)}
						<span class="block text-sm text-ink-2">all together: {one.text}</span>
						<form method="post" action="?/gotBundle" use:enhance={saves()} class="no-print mt-1">
							<input type="hidden" name="bundle" value={one.bundle} />
							<input type="hidden" name="keys" value={keysOf(one).join(' ')} />
							<Button size="small" type="submit" aria-label="Bought: {one.name}">Bought</Button>
						</form>
					</li>
				{/each}
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
								aria-label="Bought: {packsText(offer, count)}"><Check size={18} aria-hidden="true" /></button
							>
							<label class="flex items-center gap-1 text-sm"
								>$<input
									name="paid"
									inputmode="decimal"
									class="typed w-20"
									value={dollarsTyped(cents)}
									aria-label="Paid for {thing.name}, in dollars"
								/></label
							>
						</form>
						<span class="min-w-40 flex-1"
							><span class="font-semibold">{packsText(offer, count)}</span>
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
					{fee ? `including ${shop.terms}` : `${shop.terms}: no fee this time`}
				</p>{/if}
		</div>
	{/each}
	{#if shown && 'purchase' in shown}
		{#if shown.purchase.bundles.length && shown.purchase.separately !== null}<p class="mt-3 text-sm">
				Bought separately: {money(shown.purchase.separately)}.
			</p>{/if}
		{#if leftovers.names.length}<p class="mt-3 text-sm text-ink-2">
				Left over: {leftovers.names.join(', ')}.
				{#each leftovers.used as one (one.item)}
					{one.units} will use {money(one.cents)} worth of the {one.item}.
				{/each}
				{#if leftovers.cents}So the real cost is {money(shown.purchase.cost - leftovers.cents)}.{/if}
			</p>{/if}
	{/if}
</section>
