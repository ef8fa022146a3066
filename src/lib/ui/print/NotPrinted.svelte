<script lang="ts">
	import type { PrintRow } from '$lib/server/services/print/view.ts';
	import type { Choices } from './options.ts';
	import PrintSettings from './PrintSettings.svelte';

	type Props = {
		prints: readonly PrintRow[];
		choices: Choices;
		failure: { message?: string; path?: string | null } | null;
	};
	let { prints, choices, failure }: Props = $props();
	let open = $state<number | null>(null);
</script>

<!-- Pages that are not printed, in a line with the reason; a tap opens what was settled about one. -->
{#if prints.length}
	<li class="py-2 text-sm text-ink-2 lg:col-span-2">
		Not printed:
		{#each prints as print, index (print.id)}
			<button
				type="button"
				class="min-h-6 underline decoration-rule decoration-2 underline-offset-4 hover:decoration-ink"
				aria-expanded={open === print.id}
				onclick={() => (open = open === print.id ? null : print.id)}>{print.title}</button
			>, {print.off}{index < prints.length - 1 ? '; ' : '.'}
		{/each}
		{#each prints.filter((one) => one.id === open) as print (print.id)}
			<PrintSettings {print} {choices} {failure} done={() => (open = null)} />
		{/each}
	</li>
{/if}
