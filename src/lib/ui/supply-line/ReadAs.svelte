<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';

	type Props = {
		/** How numbers in brackets and marks of the list were read. */
		form: {
			readonly numbers: keyof typeof NUMBERS_READ | null;
			readonly marks: readonly string[];
		};
		/** Where it goes on afterward, for the address of its form. */
		from: string;
		typed: Readonly<Record<string, string>> | null;
	};
	let { form, from, typed }: Props = $props();

	const NUMBERS_READ = {
		lesson: 'Numbers in brackets are read as lessons.',
		'week.day': 'Numbers in brackets are read as week.day.',
		amount: 'Numbers in brackets are read as amounts.',
		neither: 'Numbers in brackets are left out.'
	};
	const OTHER_NUMBERS = [
		{ value: 'lesson', label: 'They are lessons' },
		{ value: 'week.day', label: 'They are week.day' },
		{ value: 'amount', label: 'They are amounts' },
		{ value: 'neither', label: 'Neither' }
	];
</script>

<!-- What was made of the list's own habits, and how to have it read otherwise. -->
{#if form.numbers || form.marks.length}
	<form
		method="post"
		action="?/read{from}"
		use:enhance
		class="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1"
	>
		<input type="hidden" name="text" value={typed?.text ?? ''} />
		<input type="hidden" name="lesson" value={typed?.lesson ?? ''} />
		{#if form.numbers}<span>{NUMBERS_READ[form.numbers]}</span>
			{#each OTHER_NUMBERS.filter((one) => one.value !== form.numbers) as other (other.value)}
				<Button type="submit" size="small" name="numbers" value={other.value}>{other.label}</Button>
			{/each}{/if}
		{#if form.marks.length}<span class="text-ink-2">{form.marks.join('; ')}.</span>{/if}
	</form>
{/if}
