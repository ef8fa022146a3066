<script lang="ts">
	import { enhance } from '$app/forms';
	import { tick } from 'svelte';
	import { lengthText, type System } from '$core/measure/index.ts';
	import { placeName } from '$core/setout/index.ts';
	import type { WallView } from '$lib/server/services/setout/wall.ts';
	import Button from '../button/Button.svelte';
	import PostButton from '../button/PostButton.svelte';
	import { saves } from '../device/submit.ts';
	import Select from '../select/Select.svelte';

	type Props = { view: WallView; system: System; lessons: readonly { value: string; label: string }[] };
	let { view, system, lessons }: Props = $props();
	const cardAt = $derived(new Map(view.hanging.map((one) => [one.place, one])));
	/** The place that was tapped: its card is changed or moved, or a word is added there. */
	let chosen = $state<string | null>(null);
	const card = $derived(chosen === null ? null : (cardAt.get(chosen) ?? null));
	const isFree = $derived(
		chosen !== null &&
			card === null &&
			(view.layout?.places.some((one) => placeName(one) === chosen) ?? false)
	);
	let moveForm = $state<HTMLFormElement>();
	let move = $state({ id: 0, spot: '' });
	async function tap(place: string) {
		if (card === null || place === chosen) {
			chosen = place === chosen ? null : place;
			return;
		}
		move = { id: card.id, spot: place };
		chosen = null;
		await tick();
		moveForm?.requestSubmit();
	}
	const wall = $derived(view.wall);
	const letter = $derived(Math.max(wall.width_mm, wall.height_mm) / 34);
	const bar = $derived(
		system === 'metric' ? { length: 200, text: '20 cm' } : { length: 203.2, text: '8 in' }
	);
	const size = (text: string) =>
		Math.min(wall.card_height_mm / 3, (wall.card_width_mm - 8) / (Math.max(4, text.length) * 0.56));
	/** A title in lines of a word or two. */
	const wrapped = (title: string) =>
		title.split(' ').reduce<string[]>((lines, word) => {
			const last = lines.at(-1);
			return last !== undefined && last.length + word.length < 12
				? [...lines.slice(0, -1), `${last} ${word}`]
				: [...lines, word];
		}, []);
	const posterLetter = (spot: { width: number; height: number }, lines: readonly string[]) =>
		Math.min(
			letter * 1.6,
			(spot.width - 8) / (Math.max(4, ...lines.map((one) => one.length)) * 0.56),
			spot.height / (lines.length * 1.3)
		);
	const step = $derived(view.steps[view.at]);
	const said = $derived(
		`Board of ${lengthText(wall.width_mm, system)} by ${lengthText(wall.height_mm, system)}: ${
			[
				...view.posters.filter((one) => one.spot && one.isUp).map((one) => one.title),
				...view.hanging.map((one) => one.text)
			].join(', ') || 'empty'
		}`
	);
</script>

