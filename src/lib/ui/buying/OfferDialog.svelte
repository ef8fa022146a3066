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
				label="Costs now ($)"
				name="price"
				inputmode="decimal"
				value={dollarsTyped(editing.cents)}
				{failure}
			/>
			<Button type="submit" look="main">Save the price</Button>
		</form>
		<form
			method="post"
			action="?/standing"
			use:enhance={saves({ done: () => (open = false) })}
			class="mt-4 space-y-3"
		>
			<input type="hidden" name="offer" value={editing.id} />
			<SelectField
				label="We take it"
				name="standing"
				options={[
					{ value: 'usual', label: 'when it is the cheapest' },
					{ value: 'preferred', label: 'always: it is the good one' },
					{ value: 'excluded', label: 'never' }
				]}
				value={editing.standing}
				{failure}
			/>
			<TextField
				label="Because"
				name="why"
				value={editing.why}
				placeholder="the other wax crumbles"
				{failure}
			/>
			<div class="flex justify-between gap-3">
				<Button type="submit">Save that</Button>
				<Button type="submit" look="quiet" formaction="?/remove">Remove this offer</Button>
			</div>
		</form>
	{/if}
</Dialog>
