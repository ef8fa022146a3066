<script lang="ts">
	import { UNITS } from '$core/reference/index.ts';
	import { USE_OPTIONS } from '$core/words/index.ts';
	import type { Failure } from '../field/failure.ts';
	import Select from '../select/Select.svelte';
	import type { ReviewLine } from './review.svelte.ts';

	type Props = {
		line: ReviewLine;
		lessons: readonly { value: string; label: string }[];
		failure: Failure;
	};
	let { line, lessons, failure }: Props = $props();

	const units = UNITS.map((unit) => ({ value: unit, label: unit }));
	const pers = [
		{ value: 'family', label: 'family' },
		{ value: 'child', label: 'per child' },
		{ value: 'pair', label: 'per pair' },
		{ value: 'group', label: 'group of' }
	];
	const { row, index } = $derived(line);
	const name = (field: string) => `row-${index}-${field}`;
	const bad = (field: string) => (failure?.path === name(field) ? ('true' as const) : undefined);
</script>

<!-- The fields of one line that was read: all of it can be changed in place. -->
<input type="hidden" name={name('id')} value={row.id ?? ''} />
<input type="hidden" name={name('written')} value={row.written} />
<input type="hidden" name={name('note')} value={row.note} />
<input type="hidden" name={name('or')} value={JSON.stringify(row.or)} />
<div class="flex flex-wrap gap-1">
	<input
		class="typed !w-16 text-right"
		name={name('quantity')}
		bind:value={line.fields.quantity}
		placeholder="some"
		aria-label="Amount: {row.written}"
		aria-invalid={bad('quantity')}
		data-first
	/>
	<input
		class="typed !w-16 text-right"
		name={name('to')}
		bind:value={line.fields.to}
		placeholder="up to"
		aria-label="Up to: {row.written}"
		aria-invalid={bad('to')}
	/>
	<Select
		class="!w-24"
		options={units}
		bind:value={line.fields.unit}
		name={name('unit')}
		aria-label="Unit: {row.written}"
	/>
	<input
		class="typed min-w-40 flex-1 font-semibold"
		name={name('item')}
		bind:value={line.fields.item}
		aria-label="Item: {row.written}"
		aria-invalid={bad('item')}
	/>
	<span class="flex gap-1">
		<Select
			class="!w-28"
			options={pers}
			bind:value={line.fields.per}
			name={name('per')}
			aria-label="Who it’s for: {row.written}"
		/>
		{#if line.fields.per === 'group'}<input
				class="typed !w-14 text-right"
				name={name('groupSize')}
				bind:value={line.fields.groupSize}
				aria-label="Children per group: {row.written}"
				placeholder="of"
				inputmode="numeric"
				aria-invalid={bad('groupSize')}
			/>{/if}
	</span>
	<Select
		class="!w-28"
		options={USE_OPTIONS}
		bind:value={line.fields.use}
		name={name('use')}
		aria-label="After the lesson: {row.written}"
	/>
	<Select
		class="min-w-36 flex-1"
		options={lessons}
		bind:value={line.fields.lesson}
		name={name('lesson')}
		aria-label="Lesson: {row.written}"
	/>
	<label class="flex min-h-10 items-center gap-1.5 text-sm"
		><input
			type="checkbox"
			name={name('optional')}
			bind:checked={line.fields.optional}
			class="size-4.5"
		/>optional</label
	>
</div>
