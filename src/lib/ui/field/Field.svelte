<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { Failure } from './failure.ts';

	type Props = {
		label: string;
		/** Name of the field; the failure of a form names it in `path`. */
		name: string;
		hint?: string;
		failure?: Failure;
		class?: string;
		children: Snippet<[{ id: string; 'aria-describedby'?: string; 'aria-invalid'?: 'true' }]>;
	};
	let { label, name, hint, failure = null, class: extra = '', children }: Props = $props();
	const id = $props.id();
	const error = $derived(failure?.message && failure.path === name ? failure.message : null);
	const described = $derived(
		[hint && `${id}-hint`, error && `${id}-error`].filter(Boolean).join(' ') || undefined
	);
</script>

<div class={extra}>
	<label for={id} class="mb-1 block text-sm font-semibold">{label}</label>
	{@render children({ id, 'aria-describedby': described, 'aria-invalid': error ? 'true' : undefined })}
	{#if hint}<p id="{id}-hint" class="mt-1 text-sm text-ink-2">{hint}</p>{/if}
	{#if error}<p id="{id}-error" class="mt-1 text-sm font-semibold text-late">{error}</p>{/if}
</div>
