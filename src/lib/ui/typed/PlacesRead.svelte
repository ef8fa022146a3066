<script lang="ts">
	import { readPlaces, type TypedPlace } from '$core/house/index.ts';
	import Tape from '../tape/Tape.svelte';

	type Props = { text: string };
	let { text }: Props = $props();
	const places = $derived(readPlaces(text));
</script>

{#snippet branch(list: readonly TypedPlace[])}
	<ul class="space-y-1 pl-4">
		{#each list as place, i (i)}
			<li>
				<Tape text={place.name} /> <span class="text-sm text-ink-2">{place.kind}</span>
				{#if place.inside.length}<div class="mt-1">{@render branch(place.inside)}</div>{/if}
			</li>
		{/each}
	</ul>
{/snippet}

<!-- How places are read, as one types. -->
{#if places.length}<div class="border-l-4 border-rule" aria-live="polite">{@render branch(places)}</div>{/if}
