<script lang="ts">
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import Button from '$lib/ui/button/Button.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import Field from '$lib/ui/field/Field.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import ItemDialog from '$lib/ui/stash/ItemDialog.svelte';
	import LotDialog from '$lib/ui/stash/LotDialog.svelte';
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
	const places = $derived([{ value: '', label: 'no place set' }, ...data.places]);
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
		label="What you have"
		name="text"
		class="min-w-64 flex-[2]"
		placeholder="flour 5 lb pantry, use by June"
		value={failure?.typed?.text ?? data.add}
		{failure}
	/>
	<SelectField
		label="Place, if not in the line"
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
		<EmptyState title="Start with one shelf">
			<p>
				Pick the shelf with most of your craft supplies. One line per item is enough; rough counts are fine.
			</p>
		</EmptyState>
	</div>
{:else}
	<form method="get" class="mt-6 max-w-sm">
		<Field label="Search items and places" name="q">
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
					{one.lots.length ? one.total : one.enough || one.total}{#if one.low}<span
							class="block text-sm font-semibold text-due">running low</span
						>{/if}
					{#if one.reserved}<span class="block text-sm text-ink-2">{one.reserved} set aside for lessons</span
						>{/if}
				</span>
				<span class="flex flex-wrap gap-x-3 gap-y-1">
					{#each one.lots as own (own.id)}
						<button
							type="button"
							class="inline-flex flex-wrap items-baseline gap-1.5 text-left hover:underline"
							aria-label="Edit {one.name}, {own.amount}, {own.place}"
							onclick={() => goto(address({ lot: own.id }), { noScroll: true, keepFocus: true })}
						>
							<Tape text={own.place.split(' › ').slice(-2).join(' › ')} />
							<span class="text-sm">{own.kit || own.amount}{own.opened ? ', opened' : ''}</span>
							{#if own.goodText}<span class="text-sm {own.goesOff ? 'font-semibold text-due' : 'text-ink-2'}"
									>{own.goodText}</span
								>{/if}
							{#if own.lookAgain}<span class="text-sm text-due">recount</span>{/if}
							{#if own.reach}<span class="text-sm font-semibold text-due">{own.reach}</span>{/if}
						</button>
					{:else}{#if !one.enough}<span class="text-sm text-ink-2">none at home</span>{/if}{/each}
					{#if one.enough}
						{#if one.enoughAt}<Tape text={one.enoughAt.split(' › ').slice(-2).join(' › ')} />{/if}
						{#if one.lots.length}<span class="text-sm">{one.enough}</span>{/if}
						{#each [['short', 'Not enough'], ['gone', 'Used up']] as [to, label] (to)}
							<form method="post" action="/lists/have?/{to}" use:enhance={saves()}>
								<input type="hidden" name="item" value={one.id} />
								<Button size="small" type="submit" aria-label="{label}: {one.name}">{label}</Button>
							</form>
						{/each}
					{/if}
				</span>
			</li>
		{:else}
			<li class="py-3 text-ink-2">No matches.</li>
		{/each}
	</ul>
	{#if data.found > data.items.length}<p class="mt-3">
			<Button href={address({ show: data.more })} data-sveltekit-noscroll>Show more of {data.found}</Button>
		</p>{/if}
{/if}

<LotDialog {lot} places={data.places} history={data.history} {failure} {close} />
<ItemDialog {item} names={data.names} suppliers={data.suppliers} history={data.history} {failure} {close} />
