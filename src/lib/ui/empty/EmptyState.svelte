<script lang="ts">
	import type { Snippet } from 'svelte';
	type Props = { title: string; children: Snippet; act?: Snippet };
	let { title, children, act }: Props = $props();
</script>

<div class="border-y border-dashed border-rule bg-lined px-5 py-8">
	<h2 class="text-lg">{title}</h2>
	<div class="mt-1 max-w-prose text-ink-2">{@render children()}</div>
	{#if act}<div class="mt-4">{@render act()}</div>{/if}
</div>
