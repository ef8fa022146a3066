<script lang="ts">
	import TriangleAlert from '@lucide/svelte/icons/triangle-alert';
	type Props = { who?: string; text: string; source?: string };
	let { who = '', text, source }: Props = $props();
</script>

<p class="flex gap-2 text-sm">
	<TriangleAlert size={16} class="mt-0.5 shrink-0 text-due" aria-label="Caution" />
	<span>
		{#if who}<strong>{who}:</strong>{/if}
		{text}
		{#if source}<details class="inline text-ink-2">
				<summary class="inline cursor-pointer underline decoration-dotted underline-offset-4">source</summary>
				{source}
			</details>{/if}
	</span>
</p>
