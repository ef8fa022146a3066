<script lang="ts">
	import DayField from '../day/DayField.svelte';
	import Field from './Field.svelte';
	import type { Failure } from './failure.ts';

	type Props = {
		label: string;
		name: string;
		value?: string | null;
		failure?: Failure;
		class?: string;
	};
	let { label, name, value = '', failure = null, class: extra = '' }: Props = $props();
</script>

<Field {label} {name} {failure} class={extra}>
	{#snippet children(aria)}<DayField {name} value={value ?? ''} {...aria} />{/snippet}
</Field>
