<script lang="ts">
	import { USE_OPTIONS } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import AmountField from '../amount/AmountField.svelte';
	import Button from '../button/Button.svelte';
	import Combobox from '../combobox/Combobox.svelte';
	import Dialog from '../dialog/Dialog.svelte';
	import Field from '../field/Field.svelte';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import { saves } from '../device/submit.ts';
	import Happened from './Happened.svelte';
	import type { PageData } from '../../../routes/home/supplies/$types';
	import type { Failure } from '../field/failure.ts';

	type Props = {
		item: PageData['item'];
		/** Of everything in the house, for what is the same. */
		names: PageData['names'];
		suppliers: PageData['suppliers'];
		history: PageData['history'];
		failure: Failure;
		close: () => void;
	};
	let { item, names, suppliers, history, failure, close }: Props = $props();
	const sources = $derived([{ value: '', label: 'first store' }, ...suppliers]);
</script>

<Dialog
	bind:open={() => item !== null, (open) => !open && close()}
	title={item?.name ?? ''}
	about={item ? `${item.total} at home` : ''}
>
	{#if item}
		<form method="post" action="?/item" use:enhance={saves({ done: close })} class="space-y-4">
			<input type="hidden" name="id" value={item.id} />
			<div class="grid grid-cols-2 gap-3">
				<TextField label="Name" name="name" value={item.name} {failure} />
				<SelectField label="After a lesson" name="use" options={USE_OPTIONS} value={item.use} {failure} />
				<Field label="Keep in reserve" name="keepBack" {failure}>
					{#snippet children(aria)}<AmountField
							name="keepBack"
							unitName="keepBackUnit"
							value={item.keepBack}
							unit={item.keepBackUnit}
							label="kept in reserve"
							{...aria}
						/>{/snippet}
				</Field>
				<Field label="Running low below" name="lowLevel" {failure}>
					{#snippet children(aria)}<AmountField
							name="lowLevel"
							unitName="lowUnit"
							value={item.lowLevel}
							unit={item.lowUnit}
							label="running low below"
							{...aria}
						/>{/snippet}
				</Field>
				<TextField
					label="Stays fresh (days)"
					name="keepsDays"
					hint="Blank: doesn’t expire."
					inputmode="numeric"
					value={item.keepsDays}
					{failure}
				/>
				<SelectField label="Usual source" name="supplier" options={sources} value={item.supplier} {failure} />
			</div>
			<Button type="submit" look="main">Save</Button>
		</form>
		<details class="mt-5 border-t border-rule pt-3">
			<summary class="cursor-pointer font-semibold">Other ways to get it, and lead time</summary>
			<form method="post" action="?/sources" use:enhance={saves({ done: close })} class="mt-2 space-y-3">
				<input type="hidden" name="id" value={item.id} />
				<TextField
					label="What to try first, for this item"
					name="ladder"
					placeholder="make, find free, borrow, gift, buy used, buy new"
					hint="Blank: same as Household."
					value={item.sources.ladder}
					{failure}
				/>
				<div class="grid grid-cols-3 gap-3">
					<TextField
						label="Days to grow or hatch"
						name="startDays"
						inputmode="numeric"
						value={item.sources.startDays}
						{failure}
					/>
					<TextField
						label="Cost to make one ($)"
						name="makeCost"
						inputmode="decimal"
						value={item.sources.makeCost}
						{failure}
					/>
					<TextField
						label="Minutes to make one"
						name="makeMinutes"
						inputmode="numeric"
						value={item.sources.makeMinutes}
						{failure}
					/>
				</div>
				<label class="flex min-h-9 items-center gap-2"
					><input type="checkbox" name="season" class="size-5" checked={item.sources.openGround} /> Can’t be gathered
					when the ground is frozen</label
				>
				<Button type="submit">Save sources</Button>
			</form>
		</details>
		<section class="mt-5 border-t border-rule pt-4" aria-labelledby="instead">
			<h3 id="instead" class="text-sm">Substitutes</h3>
			{#each item.instead as one (one.id)}
				<form
					method="post"
					action="?/notInstead"
					use:enhance={saves()}
					class="flex items-center justify-between gap-3 text-sm"
				>
					<input type="hidden" name="substitute" value={one.id} />
					<span>{one.text}</span>
					<Button size="small" look="quiet" type="submit" aria-label="Remove substitute: {one.text}"
						>Remove</Button
					>
				</form>
			{/each}
			<form
				method="post"
				action="?/instead"
				use:enhance={saves({ reset: true })}
				class="mt-1 grid grid-cols-[6rem_1fr_auto] items-end gap-2"
			>
				<input type="hidden" name="id" value={item.id} />
				<TextField label="For" name="for" placeholder="1 cup" value="1" {failure} />
				<TextField label="Use" name="other" placeholder="2 tbsp lemon juice" {failure} />
				<Button type="submit">Add</Button>
			</form>
		</section>
		<form
			method="post"
			action="?/merge"
			use:enhance={saves({ done: close })}
			class="mt-5 flex items-end gap-2 border-t border-rule pt-4"
		>
			<input type="hidden" name="id" value={item.id} />
			<div class="flex-1">
				<Field label="Same item as" name="into" {failure}>
					{#snippet children(aria)}<Combobox
							name="into"
							options={names.filter((name) => name !== item.name)}
							{...aria}
						/>{/snippet}
				</Field>
			</div>
			<Button type="submit">Merge</Button>
		</form>
		<Happened {history} />
	{/if}
</Dialog>
