<script lang="ts">
	import DayField from '../day/DayField.svelte';
	import Field from './Field.svelte';

	type Props = {
		label: string;
		name: string;
		value?: string | null;
		failure?: { message?: string; path?: string | null } | null;
		class?: string;
	};
	let { label, name, value = '', failure = null, class: extra = '' }: Props = $props();
</script>

<Field {label} {name} {failure} class={extra}>
	{#snippet children(aria)}<DayField {name} value={value ?? ''} {...aria} />{/snippet}
</Field>
