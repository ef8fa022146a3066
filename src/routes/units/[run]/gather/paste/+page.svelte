<script lang="ts">
	import { counted } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import Button from '$lib/ui/button/Button.svelte';
	import Field from '$lib/ui/field/Field.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import Select from '$lib/ui/select/Select.svelte';
	import ReviewRow from '$lib/ui/supply-line/ReviewRow.svelte';

	let { data, form } = $props();
	const from = $derived(page.url.searchParams.get('from') === 'start' ? '&from=start' : '');
	const base = $derived(`/units/${data.unit.id}/gather`);
	const failure = $derived(form && 'message' in form ? form : null);
	/** The last review stays while a save is being mended. */
	let kept = $state.raw<NonNullable<typeof form> | null>(null);
	$effect(() => {
		if (form && 'review' in form) kept = form;
	});
	const current = $derived(form && 'review' in form ? form : kept);
	const review = $derived(current && 'review' in current ? current.review : null);
	const typed = $derived(form?.typed ?? null);
	const lessonOptions = $derived(
		data.lessons.map((lesson) => ({ value: String(lesson.id), label: `${lesson.number} ${lesson.title}` }))
	);
	const firstOpen = $derived(
		String(data.lessons.find((lesson) => !lesson.booked)?.id ?? data.lessons[0]?.id ?? '')
	);
	const EXAMPLE =
		'Lesson 6: The round earth\n2 oranges per child\n1 sheet tracing film per child\nscissors, tape and a globe';
	const SHOWN_AT_ONCE = 150;
	let shown = $state(SHOWN_AT_ONCE);
	const failingRow = $derived(Number(/^row-(\d+)-/.exec(failure?.path ?? '')?.[1] ?? -1));
	/** Lines that are not on the screen go along in one field: thousands of fields would stop the browser. */
	const rest = $derived(
		review?.rows.flatMap((row, i) =>
			i < shown || i === failingRow ? [] : [{ ...row, index: i, or: JSON.stringify(row.or) }]
		) ?? []
	);

	function say(
		counts: { doubtful: number; fresh: number; changed: number; same: number },
		gone: number
	): string {
		const parts = [
			counts.fresh && `${counts.fresh} new`,
			counts.changed && `${counts.changed} changed`,
			counts.same && `${counts.same} unchanged`,
			gone && `${gone} removed`
		].filter(Boolean);
		return parts.join(', ');
	}
</script>

<svelte:head><title>Paste a list · {data.unit.name} · Gather Bin</title></svelte:head>

{#if !review}
	<h2 class="text-xl">Paste the supply list</h2>
	<p class="mt-1 max-w-2xl text-ink-2">
		A heading like “Lesson 6” puts the lines below it in that lesson. Nothing is saved until you’ve checked
		each line.
	</p>
	<form method="post" action="?/read{from}" use:enhance class="mt-4 max-w-3xl space-y-4">
		<Field label="Supply list" name="text" {failure}>
			{#snippet children(aria)}
				<textarea
					class="typed min-h-72 leading-7"
					name="text"
					value={typed?.text ?? ''}
					placeholder={EXAMPLE}
					{...aria}></textarea>
			{/snippet}
		</Field>
		<Field label="Lines without a heading go to" name="lesson" class="max-w-md" {failure}>
			{#snippet children(aria)}<Select
					name="lesson"
					options={lessonOptions}
					value={typed?.lesson || firstOpen}
					{...aria}
				/>{/snippet}
		</Field>
		<Button type="submit" look="main">Read the list</Button>
	</form>
{:else}
	<h2 class="font-display text-xl font-medium sm:text-2xl">
		{#if review.counts.doubtful}<span class="underline decoration-due decoration-[3px] underline-offset-4"
				>{review.counts.doubtful} of {counted(review.rows.length, 'line')}
				{review.counts.doubtful === 1 ? 'needs' : 'need'} checking</span
			>{review.rows.length > review.counts.doubtful ? '; the rest are fine.' : '.'}{:else}{review.rows
				.length === 1
				? 'The line was read.'
				: `All ${review.rows.length} lines were read.`}{/if}
	</h2>
	<p class="mt-1 text-ink-2">
		{say(review.counts, review.gone.length)}. Fix anything wrong; uncheck what you don’t want.
	</p>
	{#each review.unknownHeadings as heading (heading.lineNumber)}
		<p class="mt-2 font-semibold text-due">
			Line {heading.lineNumber}, “{heading.written}”: no lesson matches. Lines under it go to the lesson you
			chose.
		</p>
	{/each}
	{#if failure && !failure.path?.startsWith('row-')}<p class="mt-2 font-semibold text-late">
			{failure.message}
		</p>{/if}

	<form method="post" action="?/save{from}" use:enhance={saves()} class="mt-4">
		<input type="hidden" name="text" value={typed?.text ?? ''} />
		<input type="hidden" name="lesson" value={typed?.lesson ?? ''} />
		{#if rest.length}<input type="hidden" name="rest" value={JSON.stringify(rest)} />{/if}
		<ol class="border-t-2 border-ink">
			{#each review.rows as row, i (i)}
				{#if i < shown || i === failingRow}
					<ReviewRow {row} index={i} lessons={lessonOptions} {failure} />
				{/if}
			{/each}
		</ol>
		{#if review.rows.length > shown}
			<p class="mt-3">
				<Button onclick={() => (shown += SHOWN_AT_ONCE)}
					>Show {Math.min(SHOWN_AT_ONCE, review.rows.length - shown)} more lines</Button
				>
			</p>
		{/if}
		{#if review.gone.length}
			<fieldset class="mt-6">
				<legend class="font-display text-lg font-semibold">No longer on the list</legend>
				<p class="text-sm text-ink-2">
					Checked lines will be removed. They’re checked if the new list covers most of that lesson.
				</p>
				{#each review.gone as line (line.id)}
					<label class="flex min-h-10 items-center gap-2.5"
						><input type="checkbox" name="gone" value={line.id} checked={line.again} class="size-5" /><span
							>“{line.written}” <span class="text-sm text-ink-2">{line.lessonTitle}</span></span
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
