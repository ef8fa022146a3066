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
		/** One bar each. */
		columns: readonly string[];
		/** What a bar is stacked from, from its foot up; `values` are by column. */
		series: readonly { readonly name: string; readonly color: string; readonly values: readonly number[] }[];
		limit?: { readonly at: number; readonly text: string } | null;
		/** The axis is divided into such steps. */
		step?: number;
		format: (value: number) => string;
		/** What the drawing says, in words. */
		label: string;
	};
	let { columns, series, limit = null, step, format, label }: Props = $props();
	let place: HTMLDivElement;

	onMount(() => {
		const chart = init(place, undefined, { renderer: 'svg' });
		const dark = matchMedia('(prefers-color-scheme: dark)');
		const draw = () => {
			// Colors come from the theme, so that the chart is dim in the evening too.
			const theme = getComputedStyle(document.documentElement);
			const color = (name: string) => theme.getPropertyValue(`--color-${name}`).trim();
			const text = { color: color('ink'), fontFamily: theme.getPropertyValue('--font-text'), fontSize: 14 };
			chart.setOption(
				{
					animation: false,
					textStyle: text,
					grid: { left: 44, right: 16, top: 40, bottom: 52 },
					legend: { top: 0, left: 0, textStyle: text, itemWidth: 14, itemHeight: 14 },
					tooltip: { trigger: 'axis', valueFormatter: (value: unknown) => format(Number(value)) },
					xAxis: {
						type: 'category',
						data: [...columns],
						axisLabel: { ...text, interval: 0, hideOverlap: true, lineHeight: 18 },
						axisTick: { show: false },
						axisLine: { lineStyle: { color: color('ink') } }
					},
					yAxis: {
						type: 'value',
						axisLabel: { ...text, formatter: format },
						splitLine: { lineStyle: { color: color('rule') } },
						min: 0,
						// The line of the limit stays on the drawing when every bar is far below it.
						max: step
							? ({ max }: { max: number }) => Math.ceil(Math.max(max, limit?.at ?? 0) / step) * step
							: undefined,
						interval: step
					},
					series: series.map((one, i) => ({
						name: one.name,
						type: 'bar' as const,
						stack: 'all',
						barMaxWidth: 46,
						itemStyle: { color: color(one.color), borderColor: color('sheet'), borderWidth: 1 },
						data: [...one.values],
						markLine:
							limit === null || i < series.length - 1
								? undefined
								: {
										silent: true,
										symbol: 'none',
										lineStyle: { color: color('late'), width: 2, type: 'solid' as const },
										label: {
											...text,
											color: color('late'),
											formatter: limit.text,
											position: 'insideEndTop' as const
										},
										data: [{ yAxis: limit.at }]
									}
					}))
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

<!-- The figures stand in a table beside it; the drawing is for the eye. It never holds its page wider than the screen. -->
<div class="relative h-72 w-full">
	<div bind:this={place} class="absolute inset-0 overflow-hidden" role="img" aria-label={label}></div>
</div>
