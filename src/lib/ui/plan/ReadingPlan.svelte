<script lang="ts">
	import { enhance } from '$app/forms';
	import type { SpineView } from '$lib/server/services/plan/spines.ts';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';
	import TextField from '../field/TextField.svelte';
	import type { Failure } from '../field/failure.ts';
	import Select from '../select/Select.svelte';

	type Props = { spine: SpineView; reading: NonNullable<SpineView['reading']>; failure: Failure };
	let { spine, reading, failure }: Props = $props();
	const READ_ON = [
		{ value: 'lessons', label: 'on lesson days' },
		{ value: 'weekdays', label: 'Monday to Friday' },
		{ value: 'every day', label: 'every day' }
	];
</script>

<!-- What is read on which day, so that a book ends with its unit. -->
<aside aria-label="Reading plan of {spine.title}" class="pt-3">
	<h3 class="font-display font-semibold">Reading schedule</h3>
	<p class="mt-1">{reading.sentence}</p>
	<form method="post" action="?/readOn" use:enhance={saves()} class="mt-2 flex items-center gap-2">
		<input type="hidden" name="spine" value={spine.id} />
		<Select
			name="on"
			options={READ_ON}
			value={spine.fields.read_on}
			aria-label="When {spine.title} is read"
		/>
		<Button type="submit" size="small" class="shrink-0">Save</Button>
	</form>
	<form method="post" action="?/reached" use:enhance={saves()} class="mt-2 flex items-end gap-2">
		<input type="hidden" name="spine" value={spine.id} />
		<TextField
			label="Read through {spine.fields.counted === 'pages' ? 'page' : 'chapter'}"
			name="reached"
			inputmode="numeric"
			value={spine.fields.reached ?? ''}
			look="!w-20"
			{failure}
		/>
		<Button type="submit" size="small" class="mb-1">Recalculate</Button>
	</form>
	{#if reading.days.length}
		<table class="mt-3 w-full text-left text-sm">
			<thead class="border-b border-ink"
				><tr
					><th class="py-1 font-semibold">Day</th><th class="py-1 font-semibold">Read</th><th
						class="py-1 text-right font-semibold">Aloud</th
					></tr
				></thead
			>
			<tbody>
				{#each reading.days as day (day.day)}<tr class="border-b border-rule"
						><td class="py-1">{day.day}</td><td class="py-1">{day.pages}</td><td class="py-1 text-right"
							>{day.minutes} min</td
						></tr
					>{/each}
			</tbody>
		</table>
		{#if reading.more}<p class="mt-1 text-sm text-ink-2">
				and {reading.more} more {reading.more === 1 ? 'day' : 'days'}
			</p>{/if}
	{/if}
</aside>
