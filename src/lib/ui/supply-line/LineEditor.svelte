<script lang="ts">
	import { USE_OPTIONS } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import AmountField from '../amount/AmountField.svelte';
	import Button from '../button/Button.svelte';
	import Combobox from '../combobox/Combobox.svelte';
	import Field from '../field/Field.svelte';
	import { saves } from '../device/submit.ts';
	import Select from '../select/Select.svelte';
	import type { Failure } from '../field/failure.ts';

	type Line = {
		id: number;
		lesson: number;
		written: string;
		item: string;
		quantity: string;
		to: string;
		unit: string;
		per: string;
		groupSize: string;
		optional: boolean;
		use: string;
		note: string;
		or: string;
		participants: readonly number[] | null;
	};
	type Props = {
		line: Line;
		items: readonly string[];
		children: readonly { id: number; name: string }[];
		failure: Failure;
		done: () => void;
	};
	let { line, items, children, failure, done }: Props = $props();
	let per = $derived(line.per);
	const pers = [
		{ value: 'family', label: 'whole family' },
		{ value: 'child', label: 'per child' },
		{ value: 'pair', label: 'per pair' },
		{ value: 'group', label: 'per group' }
	];
</script>

<form method="post" action="?/edit" use:enhance={saves({ done })} class="space-y-4">
	<p class="border-l-4 border-rule pl-3 text-ink-2">“{line.written}”</p>
	<input type="hidden" name="id" value={line.id} />
	<input type="hidden" name="lesson" value={line.lesson} />
	<input type="hidden" name="written" value={line.written} />
	<input type="hidden" name="or" value={line.or} />
	<Field label="Item" name="item" {failure}>
		{#snippet children(aria)}<Combobox
				name="item"
				options={items}
				value={line.item}
				required
				{...aria}
			/>{/snippet}
	</Field>
	<div class="grid grid-cols-[1.6fr_1fr] gap-3">
		<Field label="Amount" name="quantity" {failure}>
			{#snippet children(aria)}<AmountField
					name="quantity"
					unitName="unit"
					value={line.quantity}
					unit={line.unit}
					label="amount"
					{...aria}
				/>{/snippet}
		</Field>
		<Field label="Up to" name="to" {failure}>
			{#snippet children(aria)}<input
					class="typed text-right"
					name="to"
					value={line.to}
					{...aria}
				/>{/snippet}
		</Field>
	</div>
	<div class="grid grid-cols-2 gap-3">
		<Field label="Who it’s for" name="per" {failure}>
			{#snippet children(aria)}<Select name="per" options={pers} bind:value={per} {...aria} />{/snippet}
		</Field>
		{#if per === 'group'}
			<Field label="Children per group" name="groupSize" {failure}>
				{#snippet children(aria)}<input
						class="typed text-right"
						name="groupSize"
						inputmode="numeric"
						value={line.groupSize}
						{...aria}
					/>{/snippet}
			</Field>
		{/if}
		<Field label="After the lesson" name="use" {failure}>
			{#snippet children(aria)}<Select
					name="use"
					options={USE_OPTIONS}
					value={line.use}
					{...aria}
				/>{/snippet}
		</Field>
	</div>
	{#if children.length > 1}
		<fieldset>
			<legend class="mb-1 text-sm font-semibold">Who takes part</legend>
			<div class="flex flex-wrap gap-x-5">
				{#each children as child (child.id)}
					<label class="flex min-h-9 items-center gap-2">
						<input
							type="checkbox"
							class="size-5"
							name="child{child.id}"
							checked={line.participants === null || line.participants.includes(child.id)}
						/>{child.name}
					</label>
				{/each}
			</div>
		</fieldset>
	{/if}
	<Field label="Note" name="note" {failure}>
		{#snippet children(aria)}<input class="typed" name="note" value={line.note} {...aria} />{/snippet}
	</Field>
	<label class="flex min-h-9 items-center gap-2"
		><input type="checkbox" name="optional" class="size-5" checked={line.optional} /> Optional: the lesson doesn’t
		wait for it</label
	>
	<div class="flex justify-between gap-3">
		<Button type="submit" look="main">Save line</Button>
		<Button type="submit" look="quiet" formaction="?/remove">Remove line</Button>
	</div>
</form>
