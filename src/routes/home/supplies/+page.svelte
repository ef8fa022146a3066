<script lang="ts">
	import DateField from '$lib/ui/field/DateField.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import AmountField from '$lib/ui/amount/AmountField.svelte';
	import Button from '$lib/ui/button/Button.svelte';
	import Combobox from '$lib/ui/combobox/Combobox.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import Field from '$lib/ui/field/Field.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import PictureField from '$lib/ui/library/PictureField.svelte';
	import Tape from '$lib/ui/tape/Tape.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	type Item = (typeof data.items)[number];

	/** The address of this page with what is typed, and one thing or lot opened on it. */
	function address(opened: Record<string, number> = {}, typed = data.typed) {
		const query = new URLSearchParams([
			...(typed ? [['q', typed]] : []),
			...Object.entries(opened).map(([name, id]) => [name, String(id)])
		]).toString();
		return `/home/supplies${query ? `?${query}` : ''}`;
	}
	let waiting: ReturnType<typeof setTimeout> | undefined;
	function look(typed: string) {
		clearTimeout(waiting);
		waiting = setTimeout(
			() => void goto(address({}, typed), { replaceState: true, keepFocus: true, noScroll: true }),
			120
		);
	}
	const places = $derived([{ value: '', label: 'no place noted' }, ...data.places]);
	const suppliers = $derived([{ value: '', label: 'the first shop' }, ...data.suppliers]);
	const item = $derived(data.item);
	const lot = $derived(data.lot);
	const show = (one: Item) => goto(address({ item: one.id }), { noScroll: true, keepFocus: true });
	const close = () => goto(address(), { noScroll: true });
</script>

<svelte:head><title>Supplies at home · Gather Bin</title></svelte:head>

<p class="max-w-3xl font-display text-xl leading-snug font-medium">{data.sentence}</p>

<form
	method="post"
	action="?/add"
	use:enhance={saves({ reset: true })}
	class="mt-4 flex flex-wrap items-end gap-3"
>
	<TextField
		label="What there is, as you would say it"
		name="text"
		class="min-w-64 flex-[2]"
		placeholder="flour 2 kg pantry, till June"
		value={failure?.typed?.text ?? data.add}
		{failure}
	/>
	<SelectField
		label="Place, if the line names none"
		name="place"
		class="min-w-48 flex-1"
		options={places}
		value=""
		{failure}
	/>
	<Button type="submit" look={data.isEmpty ? 'main' : 'plain'}>Add</Button>
</form>

