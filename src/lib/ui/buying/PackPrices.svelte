<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import Bundles from './Bundles.svelte';
	import type { PageData } from '../../../routes/lists/shops/$types';
	import type { Failure } from '../field/failure.ts';

	type Offer = PageData['buying']['things'][number]['offers'][number];
	type Props = {
		buying: PageData['buying'];
		hasLists: boolean;
		failure: Failure;
		/** Opens one offer to be changed. */
		edit: (offer: Offer & { name: string }) => void;
	};
	let { buying, hasLists, failure, edit }: Props = $props();
	const unpriced = $derived(buying.things.find((thing) => thing.offers.length === 0));
	// A thing that is needed in two measures stands twice among what is missing; a pack serves both.
	const packsOf = $derived(
		[...new Map(buying.things.map((one) => [one.item, one.name]))].map(([item, name]) => ({
			value: String(item),
			label: name
		}))
	);
	const shops = $derived(buying.shops.map((one) => ({ value: String(one.id), label: one.name })));
</script>

<section aria-labelledby="prices" class="no-print">
	<h2 id="prices" class="mb-2 text-lg">Prices</h2>
	<ul class="divide-y divide-rule border-t-2 border-ink">
		{#each buying.things as thing (thing.key)}
			<li class="py-2">
				<p class="flex flex-wrap justify-between gap-x-4">
					<span class="font-semibold">{thing.missing}</span><span class="text-sm text-ink-2"
						>{thing.when}</span
					>
				</p>
				{#each thing.offers as offer (offer.id)}
					<button
						type="button"
						class="block min-h-8 w-full text-left text-sm hover:underline {offer.standing === 'excluded' ||
						offer.problem
							? 'text-ink-2'
							: ''}"
						onclick={() => {
							edit({ ...offer, name: thing.name });
						}}
						>{offer.shop}: {offer.pack} for {offer.price}{offer.before
							? ` (was ${offer.before})`
							: ''}{offer.standing === 'usual'
							? ''
							: `, ${offer.standing === 'excluded' ? 'left out' : 'preferred'}${offer.why ? `: ${offer.why}` : ''}`}
						{#if offer.problem}<span class="block text-due">{offer.problem}</span>{/if}</button
					>
				{:else}<p class="text-sm text-due">no price yet</p>{/each}
				{#if thing.made}
					<form
						method="post"
						action="?/source"
						use:enhance={saves()}
						class="flex items-center justify-between gap-3 text-sm"
					>
						<input type="hidden" name="keys" value={thing.keys.join(' ')} />
						<input type="hidden" name="source" value="made" />
						<span>Make it at home: {thing.made}</span>
						<Button size="small" look="quiet" type="submit" aria-label="Make it: {thing.name}">Make it</Button
						>
					</form>
				{/if}
			</li>
		{/each}
	</ul>
	<form
		method="post"
		action="?/offer"
		use:enhance={saves({ reset: true })}
		class="mt-4 grid gap-3 sm:grid-cols-2"
	>
		<SelectField
			label="Item"
			name="item"
			options={packsOf}
			value={String((unpriced ?? buying.things[0]).item)}
			{failure}
		/>
		<SelectField label="Store" name="shop" options={shops} value={shops[0]?.value ?? ''} {failure} />
		<TextField label="Pack size" name="pack" placeholder="1 kg, 500 ml, 12" {failure} />
		<TextField label="Price ($)" name="price" inputmode="decimal" placeholder="2.19" {failure} />
		<TextField label="Aisle (optional)" name="aisle" placeholder="baking" {failure} />
		<Button type="submit" class="self-end">Save price</Button>
	</form>
	{#if hasLists}
		<form method="post" action="?/lookUp" use:enhance={saves()} class="mt-3">
			<Button size="small" type="submit">Get prices from the stores’ lists</Button>
		</form>
	{/if}
	<Bundles bundles={buying.bundles} {shops} {failure} />
</section>
