<script lang="ts">
	type Props = { history: readonly { readonly id: number; readonly text: string }[] };
	let { history }: Props = $props();
</script>

{#if history.length}
	<h3 class="mt-5 text-sm">History</h3>
	<ul class="mt-1 max-h-40 overflow-auto text-sm text-ink-2">
		{#each history as event (event.id)}<li>{event.text}</li>{/each}
	</ul>
{/if}
