<script lang="ts">
	import { USE_OPTIONS } from '$core/words/index.ts';
	import { UNITS } from '$core/reference/index.ts';
	import Select from '../select/Select.svelte';
	import type { Failure } from '../field/failure.ts';

	type Row = {
		written: string;
		lineNumber: number;
		lesson: number;
		item: string;
		quantity: string;
		to: string;
		unit: string;
		per: string;
		groupSize: string;
		optional: boolean;
		use: string;
		note: string;
		or: readonly { item: string; quantity: number | null; unit: string }[];
		doubt: string | null;
		status: string;
		id: number | null;
		was: string | null;
	};
	type Props = {
		row: Row;
		index: number;
		lessons: readonly { value: string; label: string }[];
		failure: Failure;
	};
	let { row, index, lessons, failure }: Props = $props();

	let per = $derived(row.per);
	let keep = $state(true);
	const units = UNITS.map((unit) => ({ value: unit, label: unit }));
	const pers = [
		{ value: 'family', label: 'family' },
		{ value: 'child', label: 'per child' },
		{ value: 'pair', label: 'per pair' },
		{ value: 'group', label: 'group of' }
	];
	const name = (field: string) => `row-${index}-${field}`;
	const error = $derived(failure?.path?.startsWith(`row-${index}-`) ? failure : null);
	const bad = (field: string) => (error?.path === name(field) ? ('true' as const) : undefined);
	const marks: Record<string, string> = { new: 'new', changed: 'changed', same: 'no change' };
</script>

<li class="border-b border-rule px-1 py-3 {keep ? '' : 'opacity-60'}">
	<div class="flex flex-wrap items-baseline gap-x-3">
		<label class="flex items-baseline gap-2.5">
			<input
				type="checkbox"
				name={name('keep')}
				bind:checked={keep}
				class="size-5 translate-y-0.5"
				aria-label="Keep this line: {row.written}"
			/>
			<span class="font-display text-ink-2">“{row.written}”</span>
		</label>
		<span class="text-sm {row.status === 'same' ? 'text-ink-2' : 'font-semibold text-good'}"
			>{marks[row.status]}</span
		>
		{#if row.was}<span class="text-sm text-ink-2">{row.was}</span>{/if}
		{#if row.doubt}<strong class="text-sm text-due">{row.doubt}</strong>{/if}
	</div>
	<input type="hidden" name={name('id')} value={row.id ?? ''} />
	<input type="hidden" name={name('written')} value={row.written} />
	<input type="hidden" name={name('note')} value={row.note} />
	<input type="hidden" name={name('or')} value={JSON.stringify(row.or)} />
	<div
		class="mt-1.5 grid grid-cols-[4.5rem_4.5rem_1fr] gap-1 sm:grid-cols-[4rem_4rem_6rem_minmax(7rem,1.4fr)_8.5rem_7rem_minmax(7rem,1fr)_auto]"
	>
		<input
			class="typed text-right"
			name={name('quantity')}
			value={row.quantity}
			placeholder="some"
			aria-label="Amount: {row.written}"
			aria-invalid={bad('quantity')}
		/>
		<input
			class="typed text-right"
			name={name('to')}
			value={row.to}
			placeholder="up to"
			aria-label="Up to: {row.written}"
			aria-invalid={bad('to')}
		/>
		<Select options={units} value={row.unit} name={name('unit')} aria-label="Unit: {row.written}" />
		<input
			class="typed col-span-3 font-semibold sm:col-span-1"
			name={name('item')}
			value={row.item}
			aria-label="Item: {row.written}"
			aria-invalid={bad('item')}
		/>
		<div class="col-span-2 flex gap-1 *:min-w-0 sm:col-span-1">
			<Select options={pers} bind:value={per} name={name('per')} aria-label="Who it’s for: {row.written}" />
			{#if per === 'group'}<input
					class="typed !w-14 text-right"
					name={name('groupSize')}
					value={row.groupSize}
					aria-label="Children per group: {row.written}"
					placeholder="of"
					aria-invalid={bad('groupSize')}
				/>{/if}
		</div>
		<Select
			options={USE_OPTIONS}
			value={row.use}
			name={name('use')}
			aria-label="After the lesson: {row.written}"
		/>
		<Select
			options={lessons}
			value={String(row.lesson)}
			name={name('lesson')}
			class="col-span-2 sm:col-span-1"
			aria-label="Lesson: {row.written}"
		/>
		<label class="flex min-h-10 items-center gap-1.5 text-sm"
			><input
				type="checkbox"
				name={name('optional')}
				checked={row.optional}
				class="size-4.5"
			/>optional</label
		>
	</div>
	{#if row.or.length || row.note}
		<p class="mt-1 text-sm text-ink-2">
			{#if row.or.length}or {row.or
					.map((other) => other.item)
					.join(', or ')}{/if}{#if row.or.length && row.note}
				·
			{/if}{row.note}
		</p>
	{/if}
	{#if error}<p class="mt-1 font-semibold text-late">{error.message}</p>{/if}
</li>
