<script lang="ts">
	import Button from '$lib/ui/button/Button.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import type { PracticeSide } from '$lib/server/services/print/practice.ts';

	let { data } = $props();
	const run = $derived(`/units/${data.unit.id}/print/runs/${data.id}`);
	const picture = (side: PracticeSide) => `${run}/practice/page.jpg?sides=${side.pass}&page=${side.page}`;
	const more = $derived(
		new URLSearchParams({
			delivers: data.asked.delivers,
			flip: data.asked.flip,
			order: data.asked.order,
			jam: data.asked.jam,
			on: data.asked.on ? 'yes' : ''
		}).toString()
	);
</script>

<svelte:head><title>Practice printer · {data.unit.name} · Gather Bin</title></svelte:head>

{#snippet side(one: PracticeSide | null, label: string)}
	<div class="bg-white shadow-md" style:aspect-ratio={data.shape}>
		{#if one}<img
				src={picture(one)}
				alt={label}
				loading="lazy"
				class="block size-full {one.isTurned ? 'rotate-180' : ''}"
			/>{/if}
	</div>
{/snippet}

<p class="text-sm"><a href={run}>The print run</a></p>
<h2 class="text-xl">Practice printer</h2>
<p class="max-w-2xl font-display text-lg leading-snug font-medium">{data.sentence}</p>
<p class="mt-1 max-w-2xl text-sm text-ink-2">
	No paper is used: the run’s own files go through a printer that is only computed. Choose how it treats
	paper, and leaf through the pile.
</p>
<form method="get" class="mt-4 flex flex-wrap items-end gap-3">
	<SelectField
		label="Sheets come out"
		name="delivers"
		options={[
			{ value: 'face down', label: 'printed side down' },
			{ value: 'face up', label: 'printed side up' }
		]}
		value={data.asked.delivers}
		class="w-44"
	/>
	<SelectField
		label="The back is turned on the"
		name="flip"
		options={[
			{ value: 'long-edge', label: 'long edge' },
			{ value: 'short-edge', label: 'short edge' }
		]}
		value={data.asked.flip}
		class="w-44"
	/>
	{#if data.byHand}
		<SelectField
			label="Put back, the pile’s order is"
			name="order"
			options={[
				{ value: 'reversed', label: 'reversed' },
				{ value: 'kept', label: 'kept' }
			]}
			value={data.asked.order}
			class="w-44"
		/>
	{/if}
	<TextField label="Jams on sheet" name="jam" inputmode="numeric" value={data.asked.jam} class="w-28" />
	<label class="flex min-h-11 items-center gap-2"
		><input type="checkbox" class="size-5" name="on" value="yes" checked={data.asked.on} />and goes on as the
		run says</label
	>
	<Button type="submit" look="main">Print</Button>
</form>

<ol
	class="mat mt-5 grid grid-cols-1 gap-x-5 gap-y-6 rounded-sheet p-4 sm:grid-cols-2 sm:p-6 lg:grid-cols-3"
	start={data.at}
	aria-label="The pile, from its top"
>
	{#each data.sheets as sheet, index (index)}
		<li>
			<div class="grid grid-cols-2 gap-1.5">
				{@render side(sheet.front, `Sheet ${data.at + index} of the pile, front`)}
				{@render side(sheet.back, `Sheet ${data.at + index} of the pile, back`)}
			</div>
			<p class="mt-1.5 text-sm leading-tight text-chalk">
				<span class="font-semibold tabular-nums">{data.at + index}</span>
				{#if sheet.wrong}<strong>Wrong: {sheet.wrong}</strong>{:else}right{/if}
			</p>
		</li>
	{/each}
</ol>
{#if data.all > data.sheets.length}
	<nav class="mt-3 flex flex-wrap items-center gap-4" aria-label="More sheets">
		{#if data.at > 1}<a href="?{more}&at={Math.max(1, data.at - 12)}">Earlier sheets</a>{/if}
		{#if data.at + data.sheets.length - 1 < data.all}<a href="?{more}&at={data.at + 12}">More sheets</a>{/if}
	</nav>
{/if}
