<script lang="ts">
	import { counted, lessonsText } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import Button from '$lib/ui/button/Button.svelte';
	import { walkLines } from '$lib/ui/review/keys.ts';
	import Field from '$lib/ui/field/Field.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import Select from '$lib/ui/select/Select.svelte';
	import { onMount, tick } from 'svelte';
	import LeftOut from '$lib/ui/supply-line/LeftOut.svelte';
	import ReviewRow from '$lib/ui/supply-line/ReviewRow.svelte';
	import Unplaced from '$lib/ui/supply-line/Unplaced.svelte';
	import { ReviewLines, type ReviewLine } from '$lib/ui/supply-line/review.svelte.ts';

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
	/** A lesson is not cut for so few lines. */
	const FEW = 12;
	/** Lines of a column that are on the screen: a long list fills up while one already reads. */
	const FILLED_AT_ONCE = 40;
	let filled = $state(FILLED_AT_ONCE);
	const SHOWN_AT_ONCE = 600;
	let shown = $state(SHOWN_AT_ONCE);
	let ready = $state(false);
	/** Whether two names were said to be one thing, by the more general one. */
	const sameAs = $state<Record<string, boolean>>({});
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
	type Part = {
		readonly lesson: number;
		readonly isFirst: boolean;
		readonly from: number;
		readonly lines: readonly ReviewLine[];
	};
	/** The lessons in two columns of as many lines, a long one cut in two; what is beyond the first `shown` waits. */
	const columns = $derived.by(() => {
		const order = new Map(data.lessons.map((lesson, i) => [lesson.id, i]));
		const groups = (lines?.lessons ?? []).toSorted(
			(a, b) => (order.get(a.lesson) ?? 0) - (order.get(b.lesson) ?? 0)
		);
		const half = Math.ceil(
			Math.min(
				shown,
				groups.reduce((sum, one) => sum + one.lines.length, 0)
			) / 2
		);
		const halves: [Part[], Part[]] = [[], []];
		let count = 0;
		for (const { lesson, lines: all } of groups) {
			for (let at = 0; at < all.length && count < 2 * half;) {
				const column = count < half ? 0 : 1;
				const left = half * (column + 1) - count;
				// A few lines more or less are no reason to cut a lesson.
				const size =
					all.length - at <= left + FEW && column === 0 ? all.length - at : Math.min(left, all.length - at);
				halves[column].push({
					lesson,
					isFirst: at === 0,
					from: count - half * column,
					lines: all.slice(at, at + size)
				});
				at += size;
				count += size;
			}
		}
		return halves.filter((column) => column.length > 0);
	});
	$effect(() => {
		if (!lines || filled * 2 >= shown + FEW) return;
		const timer = setTimeout(() => (filled += FILLED_AT_ONCE), 60);
		return () => clearTimeout(timer);
	});
	const dayOf = (id: number) => data.lessons.find((lesson) => lesson.id === id)?.day ?? '';
	const titleOf = (id: number) => lessonOptions.find((one) => one.value === String(id))?.label ?? '';
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
	const NUMBERS_READ = {
		lesson: 'Numbers in brackets are read as lessons.',
		'week.day': 'Numbers in brackets are read as week.day.',
		amount: 'Numbers in brackets are read as amounts.',
		neither: 'Numbers in brackets are left out.'
	};
	const OTHER_NUMBERS = [
		{ value: 'lesson', label: 'They are lessons' },
		{ value: 'week.day', label: 'They are week.day' },
		{ value: 'amount', label: 'They are amounts' },
		{ value: 'neither', label: 'Neither' }
	];
	const restCount = $derived(lines?.lessons.reduce((sum, one) => sum + one.lines.length, 0) ?? 0);
	/** On the phone one line in doubt at a time. */
	let at = $state(0);
	let unfolded = $state<Record<number, boolean>>({});

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
	{#if review.form.numbers || review.form.marks.length}
		<form
			method="post"
			action="?/read{from}"
			use:enhance
			class="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1"
		>
			<input type="hidden" name="text" value={typed?.text ?? ''} />
			<input type="hidden" name="lesson" value={typed?.lesson ?? ''} />
			{#if review.form.numbers}<span>{NUMBERS_READ[review.form.numbers]}</span>
				{#each OTHER_NUMBERS.filter((one) => one.value !== review.form.numbers) as other (other.value)}
					<Button type="submit" size="small" name="numbers" value={other.value}>{other.label}</Button>
				{/each}{/if}
			{#if review.form.marks.length}<span class="text-ink-2">{review.form.marks.join('; ')}.</span>{/if}
		</form>
	{/if}
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
		{#each ready ? review.alike : [] as pair (pair.general)}
			{@const answer = sameAs[pair.general]}
			<fieldset class="mt-4 border-l-4 border-due pl-3">
				<legend class="font-semibold">
					{answer === undefined
						? `Are “${pair.general}” and “${pair.specific}” one thing?`
						: answer
							? `“${pair.general}” is “${pair.specific}”.`
							: `“${pair.general}” and “${pair.specific}” are two things.`}
				</legend>
				{#if answer === undefined}
					<p class="mt-1 flex flex-wrap gap-2">
						<Button
							size="small"
							onclick={() => {
								lines.takeAsOne(pair);
								sameAs[pair.general] = true;
							}}>One thing: {pair.specific}</Button
						>
						<Button size="small" onclick={() => (sameAs[pair.general] = false)}>Two things</Button>
					</p>
				{/if}
			</fieldset>
		{/each}
		{#if maybe.length}
			<section class="mt-5">
				<h3 class="font-display text-lg font-semibold">Headings, or things to gather?</h3>
				<LeftOut lines={maybe} {ready} />
			</section>
		{/if}
		{#each lines.unplaced as group (group.heading)}
			<Unplaced {group} lessons={lessonOptions} children={data.children} {failure} {marks} {ready} {next} />
		{/each}
		<div class="mt-5 grid gap-x-10 lg:grid-cols-2 lg:items-start">
			{#each columns as column, c (c)}
				<div>
					{#each column as group (`${group.lesson} ${group.from}`)}
						<section class="mb-3" aria-label={titleOf(group.lesson)}>
							<h3 class="border-b-2 border-ink font-display font-semibold">
								<button
									type="button"
									class="flex min-h-11 w-full items-baseline justify-between gap-3 text-left sm:hidden"
									aria-expanded={unfolded[group.lesson] ?? false}
									onclick={() => (unfolded[group.lesson] = !unfolded[group.lesson])}
									><span>{titleOf(group.lesson)}</span><span class="font-text text-sm font-normal text-ink-2"
										>{[dayOf(group.lesson), counted(group.lines.length, 'line')]
											.filter(Boolean)
											.join(', ')}</span
									></button
								>
								<span class="flex items-baseline justify-between gap-3 max-sm:hidden"
									><span>{titleOf(group.lesson)}</span><span class="font-text text-sm font-normal text-ink-2"
										>{dayOf(group.lesson)}</span
									></span
								>
							</h3>
							<ol class={unfolded[group.lesson] ? '' : 'max-sm:hidden'}>
								{#each ready ? group.lines.slice(0, Math.max(0, filled - group.from)) : group.lines as line (line)}
									<ReviewRow
										{line}
										lessons={lessonOptions}
										children={data.children}
										{failure}
										{marks}
										{ready}
										{next}
									/>
								{/each}
							</ol>
						</section>
					{/each}
				</div>
			{/each}
		</div>
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
