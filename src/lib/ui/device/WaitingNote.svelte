<script lang="ts">
	import { onMount } from 'svelte';
	import Button from '../button/Button.svelte';
	import { queue } from './queue.svelte.ts';

	type Props = { revision: number };
	let { revision }: Props = $props();
	const SHOWN = 3;
	let isSecure = $state(true);
	onMount(() => (isSecure = window.isSecureContext));
	const names = $derived(queue.waiting.map((one) => one.what));
</script>

{#if queue.waiting.length || queue.conflicts.length}
	<div class="no-print mb-3 border-l-4 border-due bg-sheet px-4 py-2">
		{#if queue.waiting.length}
			<p role="status" class="font-semibold text-due">
				{queue.waiting.length}
				{queue.waiting.length === 1 ? 'change is' : 'changes are'} saved on this device, waiting to send.
				<span class="font-normal text-ink"
					>{names.slice(0, SHOWN).join(', ')}{names.length > SHOWN
						? ` and ${names.length - SHOWN} more`
						: ''}.</span
				>
				{#if !isSecure}<span class="font-normal"
						>Keep this page open: you can’t reopen it offline.
						<a class="underline" href="/phone">How to fix that</a></span
					>{:else if !queue.isKept}<span class="font-normal"
						>Keep this page open: this browser isn’t saving anything (a private window, maybe).</span
					>{/if}
			</p>
		{/if}
		{#each queue.conflicts as one (one.id)}
			<div role="alert" class="py-1">
				<p class="font-semibold">{one.what}: someone else changed this first.</p>
				<p>{one.conflict}</p>
				<p class="mt-1 flex flex-wrap gap-2">
					<Button
						size="small"
						onclick={() => queue.decide(one, true, revision)}
						aria-label="Use mine: {one.what}">Use mine</Button
					>
					<Button
						size="small"
						look="quiet"
						onclick={() => queue.decide(one, false, revision)}
						aria-label="Keep theirs: {one.what}">Keep theirs</Button
					>
				</p>
			</div>
		{/each}
	</div>
{/if}
