<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';
	import Field from '../field/Field.svelte';
	import type { Failure } from '../field/failure.ts';
	import Select from '../select/Select.svelte';

	type Props = {
		/** Where it goes on afterward, for the address of its form. */
		from: string;
		lessons: readonly { value: string; label: string }[];
		/** The lesson that lines without a heading go to. */
		first: string;
		typed: Readonly<Record<string, string>> | null;
		failure: Failure;
	};
	let { from, lessons, first, typed, failure }: Props = $props();
	const EXAMPLE =
		'Lesson 6: The round earth\n2 oranges per child\n1 sheet tracing film per child\nscissors, tape and a globe';
</script>

<!-- Where a supply list is pasted before it is read. -->
<h2 class="text-xl">Paste the supply list</h2>
<p class="mt-1 max-w-2xl text-ink-2">
	A heading like “Lesson 6” puts the lines below it in that lesson. Nothing is saved until you’ve checked each
	line.
</p>
<form method="post" action="?/read{from}" use:enhance class="mt-4 max-w-3xl space-y-4">
	<Field label="Supply list" name="text" {failure}>
		{#snippet children(aria)}
			<textarea
				class="typed min-h-72 leading-7"
				name="text"
				value={typed?.text ?? ''}
				placeholder={EXAMPLE}
				{...aria}></textarea>
		{/snippet}
	</Field>
	<Field label="Lines without a heading go to" name="lesson" class="max-w-md" {failure}>
		{#snippet children(aria)}<Select
				name="lesson"
				options={lessons}
				value={typed?.lesson || first}
				{...aria}
			/>{/snippet}
	</Field>
	<Button type="submit" look="main">Read the list</Button>
</form>
