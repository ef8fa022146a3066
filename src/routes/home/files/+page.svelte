<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '$lib/ui/button/Button.svelte';
	import { counted } from '$core/words/index.ts';
	import Field from '$lib/ui/field/Field.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
</script>

<svelte:head><title>Import and export · Gather Bin</title></svelte:head>
<div class="max-w-3xl">
	<h2 class="sr-only">Import and export</h2>
	<p class="mt-2 font-display text-xl leading-snug font-medium">
		You’ll see what a file changes, row by row, before anything is saved.
	</p>
	<form
		method="post"
		action="?/file"
		enctype="multipart/form-data"
		use:enhance
		class="mt-5 flex flex-wrap items-end gap-3"
	>
		<Field
			label="A CSV file, or a list as plain text"
			name="file"
			hint="You can also drop one on any page."
			{failure}
			class="min-w-64 flex-1"
		>
			{#snippet children(aria)}<input
					type="file"
					name="file"
					accept=".csv,.tsv,.txt,.bib,.xml,text/csv,text/plain"
					class="typed"
					{...aria}
				/>{/snippet}
		</Field>
		<Button type="submit" look="main" class="mb-6">Open file</Button>
	</form>

	<section aria-labelledby="out" class="mt-6">
		<h3 id="out" class="text-lg">Export</h3>
		<ul class="mt-1 divide-y divide-rule border-y border-rule">
			<li class="flex flex-wrap items-center justify-between gap-3 py-1.5">
				<span>Supplies at home, {counted(data.lots, 'entry', 'entries')}</span>
				<Button size="small" href="/take-out/supplies.csv" download>Download CSV</Button>
			</li>
			<li class="flex flex-wrap items-center justify-between gap-3 py-1.5">
				<span>{counted(data.places, 'place')}</span>
				<Button size="small" href="/take-out/places.csv" download aria-label="Download places as CSV"
					>Download CSV</Button
				>
			</li>
			<li class="flex flex-wrap items-center justify-between gap-3 py-1.5">
				<span>Home library, {counted(data.resources, 'title')}</span>
				<span class="flex gap-2">
					<Button
						size="small"
						href="/take-out/books.csv"
						download
						aria-label="Download the home library as CSV">Download CSV</Button
					>
					<Button size="small" href="/take-out/library/bib" download>BibTeX</Button>
					<Button size="small" href="/take-out/library/xml" download>MARCXML</Button>
				</span>
			</li>
			{#each data.units as unit (unit.id)}
				<li class="flex flex-wrap items-center justify-between gap-3 py-1.5">
					<span>Supply list of {unit.name}</span>
					<Button
						size="small"
						href="/take-out/list.csv?unit={unit.id}"
						download
						aria-label="Download the list of {unit.name} as CSV">Download CSV</Button
					>
				</li>
			{/each}
		</ul>
	</section>
	<section aria-labelledby="columns" class="mt-6 text-ink-2">
		<h3 id="columns" class="text-lg text-ink">Columns we can read</h3>
		<p class="mt-1">
			<strong>Home library:</strong> title, by, kind, ISBN, pages, topics, from age, to age, place, ours, notes.
		</p>
		<p class="mt-1"><strong>Supplies at home:</strong> item, amount, unit, place, expires, opened.</p>
		<p><strong>Places:</strong> place (as “Kitchen › pantry”), kind, inside size, above floor.</p>
		<p>
			<strong>Supply list:</strong> lesson, item; optional: lesson title, amount, up to, unit, per, optional, use,
			note.
		</p>
	</section>
</div>
