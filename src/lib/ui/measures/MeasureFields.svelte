<script lang="ts">
	import { HOME_PAPERS, PAPER_NAMES } from '$core/reference/index.ts';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import type { Failure } from '../field/failure.ts';

	type Props = {
		household: { measures: string; paper: string; week_start: number; zone: string };
		failure: Failure;
	};
	let { household, failure }: Props = $props();
	const systems = [
		{ value: 'us', label: 'Cups, ounces, inches' },
		{ value: 'metric', label: 'Grams, milliliters, centimeters' }
	];
	const papers = HOME_PAPERS.map((value) => ({ value, label: PAPER_NAMES[value].long }));
	const weekStarts = [
		{ value: '7', label: 'Sunday' },
		{ value: '1', label: 'Monday' },
		{ value: '6', label: 'Saturday' }
	];
</script>

<div class="grid gap-3 sm:grid-cols-2">
	<SelectField label="Measures" name="measures" options={systems} value={household.measures} {failure} />
	<SelectField label="Paper" name="paper" options={papers} value={household.paper} {failure} />
	<SelectField
		label="Week starts on"
		name="weekStart"
		options={weekStarts}
		value={String(household.week_start)}
		{failure}
	/>
	<TextField label="Time zone" name="zone" value={household.zone} {failure} />
</div>
