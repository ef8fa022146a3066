<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';
	import TextField from '../field/TextField.svelte';
	import { saves } from '../device/submit.ts';
	import type { PageData } from '../../../routes/house/$types';
	import type { Failure } from '../field/failure.ts';

	type Props = { data: PageData; failure: Failure };
	let { data, failure }: Props = $props();
</script>

<section aria-labelledby="occasions">
	<h2 id="occasions" class="mb-2 text-lg">Gift occasions</h2>
	<p class="mb-2 text-sm text-ink-2">
		Gifts come on the last occasion before the lesson. Birthdays are already included.
	</p>
	<form
		method="post"
		action="?/occasion"
		use:enhance={saves({ reset: true })}
		class="mb-3 flex items-end gap-3"
	>
		<TextField
			label="Add an occasion and date"
			name="occasion"
			placeholder="Grandma’s visit, Mar 20"
			class="flex-1"
			{failure}
		/>
		<Button type="submit">Add</Button>
	</form>
	<ul class="divide-y divide-rule border-y border-rule">
		{#each data.occasions as one, i (i)}
			<li>
				{#if one.id === null}
					<p class="py-2">{one.name} <span class="text-sm text-ink-2">{one.when}</span></p>
				{:else}
					<details>
						<summary class="cursor-pointer list-none py-2"
							><span class="font-semibold underline decoration-rule decoration-2 underline-offset-4"
								>{one.name}</span
							> <span class="text-sm text-ink-2">{one.when}</span></summary
						>
						<form method="post" action="?/removeOccasion" use:enhance={saves()} class="pb-2">
							<input type="hidden" name="id" value={one.id} />
							<Button size="small" look="quiet" type="submit" aria-label="Remove {one.name}">Remove</Button>
						</form>
					</details>
				{/if}
			</li>
		{:else}
			<li class="py-2 text-ink-2">None yet.</li>
		{/each}
	</ul>
</section>
