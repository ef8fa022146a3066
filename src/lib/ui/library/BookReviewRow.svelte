<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import { labelOf } from '$core/words/index.ts';
	import type { Failure } from '../field/failure.ts';
	import { rowKeys } from '../review/keys.ts';
	import Select from '../select/Select.svelte';
	import type { BookLine } from './book-review.svelte.ts';

	type Option = { readonly value: string; readonly label: string };
	type Props = {
		line: BookLine;
		lessons: readonly Option[];
		kinds: readonly string[];
		roles: readonly string[];
		failure: Failure;
		marks: boolean;
		/** Goes on to the next book. */
		next: (from: HTMLElement) => void;
	};
	/** The fields of a book in their order, with the width of each. */
	const FIELDS = [
		{ name: 'title', label: 'Title', hint: '', look: 'min-w-56 flex-[2] font-semibold' },
		{ name: 'authors', label: 'Author', hint: 'author', look: 'min-w-44 flex-1' },
		{ name: 'isbn', label: 'ISBN', hint: 'ISBN', look: '!w-40' },
		{ name: 'kind', label: 'Kind', options: 'kinds', look: '!w-36' },
		{ name: 'role', label: 'Role', options: 'roles', look: '!w-32' },
		{ name: 'fromAge', label: 'From age', hint: 'age', look: '!w-16 text-right' },
		{ name: 'toAge', label: 'To age', hint: 'to', look: '!w-16 text-right' },
		{ name: 'pages', label: 'Pages', hint: 'pages', look: '!w-20 text-right' },
		{ name: 'lesson', label: 'Lesson', options: 'lessons', look: 'min-w-40 flex-1' },
		{ name: 'note', label: 'Note', hint: 'note', look: 'min-w-40 flex-1' }
	] as const;
	let { line, lessons, kinds, roles, failure, marks, next }: Props = $props();
	let element = $state<HTMLElement>();
	const { row } = $derived(line);
	const error = $derived(failure?.path?.startsWith(`row-${line.index}-`) ? failure : null);
	const isOpen = $derived(line.open || error !== null);
	const bad = (field: string) =>
		error?.path === `row-${line.index}-${field}` ? ('true' as const) : undefined;
	const optionsOf = $derived({
		kinds: kinds.map((kind) => ({ value: kind, label: labelOf(kind) })),
		roles: [{ value: '', label: 'no role' }, ...roles.map((role) => ({ value: role, label: labelOf(role) }))],
		lessons
	});
	$effect(() => {
		if (error) line.open = true;
	});

	const { toggle, right, onkeydown } = rowKeys(
		() => line,
		() => element,
		(from) => next(from)
	);
</script>

<!-- svelte-ignore a11y_no_noninteractive_element_interactions (keys of the fields within) -->
<li
	bind:this={element}
	class="border-b border-rule {line.keep ? '' : 'opacity-60'} {isOpen ? 'py-2.5' : ''}"
	data-review
	{onkeydown}
>
	<div class="flex items-center gap-2">
		<input
			type="checkbox"
			bind:checked={line.keep}
			class="size-5 shrink-0"
			aria-label="Keep this book: {row.title}"
		/>
		{#if isOpen}
			<p class="min-w-0 flex-1 font-display text-ink-2">
				“{line.written}” {#if row.was}<span class="ml-1 font-text text-sm">{row.was}</span>{/if}
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
				onclick={() => toggle(true)}
				><em class="font-semibold not-italic">{line.fields.title}</em>
				{line.fields.authors}
				<span class="text-ink-2">{line.says && `· ${line.says}`}</span>
				{#if marks && row.status !== 'same'}<strong class="text-sm font-semibold text-good"
						>{row.status}</strong
					>{/if}
				{#if row.was}<span class="text-sm text-ink-2">{row.was}</span>{/if}</button
			>
			{#if line.looked}<Check class="size-4 shrink-0 text-good" aria-label="looked at" />{/if}
		{/if}
	</div>
	{#if isOpen}
		{#if row.doubt}<p class="mt-0.5 mb-1 ml-7 font-semibold text-due">{row.doubt}</p>{/if}
		<div class="mt-1 flex flex-wrap gap-1 sm:ml-7">
			{#each FIELDS as field (field.name)}
				{#if 'options' in field}
					<Select
						class={field.look}
						options={optionsOf[field.options]}
						bind:value={line.fields[field.name]}
						aria-label="{field.label}: {row.title}"
					/>
				{:else}
					<input
						class="typed {field.look}"
						inputmode={field.look.includes('text-right') ? 'numeric' : undefined}
						placeholder={field.hint}
						bind:value={line.fields[field.name]}
						aria-label="{field.label}: {row.title}"
						aria-invalid={bad(field.name)}
						data-first={field.name === 'title' ? true : undefined}
					/>
				{/if}
			{/each}
			<label class="flex min-h-10 items-center gap-1.5 text-sm"
				><input type="checkbox" bind:checked={line.fields.optional} class="size-4.5" />optional</label
			>
			<button
				type="button"
				class="min-h-10 rounded-[3px] border border-edge bg-sheet px-3 text-sm font-semibold hover:border-ink"
				onclick={right}>{row.doubt && !line.looked ? 'Looks right' : 'Done'}</button
			>
		</div>
		{#if error}<p class="mt-1 font-semibold text-late sm:ml-7">{error.message}</p>{/if}
	{/if}
</li>
