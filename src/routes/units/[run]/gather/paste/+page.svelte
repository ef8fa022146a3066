<script lang="ts">
	import { counted, lessonsText } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import Button from '$lib/ui/button/Button.svelte';
	import { walkLines } from '$lib/ui/review/keys.ts';
	import { saves } from '$lib/ui/device/submit.ts';
	import { onMount, tick } from 'svelte';
	import AlikeNames from '$lib/ui/supply-line/AlikeNames.svelte';
	import { FEW, inColumns } from '$lib/ui/supply-line/columns.ts';
	import LeftOut from '$lib/ui/supply-line/LeftOut.svelte';
	import PasteList from '$lib/ui/supply-line/PasteList.svelte';
	import ReadAs from '$lib/ui/supply-line/ReadAs.svelte';
	import ReviewColumns from '$lib/ui/supply-line/ReviewColumns.svelte';
	import ReviewRow from '$lib/ui/supply-line/ReviewRow.svelte';
	import Unplaced from '$lib/ui/supply-line/Unplaced.svelte';
	import { ReviewLines } from '$lib/ui/supply-line/review.svelte.ts';

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
	/** Lines of a column that are on the screen: a long list fills up while one already reads. */
	const FILLED_AT_ONCE = 40;
	let filled = $state(FILLED_AT_ONCE);
	const SHOWN_AT_ONCE = 600;
	let shown = $state(SHOWN_AT_ONCE);
	let ready = $state(false);
	/** Whether two names were said to be one thing, by the more general one. */
	let sameAs = $state<Record<string, boolean>>({});
	onMount(() => {
		ready = true;
	});
	const lines = $derived(review ? new ReviewLines(review) : null);
	const failingRow = $derived(Number(/^row-(\d+)-/.exec(failure?.path ?? '')?.[1] ?? -1));
	// A line that cannot be saved has to be on the screen.
	$effect(() => {
		if (failingRow >= shown) shown = failingRow + SHOWN_AT_ONCE;
		if (failingRow >= filled) filled = failingRow + FILLED_AT_ONCE;
	});
	/** Lines whose fields are not on the screen go along in one field: thousands of fields would stop the browser. */
	const rest = $derived.by(() => {
		const shownOpen = new Set(
			ready ? [] : [...(lines?.doubtful ?? []), ...columns.flat().flatMap((one) => one.lines)]
		);
		return (lines?.all ?? [])
			.filter((line) => line.keep && !line.open && line.index !== failingRow && !shownOpen.has(line))
			.map((line) => line.sent());
	});
	const maybe = $derived(lines?.leftOut.filter((line) => line.maybe) ?? []);
	const noThings = $derived(lines?.leftOut.filter((line) => !line.maybe) ?? []);
	/** On a first list all lines are new, and no mark says so. */
	const marks = $derived(review ? review.counts.fresh < review.rows.length : false);
	const columns = $derived.by(() => {
		const order = new Map(data.lessons.map((lesson, i) => [lesson.id, i]));
		const groups = (lines?.lessons ?? []).toSorted(
			(a, b) => (order.get(a.lesson) ?? 0) - (order.get(b.lesson) ?? 0)
		);
		return inColumns(groups, shown);
	});
	$effect(() => {
		if (!lines || filled * 2 >= shown + FEW) return;
		const timer = setTimeout(() => (filled += FILLED_AT_ONCE), 60);
		return () => clearTimeout(timer);
	});
	/** What has to be looked at, counted down as it is answered. */
	const toCheck = $derived(
		(lines?.waiting ?? 0) + (lines?.unplaced.find((one) => one.heading === null)?.lines.length ?? 0)
	);
	/** ", all in lessons 1 to 12" */
	const inLessons = $derived.by(() => {
		const numbers = data.lessons
			.filter((lesson) => lines?.lessons.some((one) => one.lesson === lesson.id))
			.map((lesson) => lesson.number);
		const isRow = numbers.length > 2 && numbers.at(-1)! - numbers[0] === numbers.length - 1;
		const all = isRow ? `lessons ${numbers[0]} to ${numbers.at(-1)}` : lessonsText(numbers);
		return numbers.length === 0 ? '' : `, all in ${all}`;
	});
	/** Something should be said before all of it is saved, and somebody wanted to save. */
	let isAsked = $state(false);
	const restCount = $derived(lines?.lessons.reduce((sum, one) => sum + one.lines.length, 0) ?? 0);
	/** On the phone one line in doubt at a time. */
	let at = $state(0);

	/** Goes to the next line from where one was said to be right: in doubt first, then down the list. */
	async function next(from: HTMLElement) {
		const doubts = lines?.doubtful ?? [];
		const waiting = doubts.findIndex((line) => line.waits);
		if (waiting >= 0) {
			at = waiting;
			doubts[waiting].open = true;
		}
		await tick();
		const all = [...document.querySelectorAll<HTMLElement>('[data-review]')];
		const isSeen = (one: HTMLElement) => one.offsetParent !== null;
		const target =
			waiting >= 0
				? all.find((one) => isSeen(one) && one.querySelector('[data-first]'))
				: all.slice(all.indexOf(from) + 1).find(isSeen);
		target?.querySelector<HTMLElement>('[data-first], [data-line]')?.focus();
	}

	function say(
		counts: { fresh: number; changed: number; same: number; ofMissing: number },
		gone: number
	): string {
		const parts = [
			counts.fresh && `${counts.fresh} new`,
			counts.changed && `${counts.changed} changed`,
			counts.same && `${counts.same} unchanged`,
			counts.ofMissing && `${counts.ofMissing} of a lesson that isn’t in the unit`,
			gone && `${gone} removed`
		].filter(Boolean);
		return parts.join(', ');
	}
