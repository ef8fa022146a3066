<script lang="ts">
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import type { Failure } from '../field/failure.ts';

	type Props = {
		title?: string;
		counted?: 'pages' | 'chapters';
		first?: number | string;
		last?: number | string;
		/** Words on a page. */
		words?: number | null;
		failure: Failure;
	};
	let { title = '', counted = 'pages', first = 1, last = '', words = null, failure }: Props = $props();
	const COUNTED = [
		{ value: 'pages', label: 'pages' },
		{ value: 'chapters', label: 'chapters' }
	];
</script>

<!-- A book that is read through a unit. -->
<TextField label="Title" name="title" class="min-w-56 flex-1" value={title} {failure} />
<div class="flex flex-wrap gap-3">
	<SelectField label="Counted in" name="counted" options={COUNTED} value={counted} {failure} />
	<TextField label="First" name="first" inputmode="numeric" value={first} look="!w-20" {failure} />
	<TextField label="Last" name="last" inputmode="numeric" value={last} look="!w-20" {failure} />
	<TextField
		label="Words a page"
		name="words"
		inputmode="numeric"
		value={words ?? ''}
		placeholder="200"
		look="!w-24"
		{failure}
	/>
</div>
