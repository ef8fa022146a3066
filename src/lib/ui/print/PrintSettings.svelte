<script lang="ts">
	import { enhance } from '$app/forms';
	import type { PrintRow } from '$lib/server/services/print/view.ts';
	import { saves } from '../device/submit.ts';
	import Button from '../button/Button.svelte';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import {
		BINDING_OPTIONS,
		CUT_OPTIONS,
		DESTINATION_OPTIONS,
		FINISH_OPTIONS,
		LAYOUT_OPTIONS,
		ROLE_OPTIONS,
		STOCK_OPTIONS,
		UP_OPTIONS,
		YES_NO,
		type Choices
	} from './options.ts';

	type Props = {
		print: PrintRow;
		choices: Choices;
		failure: { message?: string; path?: string | null } | null;
		done: () => void;
	};
	let { print, choices, failure, done }: Props = $props();
	const { judged } = $derived(print);

	type Option = { readonly value: string; readonly label: string };
	/** What follows from the role is the first choice, in its own words with the reason. */
	const withUsual = (choice: keyof typeof judged, options: readonly Option[], said: string): Option[] => [
		{ value: '', label: judged[choice].isOwn ? 'as usual' : said },
		...options
	];
	const own = (choice: keyof typeof judged, value: string) => (judged[choice].isOwn ? value : '');
	const label = (options: readonly Option[], value: string) =>
		options.find((one) => one.value === value)?.label ?? value;
	const COPIES: readonly Option[] = [
		{ value: 'child', label: 'one for each child' },
		{ value: 'family', label: 'one for the family' },
		...['2', '3', '4', '5', '6', '8', '10', '12'].map((value) => ({ value, label: `${value} copies` }))
	];
	const SIDES: readonly Option[] = [
		{ value: '1', label: 'one side' },
		{ value: '2', label: 'both sides' }
	];
	const yes = (value: boolean) => (value ? 'yes' : 'no');
	const fields = $derived([
		['printed', 'Print it', YES_NO, yes(judged.printed.value)],
		['copies', 'Copies', COPIES, String(judged.copies.value)],
		['sides', 'Sides', SIDES, String(judged.sides.value)],
		['layout', 'Layout', LAYOUT_OPTIONS, judged.layout.value],
		['up', 'On a side', UP_OPTIONS, String(judged.up.value)],
		['stock', 'Paper', STOCK_OPTIONS, judged.stock.value],
		['color', 'In color', YES_NO, yes(judged.color.value)],
		['finish', 'Finish', FINISH_OPTIONS, judged.finish.value],
		['cut', 'Cutting', CUT_OPTIONS, judged.cut.value],
		['binding', 'Binding', BINDING_OPTIONS, judged.binding.value],
		['to', 'Then it goes', DESTINATION_OPTIONS, judged.to.value]
	] as const);
</script>

<!-- Everything that was settled for a print, with its reason, to be changed in place. -->
<form
	method="post"
	action="?/settle"
	use:enhance={saves({ done })}
	class="mt-3 rounded-sheet border border-rule bg-lined p-4"
>
	<input type="hidden" name="id" value={print.id} />
	<div class="grid gap-x-5 gap-y-3 sm:grid-cols-2 lg:grid-cols-4">
		<TextField label="Title" name="title" value={print.title} {failure} class="sm:col-span-2" />
		<SelectField label="It is" name="role" options={ROLE_OPTIONS} value={print.role} />
		<SelectField
			label="Lesson"
			name="lesson"
			options={[
				{ value: '', label: 'the unit as a whole' },
				...choices.lessons.map((one) => ({ value: String(one.id), label: one.label }))
			]}
			value={print.lesson === null ? '' : String(print.lesson)}
		/>
		{#each fields as [name, title, options, value] (name)}
			<SelectField
				label={title}
				{name}
				options={withUsual(name, options, label(options, value))}
				value={own(name, value)}
				hint={judged[name].isOwn ? 'your choice' : judged[name].why}
			/>
		{/each}
		{#if choices.activities.length}
			<SelectField
				label="Of an activity"
				name="activity"
				options={[
					{ value: '', label: 'no' },
					...choices.activities.map((one) => ({ value: String(one.id), label: one.label }))
				]}
				value={print.activity === null ? '' : String(print.activity)}
				hint="skipped with it"
			/>
		{/if}
	</div>
	{#each print.finishing as line (line)}<p class="mt-2 text-sm">Finishing: {line}.</p>{/each}
	<fieldset class="mt-3">
		<legend class="font-semibold">Who gets it</legend>
		<div class="flex flex-wrap gap-x-5">
			{#each choices.children as child (child.id)}
				<label class="flex min-h-9 items-center gap-2"
					><input
						type="checkbox"
						class="size-5"
						name="who{child.id}"
						checked={print.participants === null || print.participants.includes(child.id)}
					/>{child.name}</label
				>
			{/each}
		</div>
	</fieldset>
	<div class="mt-2 flex flex-wrap gap-x-5">
		<label class="flex min-h-9 items-center gap-2"
			><input type="checkbox" class="size-5" name="again" checked={print.again} />written on again and again</label
		>
		<label class="flex min-h-9 items-center gap-2"
			><input type="checkbox" class="size-5" name="fromBook" checked={print.fromBook} />cut out of the book
			itself; a gray copy takes its place</label
		>
		<label class="flex min-h-9 items-center gap-2"
			><input type="checkbox" class="size-5" name="optional" checked={print.optional} />extra</label
		>
	</div>
	<TextField label="Note" name="note" value={print.note} class="mt-2" {failure} />
	<div class="mt-4 flex flex-wrap gap-3">
		<Button type="submit" look="main">Save</Button>
		<Button onclick={done}>Cancel</Button>
		<Button type="submit" look="quiet" formaction="?/unsort">Unsort these pages</Button>
	</div>
</form>
