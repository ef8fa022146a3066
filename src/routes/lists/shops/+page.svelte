<script lang="ts">
	import { dollarsTyped } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import Printer from '@lucide/svelte/icons/printer';
	import Button from '$lib/ui/button/Button.svelte';
	import ClassKit from '$lib/ui/buying/ClassKit.svelte';
	import CheapestWay from '$lib/ui/buying/CheapestWay.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import Part from '$lib/ui/shell/Part.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const buying = $derived(data.buying);
	type Offer = (typeof buying.things)[number]['offers'][number];
	let editing = $state<(Offer & { name: string }) | null>(null);
	let open = $state(false);
	let bundlesOpen = $state(false);
	const SPANS = [
		['next', 'The next lesson'],
		['week', 'This week’s errands'],
		['all', 'Everything']
	] as const;
	const address = (span: string, most: number | null) =>
		`?${new URLSearchParams({ span, ...(most === null ? {} : { most: String(most) }) })}`;
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
		<nav aria-label="For what" class="no-print mt-4 flex flex-wrap gap-2">
			{#each SPANS as [span, label] (span)}
				<Button
					size="small"
					href={address(span, data.maxStores)}
					aria-current={data.span === span ? 'page' : undefined}
					class="aria-[current]:border-ink aria-[current]:bg-lined">{label}</Button
				>
			{/each}
			<span class="w-4"></span>
			{#each [null, 2, 1] as most (most)}
				<Button
					size="small"
					href={address(data.span, most)}
					aria-current={data.maxStores === most ? 'page' : undefined}
					class="aria-[current]:border-ink aria-[current]:bg-lined"
					>{most === null ? 'Any shops' : most === 1 ? 'One shop' : 'Two shops at most'}</Button
				>
			{/each}
		</nav>

		{#if buying.things.length === 0}
			<div class="mt-6">
				<EmptyState title="Nothing to buy">
					<p>What the house lacks for a lesson with a day stands here, with the cheapest way to get it.</p>
					{#snippet act()}<Button look="main" href={address('all', data.maxStores)}>Look at everything</Button
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
				<section aria-labelledby="prices" class="no-print">
					<h2 id="prices" class="mb-2 text-lg">What packs cost</h2>
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
										class="block min-h-8 w-full text-left text-sm hover:underline {offer.standing ===
											'excluded' || offer.problem
											? 'text-ink-2'
											: ''}"
										onclick={() => {
											editing = { ...offer, name: thing.name };
											open = true;
										}}
										>{offer.shop}: {offer.pack} for {offer.price}{offer.before
											? ` (before ${offer.before})`
											: ''}{offer.standing === 'usual'
											? ''
											: `, ${offer.standing === 'excluded' ? 'left out' : 'preferred'}${offer.why ? `: ${offer.why}` : ''}`}
										{#if offer.problem}<span class="block text-due">{offer.problem}</span>{/if}</button
									>
								{:else}<p class="text-sm text-due">no price known</p>{/each}
								{#if thing.made}
									<form
										method="post"
										action="?/source"
										use:enhance={saves()}
										class="flex items-center justify-between gap-3 text-sm"
									>
										<input type="hidden" name="keys" value={thing.keys.join(' ')} />
										<input type="hidden" name="source" value="made" />
										<span>made at home: {thing.made}</span>
										<Button size="small" look="quiet" type="submit" aria-label="Make it: {thing.name}"
											>Make it</Button
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
							label="A pack of"
							name="item"
							options={packsOf}
							value={String((unpriced ?? buying.things[0]).item)}
							{failure}
						/>
						<SelectField label="In" name="shop" options={shops} value={shops[0]?.value ?? ''} {failure} />
						<TextField label="Holds" name="pack" placeholder="1 kg, 500 ml, 12" {failure} />
						<TextField label="Costs ($)" name="price" inputmode="decimal" placeholder="2.19" {failure} />
						<TextField label="Aisle, if you like" name="aisle" placeholder="baking" {failure} />
						<Button type="submit" class="self-end">Note the price</Button>
					</form>
					{#if data.hasLists}
						<form method="post" action="?/lookUp" use:enhance={saves()} class="mt-3">
							<Button size="small" type="submit">Take prices from the shops’ lists</Button>
						</form>
					{/if}
					<details class="mt-4 border-t border-rule pt-3" bind:open={bundlesOpen}>
						<summary class="cursor-pointer font-semibold">Sold together: kits and bundles</summary>
						<ul class="divide-y divide-rule">
							{#each buying.bundles as one (one.id)}
								<li class="flex flex-wrap items-center gap-x-3 py-1.5 text-sm">
									<span class="min-w-40 flex-1"
										><strong>{one.name}</strong>, {one.price_text}: {one.text}</span
									>
									<form method="post" action="?/noBundle" use:enhance={saves()}>
										<input type="hidden" name="bundle" value={one.id} />
										<Button size="small" look="quiet" type="submit" aria-label="Remove {one.name}"
											>Remove</Button
										>
									</form>
								</li>
							{/each}
						</ul>
						<form
							method="post"
							action="?/bundle"
							use:enhance={saves({ reset: true })}
							class="mt-2 grid gap-3 sm:grid-cols-2"
						>
							<TextField label="It is called" name="name" placeholder="kite kit for four" {failure} />
							<SelectField
								label="In the shop"
								name="shop"
								options={shops}
								value={shops[0]?.value ?? ''}
								{failure}
							/>
							<TextField
								label="It holds, a line each"
								name="parts"
								rows={3}
								placeholder="4 wooden dowels&#10;8 sheets tissue paper"
								value={failure?.typed?.parts ?? ''}
								{failure}
							/>
							<TextField label="All for ($)" name="bundlePrice" inputmode="decimal" {failure} />
							<Button type="submit">Note the bundle</Button>
						</form>
					</details>
					<ClassKit children={data.children} />
				</section>
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
				<section aria-labelledby="receipts">
					<h2 id="receipts" class="mb-2 text-lg">Bought</h2>
					<ul class="divide-y divide-rule border-y border-rule">
						{#each buying.receipts as one (one.id)}<li class="flex flex-wrap items-center gap-x-4 py-1.5">
								<span class="min-w-48 flex-1"
									>{one.text}{#if one.back}<span class="block text-sm text-ink-2">{one.back}</span>{/if}</span
								><span>{one.paid}</span>
								{#if one.canGoBack}
									<form method="post" action="?/back" use:enhance={saves()} class="no-print">
										<input type="hidden" name="id" value={one.id} />
										<Button type="submit" size="small" look="quiet" aria-label="Brought back: {one.text}"
											>Brought back</Button
										>
									</form>
								{/if}
								<form method="post" action="?/claim" use:enhance={saves()} class="no-print">
									<input type="hidden" name="id" value={one.id} />
									<input type="hidden" name="claim" value={one.toClaim ? '' : 'on'} />
									<Button
										type="submit"
										size="small"
										look={one.toClaim ? 'plain' : 'quiet'}
										aria-label="{one.toClaim ? 'Ours after all' : 'To be paid back'}: {one.text}"
										>{one.toClaim ? 'Is paid back' : 'To be paid back'}</Button
									>
								</form>
							</li>{/each}
					</ul>
					{#if buying.toClaim}<p class="mt-2 font-semibold">
							{buying.toClaim} are to be paid back, by a charter or whoever said so.
							<a class="no-print underline" href="/take-out/claims.csv" download>The list of them</a>
						</p>{/if}
				</section>
			{/if}
		</div>
	</main>
</Sheet>

<Dialog
	bind:open
	title="{editing?.pack ?? ''} {editing?.name ?? ''}"
	about={editing ? `${editing.shop}, ${editing.price}` : ''}
>
	{#if editing}
		<form
			method="post"
			action="?/price"
			use:enhance={saves({ done: () => (open = false) })}
			class="flex items-end gap-3"
		>
			<input type="hidden" name="offer" value={editing.id} />
			<TextField
				label="Costs now ($)"
				name="price"
				inputmode="decimal"
				value={dollarsTyped(editing.cents)}
				{failure}
			/>
			<Button type="submit" look="main">Save the price</Button>
		</form>
		<form
			method="post"
			action="?/standing"
			use:enhance={saves({ done: () => (open = false) })}
			class="mt-4 space-y-3"
		>
			<input type="hidden" name="offer" value={editing.id} />
			<SelectField
				label="We take it"
				name="standing"
				options={[
					{ value: 'usual', label: 'when it is the cheapest' },
					{ value: 'preferred', label: 'always: it is the good one' },
					{ value: 'excluded', label: 'never' }
				]}
				value={editing.standing}
				{failure}
			/>
			<TextField
				label="Because"
				name="why"
				value={editing.why}
				placeholder="the other wax crumbles"
				{failure}
			/>
			<div class="flex justify-between gap-3">
				<Button type="submit">Save that</Button>
				<Button type="submit" look="quiet" formaction="?/remove">Remove this offer</Button>
			</div>
		</form>
	{/if}
</Dialog>
