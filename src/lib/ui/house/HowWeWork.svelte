<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';
	import HabitFields from '../habits/HabitFields.svelte';
	import MeasureFields from '../measures/MeasureFields.svelte';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import { saves } from '../device/submit.ts';
	import type { PageData } from '../../../routes/house/$types';
	import type { Failure } from '../field/failure.ts';

	type Props = { data: PageData; failure: Failure };
	let { data, failure }: Props = $props();
</script>

<section aria-labelledby="ways">
	<h2 id="ways" class="mb-2 text-lg">How we work</h2>
	<form method="post" action="?/household" use:enhance={saves()} class="space-y-3">
		<TextField label="Household name" name="name" value={data.household.name} {failure} />
		<HabitFields habits={data.habits} {failure} />
		<MeasureFields household={data.household} {failure} />
		<div class="grid gap-3 sm:grid-cols-2">
			<SelectField
				label="Holidays of"
				name="country"
				options={[{ value: '', label: 'no country' }, ...data.countries]}
				value={data.household.country ?? ''}
				{failure}
			/>
			{#if data.regions.length}
				<SelectField
					label="Region"
					name="region"
					options={[{ value: '', label: 'all of it' }, ...data.regions]}
					value={data.household.region ?? ''}
					{failure}
				/>
			{/if}
		</div>
		<TextField
			label="Recount items after (days)"
			name="countAgeDays"
			inputmode="numeric"
			look="!w-28"
			value={data.household.count_age_days}
			{failure}
		/>
		<TextField
			label="Sales tax (%)"
			name="salesTax"
			inputmode="decimal"
			look="!w-28"
			value={Number(data.household.sales_tax) || ''}
			{failure}
		/>
		<TextField
			label="Warn us before we buy or plan anything with"
			name="contentPolicy"
			hint="Comma-separated content notes: faith-based, secular, sensitive matter, or your own."
			value={data.contentPolicy.join(', ')}
			{failure}
		/>
		<Button type="submit">Save</Button>
	</form>
</section>
