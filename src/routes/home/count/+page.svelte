<script lang="ts">
	import { counted } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import Tape from '$lib/ui/tape/Tape.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const count = $derived(data.places.reduce((sum, place) => sum + place.rows.length, 0));
</script>

<svelte:head><title>Recount · Gather Bin</title></svelte:head>

{#if count}
	<p class="max-w-3xl font-display text-xl leading-snug font-medium">
		{counted(count, 'item')}
		{count === 1 ? 'needs' : 'need'} a recount: lessons need {count === 1 ? 'it' : 'them'} soon, or you haven’t
		counted in a while.
	</p>
	{#if failure}<p class="mt-2 font-semibold text-late">{failure.message}</p>{/if}
	{#each data.places as place (place.path)}
		<section class="mt-5">
			<h2><Tape text={place.path} /></h2>
			<ul>
				{#each place.rows as row (row.lot)}
					<li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule py-2">
						<span class="min-w-40 flex-1"
							><span class="font-semibold">{row.item}</span><span class="block text-sm text-ink-2"
								>{row.why}</span
							></span
						>
						<PostButton
							action="?/count"
							fields={{ lot: row.lot, amount: row.typed }}
							label="Still {row.amount}: {row.item}">Still {row.amount}</PostButton
						>
						<form method="post" action="?/count" use:enhance={saves()} class="flex gap-1">
							<input type="hidden" name="lot" value={row.lot} />
							<input
								class="typed !w-20 text-right"
								name="amount"
								inputmode="decimal"
								aria-label="There now: {row.item}"
								placeholder={row.unit}
							/>
							<Button type="submit" aria-label="Update {row.item}">Update</Button>
						</form>
					</li>
				{/each}
			</ul>
		</section>
	{/each}
{:else}
	<EmptyState title="Nothing to recount">
		<p>Everything upcoming lessons need was counted recently.</p>
	</EmptyState>
{/if}
