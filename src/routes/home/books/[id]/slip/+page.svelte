<script lang="ts">
	import Printer from '@lucide/svelte/icons/printer';
	import Button from '$lib/ui/button/Button.svelte';

	let { data } = $props();
	const notes = $derived(data.notes.split('\n').filter(Boolean));
</script>

<svelte:head><title>Bookmark for {data.title} · Gather Bin</title></svelte:head>

<p class="no-print mb-4 flex flex-wrap items-center gap-3">
	<Button size="small" look="main" onclick={() => window.print()}
		><Printer size={18} aria-hidden="true" /> Print</Button
	>
	<a href="/home/books/{data.id}">Back to the book</a>
	<span class="text-ink-2">Cut it out and keep it in the book as a bookmark.</span>
</p>
<article class="max-w-[90mm] border border-ink bg-sheet p-4">
	<h2 class="text-lg leading-tight">{data.title}</h2>
	<p class="text-sm">{[data.authors, data.where].filter(Boolean).join(' · ')}</p>
	<ol class="mt-3 divide-y divide-rule border-y border-rule">
		{#each data.uses as use, i (i)}
			<li class="py-1.5 leading-snug">
				<span class="block text-sm">{use.unit}, {use.lesson}</span>
				<span class="font-semibold">□ {use.text}</span>
			</li>
		{/each}
	</ol>
	{#each notes as note, i (i)}<p class="mt-2 text-sm">{note}</p>{/each}
</article>
