<script lang="ts">
	import type { HuntRow } from '$lib/server/services/looking/hunt.ts';
	import Button from '../button/Button.svelte';
	import Dialog from '../dialog/Dialog.svelte';
	import TextField from '../field/TextField.svelte';

	type Props = {
		open: boolean;
		asked: { row: HuntRow; path: string } | null;
		/** Keeps how many were found. */
		found: (row: HuntRow, path: string, amount: string) => void;
	};
	let { open = $bindable(), asked, found }: Props = $props();
	let amount = $state('');
</script>

<!-- Some of a thing was found: how much is counted, the rest is looked for in the next place. -->
<Dialog
	bind:open
	title={asked?.row.text ?? ''}
	about={asked?.row.next ? `The rest is looked for next: ${asked.row.next}` : 'The rest counts as missing.'}
>
	{#if asked}
		<form
			method="post"
			action="?/hunt"
			class="flex items-end gap-2"
			onsubmit={(event) => {
				event.preventDefault();
				if (!amount.trim() || !asked) return;
				found(asked.row, asked.path, amount.trim());
				amount = '';
				open = false;
			}}
		>
			<TextField
				label="Found{asked.row.unit === 'each' ? '' : ` (${asked.row.unit})`}"
				name="amount"
				class="flex-1"
				inputmode="decimal"
				bind:value={amount}
				failure={null}
			/>
			<Button type="submit" look="main">Save</Button>
		</form>
	{/if}
</Dialog>
