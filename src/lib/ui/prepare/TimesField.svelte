<script lang="ts">
	import { readTimes, timesProblem, timesText } from '$core/prepare/index.ts';
	import type { Day } from '$core/calendar/index.ts';
	import type { Failure } from '../field/failure.ts';
	import TextField from '../field/TextField.svelte';

	type Props = {
		today: Day;
		last: Day;
		measures: 'us' | 'metric';
		failure: Failure;
		value: string;
	};
	let { today, last, measures, failure, value = $bindable('') }: Props = $props();
	const lines = $derived(
		value
			.split(/[\n;]/)
			.filter((line) => line.trim() !== '')
			.map((line) => {
				const said = readTimes(line, today, measures === 'metric');
				const problem = timesProblem(said, today, last);
				return { problem, text: problem ?? timesText(said, today, last, measures) };
			})
	);
</script>

<!-- When one has time, in one's own words; what was understood is said back with its next dates before it is kept. -->
<TextField
	label="Times for preparing"
	name="text"
	rows={2}
	placeholder="Tue and Thu 8 pm, 60 min"
	hint="every other Sat, 9 am to noon; add quiet, no laminator, or small hands about where it’s so"
	bind:value
	{failure}
/>
<ul aria-live="polite" aria-label="What was understood" class="space-y-1 text-sm">
	{#each lines as line, at (at)}
		<li class={line.problem ? 'font-semibold text-late' : 'text-good'}>{line.text}</li>
	{/each}
</ul>
