<script lang="ts">
	import { enhance } from '$app/forms';
	import Printer from '@lucide/svelte/icons/printer';
	import Button from '$lib/ui/button/Button.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import DateField from '$lib/ui/field/DateField.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import PictureField from '$lib/ui/library/PictureField.svelte';
	import Cover from '$lib/ui/library/Cover.svelte';
	import ResourceFields from '$lib/ui/library/ResourceFields.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const view = $derived(data.view);
	const row = $derived(view.row);
	let editing = $state(false);
	const notes = $derived(row.notes.split('\n').filter(Boolean));
	let run = $derived(String(data.runs[0]?.id ?? ''));
	const lessons = $derived(data.runs.find((one) => String(one.id) === run)?.lessons ?? []);
	const libraries = $derived(data.sources.filter(({ kind }) => kind === 'library' || kind === 'friend'));
	const usual = $derived(
		libraries.find(({ value }) => value === String(row.supplier_id ?? ''))?.value ?? libraries[0]?.value ?? ''
	);
	const hasHold = $derived(view.loans.some(({ state }) => state === 'hold placed' || state === 'ready'));
	const STEPS = {
		'hold placed': [
			['ready', 'It is ready'],
			['fetch', 'Fetched'],
			['back', 'Give up the hold']
		],
		ready: [
			['fetch', 'Fetched'],
			['back', 'Give up the hold']
		],
		'on loan': [
			['renew', 'Renew'],
			['back', 'It is back']
		],
		back: []
	} as const;
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
			<Button size="small" onclick={() => (editing = true)}>Change</Button>
			{#if view.uses.length}<Button size="small" href="/home/books/{row.id}/slip"
					><Printer size={18} aria-hidden="true" /> Its slip</Button
				>{/if}
			{#if row.kind === 'link' && row.address}<Button
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
		<section aria-labelledby="uses">
			<h3 id="uses" class="mb-2 text-lg">Flags, lesson by lesson</h3>
			<ul class="divide-y divide-rule border-t-2 border-ink">
				{#each view.uses as use, i (i)}
					<li class="flex flex-wrap items-baseline justify-between gap-x-4 py-1.5">
						<span class={use.isRemark ? 'text-due' : ''}>{use.text}</span>
						<a class="text-sm" href={use.href}>{use.unit}, {use.lesson}</a>
					</li>
				{:else}<li class="py-2 text-ink-2">No lesson has it yet. Flag its pages for one below.</li>{/each}
			</ul>
			{#if data.runs.length}
				<form
					method="post"
					action="?/use"
					use:enhance={saves({ reset: true })}
					class="mt-3 flex flex-wrap items-end gap-3"
				>
					{#if data.runs.length > 1}
						<SelectField
							label="Unit"
							name="unit"
							options={data.runs.map((one) => ({ value: String(one.id), label: one.name }))}
							bind:value={run}
						/>
					{/if}
					<SelectField
						label="Lesson"
						name="lesson"
						options={lessons}
						value={lessons[0]?.value ?? ''}
						{failure}
					/>
					<TextField
						label="What for, as on a slip"
						name="text"
						class="min-w-56 flex-1"
						placeholder="read aloud 12–18, 15 min, preview 10 min: why maps lie"
						{failure}
					/>
					<Button type="submit" size="small">Flag it</Button>
				</form>
			{/if}
		</section>
		<section aria-labelledby="notes">
			<h3 id="notes" class="mb-2 text-lg">Notes on its cover</h3>
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
					label="One more"
					name="note"
					class="flex-1"
					placeholder="20 min aloud, Perrin loves the pictures"
					{failure}
				/>
				<Button type="submit" size="small">Stick it on</Button>
			</form>
		</section>
	</div>
	<div class="space-y-8">
		<section aria-labelledby="fit">
			<h3 id="fit" class="mb-2 text-lg">
				{view.isRead ? 'For whom, to read alone' : 'For whom'}
			</h3>
			<ul class="divide-y divide-rule border-t-2 border-ink">
				{#each view.fit as one, i (i)}<li class="flex justify-between gap-4 py-1.5">
						<span>{one.name}</span><span class="text-right text-sm {one.why ? 'text-due' : 'text-good'}"
							>{one.why ?? 'fits'}</span
						>
					</li>{/each}
			</ul>
			{#each view.cautions as caution, i (i)}<p class="mt-2 text-sm text-due">{caution}</p>{/each}
			<p class="mt-2 text-sm text-ink-2">Copying: {row.rights}.</p>
		</section>
		{#if row.pieces !== null || view.pieces.length}
			<section aria-labelledby="pieces">
				<h3 id="pieces" class="mb-2 text-lg">Pieces out of the set</h3>
				<ul class="divide-y divide-rule border-t-2 border-ink">
					{#each view.pieces as one (one.id)}
						<li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-1.5">
							<span class="min-w-48 flex-1">{one.text}</span>
							<form method="post" action="?/pieceBack" use:enhance={saves()}>
								<input type="hidden" name="id" value={one.id} />
								<Button type="submit" size="small" aria-label="Back in its set: {one.text}"
									>Back in its set</Button
								>
							</form>
						</li>
					{:else}<li class="py-2 text-ink-2">All are in their place.</li>{/each}
				</ul>
				<form
					method="post"
					action="?/piece"
					use:enhance={saves({ reset: true })}
					class="mt-3 flex flex-wrap items-end gap-3"
				>
					<TextField label="Piece" name="piece" class="min-w-32 flex-1" placeholder="narwhal" {failure} />
					<TextField
						label="To which tray or place"
						name="to"
						class="min-w-40 flex-1"
						list="trays"
						placeholder="Sorting ships and whales"
						{failure}
					/>
					<datalist id="trays"
						>{#each data.trays as tray, i (i)}<option value={tray}></option>{/each}</datalist
					>
					<Button type="submit" size="small">Lend it</Button>
				</form>
			</section>
		{/if}
		<section aria-labelledby="loans">
			<h3 id="loans" class="mb-2 text-lg">{row.owned ? 'Lent to others' : 'Borrowing it'}</h3>
			<ul class="divide-y divide-rule border-t-2 border-ink">
				{#each view.loans as loan (loan.id)}
					<li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-1.5">
						<span class="min-w-48 flex-1 {loan.state === 'back' ? 'text-ink-2' : ''}">{loan.text}</span>
						{#each STEPS[loan.state].filter(([to]) => !row.owned || to === 'back') as [to, label] (to)}
							<form method="post" action="?/{to}" use:enhance={saves()}>
								<input type="hidden" name="loan" value={loan.id} />
								<Button
									type="submit"
									size="small"
									look={to === 'back' && loan.state !== 'on loan' ? 'quiet' : 'plain'}>{label}</Button
								>
							</form>
						{/each}
					</li>
				{:else}<li class="py-2 text-ink-2">{row.owned ? 'Nobody has it.' : 'Never yet.'}</li>{/each}
			</ul>
			{#if row.owned}
				<form
					method="post"
					action="?/lend"
					use:enhance={saves({ reset: true })}
					class="mt-3 flex flex-wrap items-end gap-3"
				>
					<TextField
						label="Who has it"
						name="borrower"
						class="min-w-40 flex-1"
						placeholder="the Aldens"
						{failure}
					/>
					<DateField label="Back by" name="due" value="" {failure} />
					<Button type="submit" size="small">Lend it</Button>
				</form>
			{:else if libraries.length && !hasHold}
				<form method="post" action="?/hold" use:enhance={saves()} class="mt-3 flex flex-wrap items-end gap-3">
					<SelectField label="From" name="source" options={libraries} value={usual} {failure} />
					<Button type="submit" size="small" look="main">Hold placed</Button>
				</form>
			{:else if !libraries.length}
				<p class="mt-2 text-sm text-ink-2">Add a library or a friend on <a href="/house">House</a> first.</p>
			{/if}
		</section>
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
			<Button type="submit" look="quiet" formaction="?/remove">Take out of the library</Button>
		</div>
	</form>
</Dialog>
