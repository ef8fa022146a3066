<script lang="ts">
	import { enhance } from '$app/forms';
	import type { BookRow } from '$lib/server/services/library/book-list.ts';
	import { saves } from '../device/submit.ts';
	import Button from '../button/Button.svelte';
	import TextField from '../field/TextField.svelte';

	let { book }: { book: BookRow } = $props();
	let noting = $state(false);

	const CHOICES = [
		{ value: 'have', label: 'Have it' },
		{ value: 'borrow', label: 'Borrow' },
		{ value: 'buy', label: 'Buy' },
		{ value: 'skip', label: 'Skip' }
	] as const;
	const MARKS: Readonly<Record<string, string>> = {
		have: 'aria-pressed:border-good aria-pressed:bg-good aria-pressed:text-sheet',
		borrow: 'aria-pressed:border-due aria-pressed:bg-due aria-pressed:text-sheet',
		buy: 'aria-pressed:border-due aria-pressed:bg-due aria-pressed:text-sheet',
		skip: 'aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-sheet'
	};
</script>

<!-- A book of the guide's list, what is known of it, and the four things one can decide. -->
<li
	id="book-{book.id}"
	class="border-b border-rule py-2.5 {book.isProposed
		? 'border-l-4 border-l-good pl-3'
		: 'border-l-4 border-l-transparent pl-3'} {book.choice === 'skip' ? 'text-ink-2' : ''}"
>
	<div class="flex flex-wrap items-start gap-x-4 gap-y-2">
		<div class="min-w-60 flex-1">
			<p class="leading-snug">
				{#if book.ours}<a class="font-semibold" href="/home/books/{book.ours.id}">{book.title}</a
					>{:else}<strong class="font-semibold">{book.title}</strong>{/if}
				{book.authors}
			</p>
			<p class="text-sm text-ink-2">
				{[book.says, book.ours?.text, book.atLibrary].filter(Boolean).join(' · ')}
				{#if book.isProposed}<span class="font-semibold text-good">our pick</span>{/if}
			</p>
			{#if book.notFor && book.choice !== 'skip'}<p class="text-sm font-semibold text-due">
					{book.notFor}
				</p>{/if}
			{#if book.alike && book.choice !== 'skip'}<p class="text-sm font-semibold text-due">
					{book.alike}
				</p>{/if}
			{#if book.like}
				<form
					method="post"
					action="?/like"
					use:enhance={saves()}
					class="mt-1 flex flex-wrap items-center gap-x-3 text-sm"
				>
					<input type="hidden" name="id" value={book.id} />
					<span
						>{book.like.owned ? 'Is it your' : 'You already list'}
						<a href="/home/books/{book.like.id}">“{book.like.title}”</a>{book.like.owned
							? '?'
							: '. Is it that?'}</span
					>
					<Button
						type="submit"
						size="small"
						name="resource"
						value={String(book.like.id)}
						aria-label="Yes, that one: {book.title}">Yes, that one</Button
					>
					<Button
						type="submit"
						size="small"
						name="resource"
						value=""
						aria-label="No, another book: {book.title}">No, another book</Button
					>
				</form>
			{/if}
		</div>
		<form
			method="post"
			action="?/choose"
			use:enhance={saves({ waits: `Decided: ${book.title}` })}
			class="flex w-full gap-1.5 sm:w-auto"
			aria-label="Decide: {book.title}"
		>
			<input type="hidden" name="id" value={book.id} />
			{#each CHOICES as choice (choice.value)}
				<button
					name="choice"
					value={book.choice === choice.value ? '' : choice.value}
					aria-pressed={book.choice === choice.value}
					aria-label="{choice.label}: {book.title}"
					class="min-h-11 flex-1 rounded-[3px] border border-edge bg-sheet px-3 text-sm font-semibold text-ink hover:border-ink sm:min-h-10 sm:flex-none {MARKS[
						choice.value
					]}">{choice.label}</button
				>
			{/each}
		</form>
	</div>
	{#if book.ours?.owned}
		{#if noting}
			<form
				method="post"
				action="?/alike"
				use:enhance={saves({ done: () => (noting = false) })}
				class="mt-2 flex flex-wrap items-end gap-3"
			>
				<input type="hidden" name="resource" value={book.ours.id} />
				<TextField
					label="Ours have much the same inside, on"
					name="alike"
					placeholder="trains"
					class="w-56"
				/>
				<Button type="submit" size="small">Note it</Button>
			</form>
		{:else}
			<button
				type="button"
				class="min-h-8 text-sm underline decoration-rule decoration-2 underline-offset-4 hover:decoration-ink"
				aria-label="Much like others of ours: {book.title}"
				onclick={() => (noting = true)}>Much like others of ours?</button
			>
		{/if}
	{/if}
</li>
