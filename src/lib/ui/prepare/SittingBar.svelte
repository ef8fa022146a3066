<script lang="ts">
	type Props = { minutes: number; taken: number };
	let { minutes, taken }: Props = $props();
	const most = $derived(Math.max(minutes, taken, 1));
</script>

<!-- How full a sitting is: to scale, a tick every fifteen minutes. -->
<svg
	viewBox="0 0 {most} 10"
	preserveAspectRatio="none"
	class="h-2.5 w-full"
	role="img"
	aria-label="{Math.round(taken)} of {minutes} minutes"
>
	<rect width={minutes} height="10" class="fill-desk-2" />
	<rect width={Math.min(taken, minutes)} height="10" class="fill-good" />
	{#if taken > minutes}<rect x={minutes} width={taken - minutes} height="10" class="fill-late" />{/if}
	{#each Array.from({ length: Math.floor(most / 15) }, (_, at) => (at + 1) * 15) as tick (tick)}
		<line
			x1={tick}
			x2={tick}
			y2="10"
			class="stroke-sheet"
			stroke-width="1"
			vector-effect="non-scaling-stroke"
		/>
	{/each}
</svg>
