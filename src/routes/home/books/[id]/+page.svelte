<script lang="ts">
	import { RIGHTS_TEXT } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import Printer from '@lucide/svelte/icons/printer';
	import Button from '$lib/ui/button/Button.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import PictureField from '$lib/ui/library/PictureField.svelte';
	import Cover from '$lib/ui/library/Cover.svelte';
	import FlagsOfBook from '$lib/ui/library/FlagsOfBook.svelte';
	import Loans from '$lib/ui/library/Loans.svelte';
	import Pieces from '$lib/ui/library/Pieces.svelte';
	import ResourceFields from '$lib/ui/library/ResourceFields.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const view = $derived(data.view);
	const row = $derived(view.row);
	let editing = $state(false);
	const notes = $derived(row.notes.split('\n').filter(Boolean));
</script>

<svelte:head><title>{row.title} · Gather Bin</title></svelte:head>

<div class="flex flex-wrap gap-x-8 gap-y-4">
	<div class="w-32 shrink-0">
		<Cover title={row.title} authors={row.authors} kind={row.kind} picture={view.shown.picture} />
		<PictureField has={row.picture !== null} {failure} />
	</div>
	<div class="min-w-64 flex-1">
		<h2 class="text-2xl">{row.title}</h2>
		<p class="text-ink-2">{[row.authors, view.shown.about].filter(Boolean).join(' · ')}</p>
		<p class="mt-2 max-w-2xl font-display text-xl leading-snug font-medium">{view.sentence}</p>
		{#if view.advice}<p class="mt-1 font-semibold text-due">{view.advice}</p>{/if}
		{#each view.same as one (one.id)}<p class="mt-1 text-sm text-due">
				{one.how}: <a href="/home/books/{one.id}">{one.title}</a>
			</p>{/each}
		{#if row.about}<p class="mt-2 max-w-2xl">{row.about}</p>{/if}
		<p class="mt-3 flex flex-wrap gap-3">
			<Button size="small" onclick={() => (editing = true)}>Edit</Button>
			{#if view.uses.length}<Button size="small" href="/home/books/{row.id}/slip"
					><Printer size={18} aria-hidden="true" /> Print bookmark</Button
				>{/if}
			{#if row.kind === 'link' && /^https?:/i.test(row.address)}<Button
					size="small"
					href={row.address}
					rel="noreferrer"
					target="_blank">Open the link</Button
				>{/if}
		</p>
	</div>
</div>

<div class="mt-6 grid gap-x-10 gap-y-8 lg:grid-cols-2">
	<div class="space-y-8">
		<FlagsOfBook {view} runs={data.runs} {failure} />
		<section aria-labelledby="notes">
			<h3 id="notes" class="mb-2 text-lg">Notes</h3>
			<ul class="space-y-1">
				{#each notes as note, i (i)}<li class="border-l-4 border-due bg-due-soft px-3 py-1">{note}</li>{/each}
			</ul>
			<form
				method="post"
				action="?/note"
				use:enhance={saves({ reset: true })}
				class="mt-2 flex items-end gap-3"
			>
				<TextField
					label="New note"
					name="note"
					class="flex-1"
					placeholder="20 min aloud, Perrin loves the pictures"
					{failure}
				/>
				<Button type="submit" size="small">Add</Button>
			</form>
		</section>
	</div>
	<div class="space-y-8">
		<section aria-labelledby="fit">
			<h3 id="fit" class="mb-2 text-lg">
				{view.isRead ? 'Who can read it alone' : 'Who it’s for'}
			</h3>
			<ul class="divide-y divide-rule border-t-2 border-ink">
				{#each view.fit as one, i (i)}<li class="flex justify-between gap-4 py-1.5">
						<span>{one.name}</span><span class="text-right text-sm {one.why ? 'text-due' : 'text-good'}"
							>{one.why ?? 'fits'}</span
						>
					</li>{/each}
			</ul>
			{#each view.cautions as caution, i (i)}<p class="mt-2 text-sm text-due">{caution}</p>{/each}
			<p class="mt-2 text-sm text-ink-2">Copies allowed: {RIGHTS_TEXT[row.rights]}.</p>
		</section>
		{#if row.pieces !== null || view.pieces.length}
			<Pieces {view} trays={data.trays} {failure} />
		{/if}
		<Loans {view} sources={data.sources} {failure} />
	</div>
</div>

<Dialog bind:open={editing} title={row.title}>
	<form
		method="post"
		action="?/save"
		use:enhance={saves({ done: () => (editing = false) })}
		class="space-y-4"
	>
		<ResourceFields
			{row}
			isbn={view.isbn}
			kinds={data.kinds}
			rights={data.rights}
			places={data.places}
			sources={data.sources}
			contents={data.contents}
			readers={data.readers}
			{failure}
		/>
		<div class="flex justify-between gap-3">
			<Button type="submit" look="main">Save</Button>
			<Button type="submit" look="quiet" formaction="?/remove">Remove from the home library</Button>
		</div>
	</form>
</Dialog>