<!-- The board with its cards, to scale: new ones marked, hidden ones turned to the wall, free places dashed. -->
<figure class="mat rounded-sheet p-4 text-chalk">
	<svg
		viewBox="-8 -8 {wall.width_mm + 16} {wall.height_mm + 16 + letter * 2}"
		class="max-h-[30rem] w-full"
		role="group"
		aria-label={said}
	>
		<rect
			x="0"
			y="0"
			width={wall.width_mm}
			height={wall.height_mm}
			fill="none"
			stroke="currentColor"
			stroke-width={wall.width_mm / 200}
			data-width={wall.width_mm}
		/>
		{#if wall.strip_mm > 0}
			<rect x="0" y="0" width={wall.width_mm} height={wall.strip_mm} class="fill-chalk" stroke="#111" />
			{#if wall.strip_text}<text
					x={wall.width_mm / 2}
					y={wall.strip_mm * 0.68}
					font-size={Math.min(wall.strip_mm * 0.6, wall.width_mm / (wall.strip_text.length * 0.6))}
					text-anchor="middle"
					fill="#111">{wall.strip_text}</text
				>{/if}
		{/if}
		{#each view.posters as one (one.id)}
			{#if one.spot}
				{@const lines = wrapped(one.isHidden ? '?' : one.title)}
				{@const size = posterLetter(one.spot, lines)}
				<rect
					{...one.spot}
					data-poster={one.id}
					class={one.isUp ? (one.at === view.at ? 'fill-tape' : 'fill-chalk') : ''}
					fill={one.isUp ? undefined : 'none'}
					stroke="currentColor"
					stroke-dasharray={one.isUp ? undefined : `${letter / 3} ${letter / 3}`}
					stroke-width={wall.width_mm / 400}
				/>
				{#each lines as line, row (row)}
					<text
						x={one.spot.x + one.spot.width / 2}
						y={one.spot.y + one.spot.height / 2 + (row - (lines.length - 1) / 2) * size * 1.2 + size / 3}
						font-size={size}
						text-anchor="middle"
						fill={one.isUp ? (one.at === view.at ? 'var(--color-chalk)' : '#111') : 'currentColor'}
						>{line}</text
					>
				{/each}
			{/if}
		{/each}
		{#each view.layout?.places ?? [] as place, at (at)}
			{@const name = placeName(place)}
			{@const card = cardAt.get(name)}
			<g
				role="button"
				tabindex="0"
				aria-pressed={chosen === name}
				aria-label={card ? `Card ${card.text}` : `Free place ${at + 1}`}
				class="cursor-pointer outline-offset-4"
				onclick={() => tap(name)}
				onkeydown={(event) => {
					if (event.key !== 'Enter' && event.key !== ' ') return;
					event.preventDefault();
					void tap(name);
				}}
			>
				<rect
					x={place.x}
					y={place.y}
					width={wall.card_width_mm}
					height={wall.card_height_mm}
					class={card ? (card.isNew ? 'fill-tape' : 'fill-chalk') : ''}
					fill={card ? undefined : 'transparent'}
					stroke="currentColor"
					stroke-dasharray={card ? undefined : `${letter / 3} ${letter / 3}`}
					stroke-width={chosen === name ? wall.width_mm / 110 : wall.width_mm / 600}
				/>
				{#if card}
					<text
						x={place.x + wall.card_width_mm / 2}
						y={place.y + wall.card_height_mm / 2 + size(card.text) / 3}
						font-size={size(card.text)}
						text-anchor="middle"
						fill={card.isNew ? 'var(--color-chalk)' : '#111'}>{card.isHidden ? '?' : card.text}</text
					>
				{/if}
			</g>
		{/each}
		<g fill="currentColor" stroke="currentColor" stroke-width={wall.width_mm / 300}>
			<line x1="0" x2={bar.length} y1={wall.height_mm + letter} y2={wall.height_mm + letter} />
			<text x={bar.length + 8} y={wall.height_mm + letter * 1.3} font-size={letter} stroke="none"
				>{bar.text}</text
			>
		</g>
	</svg>
	<figcaption class="mt-1 text-sm">
		{step ? `With lesson ${step.number}${step.day ? `, ${step.day}` : ''}. ` : ''}Dark: new. Dashed: free. Tap
		a card to change it, a free place to add a word there.
	</figcaption>
</figure>
<form method="post" action="?/moveWord" use:enhance={saves()} bind:this={moveForm} hidden>
	<input type="hidden" name="id" value={move.id} />
	<input type="hidden" name="spot" value={move.spot} />
	<input type="hidden" name="at" value={view.at} />
</form>
{#if card}
	<div class="mt-2 flex flex-wrap items-center gap-x-3 gap-y-2 border-y border-rule py-2" aria-live="polite">
		<strong>{card.text}</strong>
		<span class="text-sm text-ink-2">Tap another place to move it there.</span>
		{#if card.date !== null}
			<PostButton
				action="?/word"
				fields={{ id: card.id, hidden: card.hiddenUntil === null ? card.date : '' }}
				size="small"
				label="{card.hiddenUntil === null ? 'Hide until its day' : 'Show'}: {card.text}, on the board"
				>{card.hiddenUntil === null ? 'Hide until its day' : 'Show'}</PostButton
			>
		{/if}
		<form method="post" action="?/wordLesson" use:enhance={saves()}>
			<input type="hidden" name="id" value={card.id} />
			<Select
				name="lesson"
				value={String(card.lesson ?? '')}
				options={[{ value: '', label: 'the first day' }, ...lessons]}
				aria-label="{card.text} comes with"
				onchange={(event) => event.currentTarget.form?.requestSubmit()}
			/>
		</form>
		<form method="post" action="?/meaning" use:enhance={saves()} class="flex items-end gap-2">
			<input type="hidden" name="id" value={card.id} />
			<label
				><span class="text-sm font-semibold">Meaning, for its back</span>
				<input name="meaning" value={card.meaning} class="typed" maxlength="300" /></label
			>
			<Button type="submit" size="small">Save</Button>
		</form>
		<PostButton
			action="?/removeWord"
			fields={{ id: card.id }}
			look="quiet"
			size="small"
			label="Remove {card.text} from the board">Remove</PostButton
		>
		<Button look="quiet" size="small" onclick={() => (chosen = null)}>Close</Button>
	</div>
{:else if isFree}
	<form
		method="post"
		action="?/words"
		use:enhance={saves({ reset: true })}
		class="mt-2 flex flex-wrap items-end gap-3 border-y border-rule py-2"
	>
		<input type="hidden" name="spot" value={chosen} />
		<input type="hidden" name="lesson" value={step?.id ?? ''} />
		<label class="min-w-40 flex-1"
			><span class="text-sm font-semibold"
				>Word for this place{step ? `, with lesson ${step.number}` : ''}</span
			>
			<input name="text" class="typed" required /></label
		>
		<Button type="submit">Hang it</Button>
	</form>
{/if}
