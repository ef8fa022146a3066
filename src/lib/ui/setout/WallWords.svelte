<script lang="ts">
	import { enhance } from '$app/forms';
	import { listText } from '$core/words/index.ts';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';
	import type { Failure } from '../field/failure.ts';
	import SelectField from '../field/SelectField.svelte';
	import type { WallView } from '$lib/server/services/setout/wall.ts';

	type Props = {
		steps: WallView['steps'];
		lessons: readonly { value: string; label: string }[];
		/** The unit that they belong to. */
		unit: number;
		failure: Failure;
	};
	let { steps, lessons, unit, failure }: Props = $props();
</script>

<!-- Words of the wall, lesson by lesson. -->
<section aria-labelledby="words">
	<h2 id="words" class="text-lg">Words, lesson by lesson</h2>
	<form method="post" action="?/words" use:enhance={saves({ reset: true })} class="mt-2 space-y-2">
		<label class="block"
			><span class="text-sm font-semibold"
				>Words, with commas; a line “Lesson 3: legend, scale” for others</span
			>
			<textarea name="text" rows="3" class="typed" placeholder="legend, scale, compass rose*"
				>{failure?.typed?.text ?? ''}</textarea
			></label
		>
		<div class="flex flex-wrap items-end gap-3">
			<SelectField
				label="Come with"
				name="lesson"
				options={[{ value: '', label: 'the first lesson' }, ...lessons]}
				value=""
				{failure}
			/>
			<Button type="submit">Add</Button>
			<span class="text-sm text-ink-2"
				>An asterisk keeps a word to the end. “legend = what the signs mean” prints the meaning on the back.</span
			>
		</div>
	</form>
	{#if steps.some((one) => one.words.length)}
		<p class="mt-2">
			<a href="/units/{unit}/setout/words.pdf" target="_blank">Word cards to cut out (PDF)</a>
		</p>
	{/if}
	<ol class="mt-3 divide-y divide-rule border-y border-rule">
		{#each steps as one (one.number)}
			<li class="py-1.5">
				<p class="flex flex-wrap gap-x-3">
					<strong>{one.number} {one.title}</strong><span class="text-sm text-ink-2">{one.day}</span>
					{#if one.isFull}<span class="text-sm font-semibold text-late">full here</span>{/if}
				</p>
				{#if one.words.length}
					<ul class="flex flex-wrap gap-x-3 text-sm">
						{#each one.words as word (word.id)}
							<li class="flex items-center">
								{word.hidden ? 'hidden: ' : ''}{word.text}{word.kept ? '*' : ''}
								{#if one.date !== null}
									<form method="post" action="?/word" use:enhance={saves()}>
										<input type="hidden" name="id" value={word.id} />
										<input type="hidden" name="hidden" value={word.hiddenUntil === null ? one.date : ''} />
										<button
											type="submit"
											class="min-h-8 px-1 text-ink-2 underline decoration-dotted underline-offset-4 hover:text-ink"
											aria-label="{word.hiddenUntil === null ? 'Hide until its day' : 'Show'}: {word.text}"
											>{word.hiddenUntil === null ? 'hide' : 'show'}</button
										>
									</form>
								{/if}
								<form method="post" action="?/removeWord" use:enhance={saves()}>
									<input type="hidden" name="id" value={word.id} />
									<button
										type="submit"
										class="grid size-8 place-items-center text-ink-2 hover:text-ink"
										aria-label="Remove {word.text}">×</button
									>
								</form>
							</li>
						{/each}
					</ul>
				{/if}
				{#if one.down.length}<p class="text-sm text-ink-2">Down: {listText(one.down)}.</p>{/if}
			</li>
		{/each}
	</ol>
</section>
