<script lang="ts">
	import { enhance } from '$app/forms';
	import { lengthText, type System } from '$core/measure/index.ts';
	import { listText } from '$core/words/index.ts';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';
	import type { Failure } from '../field/failure.ts';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import type { LedgeView } from '$lib/server/services/setout/ledge.ts';

	type Props = {
		ledge: LedgeView;
		places: readonly { value: string; label: string }[];
		corner: number | null;
		system: System;
		failure: Failure;
	};
	let { ledge, places, corner, system, failure }: Props = $props();
	const unit = $derived(system === 'us' ? 'in' : 'cm');
	const inMeasure = (mm: number) => lengthText(mm, system).replace(/ (?:in|cm)$/, '');
</script>

<!-- Books face out, to scale, and where the reading corner is. -->
<section class="mt-8" aria-labelledby="ledge">
	<h2 id="ledge" class="text-lg">Book ledge</h2>
	<p class="mt-1">{ledge.sentence}</p>
	{#if ledge.books.length}
		{@const long = ledge.length ?? Math.max(...ledge.books.map((one) => one.x + one.width))}
		<figure class="mat mt-2 rounded-sheet p-4 text-chalk">
			<svg
				viewBox="-8 0 {long + 16} 330"
				class="max-h-60 w-full"
				role="img"
				aria-label="Book ledge: {ledge.books.map((one) => one.title).join(', ')}"
			>
				{#each ledge.books as one (one.title)}
					<rect
						x={one.x}
						y={300 - one.height}
						width={one.width}
						height={one.height}
						class="fill-chalk"
						stroke="#111"
						data-width={one.width}
					/>
					{#each one.title.split(' ').slice(0, 6) as word, at (at)}<text
							x={one.x + one.width / 2}
							y={300 - one.height + 34 + at * 26}
							font-size={Math.min(22, (one.width - 10) / (word.length * 0.6))}
							text-anchor="middle"
							fill="#111">{word}</text
						>{/each}
				{/each}
				<rect x="0" y="300" width={long} height="12" fill="currentColor" />
			</svg>
		</figure>
	{/if}
	<form method="post" action="?/ledge" use:enhance={saves()} class="mt-2 flex flex-wrap items-end gap-3">
		<TextField
			label="Ledge length, {unit}"
			name="ledge"
			value={ledge.length === null ? '' : inMeasure(ledge.length)}
			look="!w-24"
			{failure}
		/>
		<SelectField
			label="Reading corner"
			name="corner"
			class="min-w-40"
			options={places}
			value={String(corner ?? '')}
			{failure}
		/>
		<Button type="submit" size="small">Save the ledge</Button>
	</form>
	{#if ledge.corner?.books.length}
		<p class="mt-2">
			To the reading corner, {ledge.corner.name}: {listText(
				ledge.corner.books.map((one) => (one.where ? `${one.title} (${one.where})` : one.title))
			)}.
		</p>
	{/if}
</section>
