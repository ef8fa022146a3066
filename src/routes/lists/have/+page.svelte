<script lang="ts">
	import { onMount, tick, untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import { groupBy } from '$core/group-by.ts';
	import { counted, labelOf } from '$core/words/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import { Answers } from '$lib/ui/looking/answers.svelte.ts';
	import HaveDetail from '$lib/ui/looking/HaveDetail.svelte';
	import QuestionRow from '$lib/ui/looking/QuestionRow.svelte';
	import Sentence from '$lib/ui/sentence/Sentence.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';
	import Tape from '$lib/ui/tape/Tape.svelte';
	import type { Answer } from '$lib/server/services/looking/answers.ts';
	import type { Question } from '$lib/server/services/looking/questions.ts';

	let { data } = $props();
	const answers = new Answers(() => data.questions.open);
	onMount(() => answers.start());
	$effect(() => {
		void data.revision;
		untrack(() => answers.settle());
	});

	let current = $state<number | null>(null);
	let detailOf = $state<Question | null>(null);
	let detailOpen = $state(false);
	const here = $derived(
		answers.all.find((one) => one.item === current) ?? answers.open[0] ?? answers.all[0] ?? null
	);
	const groups = $derived([...groupBy(answers.all, (one) => one.kind)]);
	const left = $derived(answers.open.length + data.after.length);
	const isDone = $derived(left === 0);
	const sentence = $derived(
		isDone
			? answers.all.length
				? `All answered: ${counted(answers.count('have'), 'thing')} at home, ${answers.count('look')} to look for, ${answers.count('none')} to get.`
				: data.questions.toLook
					? `Everything is answered; ${counted(data.questions.toLook, 'thing')} to look for at home.`
					: 'Everything is answered.'
			: left === 1
				? 'One thing on the list: do we have it?'
				: `${counted(left, 'thing')} on the list: do we have them?`
	);
	const link = (unit: number | null) => (unit === null ? '/lists/have' : `/lists/have?unit=${unit}`);

	/** The next question that nobody has answered; at the end, the first one that was passed over. */
	function nextOf(one: Question): Question | null {
		const inOrder = groups.flatMap(([, own]) => own);
		const after = inOrder.slice(inOrder.indexOf(one) + 1);
		const isOpen = (other: Question) => answers.answerOf(other.item) === null && other !== one;
		return after.find(isOpen) ?? inOrder.find(isOpen) ?? null;
	}

	/** Answers a question. Under a finger the next one's buttons come to where these were. */
	async function give(one: Question, answer: Answer, button: HTMLElement | null) {
		const top = button?.getBoundingClientRect().top ?? null;
		const next = nextOf(one);
		answers.give(one, answer, data.revision);
		current = next?.item ?? one.item;
		if (!next) return;
		await tick();
		const row = document.getElementById(`q-${next.item}`);
		const twin = row?.querySelector<HTMLElement>(`[data-answer=${answer}]`);
		if (!row || !twin) return;
		if (top === null) row.scrollIntoView({ block: 'nearest' });
		else if (matchMedia('(pointer: coarse)').matches)
			scrollBy({ top: twin.getBoundingClientRect().top - top });
	}

	function step(by: 1 | -1) {
		const inOrder = groups.flatMap(([, own]) => own);
		const at = here ? inOrder.indexOf(here) : -1;
		const one = inOrder[at + by];
		if (!one) return;
		current = one.item;
		document.getElementById(`q-${one.item}`)?.scrollIntoView({ block: 'nearest' });
	}

	// The first true sentence stands at the head: who has answered the last thing sees it.
	let wasOpen = false;
	$effect(() => {
		if (isDone && wasOpen) scrollTo({ top: 0 });
		wasOpen = !isDone;
	});

	const KEYS: Readonly<Record<string, Answer>> = { h: 'have', l: 'look', d: 'none' };

	function press(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('[role=dialog]')) return;
		if ((event.target as HTMLElement).closest('input, select, textarea')) return;
		const answer = KEYS[event.key.toLowerCase()];
		if (answer && here) void give(here, answer, null);
		else if (event.key === 'ArrowDown') step(1);
		else if (event.key === 'ArrowUp') step(-1);
		else if (event.key.toLowerCase() === 'r' && !isDone) answers.giveRest('look', data.after, data.revision);
		else return;
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={press} />
<svelte:head><title>Do we have it? · Gather Bin</title></svelte:head>

<Sheet>
	<main>
		<h1 class="font-display text-xl font-medium sm:text-2xl">{sentence}</h1>
		{#if !isDone}
			<p class="mt-1 max-w-3xl text-ink-2">
				“Have it” needs no number. “Look” puts it on the house walk; nothing is bought before someone looked.
				<span class="hidden sm:inline">Keys: H, L, D; R for all the rest: look.</span>
			</p>
		{/if}
		{#if data.units.length > 1}
			<nav aria-label="Unit" class="no-print mt-2 flex flex-wrap gap-x-4 text-sm">
				{#each [{ id: null, name: 'All units' }, ...data.units] as unit (unit.id)}
					<a
						href={link(unit.id)}
						aria-current={data.run === unit.id ? 'true' : undefined}
						class="flex min-h-10 items-center text-ink-2 underline decoration-transparent decoration-2 underline-offset-4 aria-[current]:font-semibold aria-[current]:text-ink aria-[current]:decoration-ink"
						>{unit.name}</a
					>
				{/each}
			</nav>
		{/if}

		{#if isDone}
			<div class="mt-4 border-y-2 border-ink py-4">
				<!-- Above the sentence: that grows when the answers have arrived, and a button must not move under a finger. -->
				<p class="mb-4 flex flex-wrap gap-3">
					{#if data.questions.toLook}<Button href="/lists/walk?span=all" look="main"
							>Look for {counted(data.questions.toLook, 'thing')}</Button
						>{/if}
					{#if data.run !== null}<Button href="/units/{data.run}/gather">The list</Button>{/if}
					<Button href="/">What’s next</Button>
				</p>
				<Sentence sentence={data.sentence} />
			</div>
		{/if}

		{#each groups as [kind, own] (kind)}
			<section class="mt-5" aria-labelledby="kind-{own[0].item}">
				<h2 class="mb-1" id="kind-{own[0].item}"><Tape text={labelOf(kind)} /></h2>
				<ul>
					{#each own as one (one.item)}
						<QuestionRow
							{one}
							given={answers.answerOf(one.item)}
							isHere={here === one && !isDone}
							seen={data.revision}
							answer={(answer, button) => void give(one, answer, button)}
							detail={() => ((detailOf = one), (detailOpen = true))}
							here={() => (current = one.item)}
						/>
					{/each}
				</ul>
			</section>
		{:else}
			{#if !data.questions.noThings.length && !data.questions.assumed.length && !data.questions.stillEnough.length}
				<div class="mt-5">
					<EmptyState title="Nothing to ask">
						<p>Every thing on your lists is counted, answered for, or already on its way.</p>
						{#snippet act()}<Button href="/" look="main">What’s next</Button>{/snippet}
					</EmptyState>
				</div>
			{/if}
		{/each}

		{#if data.after.length}<p class="mt-3 text-ink-2">
				{data.after.length.toLocaleString('en-US')} more after these.
			</p>{/if}
		{#if !isDone}
			<div class="sticky bottom-14 z-10 mt-5 flex gap-2 border-t-2 border-ink bg-sheet py-3 sm:bottom-0">
				{#each [{ answer: 'look', label: 'All the rest: look' }, { answer: 'none', label: 'All the rest: don’t have it' }] as const as rest (rest.answer)}
					<form
						method="post"
						action="?/rest"
						onsubmit={(event) => {
							event.preventDefault();
							answers.giveRest(rest.answer, data.after, data.revision);
						}}
						class="grow sm:grow-0"
					>
						<input
							type="hidden"
							name="items"
							value={[...answers.open.map((one) => one.item), ...data.after].join(' ')}
						/>
						<input type="hidden" name="answer" value={rest.answer} />
						<Button
							type="submit"
							look={rest.answer === 'look' ? 'main' : 'plain'}
							class="w-full px-2! text-sm! sm:px-4! sm:text-base!">{rest.label}</Button
						>
					</form>
				{/each}
			</div>
		{/if}

		{#if data.questions.stillEnough.length}
			<section class="mt-8" aria-labelledby="still">
				<h2 id="still" class="text-lg">Still enough?</h2>
				<ul class="mt-1 border-t border-rule">
					{#each data.questions.stillEnough as one (one.item)}
						<li class="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-rule py-2.5">
							<p class="min-w-48 flex-1">
								<strong>{one.name}</strong> <span class="text-sm text-ink-2">{one.why}</span>
							</p>
							{@render act('answer', one, 'Still enough', { answer: 'have' })}
							{@render act('short', one, 'Not enough')}
							{@render act('gone', one, 'Used up')}
						</li>
					{/each}
				</ul>
			</section>
		{/if}

		{#if data.questions.noThings.length}
			<section class="mt-8" aria-labelledby="nothings">
				<h2 id="nothings" class="text-lg">Not a thing to gather?</h2>
				<p class="text-sm text-ink-2">These hold nothing up and are never bought.</p>
				<ul class="mt-1 border-t border-rule">
					{#each data.questions.noThings as one (one.item)}
						<li class="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-rule py-2.5">
							<p class="min-w-48 flex-1">
								<strong>{one.written}</strong> <span class="text-sm text-ink-2">{one.lessons}</span>
							</p>
							{@render act('note', one, 'Make it a note')}
							{@render act('off', one, 'Take it off')}
							{@render act('thing', one, 'Look for it')}
						</li>
					{/each}
				</ul>
			</section>
		{/if}

		{#if data.questions.assumed.length}
			<details class="mt-8">
				<summary class="cursor-pointer py-1"
					><strong>Every home has these: {data.questions.assumed.length}.</strong>
					<span class="text-ink-2">Taken as there; open to take one out.</span></summary
				>
				<ul class="mt-1 gap-8 border-t border-rule sm:columns-2">
					{#each data.questions.assumed as one (one.item)}
						<li class="flex break-inside-avoid items-center justify-between gap-3 border-b border-rule py-1">
							<span>{one.name} <span class="text-sm text-ink-2">{one.lessons}</span></span>
							{@render act('answer', one, 'Look', { answer: 'look' })}
						</li>
					{/each}
				</ul>
			</details>
		{/if}
	</main>
</Sheet>

{#snippet act(
	action: string,
	one: { item: number; name: string },
	label: string,
	more: Record<string, string> = {}
)}
	<form method="post" action="?/{action}" use:enhance={saves({ waits: `${one.name}: ${label}` })}>
		<input type="hidden" name="item" value={one.item} />
		{#each Object.entries(more) as [name, value] (name)}<input type="hidden" {name} {value} />{/each}
		<Button type="submit" size="small" aria-label="{label}: {one.name}">{label}</Button>
	</form>
{/snippet}

<HaveDetail
	bind:open={detailOpen}
	one={detailOf}
	places={data.places}
	save={(one, detail) => {
		answers.give(one, 'have', data.revision, detail);
		current = nextOf(one)?.item ?? one.item;
	}}
/>
