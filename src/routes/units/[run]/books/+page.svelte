<script lang="ts">
	import { onMount } from 'svelte';
	import { enhance } from '$app/forms';
	import { counted } from '$core/words/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import ListedBook from '$lib/ui/library/ListedBook.svelte';

	let { data, form } = $props();
	const base = $derived(`/units/${data.unit.id}`);
	const { view } = $derived(data);
	const failure = $derived(form && 'message' in form ? form : null);
	const said = $derived(form && 'said' in form ? form.said : '');
	let asking = $state(false);
	let ask = $state<HTMLFormElement>();

	// The library is asked by itself, once, as soon as there is something to ask about.
	onMount(() => {
		if (data.desk.isThere && view.unasked > 0) ask?.requestSubmit();
	});
</script>

<svelte:head><title>Books · {data.unit.name} · Gather Bin</title></svelte:head>

<div class="flex flex-wrap items-start justify-between gap-x-8 gap-y-4">
	<p class="max-w-2xl font-display text-xl leading-snug font-medium sm:text-2xl">{view.sentence}</p>
	<div class="no-print flex flex-wrap gap-2">
		{#if view.proposed}
			<form method="post" action="?/all" use:enhance={saves()}>
				<Button type="submit" look="main">Take our picks</Button>
			</form>
		{/if}
		{#if view.toPlace && view.hasLibrary}
			<form method="post" action="?/holds" use:enhance={saves()}>
				<Button type="submit" look={view.proposed ? 'plain' : 'main'}
					>Place {counted(view.toPlace, 'hold')}</Button
				>
			</form>
		{/if}
		{#if data.desk.isThere && view.groups.length}
			<form
				method="post"
				action="?/ask"
				bind:this={ask}
				use:enhance={() => {
					asking = true;
					return async ({ update }) => {
						await update({ reset: false });
						asking = false;
					};
				}}
			>
				<Button type="submit" disabled={asking}
					>{asking ? 'Asking the library …' : 'Check the library'}</Button
				>
			</form>
		{/if}
		{#if data.lessons}<Button href="{base}/books/paste" look={view.groups.length ? 'plain' : 'main'}
				>Paste a book list</Button
			>{/if}
	</div>
</div>
<p class="min-h-6 text-sm text-ink-2" role="status">{asking ? '' : said}</p>
{#if failure}<p class="mt-1 font-semibold text-late">{failure.message}</p>{/if}

{#snippet toGet(label: string, list: typeof view.holds)}
	{#if list.length}
		<section class="mt-2 max-w-3xl" aria-label={label}>
			<h2 class="text-lg">{label}</h2>
			<ul class="mt-1 divide-y divide-rule border-y border-rule">
				{#each list as one (one.resource)}
					<li class="flex flex-wrap items-baseline gap-x-4 py-1.5">
						<a class="min-w-52 flex-1 font-semibold" href="/home/books/{one.resource}">{one.title}</a>
						<span class="text-sm {one.isOpen ? 'font-semibold' : 'text-ink-2'}">{one.standing}</span>
						<span class="text-sm text-ink-2"
							>{[one.pickUp && `pick up ${one.pickUp}`, one.takeBack && `return ${one.takeBack}`]
								.filter(Boolean)
								.join(', ')}</span
						>
					</li>
				{/each}
			</ul>
		</section>
	{/if}
{/snippet}

{#if view.groups.length === 0}
	<div class="mt-4">
		<EmptyState title={data.lessons ? 'The guide’s books' : 'Lessons first'}>
			{#if data.lessons}
				<p>
					Paste the book list that the guide prints. Each book is held against your shelf and your library;
					you say have it, borrow, buy, or skip, and holds and trips are planned from that.
				</p>
			{:else}
				<p>
					Books go with lessons. Add lesson titles under Plan; a pasted list matches them by number or name.
				</p>
			{/if}
			{#snippet act()}<Button look="main" href={data.lessons ? `${base}/books/paste` : `${base}/plan`}
					>{data.lessons ? 'Paste a book list' : 'Add the lessons'}</Button
				>{/snippet}
		</EmptyState>
	</div>
{:else}
	<div class="mt-2 grid gap-x-10 lg:grid-cols-2">
		{@render toGet('To borrow', view.holds)}
		{@render toGet('To buy', view.toBuy)}
	</div>
	{#if view.holds.length}
		<p class="mt-1 text-sm">
			{#if view.hasLibrary}<a href="/lists/library">All library trips</a>{:else}<a href="/house"
					>Add your library in Household</a
				> with its open days, and the trips are planned here.{/if}
		</p>
	{/if}
	{#if view.withoutBooks}<p class="mt-4 text-ink-2">{view.withoutBooks}</p>{/if}
	{#each view.groups as group (group.lesson)}
		<section class="mt-5" aria-label={group.label}>
			<h2 class="flex flex-wrap items-baseline gap-x-3 border-b-2 border-ink text-lg">
				{group.label}
				{#if group.day}<span class="font-text text-sm font-normal text-ink-2">{group.day}</span>{/if}
				{#if group.hole}<strong class="font-text text-sm font-semibold text-due">{group.hole}</strong>{/if}
			</h2>
			<ul>
				{#each group.books as book (book.id)}<ListedBook {book} />{/each}
			</ul>
		</section>
	{/each}
{/if}
