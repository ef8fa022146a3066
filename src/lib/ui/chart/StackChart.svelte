<script lang="ts">
	import type { Drawn } from './stack-chart.ts';

	type Props = {
		chart: Drawn;
		/** What the drawing says, in words. */
		label: string;
	};
	let { chart, label }: Props = $props();
</script>

<!-- The figures stand in a table beside it; the drawing is for the eye. Both were drawn from numbers on the server. -->
<div role="img" aria-label={label}>
	<!-- eslint-disable-next-line svelte/no-at-html-tags -->
	<div class="chart sm:hidden">{@html chart.narrow}</div>
	<!-- eslint-disable-next-line svelte/no-at-html-tags -->
	<div class="chart hidden sm:block">{@html chart.wide}</div>
</div>

<style>
	.chart :global(svg) {
		width: 100%;
		height: auto;
	}
</style>
