import { BarChart } from 'echarts/charts';
import { GridComponent, LegendComponent, MarkLineComponent } from 'echarts/components';
import { init, use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

use([BarChart, GridComponent, LegendComponent, MarkLineComponent, SVGRenderer]);

export type Stack = {
	/** One bar each. */
	readonly columns: readonly string[];
	/** What a bar is stacked from, from its foot up; `values` are by column. */
	readonly series: readonly {
		readonly name: string;
		readonly color: string;
		readonly values: readonly number[];
	}[];
	readonly limit?: { readonly at: number; readonly text: string } | null;
	/** The axis is divided into such steps. */
	readonly step?: number;
	readonly format: (value: number) => string;
};

/** The same drawing for a narrow and a wide screen, as SVG. */
export type Drawn = { readonly narrow: string; readonly wide: string };

/** In CSS pixels, as wide as the column of a phone of 390 and of a laptop of 1280. */
const WIDTHS = { narrow: 342, wide: 780 };
const HEIGHT = 288;

/**
 * Bars made of parts, drawn on the server: the page ships no chart library, and the drawing is there with its text.
 * Colors are names of the theme, so that it is dim in the evening, too.
 */
export function stackChart(stack: Stack): Drawn {
	return { narrow: drawn(stack, WIDTHS.narrow), wide: drawn(stack, WIDTHS.wide) };
}

const color = (name: string) => `var(--color-${name})`;

function drawn({ columns, series, limit = null, step, format }: Stack, width: number): string {
	const chart = init(null, undefined, { renderer: 'svg', ssr: true, width, height: HEIGHT });
	const text = { color: color('ink'), fontFamily: 'inherit', fontSize: 14 };
	chart.setOption({
		animation: false,
		textStyle: text,
		grid: { left: 56, right: 16, top: 40, bottom: 52 },
		legend: { top: 0, left: 0, textStyle: text, itemWidth: 14, itemHeight: 14, selectedMode: false },
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
			type: 'bar',
			stack: 'all',
			silent: true,
			barMaxWidth: 46,
			itemStyle: { color: color(one.color), borderColor: color('sheet'), borderWidth: 1 },
			data: [...one.values],
			markLine:
				limit === null || i < series.length - 1
					? undefined
					: {
							silent: true,
							symbol: 'none',
							lineStyle: { color: color('late'), width: 2, type: 'solid' },
							label: {
								...text,
								color: color('late'),
								formatter: limit.text,
								position: 'insideEndTop'
							},
							data: [{ yAxis: limit.at }]
						}
		}))
	});
	const svg = chart.renderToSVGString();
	chart.dispose();
	// Its own style sheet only serves pointing at it, which nothing here does.
	return svg.replace(/<style[\s\S]*?<\/style>/g, '');
}
