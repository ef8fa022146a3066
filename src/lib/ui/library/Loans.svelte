<script lang="ts">
	import { enhance } from '$app/forms';
	import type { ResourceView } from '$lib/server/services/library/resource-view.ts';
	import Button from '../button/Button.svelte';
	import PostButton from '../button/PostButton.svelte';
	import { saves } from '../device/submit.ts';
	import DateField from '../field/DateField.svelte';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import type { Failure } from '../field/failure.ts';

	type Props = {
		view: ResourceView;
		sources: readonly { readonly value: string; readonly label: string; readonly kind: string }[];
		failure: Failure;
	};
	let { view, sources, failure }: Props = $props();
	const row = $derived(view.row);
	const libraries = $derived(sources.filter(({ kind }) => kind === 'library' || kind === 'friend'));
	const usual = $derived(
		libraries.find(({ value }) => value === String(row.supplier_id ?? ''))?.value ?? libraries[0]?.value ?? ''
	);
	const hasHold = $derived(view.loans.some(({ state }) => state === 'hold placed' || state === 'ready'));
	const STEPS = {
		'hold placed': [
			['ready', 'Ready'],
			['fetch', 'Picked up'],
			['back', 'Cancel hold']
		],
		ready: [
			['fetch', 'Picked up'],
			['back', 'Cancel hold']
		],
		'on loan': [
			['renew', 'Renew'],
			['back', 'Returned']
		],
		back: []
	} as const;
</script>

<!-- Lent to, or how it is borrowed. -->
<section aria-labelledby="loans">
	<h3 id="loans" class="mb-2 text-lg">{row.owned ? 'Lent' : 'Borrowed'}</h3>
	<ul class="divide-y divide-rule border-t-2 border-ink">
		{#each view.loans as loan (loan.id)}
			<li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-1.5">
				<span class="min-w-48 flex-1 {loan.state === 'back' ? 'text-ink-2' : ''}">{loan.text}</span>
				{#each STEPS[loan.state].filter(([to]) => !row.owned || to === 'back') as [to, label] (to)}
					<PostButton
						action="?/{to}"
						fields={{ loan: loan.id }}
						size="small"
						look={to === 'back' && loan.state !== 'on loan' ? 'quiet' : 'plain'}>{label}</PostButton
					>
				{/each}
			</li>
		{:else}<li class="py-2 text-ink-2">{row.owned ? 'Not lent.' : 'Never borrowed.'}</li>{/each}
	</ul>
	{#if row.owned}
		<form
			method="post"
			action="?/lend"
			use:enhance={saves({ reset: true })}
			class="mt-3 flex flex-wrap items-end gap-3"
		>
			<TextField label="Lent to" name="borrower" class="min-w-40 flex-1" placeholder="the Aldens" {failure} />
			<DateField label="Due back" name="due" value="" {failure} />
			<Button type="submit" size="small">Lend</Button>
		</form>
	{:else if libraries.length && !hasHold}
		<form method="post" action="?/hold" use:enhance={saves()} class="mt-3 flex flex-wrap items-end gap-3">
			<SelectField label="From" name="source" options={libraries} value={usual} {failure} />
			<Button type="submit" size="small" look="main">Place hold</Button>
		</form>
	{:else if !libraries.length}
		<p class="mt-2 text-sm text-ink-2">Add a library or friend in <a href="/house">Household</a> first.</p>
	{/if}
</section>
