<script lang="ts">
	import { enhance } from '$app/forms';
	import type { ResourceView } from '$lib/server/services/library/resource-view.ts';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import type { Failure } from '../field/failure.ts';

	type Props = {
		view: ResourceView;
		/** Units that may still use it, with their lessons to come. */
		runs: readonly {
			readonly id: number;
			readonly name: string;
			readonly lessons: { value: string; label: string }[];
		}[];
		failure: Failure;
	};
	let { view, runs, failure }: Props = $props();
	let run = $derived(String(runs[0]?.id ?? ''));
	const lessons = $derived(runs.find((one) => String(one.id) === run)?.lessons ?? []);
</script>

<!-- What the lessons use of a book or thing. -->
<section aria-labelledby="uses">
	<h3 id="uses" class="mb-2 text-lg">Used in</h3>
	<ul class="divide-y divide-rule border-t-2 border-ink">
		{#each view.uses as use, i (i)}
			<li class="flex flex-wrap items-baseline justify-between gap-x-4 py-1.5">
				<span class={use.isRemark ? 'text-due' : ''}>{use.text}</span>
				<a class="text-sm" href={use.href}>{use.unit}, {use.lesson}</a>
			</li>
		{:else}<li class="py-2 text-ink-2">No lesson uses it yet. Assign it below.</li>{/each}
	</ul>
	{#if runs.length}
		<form
			method="post"
			action="?/use"
			use:enhance={saves({ reset: true })}
			class="mt-3 flex flex-wrap items-end gap-3"
		>
			{#if runs.length > 1}
				<SelectField
					label="Unit"
					name="unit"
					options={runs.map((one) => ({ value: String(one.id), label: one.name }))}
					bind:value={run}
				/>
			{/if}
			<SelectField label="Lesson" name="lesson" options={lessons} value={lessons[0]?.value ?? ''} {failure} />
			<TextField
				label="How you’ll use it"
				name="text"
				class="min-w-56 flex-1"
				placeholder="read aloud 12–18, 15 min, preview 10 min: why maps lie"
				{failure}
			/>
			<Button type="submit" size="small">Assign</Button>
		</form>
	{/if}
</section>
