<script lang="ts">
	import { enhance } from '$app/forms';
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import GripVertical from '@lucide/svelte/icons/grip-vertical';
	import { dragHandle, dragHandleZone, TRIGGERS } from 'svelte-dnd-action';
	import { saves } from '../device/submit.ts';
	import Tape from '../tape/Tape.svelte';
	import PlaceBranch from './PlaceBranch.svelte';
	import type { PlaceNode } from '$lib/server/services/house/place-tree.ts';

	type Props = {
		places: readonly PlaceNode[];
		/** The place that they are in; null is the house. */
		parent: number | null;
		/** Shows a place for changing it. */
		show: (place: PlaceNode) => void;
		/** A place was dropped here, before the one at `index`. */
		moved: (id: number, parent: number | null, index: number) => void;
	};
	let { places, parent, show, moved }: Props = $props();
	let items = $derived([...places]);
	const SHOWN = 6;
	/** Units that it is the bin of, without the one that its name says already. */
	const binFor = (place: PlaceNode) => place.collects.filter((unit) => !place.name.includes(unit));
</script>

<ol
	class={parent === null ? '' : 'ml-3 border-l-2 border-rule pl-3 sm:ml-5'}
	class:min-h-2={places.length === 0}
	use:dragHandleZone={{
		items,
		flipDurationMs: 120,
		dropTargetStyle: {},
		dropTargetClasses: ['bg-lined'],
		type: 'places'
	}}
	onconsider={(event) => (items = event.detail.items)}
	onfinalize={(event) => {
		items = event.detail.items;
		const { trigger, id } = event.detail.info;
		if (trigger === TRIGGERS.DROPPED_INTO_ZONE)
			moved(
				Number(id),
				parent,
				items.findIndex((one) => one.id === Number(id))
			);
	}}
>
	{#each items as one, i (one.id)}
		<li class="bg-sheet">
			<div class="flex items-start gap-2 border-b border-rule py-1.5">
				<span
					use:dragHandle
					aria-label="Drag {one.name}"
					class="hidden cursor-grab pt-2 text-ink-2 sm:inline-flex"
					><GripVertical size={18} aria-hidden="true" /></span
				>
				<div class="min-w-0 flex-1 pt-1.5">
					<button type="button" aria-label="Edit {one.name}" onclick={() => show(one)} class="hover:underline"
						><Tape text={one.name} /></button
					>
					{#if binFor(one).length}<span class="text-sm text-good">bin for {binFor(one).join(', ')}</span>{/if}
					{#if one.things.length}<p class="truncate text-sm text-ink-2">
							{one.things.slice(0, SHOWN).join(', ')}{one.things.length > SHOWN
								? ` and ${one.things.length - SHOWN} more`
								: ''}
						</p>{/if}
					{#each one.cautions as caution, i (i)}<p class="text-sm font-semibold text-due">
							{caution}
						</p>{/each}
				</div>
				<form method="post" action="?/move" use:enhance={saves()} class="flex">
					<input type="hidden" name="id" value={one.id} />
					<input type="hidden" name="parent" value={parent ?? ''} />
					<button
						name="index"
						value={i - 1}
						disabled={i === 0}
						class="grid size-9 place-items-center text-ink-2 hover:text-ink disabled:opacity-25"
						aria-label="Move {one.name} up"><ArrowUp size={18} aria-hidden="true" /></button
					>
					<button
						name="index"
						value={i + 1}
						disabled={i === items.length - 1}
						class="grid size-9 place-items-center text-ink-2 hover:text-ink disabled:opacity-25"
						aria-label="Move {one.name} down"><ArrowDown size={18} aria-hidden="true" /></button
					>
				</form>
			</div>
			<PlaceBranch places={one.inside} parent={one.id} {show} {moved} />
		</li>
	{/each}
</ol>
