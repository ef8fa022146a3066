<script lang="ts">
	import Select from '../select/Select.svelte';
	import Field from './Field.svelte';
	import type { Failure } from './failure.ts';

	type Props = {
		label: string;
		name: string;
		options: readonly { value: string; label: string }[];
		value?: string;
		hint?: string;
		failure?: Failure;
		class?: string;
	};
	let {
		label,
		name,
		options,
		value = $bindable(''),
		hint,
		failure = null,
		class: extra = ''
	}: Props = $props();
</script>

<Field {label} {name} {hint} {failure} class={extra}>
	{#snippet children(aria)}<Select {name} {options} bind:value {...aria} />{/snippet}
</Field>
