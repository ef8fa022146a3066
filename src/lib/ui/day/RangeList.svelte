<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';
	import Field from '../field/Field.svelte';
	import { saves } from '../device/submit.ts';
	import DayField from './DayField.svelte';
	import type { Failure } from '../field/failure.ts';

	type Props = {
		ranges: readonly { id: number; text: string; reason: string }[];
		/** Names of the page's actions. */
		add: string;
		remove: string;
		addLabel: string;
		removeLabel: string;
		empty: string;
		example: string;
		failure: Failure;
	};
	let { ranges, add, remove, addLabel, removeLabel, empty, example, failure }: Props = $props();
</script>

<!-- Stretches of days with a reason: taken away one by one, added below. -->
<ul class="divide-y divide-rule border-y border-rule">
	{#each ranges as range (range.id)}
		<li class="flex items-center gap-3 py-1.5">
			<span class="flex-1">{range.text}<span class="block text-sm text-ink-2">{range.reason}</span></span>
			<form method="post" action="?/{remove}" use:enhance={saves()}>
				<input type="hidden" name="id" value={range.id} />
				<Button size="small" look="quiet" type="submit" aria-label="{removeLabel}, {range.text}"
					>{removeLabel}</Button
				>
			</form>
		</li>
	{:else}
		<li class="py-2 text-ink-2">{empty}</li>
	{/each}
</ul>
<form method="post" action="?/{add}" use:enhance={saves({ reset: true })} class="mt-3 grid grid-cols-2 gap-3">
	<Field label="From" name="from" {failure}>
		{#snippet children(aria)}<DayField name="from" {...aria} />{/snippet}
	</Field>
	<Field label="Through (optional)" name="to" {failure}>
		{#snippet children(aria)}<DayField name="to" {...aria} />{/snippet}
	</Field>
	<Field label="Reason" name="reason" class="col-span-2" {failure}>
		{#snippet children(aria)}<input class="typed" name="reason" placeholder={example} {...aria} />{/snippet}
	</Field>
	<div class="col-span-2"><Button type="submit">{addLabel}</Button></div>
</form>
