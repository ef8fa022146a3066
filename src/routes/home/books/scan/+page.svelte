<script lang="ts">
	import { counted } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import { onMount } from 'svelte';
	import Button from '$lib/ui/button/Button.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import CodePictures from '$lib/ui/library/CodePictures.svelte';
	import { listenToScanner } from '$lib/ui/library/hand-scanner.ts';
	import { ShelfSession, type Scanned } from '$lib/ui/library/shelf-session.svelte.ts';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const session = new ShelfSession();
	const list = $derived(session.list);
	let typed = $state('');
	let place = $state('');
	const SAID: Record<Scanned['state'], string> = {
		looking: 'looking it up …',
		found: 'found in the catalog',
		'not found': 'not in the catalog: type the title',
		'no answer': 'the catalog isn’t answering: type the title, or keep the number',
		typed: 'typed'
	};

	onMount(() => {
		session.start();
		return listenToScanner((code) => session.add(code));
	});
	$effect(() => session.keep());
	function addTyped(event: SubmitEvent) {
		event.preventDefault();
		for (const line of typed.split(/[\n,;]+/).toReversed()) session.add(line);
		typed = '';
	}
</script>

<svelte:head><title>Scan a shelf · Gather Bin</title></svelte:head>

<p class="max-w-3xl font-display text-xl leading-snug font-medium">
	{list.length === 0
		? 'Scan one book at a time. A handheld scanner works anywhere on this page.'
		: `${counted(session.fresh, 'new book')}${session.there ? `, ${session.there} you already have` : ''}. Choose where they go, and save.`}
</p>

<div class="mt-4 flex flex-wrap items-end gap-3">
	<form onsubmit={addTyped} class="flex min-w-64 flex-1 items-end gap-3">
		<TextField
			label="ISBN or title; several with commas"
			name="typed"
			class="flex-1"
			bind:value={typed}
			placeholder="979-9900050-00-8"
		/>
		<Button type="submit">Add</Button>
	</form>
	<CodePictures
		read={(code) => session.add(code)}
		seen={(code) => {
			if (!session.has(code)) session.add(code);
		}}
	/>
</div>
<p class="mt-2 min-h-6 text-due" role="status">{session.problem}</p>
{#if list.length}
	<ol class="divide-y divide-rule border-y-2 border-ink">
		{#each list as one (one.key)}
			<li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
				<div class="min-w-56 flex-1">
					{#if one.state === 'not found' || one.state === 'no answer'}
						<input
							class="typed w-full max-w-md"
							placeholder="Title"
							aria-label="Title of {one.shown}"
							bind:value={one.title}
						/>
					{:else}
						<p class="font-semibold">{one.title || one.shown}</p>
					{/if}
					<p class="text-sm text-ink-2">
						{[one.authors, one.about, one.title && one.isbn13 ? one.shown : ''].filter(Boolean).join(' · ')}
					</p>
					{#each one.same as twin (twin.id)}<p class="text-sm font-semibold text-due">
							{twin.how === 'same ISBN' ? 'Already have it' : twin.how}:
							<a href="/home/books/{twin.id}">{twin.title}</a>
						</p>{/each}
				</div>
				<span class="text-sm {one.state === 'found' ? 'text-good' : 'text-ink-2'}">{SAID[one.state]}</span>
				{#if one.state === 'no answer'}<Button size="small" onclick={() => session.lookAgain(one)}
						>Try again</Button
					>{/if}
				<Button
					size="small"
					look="quiet"
					aria-label="Remove {one.title || one.shown}"
					onclick={() => session.leaveOut(one)}>Remove</Button
				>
			</li>
		{/each}
	</ol>
	<form
		method="post"
		action="?/save"
		use:enhance={saves({ done: () => session.clear() })}
		class="mt-4 flex flex-wrap items-end gap-3"
	>
		<input type="hidden" name="list" value={session.sent} />
		<SelectField
			label="Put them all in"
			name="place"
			class="min-w-64"
			options={[{ value: '', label: 'no place set' }, ...data.places]}
			bind:value={place}
			{failure}
		/>
		<Button type="submit" look="main" disabled={session.fresh === 0}
			>Save {counted(session.fresh, 'book')}</Button
		>
	</form>
	{#if failure}<p class="mt-2 text-late">{failure.message}</p>{/if}
{/if}
