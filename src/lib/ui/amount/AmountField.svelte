<script lang="ts">
	import { UNITS } from '$core/reference/index.ts';
	import Select from '../select/Select.svelte';

	type Props = {
		name: string;
		unitName: string;
		value?: string;
		unit?: string;
		label: string;
		id?: string;
		'aria-describedby'?: string;
		'aria-invalid'?: 'true';
	};
	let {
		name,
		unitName,
		value = $bindable(''),
		unit = $bindable('each'),
		label,
		id,
		...aria
	}: Props = $props();
	const units = UNITS.map((one) => ({ value: one, label: one }));
</script>

<!-- Text, not type="number": amounts are typed as 1 1/2 as often as 1.5. -->
<div class="flex gap-1">
	<input
		{id}
		class="typed text-right"
		{name}
		bind:value
		inputmode="text"
		autocomplete="off"
		aria-label={id ? undefined : label}
		{...aria}
	/>
	<Select options={units} bind:value={unit} name={unitName} aria-label="Unit, {label}" class="!w-28" />
</div>
