<script lang="ts">
	import { enhance } from '$app/forms';
	import {
		liftingCaution,
		LOOSE,
		type PackedBox,
		type SizeAnswer,
		type UnitPacking,
		type UnitQuestion
	} from '$core/boxes/index.ts';
	import { lengthText, weightText, type System } from '$core/measure/index.ts';
	import { counted, listText } from '$core/words/index.ts';
	import type { PackAsked, Packed } from '$lib/workers/pack.worker.ts';
	import { Aside } from '../device/aside.svelte.ts';
	import { saves } from '../device/submit.ts';
	import Button from '../button/Button.svelte';
	import CautionNote from '../caution/CautionNote.svelte';
	import BoxDrawing from './BoxDrawing.svelte';

	type Box = { box: string; name: string; length: number; width: number; height: number; maxKg: number };
	type Props = {
		question: UnitQuestion;
		boxes: readonly Box[];
		titles: Readonly<Record<string, string>>;
		/** Which of the things are round. */
		round: ReadonlySet<string>;
		/** Things whose size was taken from kind and pages. */
		guessed: readonly string[];
		system: System;
		/** What any box of the house may weigh, kg. */
		liftKg: number;
	};
	let { question, boxes, titles, round, guessed, system, liftKg }: Props = $props();

	const make = () => new Worker(new URL('../../workers/pack.worker.ts', import.meta.url), { type: 'module' });
	const packing = new Aside<PackAsked, Packed>(make);
	const which = new Aside<PackAsked, Packed>(make);
	const inOurs = $derived({ question, isWhich: false, maxKg: liftKg });
	const toGet = $derived({ question: { ...question, boxes: [] }, isWhich: true, maxKg: liftKg });
	const packed = $derived(packing.to(inOurs));
	const sizes = $derived(which.to(toGet));
	const boxOf = (one: PackedBox) => boxes.find((box) => box.box === one.box)!;
	const softIn = (answer: UnitPacking, one: PackedBox) =>
		answer.soft.filter((soft) => soft.box === one.box && soft.copy === one.copy).map((soft) => soft.item);

	/** What is sent: each box with what all of goes in. */
	function sent(answer: UnitPacking): string {
		const left = new Set(answer.left.map((one) => one.item));
		return JSON.stringify(
			answer.used.map((one) => ({
				place: Number(one.box),
				packed: { ...one, items: one.items.filter((item) => !left.has(item.item)) },
				soft: softIn(answer, one)
			}))
		);
	}
	/** Pieces, as the list counts them; loose supplies are none. */
	function insideText(answer: UnitPacking, one: PackedBox): string {
		const soft = softIn(answer, one);
		const pieces = soft.filter((id) => id !== LOOSE).length + one.items.length;
		return counted(pieces, 'thing') + (soft.includes(LOOSE) ? ' and loose supplies' : '');
	}
	const sentence = ({ used, left, softLeft }: UnitPacking) => {
		const over = left.reduce((sum, one) => sum + one.count, 0) + softLeft.length;
		if (used.length === 0) return 'None of it goes into these boxes.';
		return over === 0
			? `All of it goes into ${counted(used.length, 'box', 'boxes')}.`
			: `${counted(over, 'thing')} won’t go in: ${listText([...left.map((one) => titles[one.item]), ...softLeft.map((one) => titles[one])].slice(0, 8))}.`;
	};
	/** Sizes that were only taken for usual decide where it is tight. */
	const toMeasure = ({ used, left }: UnitPacking) => {
		const isTight = left.length > 0 || used.some((one) => one.fill > 0.7);
		// What gives way, and what is not packed here, decides nothing.
		const sizes = new Map(
			question.items.map((one) => [one.item, one.length * one.width * one.height * one.count])
		);
		return isTight
			? guessed
					.filter((id) => sizes.has(id))
					.toSorted((a, b) => sizes.get(b)! - sizes.get(a)!)
					.slice(0, 3)
			: [];
	};
	const advice = (first: SizeAnswer) =>
		first.count === 0
			? `None of the usual sizes takes any of it: ${listText(first.left.map((one) => titles[one]).slice(0, 4))}.`
			: `${counted(first.count, first.name, first.name + (first.name.endsWith('x') ? 'es' : 's'))}, ${inner(first)} inside: ${weightText(first.heaviestKg, system)}${first.count > 1 ? ' the heaviest' : ''}.${first.left.length ? ` Too large for it: ${listText(first.left.map((one) => titles[one]).slice(0, 4))}.` : ''}`;
	/** Where a box took no more because of its weight, and had room left. */
	function stoppedBy(answer: UnitPacking, one: PackedBox): string {
		const { maxKg, name } = boxOf(one);
		const waiting = [
			...answer.left.map(({ item }) => item),
			...answer.used.filter((other) => other !== one).flatMap((other) => other.items.map(({ item }) => item))
		].map((id) => question.items.find((item) => item.item === id)?.kg ?? 0);
		const isHeavy = waiting.length > 0 && one.kg + Math.min(...waiting) > maxKg + 1e-9;
		return isHeavy && one.fill < 0.75
			? `It stopped at ${weightText(maxKg, system)}; ${name} is ${Math.round(one.fill * 100)} % full.`
			: '';
	}
	const inner = (one: { length: number; width: number; height: number }) =>
		[one.length, one.width, one.height].map((mm) => lengthText(mm, system)).join(' × ');
