<script lang="ts">
	import { dollarsTyped } from '$core/words/index.ts';
	import { labeled } from '$core/words/index.ts';
	import { ACTIVITY_KINDS, MESS } from '$core/plan/index.ts';
	import DateField from '../field/DateField.svelte';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import type { Failure } from '../field/failure.ts';

	type Fields = {
		readonly title: string;
		readonly kind: (typeof ACTIVITY_KINDS)[number];
		readonly standing: string;
		readonly minutes: number;
		readonly worth: number;
		readonly mess: number;
		readonly adult: number;
		readonly cents: number;
		readonly from_age: number | null;
		readonly to_age: number | null;
		readonly subjects: string;
		readonly weather: string;
		readonly start_days_before: number;
		readonly instead: string;
		readonly instead_minutes: number | null;
		readonly times: number;
		readonly daily: number;
		readonly note: string;
		readonly helper_id: number | null;
		readonly supplies: string;
		readonly resources: string;
		readonly who: readonly number[];
		readonly lesson_id: number | null;
		readonly day: string | null;
	};
	type Props = {
		fields: Fields;
		lessons: readonly { value: string; label: string }[];
		people: readonly { id: number; name: string }[];
		failure: Failure;
	};
	let { fields, lessons, people, failure }: Props = $props();
</script>

<TextField label="Name" name="title" value={fields.title} {failure} />
<div class="grid grid-cols-2 gap-3 sm:grid-cols-3">
	<SelectField label="Kind" name="kind" options={ACTIVITY_KINDS.map(labeled)} value={fields.kind} {failure} />
	<TextField label="Minutes" name="minutes" inputmode="numeric" value={fields.minutes} {failure} />
	<SelectField
		label="How much you want to do it"
		name="worth"
		options={['1 if there’s time', '2', '3', '4', '5 very much'].map((label, i) => ({
			value: String(i + 1),
			label
		}))}
		value={String(fields.worth)}
		{failure}
	/>
	<SelectField
		label="Mess"
		name="mess"
		options={MESS.map((label, i) => ({ value: String(i), label }))}
		value={String(fields.mess)}
		{failure}
	/>
	<TextField
		label="Costs ($)"
		name="money"
		inputmode="decimal"
		value={fields.cents ? dollarsTyped(fields.cents) : ''}
		{failure}
	/>
	<TextField
		label="Start this many days ahead"
		name="startDaysBefore"
		inputmode="numeric"
		value={fields.title ? fields.start_days_before : ''}
		placeholder="as its name says"
		{failure}
	/>
</div>
<fieldset>
	<legend class="text-sm font-semibold">Who (leave blank for everyone)</legend>
	<div class="mt-1 flex flex-wrap gap-x-5">
		{#each people as person (person.id)}<label class="flex min-h-9 items-center gap-2"
				><input
					type="checkbox"
					name="who{person.id}"
					class="size-5"
					checked={fields.who.includes(person.id)}
				/>{person.name}</label
			>{/each}
		<label class="flex min-h-9 items-center gap-2"
			><input type="checkbox" name="adult" class="size-5" checked={fields.adult === 1} />needs an adult</label
		>
	</div>
</fieldset>
<TextField
	label="Supplies, one per line"
	name="supplies"
	rows={3}
	value={fields.supplies}
	placeholder="1 cup flour per child"
	{failure}
/>
<TextField
	label="Books, games, and printables, one title per line"
	name="resources"
	rows={2}
	value={fields.resources}
	{failure}
/>
<div class="grid gap-3 sm:grid-cols-2">
	<SelectField
		label="Lesson"
		name="lesson"
		options={[{ value: '', label: 'none' }, ...lessons]}
		value={String(fields.lesson_id ?? '')}
		{failure}
	/>
	<DateField label="Or on its own day" name="day" value={fields.day} {failure} />
</div>
<details>
	<summary class="min-h-9 cursor-pointer py-1 font-semibold">More about it</summary>
	<div class="mt-2 grid grid-cols-2 gap-3">
		<TextField label="From age" name="fromAge" inputmode="numeric" value={fields.from_age ?? ''} {failure} />
		<TextField label="To age" name="toAge" inputmode="numeric" value={fields.to_age ?? ''} {failure} />
		<TextField
			label="Counts toward"
			name="subjects"
			value={fields.subjects}
			placeholder="art, geography"
			{failure}
		/>
		<TextField
			label="Weather or season"
			name="weather"
			value={fields.weather}
			placeholder="a clear day"
			{failure}
		/>
		<TextField
			label="Easier version"
			name="instead"
			value={fields.instead}
			placeholder="watch a movie about it"
			{failure}
		/>
		<TextField
			label="Minutes for that"
			name="insteadMinutes"
			inputmode="numeric"
			value={fields.instead_minutes ?? ''}
			{failure}
		/>
		<SelectField
			label="Helper"
			name="helper"
			options={[
				{ value: '', label: 'no one' },
				...people.map((person) => ({ value: String(person.id), label: person.name }))
			]}
			value={String(fields.helper_id ?? '')}
			{failure}
		/>
		<TextField label="Times in all" name="times" inputmode="numeric" value={fields.times} {failure} />
		<label class="flex min-h-10 items-center gap-2 self-end"
			><input type="checkbox" name="daily" class="size-5" checked={fields.daily === 1} /> daily</label
		>
		<TextField label="Note" name="note" value={fields.note} {failure} />
	</div>
</details>
<label class="flex min-h-9 items-center gap-2"
	><input type="checkbox" name="required" class="size-5" checked={fields.standing === 'required'} /> Required: the
	lesson isn’t ready without it</label
>
