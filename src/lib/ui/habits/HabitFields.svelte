<script lang="ts">
	import DateField from '../field/DateField.svelte';
	import SelectField from '../field/SelectField.svelte';
	import type { Failure } from '../field/failure.ts';

	type Kind = 'day by day' | 'a week ahead' | 'before the unit' | 'before a date';
	type Props = {
		habits: { kind: Kind | null; date: string | null; streams: Partial<Record<string, Kind>> };
		/** What an empty choice means for a unit ("As the household does: a week ahead"); households choose. */
		inherited?: string;
		failure: Failure;
	};
	let { habits, inherited, failure }: Props = $props();
	const ways = [
		{ value: 'day by day', label: 'Day by day: ready the day before' },
		{ value: 'a week ahead', label: 'A week ahead' },
		{ value: 'before the unit', label: 'Everything before the unit starts' },
		{ value: 'before a date', label: 'Everything before a date' }
	];
	const streams = [
		{ name: 'books', label: 'Books' },
		{ name: 'copies', label: 'Printables' },
		{ name: 'supplies', label: 'Supplies' },
		{ name: 'setting', label: 'Set-up: grown, dried, charged' }
	];
	let kind = $derived<string>(habits.kind ?? '');
	let own = $derived<Record<string, string>>(
		Object.fromEntries(streams.map(({ name }) => [name, habits.streams[name] ?? '']))
	);
	const asksDate = $derived(kind === 'before a date' || Object.values(own).includes('before a date'));
</script>

<SelectField
	label="How far ahead to be ready"
	name="habit"
	options={inherited ? [{ value: '', label: inherited }, ...ways] : ways}
	bind:value={kind}
	{failure}
/>
<details open={Object.keys(habits.streams).length > 0}>
	<summary class="min-h-9 cursor-pointer py-1 text-sm font-semibold">Different for some kinds</summary>
	<div class="mt-2 grid grid-cols-2 gap-3 border-l-4 border-rule pl-4">
		{#each streams as stream (stream.name)}
			<SelectField
				label={stream.label}
				name="habit-{stream.name}"
				options={[{ value: '', label: 'same as above' }, ...ways]}
				bind:value={own[stream.name]}
				{failure}
			/>
		{/each}
	</div>
</details>
{#if asksDate}<DateField label="Ready before" name="habitDate" value={habits.date} {failure} />{/if}
