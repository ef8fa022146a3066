<script lang="ts">
	import Dialog from '../dialog/Dialog.svelte';
	type Props = { open: boolean };
	let { open = $bindable(false) }: Props = $props();
	const keys = [
		['/', 'Search everything'],
		['Ctrl or Cmd + Z', 'Undo the last change'],
		['Ctrl or Cmd + Y', 'Redo'],
		['?', 'These shortcuts'],
		['Esc', 'Close what’s open']
	];
</script>

<Dialog bind:open title="Shortcuts">
	<dl class="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
		{#each keys as [key, does] (key)}
			<dt class="font-display font-semibold">{key}</dt>
			<dd>{does}</dd>
		{/each}
	</dl>
</Dialog>
