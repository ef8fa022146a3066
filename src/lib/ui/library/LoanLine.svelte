<script lang="ts">
	type Props = {
		bars: readonly {
			readonly title: string;
			readonly from: number;
			readonly to: number;
			readonly due: number;
			readonly lessons: readonly number[];
			readonly isPlanned: boolean;
		}[];
		days: number;
		weeks: readonly { readonly at: number; readonly text: string }[];
		trips: readonly number[];
	};
	let { bars, days, weeks, trips }: Props = $props();
	const ROW = 26;
	const HEAD = 30;
	const DAY = 11;
	const LABEL = 190;
	const x = (day: number) => LABEL + Math.max(0, Math.min(days, day)) * DAY;
</script>

<!-- To scale: a day is as wide everywhere. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex (a scrolling region has to be reached by keyboard) -->
<div
	class="overflow-x-auto rounded-[3px] bg-mat p-3"
	role="region"
	aria-label="Timeline of loans"
	tabindex="0"
>
	<svg
		viewBox="0 0 {LABEL + days * DAY + 8} {HEAD + bars.length * ROW + 8}"
		width={LABEL + days * DAY + 8}
		class="block text-chalk"
		role="img"
		aria-label="{bars.length} loans over the next {days} days, with the lessons that use them"
	>
		{#each weeks as week (week.at)}
			<line
				x1={x(week.at)}
				x2={x(week.at)}
				y1="20"
				y2={HEAD + bars.length * ROW}
				stroke="var(--color-mat-2)"
			/>
			<text x={x(week.at) + 3} y="14" font-size="12" fill="currentColor">{week.text}</text>
		{/each}
		{#each trips as day, i (i)}
			<line
				x1={x(day) + DAY / 2}
				x2={x(day) + DAY / 2}
				y1="22"
				y2={HEAD + bars.length * ROW}
				stroke="var(--color-chalk)"
				stroke-dasharray="2 4"
			/>
		{/each}
		{#each bars as bar, i (i)}
			{@const y = HEAD + i * ROW}
			<text x="0" y={y + 16} font-size="13" fill="currentColor"
				>{bar.title.length > 27 ? `${bar.title.slice(0, 26)}…` : bar.title}</text
			>
			<rect
				x={x(bar.from)}
				y={y + 5}
				width={Math.max(4, x(bar.to) - x(bar.from))}
				height="14"
				fill={bar.isPlanned ? 'none' : 'var(--color-chalk)'}
				stroke="var(--color-chalk)"
				stroke-width="1.5"
				stroke-dasharray={bar.isPlanned ? '5 3' : undefined}
			/>
			<line
				x1={x(bar.due + 1)}
				x2={x(bar.due + 1)}
				y1={y + 2}
				y2={y + 22}
				stroke="var(--color-chalk)"
				stroke-width="3"
			/>
			{#each bar.lessons as lesson, k (k)}
				<circle
					cx={x(lesson) + DAY / 2}
					cy={y + 12}
					r="4.5"
					fill={bar.isPlanned ? 'var(--color-chalk)' : 'var(--color-mat)'}
				/>
			{/each}
		{/each}
	</svg>
	<p class="mt-2 text-sm text-chalk">
		Filled: borrowed. Dashed: planned. Dot: lesson. Thick line: due date. Dotted line: trip.
	</p>
</div>
