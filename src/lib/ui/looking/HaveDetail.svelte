<script lang="ts">
	import type { Question } from '$lib/server/services/looking/questions.ts';
	import Button from '../button/Button.svelte';
	import Dialog from '../dialog/Dialog.svelte';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import type { Detail } from './answers.svelte.ts';

	type Props = {
		open: boolean;
		one: Question | null;
		places: readonly { value: string; label: string }[];
		save: (one: Question, detail: Detail) => void;
	};
	let { open = $bindable(), one, places, save }: Props = $props();
	let place = $state('');
	let amount = $state('');
	$effect(() => {
		if (open) {
			place = '';
			amount = '';
		}
	});
</script>

<!-- "Have it" with a place, a number, or both; neither is asked for. -->
<Dialog bind:open title="Have it: {one?.name ?? ''}" about={one ? `On the list: ${one.text}` : ''}>
	{#if one}
		<form
			method="post"
			action="?/answer"
			class="space-y-4"
			onsubmit={(event) => {
				event.preventDefault();
				if (one) save(one, { place, amount: amount.trim(), unit: one.unit });
				open = false;
			}}
		>
			<SelectField
				label="Where (optional)"
				name="place"
				options={[{ value: '', label: 'not said' }, ...places]}
				bind:value={place}
			/>
			<TextField
				label="How much, if you counted{one.unit === 'each' ? '' : ` (${one.unit})`}"
				name="amount"
				inputmode="decimal"
				hint="Leave it empty when there is enough."
				bind:value={amount}
			/>
			<Button type="submit" look="main">Have it</Button>
		</form>
	{/if}
</Dialog>
