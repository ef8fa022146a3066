<script lang="ts">
	import { tick } from 'svelte';
	import { enhance } from '$app/forms';
	import { groupBy } from '$core/group-by.ts';
	import { counted } from '$core/words/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import { walkLines } from '$lib/ui/review/keys.ts';
	import { saves } from '$lib/ui/device/submit.ts';
	import TextField from '$lib/ui/field/TextField.svelte';
	import BookReviewRow from '$lib/ui/library/BookReviewRow.svelte';
	import { BookLine } from '$lib/ui/library/book-review.svelte.ts';

	let { data, form } = $props();
	const base = $derived(`/units/${data.unit.id}/books`);
	const failure = $derived(form && 'message' in form ? form : null);
	/** The last review stays while a save is being mended. */
	let kept = $state.raw<NonNullable<typeof form> | null>(null);
	$effect(() => {
		if (form && 'review' in form) kept = form;
	});
	const current = $derived(form && 'review' in form ? form : kept);
	const review = $derived(current && 'review' in current ? current.review : null);
	const typed = $derived(form?.typed ?? null);
	const lines = $derived(review?.rows.map((row, i) => new BookLine(row, i)) ?? []);
	const doubtful = $derived(lines.filter((line) => line.isDoubtful));
	const groups = $derived([
		...groupBy(
			lines.filter((line) => !line.isDoubtful),
			(line) => line.row.lesson
		)
	]);
	const lessonOptions = $derived([
		{ value: '', label: 'The whole unit' },
		...data.lessons.map((lesson) => ({ value: String(lesson.id), label: `${lesson.number} ${lesson.title}` }))
	]);
	const titleOf = (id: number | null) =>
		lessonOptions.find((one) => one.value === (id === null ? '' : String(id)))?.label ?? '';
	const counts = $derived({
		fresh: lines.filter((line) => line.row.status === 'new').length,
		changed: lines.filter((line) => line.row.status === 'changed').length,
		same: lines.filter((line) => line.row.status === 'same').length
	});
	const marks = $derived(counts.fresh < lines.length);
	const sent = $derived(JSON.stringify(lines.filter((line) => line.keep).map((line) => line.sent())));
	const EXAMPLE =
		'Lesson 1: Ponds\nThe Quiet Pond by Mara Ellison (ages 4–8)\nLesson 2: Rivers\nEllison, Mara. Down the River. Harbor Press, 2011.';

	/** Goes to the next book from where one was said to be right: in doubt first, then down the list. */
	async function next(from: HTMLElement) {
		await tick();
		const all = [...document.querySelectorAll<HTMLElement>('[data-review]')];
		const below = all.slice(all.indexOf(from) + 1);
		const target = all.find((one) => one.querySelector('[data-first]')) ?? below[0];
		target?.querySelector<HTMLElement>('[data-first], [data-line]')?.focus();
	}
</script>

<svelte:head><title>Paste a book list · {data.unit.name} · Gather Bin</title></svelte:head>

{#snippet rows(list: readonly BookLine[])}
	{#each list as line (line)}
		<BookReviewRow
			{line}
			lessons={lessonOptions}
			kinds={data.kinds}
			roles={data.roles}
			{failure}
			{marks}
			{next}
		/>
	{/each}
{/snippet}

{#if !review}
	<h2 class="text-xl">Paste the book list</h2>
	<p class="mt-1 max-w-2xl text-ink-2">
		As the guide prints it, one book per line. A heading like “Lesson 6” puts the books below it in that
		lesson; books before the first heading are for the whole unit. Nothing is saved until you’ve checked it.
	</p>
	<form method="post" action="?/read" use:enhance class="mt-4 max-w-3xl space-y-4">
		<TextField
			label="Book list"
			name="text"
			rows={12}
			value={typed?.text ?? ''}
			placeholder={EXAMPLE}
			{failure}
		/>
		<Button type="submit" look="main">Read the list</Button>
	</form>
{:else}
	<h2 class="font-display text-xl font-medium sm:text-2xl">
		{#if doubtful.length}<span class="underline decoration-due decoration-[3px] underline-offset-4"
				>{doubtful.length} of {counted(lines.length, 'book')}
				{doubtful.length === 1 ? 'needs' : 'need'} checking</span
			>{lines.length > doubtful.length ? '; the rest are fine.' : '.'}{:else}{lines.length === 1
				? 'The book was read.'
				: `All ${counted(lines.length, 'book')} were read.`}{/if}
	</h2>
	<p class="mt-1 text-ink-2">
		{[
			counts.fresh && `${counts.fresh} new`,
			counts.changed && `${counts.changed} changed`,
			counts.same && `${counts.same} unchanged`,
			review.gone.length && `${review.gone.length} removed`
		]
			.filter(Boolean)
			.join(', ')}. Open a line to change it; uncheck what you don’t want listed.
	</p>
	{#if review.language}<p class="mt-2 font-semibold text-due">
			This list seems to be in {review.language}. Only English lists are read; check each line.
		</p>{/if}
	{#each review.unknownHeadings as heading (heading.lineNumber)}
		<p class="mt-2 font-semibold text-due">
			Line {heading.lineNumber}, “{heading.written}”: no lesson matches. Books under it are listed for the
			whole unit.
		</p>
	{/each}
	{#if failure && !failure.path?.startsWith('row-')}<p class="mt-2 font-semibold text-late">
			{failure.message}
		</p>{/if}
	<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
	<form method="post" action="?/save" use:enhance={saves()} class="mt-4" onkeydown={walkLines}>
		<input type="hidden" name="text" value={typed?.text ?? ''} />
		<input type="hidden" name="rows" value={sent} />
		{#if doubtful.length}<ol class="border-t-2 border-ink" aria-label="Books to check">
				{@render rows(doubtful)}
			</ol>{/if}
		{#each groups as [lesson, list] (lesson)}
			<section class="mt-4" aria-label={titleOf(lesson)}>
				<h3 class="border-b-2 border-ink font-display font-semibold">{titleOf(lesson)}</h3>
				<ol>{@render rows(list)}</ol>
			</section>
		{/each}
		{#if review.leftOut.length}
			<details class="mt-4">
				<summary class="min-h-9 cursor-pointer font-semibold"
					>Left out: {counted(review.leftOut.length, 'line')} that {review.leftOut.length === 1
						? 'names'
						: 'name'} no book</summary
				>
				<ul class="text-ink-2">
					{#each review.leftOut as line (line.lineNumber)}<li>“{line.written}”</li>{/each}
				</ul>
			</details>
		{/if}
		{#if review.gone.length}
			<fieldset class="mt-6">
				<legend class="font-display text-lg font-semibold">No longer on the list</legend>
				<p class="text-sm text-ink-2">
					Checked books come off the list, with what was decided about them. What’s on your shelf stays.
				</p>
				{#each review.gone as book (book.id)}
					<label class="flex min-h-10 items-center gap-2.5"
						><input type="checkbox" name="gone" value={book.id} checked={book.again} class="size-5" /><span
							>{book.title} <span class="text-sm text-ink-2">{book.lesson}</span></span
						></label
					>
				{/each}
			</fieldset>
		{/if}
		<div class="sticky bottom-14 mt-6 flex gap-3 border-t-2 border-ink bg-sheet py-3 sm:bottom-0">
			<Button type="submit" look="main">Save the list</Button>
			<Button href={base} look="quiet">Cancel</Button>
		</div>
	</form>
{/if}
