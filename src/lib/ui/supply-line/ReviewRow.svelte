<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import type { Failure } from '../field/failure.ts';
	import { rowKeys } from '../review/keys.ts';
	import LineFields from './LineFields.svelte';
	import LineSaid from './LineSaid.svelte';
	import type { ReviewLine } from './review.svelte.ts';

	type Props = {
		line: ReviewLine;
		lessons: readonly { value: string; label: string }[];
		/** Children who take part. */
		children: number;
		failure: Failure;
		/** Marks tell new lines from those that are there; on a first list all are new. */
		marks: boolean;
		/** Out of sight on the phone, where one line in doubt is shown at a time. */
		waits?: boolean;
		/** Scripts run, so that lines can be opened. */
		ready: boolean;
		/** Goes on to the next line. */
		next: (from: HTMLElement) => void;
	};
	let { line, lessons, children, failure, marks, waits = false, ready, next }: Props = $props();
	let element = $state<HTMLElement>();
	const { row } = $derived(line);
	const error = $derived(failure?.path?.startsWith(`row-${line.index}-`) ? failure : null);
	$effect(() => {
		if (error) line.open = true;
	});
	// Before scripts run, and where none do, every line shows its fields.
	const isOpen = $derived(line.open || error !== null || !ready);
	const mark = $derived(row.status === 'changed' ? 'changed' : row.status === 'new' ? 'new' : 'no change');

	const { toggle, right, onkeydown } = rowKeys(
		() => line,
		() => element,
		(from) => next(from)
	);
</script>

<!-- svelte-ignore a11y_no_noninteractive_element_interactions (keys of the fields within) -->
<li
	bind:this={element}
	class="border-b border-rule {isOpen ? 'py-2.5' : ''} {waits ? 'max-sm:hidden' : ''}"
	data-review
	{onkeydown}
>
	<div class="flex items-center gap-2">
		<input
			type="checkbox"
			bind:checked={line.keep}
			name={ready ? undefined : `row-${line.index}-keep`}
			class="size-5 shrink-0"
			aria-label="Keep this line: {row.written}"
		/>
		{#if isOpen}
			<p class="min-w-0 flex-1 font-display text-ink-2">
				“{line.written}”
				{#if marks}<span class="ml-1 font-text text-sm">{mark}</span>{/if}
				{#if row.was}<span class="ml-1 font-text text-sm">{row.was}</span>{/if}
			</p>
		{:else}
			<button
				type="button"
				class="min-h-10 min-w-0 flex-1 text-left leading-snug hover:bg-lined sm:min-h-7 {line.keep
					? ''
					: 'line-through'}"
				aria-expanded="false"
				title={line.written}
				data-line
				disabled={!ready}
				onclick={() => toggle(true)}
				><LineSaid {line} {children} />
				{#if marks && row.status !== 'same'}<strong class="text-sm font-semibold text-good">{mark}</strong
					>{/if}
				{#if row.was}<span class="text-sm text-ink-2">{row.was}</span>{/if}</button
			>
			{#if line.waits}<span class="text-sm font-semibold text-due">{row.doubt}</span>{/if}
			{#if line.looked}<Check class="size-4 shrink-0 text-good" aria-label="looked at" />{/if}
		{/if}
	</div>
	{#if isOpen}
		{#if row.doubt}<p class="mt-0.5 mb-1 ml-7 font-semibold text-due">{row.doubt}</p>{/if}
		<div class="mt-1 sm:ml-7">
			{#if ready}<input type="hidden" name="row-{line.index}-keep" value={line.keep ? 'on' : ''} />{/if}
			<LineFields {line} {lessons} {failure} />
			<div class="mt-1.5 flex flex-wrap items-center gap-x-4 text-sm text-ink-2">
				<button
					type="button"
					class="min-h-9 rounded-[3px] border border-edge bg-sheet px-3 font-semibold text-ink hover:border-ink"
					disabled={!ready}
					onclick={right}>{row.doubt && !line.looked ? 'Looks right' : 'Done'}</button
				>
				{#if row.quick && !line.looked}
					{@const { label, per } = row.quick}
					<button
						type="button"
						class="min-h-9 rounded-[3px] border border-edge bg-sheet px-3 font-semibold text-ink hover:border-ink"
						disabled={!ready}
						onclick={() => {
							line.fields.per = per;
							right();
						}}>{label}</button
					>
				{/if}
				{#if row.or.length}<span>or {row.or.map((other) => other.item).join(', or ')}</span>{/if}
				{#if row.note}<span>{row.note}</span>{/if}
			</div>
		</div>
		{#if error}<p class="mt-1 font-semibold text-late sm:ml-7">{error.message}</p>{/if}
	{/if}
</li>
