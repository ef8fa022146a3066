<script lang="ts">
	import { enhance } from '$app/forms';
	import { dollarsTyped } from '$core/words/index.ts';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';
	import Dialog from '../dialog/Dialog.svelte';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import type { PageData } from '../../../routes/lists/shops/$types';
	import type { Failure } from '../field/failure.ts';

	type Offer = PageData['buying']['things'][number]['offers'][number];
	type Props = { open: boolean; editing: (Offer & { name: string }) | null; failure: Failure };
	let { open = $bindable(), editing, failure }: Props = $props();
</script>

<Dialog
	bind:open
	title="{editing?.pack ?? ''} {editing?.name ?? ''}"
	about={editing ? `${editing.shop}, ${editing.price}` : ''}
>
	{#if editing}
		<form
			method="post"
			action="?/price"
			use:enhance={saves({ done: () => (open = false) })}
			class="flex items-end gap-3"
		>
			<input type="hidden" name="offer" value={editing.id} />
			<TextField
				label="Price now ($)"
				name="price"
				inputmode="decimal"
				value={dollarsTyped(editing.cents)}
				{failure}
			/>
			<Button type="submit" look="main">Save price</Button>
		</form>
		<form
			method="post"
			action="?/standing"
			use:enhance={saves({ done: () => (open = false) })}
			class="mt-4 space-y-3"
		>
			<input type="hidden" name="offer" value={editing.id} />
			<SelectField
				label="Buy it"
				name="standing"
				options={[
					{ value: 'usual', label: 'when it’s cheapest' },
					{ value: 'preferred', label: 'always' },
					{ value: 'excluded', label: 'never' }
				]}
				value={editing.standing}
				{failure}
			/>
			<TextField
				label="Reason (optional)"
				name="why"
				value={editing.why}
				placeholder="the other wax crumbles"
				{failure}
			/>
			<div class="flex justify-between gap-3">
				<Button type="submit">Save</Button>
				<Button type="submit" look="quiet" formaction="?/remove">Remove this price</Button>
			</div>
		</form>
	{/if}
</Dialog>
