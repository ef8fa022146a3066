<script lang="ts">
	import { enhance } from '$app/forms';
	import type { ResourceView } from '$lib/server/services/library/resource-view.ts';
	import Button from '../button/Button.svelte';
	import PostButton from '../button/PostButton.svelte';
	import { saves } from '../device/submit.ts';
	import TextField from '../field/TextField.svelte';
	import type { Failure } from '../field/failure.ts';

	type Props = { view: ResourceView; trays: readonly string[]; failure: Failure };
	let { view, trays, failure }: Props = $props();
</script>

<!-- Pieces of a set that lie somewhere else for now. -->
<section aria-labelledby="pieces">
	<h3 id="pieces" class="mb-2 text-lg">Pieces out on trays</h3>
	<ul class="divide-y divide-rule border-t-2 border-ink">
		{#each view.pieces as one (one.id)}
			<li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-1.5">
				<span class="min-w-48 flex-1">{one.text}</span>
				<PostButton action="?/pieceBack" fields={{ id: one.id }} size="small" label="Put back: {one.text}"
					>Put back</PostButton
				>
			</li>
		{:else}<li class="py-2 text-ink-2">All pieces are in the set.</li>{/each}
	</ul>
	<form
		method="post"
		action="?/piece"
		use:enhance={saves({ reset: true })}
		class="mt-3 flex flex-wrap items-end gap-3"
	>
		<TextField label="Piece" name="piece" class="min-w-32 flex-1" placeholder="narwhal" {failure} />
		<TextField
			label="Tray or place"
			name="to"
			class="min-w-40 flex-1"
			list="trays"
			placeholder="Sorting ships and whales"
			{failure}
		/>
		<datalist id="trays"
			>{#each trays as tray, i (i)}<option value={tray}></option>{/each}</datalist
		>
		<Button type="submit" size="small">Move out</Button>
	</form>
</section>
