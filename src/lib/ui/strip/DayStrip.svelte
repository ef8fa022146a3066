<script lang="ts">
	import { weekdayName, weekdayOf } from '$core/calendar/index.ts';

	type StripDay = {
		day: string;
		kind: 'lesson' | 'taught' | 'spare' | 'blocked' | 'off';
		label: string;
		title: string;
		isToday: boolean;
	};
	type Props = { weeks: readonly (readonly StripDay[])[]; summary: string };
	let { weeks, summary }: Props = $props();

	const CELL = 26;
	const GAP = 4;
	const LEFT = 34;
	const TOP = 24;
	const step = CELL + GAP;
	/** A long unit goes on in a second row of weeks, so that nothing has to be scrolled. */
	const WEEKS_IN_ROW = 12;
	const width = LEFT + WEEKS_IN_ROW * step + 4;
	const height = TOP + 7 * step + 8;
	const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

	const rows = $derived(
		Array.from({ length: Math.ceil(weeks.length / WEEKS_IN_ROW) }, (_, i) =>
			weeks.slice(i * WEEKS_IN_ROW, (i + 1) * WEEKS_IN_ROW)
		)
	);
	/** A column's month, where it begins. */
	function monthOf(row: Props['weeks'], i: number): string {
		const month = row[i][0].day.slice(5, 7);
		return i === 0 || row[i - 1][0].day.slice(5, 7) !== month ? months[Number(month) - 1] : '';
	}
	function weekdayLabel(day: string): string {
		return weekdayName(weekdayOf(day)).slice(0, 2);
	}
</script>

<!-- The days of the unit on the cutting mat: one column a week, one square a day. -->
<figure class="mat rounded-sheet bg-mat p-3 text-chalk">
	{#each rows as row, part (part)}
		<svg
			viewBox="0 0 {width} {height}"
			role="img"
			aria-label={summary}
			class="block h-auto w-full font-display"
		>
			<defs>
				<pattern
					id="mat-grid"
					width={step}
					height={step}
					patternUnits="userSpaceOnUse"
					x={LEFT - GAP / 2}
					y={TOP - GAP / 2}
				>
					<path d="M {step} 0 L 0 0 0 {step}" fill="none" stroke="var(--color-mat-2)" stroke-width="1" />
				</pattern>
				<pattern id="hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
					<rect width="6" height="6" fill="var(--color-mat)" />
					<line x1="0" y1="0" x2="0" y2="6" stroke="var(--color-chalk)" stroke-width="2" />
				</pattern>
			</defs>
			<rect {width} {height} fill="url(#mat-grid)" />
			{#if row.length}
				{#each row[0] as day, at (day.day)}
					<text
						x={LEFT - 8}
						y={TOP + at * step + 18}
						text-anchor="end"
						font-size="12"
						fill="var(--color-chalk)">{weekdayLabel(day.day)}</text
					>
				{/each}
			{/if}
			{#each row as week, column (week[0].day)}
				<text x={LEFT + column * step + 1} y={TOP - 8} font-size="12" fill="var(--color-chalk)"
					>{monthOf(row, column)}</text
				>
				{#each week as day, at (day.day)}
					{@const x = LEFT + column * step}
					{@const y = TOP + at * step}
					{#if day.kind !== 'off'}
						<g>
							<title>{day.title}</title>
							<rect
								{x}
								{y}
								width={CELL}
								height={CELL}
								rx="2"
								fill={day.kind === 'lesson'
									? 'var(--color-sheet)'
									: day.kind === 'taught'
										? 'var(--color-taught)'
										: day.kind === 'blocked'
											? 'url(#hatch)'
											: 'none'}
								stroke={day.kind === 'spare' ? 'var(--color-chalk)' : 'none'}
								stroke-dasharray="3 3"
							/>
							<text
								x={x + CELL / 2}
								y={y + 18}
								text-anchor="middle"
								font-size="13"
								font-weight="600"
								fill="var(--color-ink)">{day.label}</text
							>
						</g>
					{/if}
					{#if day.isToday}
						<circle
							cx={x + CELL / 2}
							cy={y + CELL / 2}
							r={CELL / 2 - 1}
							fill="none"
							stroke="#ffb199"
							stroke-width="2.5"><title>today</title></circle
						>
					{/if}
				{/each}
			{/each}
		</svg>
	{/each}
	<figcaption class="mt-2 flex flex-wrap gap-x-4 gap-y-1 text-sm">
		<span>Numbered: a lesson</span><span>Tinted: taught</span><span>Dashed: to spare</span><span
			>Hatched: no school</span
		><span>Ring: today</span>
	</figcaption>
</figure>