</script>

<svelte:head><title>Paste a list · {data.unit.name} · Gather Bin</title></svelte:head>

{#if !review}
	<PasteList {from} lessons={lessonOptions} first={firstOpen} {typed} {failure} />
{:else if lines}
	<h2 class="font-display text-xl font-medium sm:text-2xl" aria-live="polite">
		{#if toCheck}<span class="underline decoration-due decoration-[3px] underline-offset-4"
				>{counted(toCheck, 'line')} to check</span
			>,{/if}
		{review.rows.length - toCheck} read{inLessons}.
	</h2>
	<p class="mt-1 text-ink-2">
		{say(review.counts, review.gone.length)}. Fix anything wrong; uncheck what you don’t want. What’s
		<span class="underline decoration-edge decoration-dotted decoration-2 underline-offset-3">dotted</span> is our
		guess.
	</p>
	{#if review.language}<p class="mt-2 font-semibold text-due">
			This list seems to be in {review.language}. Only English lists are read; each line is kept as it is, for
			you to fill in.
		</p>{/if}
	<ReadAs form={review.form} {from} {typed} />
	{#if failure && !failure.path?.startsWith('row-')}<p class="mt-2 font-semibold text-late">
			{failure.message}
		</p>{/if}

	<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
	<form method="post" action="?/save{from}" use:enhance={saves()} class="mt-4" onkeydown={walkLines}>
		<input type="hidden" name="text" value={typed?.text ?? ''} />
		<input type="hidden" name="lesson" value={typed?.lesson ?? ''} />
		{#if rest.length}<input type="hidden" name="rest" value={JSON.stringify(rest)} />{/if}
		{#if lines.doubtful.length}
			<section aria-label="Lines to check">
				<ol class="border-t-2 border-ink">
					{#each lines.doubtful as line, i (line)}
						<ReviewRow
							{line}
							lessons={lessonOptions}
							children={data.children}
							{failure}
							{marks}
							waits={ready && i !== at}
							{ready}
							{next}
						/>
					{/each}
				</ol>
				{#if lines.doubtful.length > 1}
					<p class="mt-2 flex items-center gap-3 sm:hidden">
						<span class="text-sm text-ink-2">{at + 1} of {lines.doubtful.length} to check</span>
						<Button size="small" disabled={at === 0} onclick={() => (at -= 1)}>Back</Button>
						<Button size="small" disabled={at === lines.doubtful.length - 1} onclick={() => (at += 1)}
							>Next</Button
						>
					</p>
				{/if}
			</section>
		{/if}
		{#if ready}<input
				type="hidden"
				name="same"
				value={JSON.stringify(review.alike.filter((pair) => sameAs[pair.general]))}
			/>{/if}
		{#if ready}<AlikeNames alike={review.alike} {lines} bind:sameAs />{/if}
		{#if maybe.length}
			<section class="mt-5">
				<h3 class="font-display text-lg font-semibold">Headings, or things to gather?</h3>
				<LeftOut lines={maybe} {ready} />
			</section>
		{/if}
		{#each lines.unplaced as group (group.heading)}
			<Unplaced {group} lessons={lessonOptions} children={data.children} {failure} {marks} {ready} {next} />
		{/each}
		<ReviewColumns
			{columns}
			{filled}
			lessons={data.lessons}
			options={lessonOptions}
			children={data.children}
			{failure}
			{marks}
			{ready}
			{next}
		/>
		{#if restCount > shown}
			<p class="mt-3">
				<Button onclick={() => (shown += SHOWN_AT_ONCE)}
					>Show {Math.min(SHOWN_AT_ONCE, restCount - shown)} more lines</Button
				>
			</p>
		{/if}
		{#if noThings.length}
			<details class="mt-4">
				<summary class="min-h-9 cursor-pointer font-semibold"
					>Left out: {counted(noThings.length, 'line')}, headings and notes</summary
				>
				<LeftOut lines={noThings} {ready} />
			</details>
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
		{#if isAsked && lines.concerns.length}
			<div class="mt-6 border-l-4 border-due pl-3" role="alert">
				{#each lines.concerns as concern (concern)}<p class="font-semibold">{concern}</p>{/each}
				<p class="mt-2 flex flex-wrap gap-2">
					{#if lines.nothings.length}<Button
							onclick={() => {
								for (const line of lines.nothings) line.keep = false;
							}}>Leave {lines.nothings.length === 1 ? 'it' : 'them'} out</Button
						>{/if}
					<Button type="submit">Save anyway</Button>
				</p>
			</div>
		{/if}
		<div class="sticky bottom-14 mt-6 flex gap-3 border-t-2 border-ink bg-sheet py-3 sm:bottom-0">
			{#if ready && lines.concerns.length}<Button look="main" onclick={() => (isAsked = true)}
					>Save the list</Button
				>{:else}<Button type="submit" look="main">Save the list</Button>{/if}
			<Button href={base} look="quiet">Cancel</Button>
		</div>
	</form>
{/if}
