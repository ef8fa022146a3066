<script lang="ts">
	import { enhance } from '$app/forms';
	import Ellipsis from '@lucide/svelte/icons/ellipsis';
	import type { Answer } from '$lib/server/services/looking/answers.ts';
	import type { Question } from '$lib/server/services/looking/questions.ts';
	import { saves } from '../device/submit.ts';
	import CautionNote from '../caution/CautionNote.svelte';

	type Props = {
		one: Question;
		given: Answer | null;
		/** The row that the keys answer. */
		isHere: boolean;
		seen: number;
		answer: (answer: Answer, button: HTMLElement | null) => void;
		/** Opens where it is and how much. */
		detail: () => void;
		here: () => void;
	};
	let { one, given, isHere, seen, answer, detail, here }: Props = $props();

	const CHOICES: readonly { value: Answer; label: string; key: string }[] = [
		{ value: 'have', label: 'Have it', key: 'H' },
		{ value: 'look', label: 'Look', key: 'L' },
		{ value: 'none', label: 'Don’t have it', key: 'D' }
	];
	const MARKS: Readonly<Record<Answer, string>> = {
		have: 'aria-pressed:border-good aria-pressed:bg-good aria-pressed:text-sheet',
		look: 'aria-pressed:border-due aria-pressed:bg-due aria-pressed:text-sheet',
		none: 'aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-sheet'
	};
</script>

<!-- One thing and its three answers. -->
<li
	id="q-{one.item}"
	class="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-rule py-2.5 pl-3 {isHere
		? 'border-l-4 border-l-ink bg-lined'
		: 'border-l-4 border-l-transparent'}"
>
	<div class="min-w-56 flex-1">
		<p class="leading-snug">
			<strong class={given ? 'font-normal' : 'font-semibold'}>{one.text}</strong>
			<span class="text-sm text-ink-2">{one.lessons}</span>
		</p>
		{#each one.others as other (other)}
			<form
				method="post"
				action="?/other"
				use:enhance={saves({ waits: `Have ${other}` })}
				class="text-sm text-ink-2"
			>
				<input type="hidden" name="item" value={one.item} />
				<input type="hidden" name="name" value={other} />
				or
				<button
					class="min-h-8 font-semibold underline decoration-rule decoration-2 underline-offset-4 hover:decoration-ink"
					>{other}: have that</button
				>
			</form>
		{/each}
		{#each one.remarks as remark (remark)}<p class="text-sm text-ink-2">{remark}</p>{/each}
		{#each one.cautions as caution (caution)}<CautionNote text={caution} />{/each}
	</div>
	<form
		method="post"
		action="?/answer"
		class="flex w-full items-center gap-1.5 sm:w-auto"
		onsubmit={(event) => {
			event.preventDefault();
			const button = event.submitter as HTMLButtonElement | null;
			if (button) answer(button.value as Answer, button);
		}}
		onfocusin={here}
	>
		<input type="hidden" name="item" value={one.item} />
		<input type="hidden" name="seen" value={seen} />
		{#each CHOICES as choice (choice.value)}
			<button
				name="answer"
				value={choice.value}
				data-answer={choice.value}
				aria-pressed={given === choice.value}
				aria-label="{choice.label}: {one.name}"
				class="min-h-11 flex-1 rounded-[3px] border px-3 text-sm font-semibold whitespace-nowrap hover:border-ink sm:flex-none {MARKS[
					choice.value
				]} {given === null && one.likely === choice.value
					? 'border-2 border-dashed border-due'
					: 'border-edge'}">{choice.label}</button
			>
		{/each}
		<button
			type="button"
			class="grid size-11 shrink-0 place-items-center text-ink-2 hover:text-ink"
			aria-label="Have it, with place or number: {one.name}"
			onclick={detail}><Ellipsis size={20} aria-hidden="true" /></button
		>
	</form>
</li>
