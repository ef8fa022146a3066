<script lang="ts">
	import { BarChart, LineChart } from 'echarts/charts';
	import { GridComponent, LegendComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
	import { init, use } from 'echarts/core';
	import { SVGRenderer } from 'echarts/renderers';
	import { onMount } from 'svelte';

	use([
		BarChart,
		LineChart,
		GridComponent,
		LegendComponent,
		MarkLineComponent,
		TooltipComponent,
		SVGRenderer
	]);

	type Props = {
		weeks: readonly {
			readonly label: string;
			readonly lesson: number;
			readonly reading: number;
			readonly extras: number;
			readonly over: boolean;
		}[];
		/** Minutes a week that the family takes. */
		limit: number | null;
		label: string;
	};
	let { weeks, limit, label }: Props = $props();
	let place: HTMLDivElement;

	onMount(() => {
		const chart = init(place, undefined, { renderer: 'svg' });
		const dark = matchMedia('(prefers-color-scheme: dark)');
		const draw = () => {
			// Colors come from the theme, so that the chart is dim in the evening too.
			const theme = getComputedStyle(document.documentElement);
			const color = (name: string) => theme.getPropertyValue(`--color-${name}`).trim();
			const text = { color: color('ink'), fontFamily: theme.getPropertyValue('--font-text'), fontSize: 14 };
			const bar = (name: string, key: 'lesson' | 'reading' | 'extras', fill: string) => ({
				name,
				type: 'bar' as const,
				stack: 'minutes',
				barMaxWidth: 46,
				itemStyle: { color: fill, borderColor: color('sheet'), borderWidth: 1 },
				data: weeks.map((week) => week[key])
			});
			chart.setOption(
				{
					animation: false,
					textStyle: text,
					grid: { left: 44, right: 16, top: 40, bottom: 52 },
					legend: { top: 0, left: 0, textStyle: text, itemWidth: 14, itemHeight: 14 },
					tooltip: { trigger: 'axis', valueFormatter: (value: unknown) => `${Number(value)} min` },
					xAxis: {
						type: 'category',
						data: weeks.map((week) => (week.over ? `${week.label}\ntoo full` : week.label)),
						axisLabel: { ...text, interval: 0, hideOverlap: true, lineHeight: 18 },
						axisTick: { show: false },
						axisLine: { lineStyle: { color: color('ink') } }
					},
					yAxis: {
						type: 'value',
						axisLabel: text,
						splitLine: { lineStyle: { color: color('rule') } },
						min: 0,
						// The line of the limit stays on the drawing when every week is far below it.
						max: ({ max }: { max: number }) => Math.ceil(Math.max(max, limit ?? 0) / 60) * 60,
						interval: 60
					},
					series: [
						bar('lessons', 'lesson', color('mat')),
						bar('reading', 'reading', color('taught')),
						{
							...bar('extras', 'extras', color('due')),
							markLine:
								limit === null
									? undefined
									: {
											silent: true,
											symbol: 'none',
											lineStyle: { color: color('late'), width: 2, type: 'solid' },
											label: {
												...text,
												color: color('late'),
												formatter: 'your limit',
												position: 'insideEndTop'
											},
											data: [{ yAxis: limit }]
										}
						}
					]
				},
				true
			);
		};
		draw();
		const redraw = $effect.root(() => {
			$effect(draw);
		});
		const watch = new ResizeObserver(() => chart.resize());
		watch.observe(place);
		dark.addEventListener('change', draw);
		return () => {
			redraw();
			watch.disconnect();
			dark.removeEventListener('change', draw);
			chart.dispose();
		};
	});
</script>

<!-- The figures stand in a table beside it; the drawing is for the eye. -->
<div bind:this={place} class="h-72 w-full" role="img" aria-label={label}></div>
