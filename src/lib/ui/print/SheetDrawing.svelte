<script lang="ts">
	import type { Side } from '$core/print/index.ts';

	type Props = {
		side: Side;
		paper: { readonly width: number; readonly height: number };
		/** Hashes of the files whose pages lie on it. */
		files: readonly string[];
		/** What is seen, for those who do not see it. */
		label: string;
		/** It is printed without color. */
		isGray?: boolean;
		/** What the printer leaves white along each edge, mm; it is shown where ink lies in it. */
		edge?: number;
	};
	let { side, paper, files, label, isGray = false, edge = 0 }: Props = $props();
	const isCutOff = $derived(side.placed.some((one) => one.isCutOff));

	/** Where a picture lies before it is turned about the middle of its box. */
	function unturned({ x, y, width, height, turn }: Side['placed'][number]) {
		const lies = turn === 90 || turn === 270;
		const [w, h] = lies ? [height, width] : [width, height];
		return { x: x + (width - w) / 2, y: y + (height - h) / 2, width: w, height: h };
	}
	/** Millimeters in a point. */
	const POINT = 25.4 / 72;
</script>

<!-- One side of a sheet to scale, from the very plan that the print file is made of. -->
<svg
	viewBox="0 0 {paper.width} {paper.height}"
	role="img"
	aria-label={label}
	class="block w-full bg-white shadow-md"
>
	{#each side.placed as one, index (index)}
		{@const box = unturned(one)}
		<image
			href="/documents/{files[one.file]}/{one.page + 1}/small"
			x={box.x}
			y={box.y}
			width={box.width}
			height={box.height}
			preserveAspectRatio="none"
			style={isGray ? 'filter: grayscale(1)' : undefined}
			transform={one.turn
				? `rotate(${one.turn} ${one.x + one.width / 2} ${one.y + one.height / 2})`
				: undefined}
		/>
		<rect
			x={one.x}
			y={one.y}
			width={one.width}
			height={one.height}
			fill="none"
			stroke="#b9c2bb"
			stroke-width="0.5"
		/>
	{/each}
	{#if isCutOff}
		<path
			d="M0 0H{paper.width}V{paper.height}H0Z M{edge} {edge}V{paper.height - edge}H{paper.width -
				edge}V{edge}Z"
			fill="#b02a12"
			fill-opacity="0.45"
		/>
	{/if}
	{#each side.cuts as cut, index (index)}
		<line
			x1={cut.x1}
			y1={cut.y1}
			x2={cut.x2}
			y2={cut.y2}
			stroke="#b02a12"
			stroke-width="0.8"
			stroke-dasharray="4 2.5"
		/>
	{/each}
	{#each side.text as line, index (index)}
		<text
			x={line.x}
			y={line.y}
			font-size={line.points * POINT}
			font-weight={line.bold ? 700 : 400}
			fill="#000">{line.text}</text
		>
	{/each}
</svg>
