<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';
	import DateField from '../field/DateField.svelte';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import Dialog from '../dialog/Dialog.svelte';
	import Weekdays from '../weekdays/Weekdays.svelte';
	import { saves } from '../device/submit.ts';
	import type { PageData } from '../../../routes/house/$types';
	import type { Failure } from '../field/failure.ts';

	type Person = PageData['people'][number];
	type Props = {
		open: boolean;
		person: Person | 'new' | null;
		allergens: PageData['allergens'];
		failure: Failure;
	};
	let { open = $bindable(), person, allergens, failure }: Props = $props();

	const kinds = [
		{ value: 'child', label: 'Child' },
		{ value: 'guest', label: 'Guest, some days' },
		{ value: 'adult', label: 'Adult' }
	];
	// Starts anew each time the dialog opens.
	let kind = $derived<string>(!open || person === null || person === 'new' ? 'child' : person.kind);
</script>

<Dialog bind:open title={person === 'new' ? 'New person' : (person?.name ?? '')}>
	{#if person}
		{@const one = person === 'new' ? null : person}
		<form
			method="post"
			action={one ? '?/editPerson' : '?/addPerson'}
			use:enhance={saves({ done: () => (open = false) })}
			class="space-y-4"
		>
			{#if one}<input type="hidden" name="id" value={one.id} />{/if}
			<div class="grid grid-cols-2 gap-3">
				<TextField label="Name" name="name" value={one?.name ?? ''} {failure} />
				<SelectField label="Who" name="kind" options={kinds} bind:value={kind} {failure} />
			</div>
			<div class="grid grid-cols-2 gap-3">
				<DateField label="Birth date" name="born" kind="birth" value={one?.born ?? ''} {failure} />
				<TextField
					label="Or age, in years"
					name="age"
					inputmode="numeric"
					value={one?.years ?? ''}
					{failure}
				/>
				<TextField
					label="Can reach up to"
					name="reach"
					hint="Blank: typical for the age."
					value={one?.reach ?? ''}
					{failure}
				/>
				{#if kind !== 'adult'}
					<SelectField
						label="Fills in pages"
						name="writes"
						options={[
							{ value: '', label: 'from age 4' },
							{ value: 'yes', label: 'yes' },
							{ value: 'no', label: 'not yet' }
						]}
						value={one?.writes ?? ''}
						{failure}
					/>
				{/if}
			</div>
			<TextField
				label="Allergies"
				name="allergies"
				hint="Comma-separated: {allergens.slice(0, 5).join(', ')} …"
				value={one?.allergies ?? ''}
				{failure}
			/>
			{#if kind !== 'adult'}
				<div class="grid grid-cols-2 gap-3">
					<TextField
						label="Grade"
						name="level"
						placeholder="second grade"
						value={one?.level ?? ''}
						{failure}
					/>
					<TextField
						label="Reading level by language"
						name="reads"
						placeholder="English 2, Spanish K"
						value={one?.reads ?? ''}
						{failure}
					/>
				</div>
			{/if}
			{#if kind === 'guest'}<Weekdays legend="Here on" chosen={one?.weekdays ?? []} />{/if}
			<div class="flex justify-between gap-3">
				<Button type="submit" look="main">{one ? 'Save' : 'Add'}</Button>
				{#if one}<Button type="submit" look="quiet" formaction="?/removePerson"
						>Remove from the household</Button
					>{/if}
			</div>
		</form>
	{/if}
</Dialog>
