<script lang="ts">
	import { dollarsTyped } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import Dialog from '../dialog/Dialog.svelte';
	import Weekdays from '../weekdays/Weekdays.svelte';
	import { saves } from '../device/submit.ts';
	import type { PageData } from '../../../routes/house/$types';
	import type { Failure } from '../field/failure.ts';

	type Supplier = PageData['suppliers'][number];
	type Props = { open: boolean; supplier: Supplier | 'new' | null; isOnly: boolean; failure: Failure };
	let { open = $bindable(), supplier, isOnly, failure }: Props = $props();

	const supplierKinds = [
		{ value: 'shop', label: 'Store we go to' },
		{ value: 'order', label: 'Online or mail order' },
		{ value: 'friend', label: 'Friends' },
		{ value: 'library', label: 'Library' }
	];
	// Starts anew each time the dialog opens.
	let sourceKind = $derived<string>(
		!open || supplier === null || supplier === 'new' ? 'shop' : supplier.kind
	);
</script>

<Dialog bind:open title={supplier === 'new' ? 'Add a source' : (supplier?.name ?? '')}>
	{#if supplier}
		{@const one = supplier === 'new' ? null : supplier}
		<form
			method="post"
			action="?/supplier"
			use:enhance={saves({ done: () => (open = false) })}
			class="space-y-4"
		>
			<input type="hidden" name="id" value={one?.id ?? ''} />
			<div class="grid grid-cols-2 gap-3">
				<TextField label="Name" name="name" value={one?.name ?? ''} {failure} />
				<SelectField label="Kind" name="kind" options={supplierKinds} bind:value={sourceKind} {failure} />
			</div>
			<Weekdays legend="Open on" chosen={one?.weekdays ?? [1, 2, 3, 4, 5, 6]} />
			<TextField
				label="Days it takes: of an order, a hold, or to ask before"
				name="leadDays"
				inputmode="numeric"
				value={one?.lead_days ?? 0}
				look="!w-28"
				{failure}
			/>
			{#if sourceKind === 'library' || sourceKind === 'friend'}
				<div class="grid grid-cols-3 gap-3">
					<TextField
						label="Loan length (days)"
						name="loanDays"
						inputmode="numeric"
						value={one?.loan_days ?? 21}
						{failure}
					/>
					<TextField
						label="Renewals"
						name="renewals"
						inputmode="numeric"
						value={one?.renewals ?? 1}
						{failure}
					/>
					<TextField
						label="Hold is kept (days)"
						name="shelfDays"
						inputmode="numeric"
						value={one?.shelf_days ?? 7}
						{failure}
					/>
				</div>
			{/if}
			{#if sourceKind === 'shop' || sourceKind === 'order'}
				<div class="grid grid-cols-2 gap-3">
					<TextField
						label={sourceKind === 'order' ? 'Delivery ($)' : 'Cost per trip ($)'}
						name="fee"
						inputmode="decimal"
						value={one?.fee_cents ? dollarsTyped(one.fee_cents) : ''}
						{failure}
					/>
					<TextField
						label="Free over ($)"
						name="freeOver"
						inputmode="decimal"
						value={one?.free_over_cents ? dollarsTyped(one.free_over_cents) : ''}
						{failure}
					/>
					<TextField
						label="Returns within (days)"
						name="returnDays"
						inputmode="numeric"
						value={one?.return_days ?? ''}
						{failure}
					/>
				</div>
			{/if}
			<div class="flex justify-between gap-3">
				<Button type="submit" look="main">Save</Button>
				{#if one && !isOnly}<Button type="submit" look="quiet" formaction="?/removeSupplier">Remove</Button
					>{/if}
			</div>
		</form>
	{/if}
</Dialog>
