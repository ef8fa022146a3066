<script lang="ts">
	import { enhance } from '$app/forms';
	import { onDestroy } from 'svelte';
	import { HEAVY_KG, NOT_ALONE_KG, type PackedBox, type PackInput, type Packing } from '$core/boxes/index.ts';
	import { counted } from '$core/words/index.ts';
	import type { Packed } from '$lib/workers/pack.worker.ts';
	import { saves } from '../device/submit.ts';
	import Button from '../button/Button.svelte';
	import CautionNote from '../caution/CautionNote.svelte';
	import BoxDrawing from './BoxDrawing.svelte';

	type Box = { box: string; name: string; length: number; width: number; height: number };
	type Props = {
		question: PackInput;
		boxes: readonly Box[];
		titles: Readonly<Record<string, string>>;
		isMetric: boolean;
	};
	let { question, boxes, titles, isMetric }: Props = $props();

	let worker: Worker | null = null;
	let share = $state<number | null>(null);
	let answer = $state<{ packed: { packing: Packing } | { problem: string }; for: PackInput } | null>(null);
	// An answer to an older question is not shown.
	const shown = $derived(
		answer && JSON.stringify(answer.for) === JSON.stringify(question) ? answer.packed : null
	);
	function workOut() {
		stop();
		const asking = $state.snapshot(question) as PackInput;
		share = 0;
		worker = new Worker(new URL('../../workers/pack.worker.ts', import.meta.url), { type: 'module' });
		worker.onmessage = ({ data }: MessageEvent<Packed>) => {
			if ('share' in data) {
				({ share } = data);
				return;
			}
			answer = { packed: data, for: asking };
			stop();
		};
		worker.onerror = () => {
			answer = { packed: { problem: 'This device couldn’t work that out. Nothing changed.' }, for: asking };
			stop();
		};
		worker.postMessage(asking);
	}
	function stop() {
		worker?.terminate();
		worker = null;
		share = null;
	}
	onDestroy(stop);
	const boxOf = (one: PackedBox) => boxes.find((box) => box.box === one.box)!;
	const placed = (packing: Packing) => {
		const left = new Set(packing.left.map((one) => one.item));
		return JSON.stringify(
			Object.fromEntries(
				packing.used.flatMap((one) =>
					one.items.filter((item) => !left.has(item.item)).map((item) => [item.item, Number(one.box)])
				)
			)
		);
	};
	const weight = (kg: number) => (isMetric ? `${kg.toFixed(1)} kg` : `${(kg / 0.45359237).toFixed(1)} lb`);
	const sentence = ({ used, left }: Packing) => {
		const over = left.reduce((sum, one) => sum + one.count, 0);
		if (used.length === 0) return 'None of it goes into these boxes.';
		return over === 0
			? `All of it goes into ${counted(used.length, 'box', 'boxes')}.`
			: `${counted(over, 'thing')} won’t go in: ${left.map((one) => titles[one.item]).join(', ')}.`;
	};
</script>

<!-- The unit into the boxes that there are, worked out on this device; drawn step by step, then put away in one tap. -->
<div aria-live="polite">
	<div class="flex flex-wrap items-center gap-3">
		<Button onclick={workOut} disabled={share !== null} look={shown ? 'plain' : 'main'}
			>{share === null ? 'Put it away in what we have' : 'Packing'}</Button
		>
		{#if share !== null}
			<progress class="h-2 w-40 accent-good" max="1" value={share} aria-label="How far it is"></progress>
			<Button look="quiet" onclick={stop}>Stop</Button>
		{/if}
	</div>
	{#if shown && 'problem' in shown}<p class="mt-2 font-semibold text-late">{shown.problem}</p>{/if}
	{#if shown && 'packing' in shown}
		{@const { packing } = shown}
		<p class="mt-3 font-display text-lg font-medium {packing.left.length ? 'text-late' : ''}">
			{sentence(packing)}
		</p>
		<div class="mt-3 grid gap-6 lg:grid-cols-2">
			{#each packing.used as one (one.box)}
				<div>
					<BoxDrawing packed={one} box={boxOf(one)} {titles} {isMetric} />
					<p class="mt-1 text-sm tabular-nums">
						{counted(one.items.length, 'thing')}, {weight(one.kg)}, {Math.round(one.fill * 100)} % full
					</p>
					{#if one.kg > NOT_ALONE_KG}<CautionNote text="Over 23 kg (51 lb): don’t lift it alone." />
					{:else if one.kg > HEAVY_KG}<CautionNote
							text="Over 9 kg (20 lb): heavy. Lift it close to you."
						/>{/if}
					<ol class="mt-1 list-inside list-decimal text-sm">
						{#each one.items as item, index (index)}<li>{titles[item.item]}</li>{/each}
					</ol>
				</div>
			{/each}
		</div>
		{#if packing.used.length}
			<form method="post" action="?/putAway" use:enhance={saves()} class="mt-3">
				<input type="hidden" name="placed" value={placed(packing)} />
				<Button type="submit" look="main">It’s in there now</Button>
			</form>
		{/if}
	{/if}
</div>
