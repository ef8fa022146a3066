<script lang="ts">
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { enhance } from '$app/forms';
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import Button from '$lib/ui/button/Button.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import Field from '$lib/ui/field/Field.svelte';
	import { saves } from '$lib/ui/forms/submit.ts';
	import Select from '$lib/ui/select/Select.svelte';
	import Tape from '$lib/ui/tape/Tape.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	type Place = (typeof data.places)[number];
	let place = $state<Place | 'new' | null>(null);
	let placeOpen = $state(false);
	const kinds = [
		{ value: 'room', label: 'Room' },
		{ value: 'furniture', label: 'Piece of furniture' },
		{ value: 'shelf', label: 'Shelf or drawer' },
		{ value: 'box', label: 'Box' }
	];
	const parents = $derived([{ value: '', label: 'the house itself' }, ...data.options]);
	const things = $derived(data.places.reduce((sum, one) => sum + one.things.length, 0));
	const sentence = $derived(
		data.places.length === 0
			? 'No places yet: start with the rooms, in the order in which you walk through them.'
			: `${data.places.length} places, in walking order, with ${things} lots in them.`
	);
	function show(one: Place | 'new') {
		place = one;
		placeOpen = true;
	}
</script>

<svelte:head><title>Places · Gather Bin</title></svelte:head>

<p class="max-w-3xl font-display text-xl leading-snug font-medium">{sentence}</p>

{#if data.places.length}
	<ol class="mt-4 border-t-2 border-ink">
		{#each data.places as one (one.id)}
			<li
				class="flex items-start gap-2 border-b border-rule py-1.5"
				style:padding-left="{one.depth * 1.5}rem"
			>
				<div class="min-w-0 flex-1 pt-1.5">
					<button
						type="button"
						aria-label="Change {one.name}"
						onclick={() => show(one)}
						class="hover:underline"><Tape text={one.name} /></button
					>
					{#if one.collects.length}<span class="text-sm text-good">collects {one.collects.join(', ')}</span
						>{/if}
					{#if one.things.length}<p class="truncate text-sm text-ink-2">
							{one.things.slice(0, 6).join(', ')}{one.things.length > 6
								? ` and ${one.things.length - 6} more`
								: ''}
						</p>{/if}
				</div>
				<form method="post" action="?/move" use:enhance={saves()} class="flex">
					<input type="hidden" name="id" value={one.id} />
					<input type="hidden" name="parent" value={one.parent_id ?? ''} />
					<button
						name="index"
						value={one.index - 1}
						disabled={one.index === 0}
						class="grid size-9 place-items-center text-ink-2 hover:text-ink disabled:opacity-25"
						aria-label="Walk to {one.name} earlier"><ArrowUp size={18} aria-hidden="true" /></button
					>
					<button
						name="index"
						value={one.index + 1}
						disabled={one.last}
						class="grid size-9 place-items-center text-ink-2 hover:text-ink disabled:opacity-25"
						aria-label="Walk to {one.name} later"><ArrowDown size={18} aria-hidden="true" /></button
					>
				</form>
			</li>
		{/each}
	</ol>
	<p class="mt-4"><Button onclick={() => show('new')}>Add a place</Button></p>
{:else}
	<div class="mt-5">
		<EmptyState title="Only the places that matter">
			<p>
				The room where the craft things are, its shelves and boxes. A walk then goes through them in this
				order.
			</p>
			{#snippet act()}<Button look="main" onclick={() => show('new')}>Add the first room</Button>{/snippet}
		</EmptyState>
	</div>
{/if}

<Dialog bind:open={placeOpen} title={place === 'new' ? 'A new place' : (place?.name ?? '')}>
	{#if place}
		{@const one = place === 'new' ? null : place}
		<form
			method="post"
			action={one ? '?/edit' : '?/add'}
			use:enhance={saves({ done: () => (placeOpen = false) })}
			class="space-y-4"
		>
			{#if one}<input type="hidden" name="id" value={one.id} />{/if}
			<div class="grid grid-cols-2 gap-3">
				<TextField label="Name" name="name" value={one?.name ?? ''} {failure} />
				<SelectField
					label="Kind"
					name="kind"
					options={kinds}
					value={one?.kind ?? (data.places.length ? 'shelf' : 'room')}
					{failure}
				/>
			</div>
			{#if !one}
				<SelectField label="Inside" name="parent" options={parents} value="" {failure} />
			{/if}
			<fieldset>
				<legend class="mb-1 text-sm font-semibold">Inner measures in mm, where known</legend>
				<div class="grid grid-cols-2 gap-2 sm:grid-cols-4">
					<TextField label="Long" name="length" inputmode="numeric" value={one?.length_mm ?? ''} {failure} />
					<TextField label="Wide" name="width" inputmode="numeric" value={one?.width_mm ?? ''} {failure} />
					<TextField label="High" name="height" inputmode="numeric" value={one?.height_mm ?? ''} {failure} />
					<TextField
						label="Above floor"
						name="floor"
						inputmode="numeric"
						value={one?.floor_mm ?? ''}
						{failure}
					/>
				</div>
			</fieldset>
			<div class="flex justify-between gap-3">
				<Button type="submit" look="main">{one ? 'Save' : 'Add'}</Button>
				{#if one}<Button type="submit" look="quiet" formaction="?/remove">Remove</Button>{/if}
			</div>
		</form>
		{#if one}
			<form
				method="post"
				action="?/move"
				use:enhance={saves({ done: () => (placeOpen = false) })}
				class="mt-5 flex items-end gap-2 border-t border-rule pt-4"
			>
				<input type="hidden" name="id" value={one.id} />
				<Field label="Put it, with all that is in it, into" name="parent" class="flex-1" {failure}>
					{#snippet children(aria)}<Select
							name="parent"
							options={parents.filter((option) => option.value !== String(one.id))}
							value={String(one.parent_id ?? '')}
							{...aria}
						/>{/snippet}
				</Field>
				<Button type="submit">Move</Button>
			</form>
		{/if}
	{/if}
</Dialog>
