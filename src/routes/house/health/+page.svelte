<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '$lib/ui/button/Button.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const said = $derived(form && 'said' in form ? form.said : null);
	type Backup = (typeof data.backups)[number];
	let asked = $state<Backup | null>(null);
	let isOpen = $state(false);
	const last = $derived(data.backups[0]);
	const sentence = $derived(
		data.damage
			? 'The household’s file is damaged, so nothing new is saved to it. Go back to a backup.'
			: data.backupTrouble
				? `Last night’s backup couldn’t be made: ${data.backupTrouble}`
				: last
					? `All is well. The last backup is of ${last.when}.`
					: 'All is well. The first backup is made tonight, or now.'
	);
</script>

<svelte:head><title>Health and backups · Gather Bin</title></svelte:head>
<Sheet>
	<main>
		<p class="text-sm"><a href="/house">Household</a></p>
		<h1 class="text-3xl">Health and backups</h1>
		<p
			class="mt-2 max-w-3xl font-display text-xl font-medium {data.damage || data.backupTrouble
				? 'text-late'
				: ''}"
		>
			{sentence}
		</p>
		{#if said}<p class="mt-2 font-semibold text-good" role="status">{said}</p>{/if}
		{#if failure}<p class="mt-2 font-semibold text-late" role="alert">{failure.message}</p>{/if}

		<dl class="mt-6 grid max-w-3xl gap-x-6 gap-y-2 sm:grid-cols-[12rem_minmax(0,1fr)]">
			<dt class="font-semibold">Where your data is</dt>
			<dd>{data.folder}</dd>
			<dt class="font-semibold">Room on that disk</dt>
			<dd class={data.isRoomLow ? 'font-semibold text-late' : ''}>
				{data.room ?? 'The disk doesn’t say.'}{data.isRoomLow ? ': make some soon.' : ''}
			</dd>
			<dt class="font-semibold">Last check of the file</dt>
			<dd>{data.checkedAt}: {data.damage ?? 'nothing wrong'}</dd>
			<dt class="font-semibold">Version</dt>
			<dd>{data.version}</dd>
		</dl>

		<section aria-labelledby="backups" class="mt-8 max-w-3xl">
			<div class="flex flex-wrap items-baseline justify-between gap-3 border-b-2 border-ink pb-2">
				<h2 id="backups" class="text-lg">Backups</h2>
				<form method="post" action="?/backup" use:enhance={saves()}>
					<Button type="submit" look={last ? 'plain' : 'main'}>Make one now</Button>
				</form>
			</div>
			<p class="mt-2 text-sm text-ink-2">
				One is made every night, and before a file is imported or a new version starts. The last 7 days, 4
				weeks and 12 months are kept, in the folder “backups” beside your data. Copy that folder to another
				disk now and then.
			</p>
			<ul class="mt-3 divide-y divide-rule border-y border-rule">
				{#each data.backups as one (one.name)}
					<li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
						<div class="min-w-52 flex-1">
							<p class="font-semibold">{one.when} <span class="font-normal text-ink-2">{one.why}</span></p>
							<p class="text-sm text-ink-2">{one.contents}</p>
						</div>
						<Button
							size="small"
							aria-label="Go back to {one.when}"
							onclick={() => ((asked = one), (isOpen = true))}>Go back to it</Button
						>
					</li>
				{:else}<li class="py-2 text-ink-2">None yet.</li>{/each}
			</ul>
		</section>
	</main>
</Sheet>

<Dialog
	bind:open={isOpen}
	title="Go back to {asked?.when ?? ''}?"
	about="Everything goes back to how it was then: {asked?.contents ??
		''}. What you have today is kept as one more backup, so you can come back to it."
>
	<form
		method="post"
		action="?/restore"
		use:enhance={saves({ done: () => (isOpen = false) })}
		class="flex flex-wrap gap-3"
	>
		<input type="hidden" name="name" value={asked?.name ?? ''} />
		<Button type="submit" look="main">Go back to it</Button>
		<Button look="quiet" onclick={() => (isOpen = false)}>Cancel</Button>
	</form>
</Dialog>
