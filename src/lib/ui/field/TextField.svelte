<script lang="ts">
	import type { HTMLInputAttributes } from 'svelte/elements';
	import Field from './Field.svelte';
	import type { Failure } from './failure.ts';

	type Props = {
		label: string;
		name: string;
		value?: string | number | null;
		hint?: string;
		failure?: Failure;
		class?: string;
		/** Classes of the input itself. */
		look?: string;
		/** Several lines to type in. */
		rows?: number;
	} & Pick<HTMLInputAttributes, 'placeholder' | 'inputmode' | 'type' | 'autocomplete' | 'list' | 'autofocus'>;
	let {
		label,
		name,
		value = $bindable(''),
		hint,
		failure = null,
		class: extra = '',
		look = '',
		rows,
		autocomplete = 'off',
		...rest
	}: Props = $props();
</script>

<Field {label} {name} {hint} {failure} class={extra}>
	{#snippet children(aria)}
		{#if rows}
			<textarea
				class="typed leading-7 {look}"
				{name}
				{rows}
				placeholder={rest.placeholder}
				bind:value
				{...aria}></textarea>
		{:else}
			<input
				class="typed {rest.inputmode === 'numeric' ? 'text-right' : ''} {look}"
				{name}
				{autocomplete}
				bind:value
				{...rest}
				{...aria}
			/>
		{/if}
	{/snippet}
</Field>
