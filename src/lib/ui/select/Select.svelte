<script lang="ts">
	import type { HTMLSelectAttributes } from 'svelte/elements';

	type Option = { value: string; label: string };
	type Props = { options: readonly Option[]; value?: string } & Omit<HTMLSelectAttributes, 'value'>;
	// The browser's own list: it works before scripts do, opens as a wheel on the phone, and a review of
	// hundreds of lines stays light.
	let { options, value = $bindable(''), class: extra = '', ...rest }: Props = $props();
</script>

<select class="typed !pr-1 {extra}" bind:value {...rest}>
	{#each options as option, i (i)}
		<option value={option.value}>{option.label}</option>
	{/each}
</select>
