<script lang="ts">
	import type { Snippet } from 'svelte';
	import Button from '../button/Button.svelte';

	type Props = { children: Snippet };
	let { children }: Props = $props();
</script>

<!-- A part of a page: when it fails, it says so in its place and the rest of the page goes on. -->
<svelte:boundary onerror={(error) => console.error(error)}>
	{@render children()}
	{#snippet failed(_, again)}
		<div role="alert" class="my-4 border-l-4 border-late pl-3">
			<p class="font-semibold">This part couldn’t be shown.</p>
			<p class="text-ink-2">Nothing you saved is lost, and the rest of the page works.</p>
			<Button size="small" class="mt-2" onclick={again}>Try again</Button>
		</div>
	{/snippet}
</svelte:boundary>