{#if data.isEmpty}
	<div class="mt-6">
		<EmptyState title="One shelf is a good start">
			<p>
				Take the shelf where most of the craft things lie. A line for each kind of thing is enough; counts can
				be rough.
			</p>
		</EmptyState>
	</div>
{:else}
	<form method="get" class="mt-6 max-w-sm">
		<Field label="Look for a thing or a place" name="q">
			{#snippet children(aria)}<input
					class="typed"
					type="search"
					name="q"
					value={data.typed}
					autocomplete="off"
					oninput={(event) => look(event.currentTarget.value)}
					{...aria}
				/>{/snippet}
		</Field>
	</form>
	<ul class="mt-3 divide-y divide-rule border-y-2 border-ink">
		{#each data.items as one (one.id)}
			<li class="grid items-start gap-x-4 gap-y-1 py-2 sm:grid-cols-[14rem_7rem_1fr]">
				<button
					type="button"
					class="text-left font-semibold underline decoration-transparent decoration-2 underline-offset-4 hover:decoration-ink"
					onclick={() => show(one)}
				>
					{one.name}{#if one.aliases.length}<span class="block text-sm font-normal text-ink-2"
							>also {one.aliases.join(', ')}</span
						>{/if}
				</button>
				<span class="sm:text-right">
					{one.total}{#if one.low}<span class="block text-sm font-semibold text-due">runs low</span>{/if}
					{#if one.reserved}<span class="block text-sm text-ink-2">{one.reserved} for lessons</span>{/if}
				</span>
				<span class="flex flex-wrap gap-x-3 gap-y-1">
					{#each one.lots as own (own.id)}
						<button
							type="button"
							class="inline-flex flex-wrap items-baseline gap-1.5 text-left hover:underline"
							aria-label="Change {one.name}, {own.amount}, {own.place}"
							onclick={() => goto(address({ lot: own.id }), { noScroll: true, keepFocus: true })}
						>
							<Tape text={own.place.split(' › ').slice(-2).join(' › ')} />
							<span class="text-sm">{own.kit || own.amount}{own.opened ? ', opened' : ''}</span>
							{#if own.goodText}<span class="text-sm {own.goesOff ? 'font-semibold text-due' : 'text-ink-2'}"
									>{own.goodText}</span
								>{/if}
							{#if own.lookAgain}<span class="text-sm text-due">look again</span>{/if}
							{#if own.reach}<span class="text-sm font-semibold text-due">{own.reach}</span>{/if}
						</button>
					{:else}<span class="text-sm text-ink-2">none at home</span>{/each}
				</span>
			</li>
		{:else}
			<li class="py-3 text-ink-2">Nothing of that name.</li>
		{/each}
	</ul>
	{#if data.found > data.items.length}<p class="mt-3">
			<Button href={address({ show: data.more })} data-sveltekit-noscroll>Show more of {data.found}</Button>
		</p>{/if}
{/if}

<Dialog bind:open={() => lot !== null, (open) => !open && close()} title={lot?.item ?? ''} about={lot?.place}>
	{#if lot}
		<form method="post" action="?/lot" use:enhance={saves({ done: close })} class="space-y-4">
			<input type="hidden" name="id" value={lot.id} />
			<input type="hidden" name="item" value={lot.item} />
			<Field label="Amount" name="amount" {failure}>
				{#snippet children(aria)}<AmountField
						name="amount"
						unitName="unit"
						value={lot.typed}
						unit={lot.unit}
						label="amount"
						{...aria}
					/>{/snippet}
			</Field>
			<SelectField
				label="Place"
				name="place"
				options={places}
				value={lot.placeId === null ? '' : String(lot.placeId)}
				{failure}
			/>
			<DateField label="Good until" name="goodUntil" value={lot.goodUntil ?? ''} {failure} />
			<label class="flex min-h-9 items-center gap-2"
				><input type="checkbox" name="opened" class="size-5" checked={lot.opened} /> Opened</label
			>
			<div class="flex justify-between gap-3">
				<Button type="submit" look="main">Save</Button>
				<Button type="submit" look="quiet" formaction="?/removeLot">Take out of the stash</Button>
			</div>
		</form>
		{#if data.places.length}
			<form
				method="post"
				action="?/split"
				use:enhance={saves({ done: close })}
				class="mt-5 grid grid-cols-[6rem_1fr_auto] items-end gap-2 border-t border-rule pt-4"
			>
				<input type="hidden" name="id" value={lot.id} />
				<TextField label="Put some of it" name="some" {failure} />
				<SelectField label="into" name="to" options={data.places} value={data.places[0].value} {failure} />
				<Button type="submit">Put</Button>
			</form>
		{/if}
		<details class="mt-5 border-t border-rule pt-3" open={lot.kit !== ''}>
			<summary class="cursor-pointer font-semibold"
				>It is a kit{lot.kit ? `: ${lot.kit}` : ', with parts of its own'}</summary
			>
			{#if lot.picture}<img
					src="/pictures/{lot.picture}"
					alt="The parts of {lot.item} as they are sorted"
					class="mt-2 max-h-56 rounded-[3px] border border-rule"
				/>{/if}
			<form method="post" action="?/kit" use:enhance={saves({ done: close })} class="mt-2 space-y-3">
				<input type="hidden" name="id" value={lot.id} />
				<TextField
					label="For how many it was when full"
					name="makings"
					inputmode="numeric"
					look="!w-28"
					value={lot.kitOf}
					{failure}
				/>
				<TextField
					label="For one making, a line each"
					name="parts"
					rows={4}
					placeholder="1 felt heart&#10;2 googly eyes, 41 there"
					hint="“41 there” where you have counted; else as many as its makings want."
					value={lot.kitParts}
					{failure}
				/>
				<Button type="submit">Save the contents</Button>
			</form>
			<PictureField has={lot.picture !== null} of={lot.id} {failure} />
		</details>
		{@render happened()}
	{/if}
</Dialog>

<Dialog
	bind:open={() => item !== null, (open) => !open && close()}
	title={item?.name ?? ''}
	about={item ? `${item.total} at home` : ''}
>
	{#if item}
		<form method="post" action="?/item" use:enhance={saves({ done: close })} class="space-y-4">
			<input type="hidden" name="id" value={item.id} />
			<div class="grid grid-cols-2 gap-3">
				<TextField label="Name" name="name" value={item.name} {failure} />
				<SelectField
					label="After a lesson"
					name="use"
					options={[
						{ value: 'consumed', label: 'used up' },
						{ value: 'kept', label: 'kept' }
					]}
					value={item.use}
					{failure}
				/>
				<Field label="Always leave for the house" name="keepBack" {failure}>
					{#snippet children(aria)}<AmountField
							name="keepBack"
							unitName="keepBackUnit"
							value={item.keepBack}
							unit={item.keepBackUnit}
							label="left for the house"
							{...aria}
						/>{/snippet}
				</Field>
				<Field label="Low below" name="lowLevel" {failure}>
					{#snippet children(aria)}<AmountField
							name="lowLevel"
							unitName="lowUnit"
							value={item.lowLevel}
							unit={item.lowUnit}
							label="low below"
							{...aria}
						/>{/snippet}
				</Field>
				<TextField
					label="Keeps, in days"
					name="keepsDays"
					hint="Empty: does not go off."
					inputmode="numeric"
					value={item.keepsDays}
					{failure}
				/>
				<SelectField label="Comes from" name="supplier" options={suppliers} value={item.supplier} {failure} />
			</div>
			<Button type="submit" look="main">Save</Button>
		</form>
		<details class="mt-5 border-t border-rule pt-3">
			<summary class="cursor-pointer font-semibold">Where else it comes from, and what is begun early</summary
			>
			<form method="post" action="?/sources" use:enhance={saves({ done: close })} class="mt-2 space-y-3">
				<input type="hidden" name="id" value={item.id} />
				<TextField
					label="Its own order of sources"
					name="ladder"
					placeholder="made, free, borrowed, gift, second-hand, bought"
					hint="Empty: as the house does it."
					value={item.sources.ladder}
					{failure}
				/>
				<div class="grid grid-cols-3 gap-3">
					<TextField
						label="Grows or hatches, days"
						name="startDays"
						inputmode="numeric"
						value={item.sources.startDays}
						{failure}
					/>
					<TextField
						label="Making one costs ($)"
						name="makeCost"
						inputmode="decimal"
						value={item.sources.makeCost}
						{failure}
					/>
					<TextField
						label="and takes, minutes"
						name="makeMinutes"
						inputmode="numeric"
						value={item.sources.makeMinutes}
						{failure}
					/>
				</div>
				<label class="flex min-h-9 items-center gap-2"
					><input type="checkbox" name="season" class="size-5" checked={item.sources.openGround} /> Gathered only
					while the ground is open</label
				>
				<Button type="submit">Save where it comes from</Button>
			</form>
		</details>
		<section class="mt-5 border-t border-rule pt-4" aria-labelledby="instead">
			<h3 id="instead" class="text-sm">What can be taken instead</h3>
			{#each item.instead as one (one.id)}
				<form
					method="post"
					action="?/notInstead"
					use:enhance={saves()}
					class="flex items-center justify-between gap-3 text-sm"
				>
					<input type="hidden" name="substitute" value={one.id} />
					<span>{one.text}</span>
					<Button size="small" look="quiet" type="submit" aria-label="Not instead: {one.text}">Remove</Button>
				</form>
			{/each}
			<form
				method="post"
				action="?/instead"
				use:enhance={saves({ reset: true })}
				class="mt-1 grid grid-cols-[6rem_1fr_auto] items-end gap-2"
			>
				<input type="hidden" name="id" value={item.id} />
				<TextField label="For" name="for" placeholder="1 cup" value="1" {failure} />
				<TextField label="take" name="other" placeholder="2 tbsp lemon juice" {failure} />
				<Button type="submit">Note it</Button>
			</form>
		</section>
		<form
			method="post"
			action="?/merge"
			use:enhance={saves({ done: close })}
			class="mt-5 flex items-end gap-2 border-t border-rule pt-4"
		>
			<input type="hidden" name="id" value={item.id} />
			<div class="flex-1">
				<Field label="This is the same as" name="into" {failure}>
					{#snippet children(aria)}<Combobox
							name="into"
							options={data.names.filter((name) => name !== item.name)}
							{...aria}
						/>{/snippet}
				</Field>
			</div>
			<Button type="submit">Merge</Button>
		</form>
		{@render happened()}
	{/if}
</Dialog>

{#snippet happened()}
	{#if data.history.length}
		<h3 class="mt-5 text-sm">What happened to it</h3>
		<ul class="mt-1 max-h-40 overflow-auto text-sm text-ink-2">
			{#each data.history as event (event.id)}<li>{event.text}</li>{/each}
		</ul>
	{/if}
{/snippet}
