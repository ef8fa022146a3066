<script lang="ts">
	import { enhance } from '$app/forms';
	import type { ComponentProps } from 'svelte';
	import Button from '../button/Button.svelte';
	import DateField from '../field/DateField.svelte';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import { saves } from '../device/submit.ts';
	import HabitFields from '../habits/HabitFields.svelte';
	import Weekdays from '../weekdays/Weekdays.svelte';
	import type { Failure } from '../field/failure.ts';

	type Props = {
		calendar: {
			readonly start: string | null;
			readonly end: string | null;
			readonly weekdays: ComponentProps<typeof Weekdays>['chosen'];
			readonly keepFree: number;
			readonly collectingPlace: number | null;
			readonly rhythm: string;
			readonly rhythmDays: number;
			readonly habits: ComponentProps<typeof HabitFields>['habits'];
			readonly householdHabit: string;
		};
		places: readonly { readonly value: string; readonly label: string }[];
		failure: Failure;
	};
	let { calendar, places, failure }: Props = $props();
	let rhythm = $derived(calendar.rhythm);
	const RHYTHM_OPTIONS = [
		{ value: 'fixed days', label: 'one lesson per school day' },
		{ value: 'topics', label: 'several days per topic' },
		{ value: 'reading between', label: 'reading days after each lesson' },
		{ value: 'fast', label: 'several lessons a day' },
		{ value: 'checklist', label: 'checklist, no dates' }
	];
	const RHYTHM_DAYS: Readonly<Record<string, string>> = {
		topics: 'Days per topic',
		'reading between': 'Reading days each',
		fast: 'Lessons per day'
	};
</script>

<section aria-labelledby="calendar">
	<h2 id="calendar" class="mb-2 text-lg">Unit dates</h2>
	<form method="post" action="?/calendar" use:enhance={saves()} class="space-y-3">
		<div class="grid grid-cols-2 gap-3">
			<DateField label="First day" name="start" value={calendar.start ?? ''} {failure} />
			<DateField label="Last day" name="end" value={calendar.end ?? ''} {failure} />
		</div>
		<Weekdays legend="School days" chosen={calendar.weekdays} />
		<div class="flex gap-3">
			<SelectField
				label="Pace"
				name="rhythm"
				class="min-w-48 flex-1"
				options={RHYTHM_OPTIONS}
				bind:value={rhythm}
				{failure}
			/>
			{#if RHYTHM_DAYS[rhythm]}
				<TextField
					label={RHYTHM_DAYS[rhythm]}
					name="rhythmDays"
					inputmode="numeric"
					value={calendar.rhythmDays}
					look="!w-20"
					{failure}
				/>
			{/if}
		</div>
		<TextField
			label="Catch-up days"
			name="keepFree"
			hint="For sick days and good weather."
			inputmode="numeric"
			value={calendar.keepFree}
			look="!w-24"
			{failure}
		/>
		<HabitFields
			habits={calendar.habits}
			inherited="Same as the household: {calendar.householdHabit}"
			{failure}
		/>
		<SelectField
			label="Bin for this unit"
			name="collectingPlace"
			options={[{ value: '', label: 'no bin yet' }, ...places]}
			value={String(calendar.collectingPlace ?? '')}
			{failure}
		/>
		<Button type="submit">Save dates</Button>
	</form>
</section>