</script>

<!-- The unit into the boxes that there are, or into sizes one can get, worked out on this device. -->
<div aria-live="polite">
	<div class="flex flex-wrap items-center gap-3">
		{#if boxes.length}
			<Button
				onclick={() => packing.ask(inOurs)}
				disabled={packing.share !== null}
				look={packed ? 'plain' : 'main'}
				>{packing.share === null ? 'Put it away in what we have' : 'Packing'}</Button
			>
		{/if}
		<Button
			onclick={() => which.ask(toGet)}
			disabled={which.share !== null}
			look={boxes.length ? 'plain' : 'main'}
			>{which.share === null ? 'Which box should we get?' : 'Trying sizes'}</Button
		>
		{#each [packing, which] as one, at (at)}
			{#if one.share !== null}
				<progress class="h-2 w-40 accent-good" max="1" value={one.share} aria-label="How far it is"
				></progress>
				<Button look="quiet" onclick={() => one.stop()}>Stop</Button>
			{/if}
		{/each}
	</div>
	{#each [packed, sizes] as one, at (at)}
		{#if one && 'problem' in one}<p class="mt-2 font-semibold text-late">{one.problem}</p>{/if}
	{/each}
	{#if sizes && 'sizes' in sizes && sizes.sizes.length}
		<section class="mt-4 max-w-3xl" aria-labelledby="which">
			<h2 id="which" class="font-display text-lg font-medium">{advice(sizes.sizes[0])}</h2>
			<div class="mt-2 overflow-x-auto">
				<table class="w-full text-sm tabular-nums">
					<thead
						><tr class="border-b-2 border-ink text-left"
							><th class="py-1 pr-3">Size</th><th class="pr-3">Inside</th><th class="pr-3">How many</th><th
								class="pr-3">Heaviest</th
							><th>Full</th></tr
						></thead
					>
					<tbody>
						{#each sizes.sizes as one (one.name)}
							<tr class="border-b border-rule"
								><td class="py-1 pr-3 font-semibold">{one.name}</td><td class="pr-3">{inner(one)}</td>
								<td class="pr-3">{one.count}</td><td class="pr-3">{weightText(one.heaviestKg, system)}</td><td
									>{Math.round(one.fill * 100)} %{one.left.length
										? `, but not ${listText(one.left.map((left) => titles[left]).slice(0, 2))}${one.left.length > 2 ? ` and ${one.left.length - 2} more` : ''}`
										: ''}</td
								>
							</tr>
						{/each}
					</tbody>
				</table>
			</div>
			<p class="mt-1 text-sm text-ink-2">
				Usual sizes; measure inside before you buy. No box over {weightText(liftKg, system)}, unless one thing
				alone weighs more.
			</p>
		</section>
	{/if}
	{#if packed && 'packing' in packed}
		{@const answer = packed.packing}
		{@const measure = toMeasure(answer)}
		<p
			class="mt-3 font-display text-lg font-medium {answer.left.length || answer.softLeft.length
				? 'text-late'
				: ''}"
		>
			{sentence(answer)}
		</p>
		{#if !answer.isFirstOnTop}<p class="text-sm text-ink-2">
				Some of what the first lessons need is under other things: all on top would take more room.
			</p>{/if}
		{#if measure.length}<p class="text-sm">
				It’s tight. Measure first: {#each measure as id, at (id)}{at ? ', ' : ''}<a href="?thing={id}"
						>{titles[id]}</a
					>{/each}.
			</p>{/if}
		<div class="mt-3 grid gap-6 lg:grid-cols-2">
			{#each answer.used as one (one.box)}
				<div>
					<BoxDrawing packed={one} box={boxOf(one)} {titles} {round} {system} />
					<p class="mt-1 text-sm tabular-nums">
						{insideText(answer, one)}, {weightText(one.kg, system)}, {Math.round(one.fill * 100)} % full
					</p>
					{#if stoppedBy(answer, one)}<p class="text-sm font-semibold">{stoppedBy(answer, one)}</p>{/if}
					{#if liftingCaution(one.kg)}<CautionNote text={liftingCaution(one.kg)} />{/if}
					<ol class="mt-1 list-inside list-decimal text-sm">
						{#each one.items as item, index (index)}<li>{titles[item.item]}</li>{/each}
					</ol>
					{#if softIn(answer, one).length}<p class="text-sm">
							Into the gaps: {softIn(answer, one)
								.map((id) => titles[id])
								.join(', ')}.
						</p>{/if}
				</div>
			{/each}
		</div>
		{#if answer.used.length}
			<form method="post" action="?/putAway" use:enhance={saves()} class="mt-3">
				<input type="hidden" name="placed" value={sent(answer)} />
				<Button type="submit" look="main">It’s in there now</Button>
			</form>
		{/if}
	{/if}
</div>
