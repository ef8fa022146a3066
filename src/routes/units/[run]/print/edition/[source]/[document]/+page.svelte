<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { counted } from '$core/words/index.ts';
	import PostButton from '$lib/ui/button/PostButton.svelte';

	let { data, form } = $props();
	const { edition } = $derived(data);
	const failure = $derived(form && 'message' in form ? form : null);
	const isReading = $derived(edition.read < edition.pages);
	$effect(() => {
		if (!isReading) return;
		const timer = setInterval(() => void invalidateAll(), 1500);
		return () => clearInterval(timer);
	});
</script>

<svelte:head><title>New edition · {data.unit.name} · Gather Bin</title></svelte:head>

{#snippet picture(file: string, page: number | null, label: string)}
	<div class="flex aspect-[8.5/11] w-full items-center justify-center border border-rule bg-white">
		{#if page === null}<span class="p-2 text-center text-sm text-ink-2">{label}</span>
		{:else}<img
				src="/documents/{file}/{page}/small"
				alt="{label}, page {page}"
				loading="lazy"
				class="max-h-full max-w-full object-contain"
			/>{/if}
	</div>
{/snippet}

<p class="text-sm"><a href="/units/{data.unit.id}/print">Print</a></p>
<div class="flex flex-wrap items-start justify-between gap-x-8 gap-y-3">
	<div class="max-w-2xl">
		<h2 class="text-xl">New edition of {edition.title}</h2>
		<p class="font-display text-lg leading-snug font-medium">{edition.sentence}</p>
		<p class="mt-1 text-sm text-ink-2">
			What you sorted, chose, and printed stays with its pages, wherever they are now.
		</p>
	</div>
	{#if !isReading}<PostButton action="?/take" fields={{}} look="main">Use the new edition</PostButton>{/if}
</div>
{#if failure?.message}<p class="mt-2 font-semibold text-late" role="alert">{failure.message}</p>{/if}
{#if isReading}
	<progress
		class="mt-4 h-2 w-full max-w-md accent-good"
		max={edition.pages}
		value={edition.read}
		aria-label="Pages read"
	></progress>
{/if}

{#if edition.rows.length}
	<h3 class="mt-6 text-lg">{counted(edition.rows.length, 'difference')}</h3>
	<ul class="mt-2 grid gap-x-8 gap-y-6 sm:grid-cols-2 lg:grid-cols-3">
		{#each edition.rows as row (`${row.was} ${row.is}`)}
			<li>
				<p class="leading-snug font-semibold">
					{row.is === null ? `Page ${row.was}` : `Page ${row.is}`}: {row.text}{row.was !== null &&
					row.is !== null &&
					row.was !== row.is
						? `, was page ${row.was}`
						: ''}
				</p>
				{#if row.prints}<p class="text-sm text-ink-2">{row.prints}</p>{/if}
				<div class="mt-1 grid grid-cols-2 gap-2">
					{@render picture(
						edition.files[0],
						row.was,
						row.was === null ? 'not in the first edition' : 'First edition'
					)}
					{@render picture(edition.files[1], row.is, row.is === null ? 'not in the new one' : 'New edition')}
				</div>
			</li>
		{/each}
	</ul>
{/if}
