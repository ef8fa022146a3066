<script lang="ts">
	import { enhance } from '$app/forms';
	import { tick, untrack } from 'svelte';
	import Button from '$lib/ui/button/Button.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import PlaceBranch from '$lib/ui/places/PlaceBranch.svelte';
	import type { PlaceNode } from '$lib/server/services/house/place-tree.ts';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const kinds = [
		{ value: 'room', label: 'Room' },
		{ value: 'furniture', label: 'Furniture' },
		{ value: 'shelf', label: 'Shelf or drawer' },
		{ value: 'box', label: 'Box' }
	];
	const parents = $derived([{ value: '', label: 'the home itself' }, ...data.options]);
	const flat = (tree: readonly PlaceNode[]): PlaceNode[] =>
		tree.flatMap((place) => [place, ...flat(place.inside)]);
	let place = $state<PlaceNode | null>(
		untrack(() => flat(data.tree).find((one) => one.id === data.shown) ?? null)
	);
	let placeOpen = $state(untrack(() => place !== null));
	let moveForm = $state<HTMLFormElement>();
	let move = $state({ id: 0, parent: null as number | null, index: 0 });

	function show(one: PlaceNode) {
		place = one;
		placeOpen = true;
	}
	async function moved(id: number, parent: number | null, index: number) {
		move = { id, parent, index };
		await tick();
		moveForm?.requestSubmit();
	}
</script>

<svelte:head><title>Places · Gather Bin</title></svelte:head>

<p class="max-w-3xl font-display text-xl leading-snug font-medium">{data.sentence}</p>

<form
	method="post"
	action="?/add"
	use:enhance={saves({ reset: true })}
	class="mt-4 flex max-w-4xl flex-wrap items-end gap-3"
>
	<TextField
		label="Places"
		name="places"
		class="min-w-64 flex-[2]"
		placeholder="School room: desk, white shelf, craft box"
		value={failure?.typed?.places ?? ''}
		{failure}
	/>
	<SelectField label="Inside" name="parent" class="min-w-48 flex-1" options={parents} {failure} />
	<Button type="submit" look={data.tree.length ? 'plain' : 'main'}>Add</Button>
</form>

{#if data.tree.length}
	<div class="mt-5 border-t-2 border-ink">
		<PlaceBranch places={data.tree} parent={null} {show} {moved} />
	</div>
	<form method="post" action="?/move" use:enhance={saves()} bind:this={moveForm} hidden>
		<input type="hidden" name="id" value={move.id} />
		<input type="hidden" name="parent" value={move.parent ?? ''} />
		<input type="hidden" name="index" value={move.index} />
	</form>
{:else}
	<div class="mt-5">
		<EmptyState title="Just the places that matter">
			<p>The room with your craft supplies, its shelves and boxes. The house walk follows this order.</p>
		</EmptyState>
	</div>
{/if}

<Dialog bind:open={placeOpen} title={place?.name ?? ''}>
	{#if place}
		{#if place.kind === 'box'}<p class="mb-3"><a href="/boxes/{place.id}">What’s in it</a></p>{/if}
		<form
			method="post"
			action="?/edit"
			use:enhance={saves({ done: () => (placeOpen = false) })}
			class="space-y-4"
		>
			<input type="hidden" name="id" value={place.id} />
			<div class="grid grid-cols-2 gap-3">
				<TextField label="Name" name="name" value={place.name} {failure} />
				<SelectField label="Kind" name="kind" options={kinds} value={place.kind} {failure} />
			</div>
			<fieldset>
				<legend class="mb-1 text-sm font-semibold"
					>Inside size in {data.system === 'us' ? 'inches' : 'centimeters'}, if known</legend
				>
				<div class="grid grid-cols-2 gap-2 sm:grid-cols-4">
					<TextField label="Length" name="length" value={place.length} {failure} />
					<TextField label="Width or depth" name="width" value={place.width} {failure} />
					<TextField label="Height" name="height" value={place.height} {failure} />
					<TextField label="Height off the floor" name="floor" value={place.floor} {failure} />
				</div>
			</fieldset>
			<div class="flex justify-between gap-3">
				<Button type="submit" look="main">Save</Button>
				<Button type="submit" look="quiet" formaction="?/remove">Remove</Button>
			</div>
		</form>
		<form
			method="post"
			action="?/move"
			use:enhance={saves({ done: () => (placeOpen = false) })}
			class="mt-5 flex items-end gap-2 border-t border-rule pt-4"
		>
			<input type="hidden" name="id" value={place.id} />
			<SelectField
				label="Move it and everything in it to"
				name="parent"
				class="flex-1"
				options={parents.filter((option) => option.value !== String(place?.id))}
				value={String(place.parent ?? '')}
				{failure}
			/>
			<Button type="submit">Move</Button>
		</form>
	{/if}
</Dialog>
