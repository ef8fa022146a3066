<script lang="ts">
	import { enhance } from '$app/forms';
	import type { WalkRow } from '$lib/server/services/gathering/walk.ts';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';
	import Dialog from '../dialog/Dialog.svelte';
	import TextField from '../field/TextField.svelte';
	import type { Failure } from '../field/failure.ts';

	type Props = {
		open: boolean;
		asked: { row: WalkRow; path: string } | null;
		move: boolean;
		failure: Failure;
	};
	let { open = $bindable(), asked, move, failure }: Props = $props();
</script>

<!-- A thing is not in its place, or less than was thought. -->
<Dialog
	bind:open
	title={asked?.row.text ?? ''}
	about={asked ? `${asked.path}: ${asked.row.there} at last count` : ''}
>
	{#if asked}
		<div class="space-y-6">
			<form
				method="post"
				action="?/there"
				use:enhance={saves({ done: () => (open = false), waits: `${asked?.row.item} is not there` })}
			>
				<input type="hidden" name="lot" value={asked.row.lot} />
				<input type="hidden" name="amount" value="0" />
				<Button type="submit" look="main" class="w-full">None there</Button>
				<p class="mt-1 text-sm text-ink-2">Sets the count to 0 and adds it to what’s missing.</p>
			</form>
			<form
				method="post"
				action="?/found"
				use:enhance={saves({ done: () => (open = false), waits: `Took some ${asked?.row.item}` })}
				class="flex items-end gap-2"
			>
				<input type="hidden" name="lot" value={asked.row.lot} />
				<input type="hidden" name="run" value={asked.row.run} />
				<input type="hidden" name="unit" value={asked.row.unit} />
				<input type="hidden" name="move" value={move ? 'on' : ''} />
				<TextField
					label="Took only{asked.row.unit === 'each' ? '' : ` (${asked.row.unit})`}"
					name="amount"
					class="flex-1"
					inputmode="decimal"
					{failure}
				/>
				<Button type="submit">Save</Button>
			</form>
			<form
				method="post"
				action="?/there"
				use:enhance={saves({ done: () => (open = false), waits: `${asked?.row.item} counted` })}
				class="flex items-end gap-2"
			>
				<input type="hidden" name="lot" value={asked.row.lot} />
				<TextField label="Total there now" name="amount" class="flex-1" inputmode="decimal" {failure} />
				<Button type="submit">Fix the count</Button>
			</form>
		</div>
	{/if}
</Dialog>
