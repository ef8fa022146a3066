<script lang="ts">
	import { page } from '$app/state';
	import Dialog from '../dialog/Dialog.svelte';
	type Props = { open: boolean };
	let { open = $bindable(false) }: Props = $props();
	/** Letters that answer on one page only. */
	const HERE: Readonly<Record<string, readonly (readonly [string, string])[]>> = {
		'/lists/have': [
			['H', 'Have it'],
			['L', 'Look for it'],
			['D', 'Don’t have it'],
			['R', 'All the rest: look'],
			['↑ ↓', 'Another thing']
		]
	};
	const keys = $derived([
		...(HERE[page.url.pathname] ?? []),
		['/', 'Search everything'],
		['Ctrl or Cmd + Z', 'Undo the last change'],
		['Ctrl or Cmd + Y', 'Redo'],
		['?', 'These shortcuts'],
		['Esc', 'Close what’s open']
	]);
</script>

<Dialog bind:open title="Shortcuts">
	<dl class="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
		{#each keys as [key, does] (key)}
			<dt class="font-display font-semibold">{key}</dt>
			<dd>{does}</dd>
		{/each}
	</dl>
</Dialog>
