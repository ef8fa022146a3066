<script lang="ts">
	import { onMount } from 'svelte';
	import Button from '../button/Button.svelte';
	import type { TickQueue } from '../forms/queue.svelte.ts';

	type Props = { queue: TickQueue; revision: number };
	let { queue, revision }: Props = $props();
	let isSecure = $state(true);
	onMount(() => (isSecure = window.isSecureContext));
</script>

<div class="no-print">
	{#if queue.waiting.length}
		<p role="status" class="mt-1 font-semibold text-due">
			{queue.waiting.length}
			{queue.waiting.length === 1 ? 'tick waits' : 'ticks wait'} on this device for the house.
			{#if !isSecure}<span class="font-normal"
					>Keep this page open: over http it cannot be opened again without a network.
					<a class="underline" href="/phone">How to change that</a></span
				>{/if}
		</p>
	{/if}
	{#each queue.conflicts as one (one.id)}
		<div role="alert" class="mt-2 border-l-4 border-late py-1 pl-3">
			<p class="font-semibold">{one.what}: somebody was faster.</p>
			<p>{one.conflict}</p>
			<p class="mt-1 flex flex-wrap gap-2">
				<Button
					size="small"
					onclick={() => queue.decide(one, true, revision)}
					aria-label="Mine after all: {one.what}">Mine after all</Button
				>
				<Button
					size="small"
					look="quiet"
					onclick={() => queue.decide(one, false, revision)}
					aria-label="Leave it as it is now: {one.what}">Leave it as it is now</Button
				>
			</p>
		</div>
	{/each}
</div>
