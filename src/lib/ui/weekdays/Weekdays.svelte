<script lang="ts">
	import { weekdayName, type Weekday } from '$core/calendar/index.ts';

	type Props = { legend: string; chosen?: readonly number[] };
	let { legend, chosen = [] }: Props = $props();
	const weekdays: Weekday[] = [1, 2, 3, 4, 5, 6, 7];
</script>

<!-- Seven squares, one a weekday; each is a checkbox named weekday1 … weekday7. -->
<fieldset>
	<legend class="mb-1 text-sm font-semibold">{legend}</legend>
	<div class="flex flex-wrap gap-1">
		{#each weekdays as weekday (weekday)}
			<label
				class="flex min-h-10 min-w-10 items-center justify-center rounded-[3px] border border-edge px-2 text-sm has-checked:border-ink has-checked:bg-ink has-checked:text-sheet has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-focus"
			>
				<input
					type="checkbox"
					class="sr-only"
					name="weekday{weekday}"
					checked={chosen.includes(weekday)}
				/>{weekdayName(weekday)}
			</label>
		{/each}
	</div>
</fieldset>
