<script lang="ts">
	import { enhance } from '$app/forms';
	import AmountField from '../amount/AmountField.svelte';
	import Button from '../button/Button.svelte';
	import Dialog from '../dialog/Dialog.svelte';
	import DateField from '../field/DateField.svelte';
	import Field from '../field/Field.svelte';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import PictureField from '../library/PictureField.svelte';
	import { saves } from '../device/submit.ts';
	import Happened from './Happened.svelte';
	import type { PageData } from '../../../routes/home/supplies/$types';
	import type { Failure } from '../field/failure.ts';

	type Props = {
		lot: PageData['lot'];
		places: PageData['places'];
		history: PageData['history'];
		failure: Failure;
		close: () => void;
	};
	let { lot, places, history, failure, close }: Props = $props();
	const anywhere = $derived([{ value: '', label: 'no place set' }, ...places]);
</script>

<Dialog bind:open={() => lot !== null, (open) => !open && close()} title={lot?.item ?? ''} about={lot?.place}>
	{#if lot}
		<form method="post" action="?/lot" use:enhance={saves({ done: close })} class="space-y-4">
			<input type="hidden" name="id" value={lot.id} />
			<input type="hidden" name="item" value={lot.item} />
			<Field label="Amount" name="amount" {failure}>
				{#snippet children(aria)}<AmountField
						name="amount"
						unitName="unit"
						value={lot.typed}
						unit={lot.unit}
						label="amount"
						{...aria}
					/>{/snippet}
			</Field>
			<SelectField
				label="Place"
				name="place"
				options={anywhere}
				value={lot.placeId === null ? '' : String(lot.placeId)}
				{failure}
			/>
			<DateField label="Expires" name="goodUntil" value={lot.goodUntil ?? ''} {failure} />
			<label class="flex min-h-9 items-center gap-2"
				><input type="checkbox" name="opened" class="size-5" checked={lot.opened} /> Opened</label
			>
			<div class="flex justify-between gap-3">
				<Button type="submit" look="main">Save</Button>
				<Button type="submit" look="quiet" formaction="?/removeLot">Remove</Button>
			</div>
		</form>
		{#if places.length}
			<form
				method="post"
				action="?/split"
				use:enhance={saves({ done: close })}
				class="mt-5 grid grid-cols-[6rem_1fr_auto] items-end gap-2 border-t border-rule pt-4"
			>
				<input type="hidden" name="id" value={lot.id} />
				<TextField label="Move some" name="some" {failure} />
				<SelectField label="To" name="to" options={places} value={places[0].value} {failure} />
				<Button type="submit">Move</Button>
			</form>
		{/if}
		<details class="mt-5 border-t border-rule pt-3" open={lot.kit !== ''}>
			<summary class="cursor-pointer font-semibold">This is a kit{lot.kit ? `: ${lot.kit}` : ''}</summary>
			{#if lot.picture}<img
					src="/pictures/{lot.picture}"
					alt="The parts of {lot.item}, sorted"
					class="mt-2 max-h-56 rounded-[3px] border border-rule"
				/>{/if}
			<form method="post" action="?/kit" use:enhance={saves({ done: close })} class="mt-2 space-y-3">
				<input type="hidden" name="id" value={lot.id} />
				<TextField
					label="Serves, when full"
					name="makings"
					inputmode="numeric"
					look="!w-28"
					value={lot.kitOf}
					{failure}
				/>
				<TextField
					label="Parts for one set, one per line"
					name="parts"
					rows={4}
					placeholder="1 felt heart&#10;2 googly eyes, 41 there"
					hint="Add “41 there” if you counted. Otherwise full sets are assumed."
					value={lot.kitParts}
					{failure}
				/>
				<Button type="submit">Save parts</Button>
			</form>
			<PictureField has={lot.picture !== null} of={lot.id} {failure} />
		</details>
		<Happened {history} />
	{/if}
</Dialog>
