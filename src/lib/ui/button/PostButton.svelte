<script lang="ts">
	import type { Snippet } from 'svelte';
	import { enhance } from '$app/forms';
	import { saves } from '../device/submit.ts';
	import Button from './Button.svelte';

	type Props = {
		action: string;
		/** What is sent along, by name. */
		fields: Readonly<Record<string, string | number>>;
		look?: 'main' | 'plain' | 'quiet';
		size?: 'normal' | 'small';
		/** Its name where what it shows does not say of what. */
		label?: string;
		children: Snippet;
	};
	let { action, fields, look = 'plain', size = 'normal', label, children }: Props = $props();
</script>

<!-- One act as a button: what it needs is sent along unseen. -->
<form method="post" {action} use:enhance={saves()}>
	{#each Object.entries(fields) as [name, value] (name)}<input type="hidden" {name} {value} />{/each}
	<Button type="submit" {look} {size} aria-label={label}>{@render children()}</Button>
</form>
