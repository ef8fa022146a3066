<script lang="ts">
	import ActList from '$lib/ui/acts/ActList.svelte';
	import Button from '$lib/ui/button/Button.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import Sentence from '$lib/ui/sentence/Sentence.svelte';
	import DayStrip from '$lib/ui/strip/DayStrip.svelte';

	let { data } = $props();
	const base = $derived(`/units/${data.unit.id}`);
	const taught = $derived(data.board.lessons.filter((lesson) => lesson.outcome));
	type Lesson = (typeof data.board.lessons)[number];
	const STREAMS = [
		['books', 'Books'],
		['copies', 'Printables'],
		['supplies', 'Supplies'],
		['setting', 'Set-up']
	] as const;
	const MORE = {
		books: ['Books and pages', '/plan/pages'],
		copies: ['Plan', '/plan'],
		supplies: ['Gather', '/gather'],
		setting: ['Extras', '/plan/extras']
	} as const;
	let looked = $state<{ lesson: Lesson; stream: (typeof STREAMS)[number] } | null>(null);
	let open = $state(false);
	const cell = $derived(
		looked && data.board.lessons.find((lesson) => lesson.id === looked!.lesson.id)?.streams[looked.stream[0]]
	);
	function look(lesson: Lesson, stream: (typeof STREAMS)[number]) {
		looked = { lesson, stream };
		open = true;
	}
	const FIRST_ACTS = 7;
	let showActs = $state(false);
	let showTaught = $state(false);
	const shown = $derived(
		showTaught ? data.board.lessons : data.board.lessons.filter((lesson) => !lesson.outcome)
	);
</script>

<svelte:head><title>{data.unit.name} · Gather Bin</title></svelte:head>

<div class="grid gap-x-10 gap-y-8 xl:grid-cols-[minmax(0,1fr)_21rem] xl:grid-rows-[auto_1fr]">
	<div class="xl:col-start-1 xl:row-start-1">
		<Sentence sentence={data.board.sentence} />
	</div>
	<section class="xl:col-start-2 xl:row-span-2 xl:row-start-1" aria-labelledby="do-next">
		<h2 id="do-next" class="mb-2 text-lg">Do next</h2>
		{#if data.board.acts.length}
			<ActList acts={showActs ? data.board.acts : data.board.acts.slice(0, FIRST_ACTS)} action={base} />
			{#if data.board.acts.length > FIRST_ACTS}
				<p class="mt-2">
					<Button size="small" onclick={() => (showActs = !showActs)}
						>{showActs ? 'Show fewer' : `Show ${data.board.acts.length - FIRST_ACTS} later ones`}</Button
					>
				</p>
			{/if}
			{#if showActs && data.board.moreActs}<p class="mt-2 text-sm text-ink-2">
					{data.board.moreActs} more after these.
				</p>{/if}
		{:else}
			<p class="text-ink-2">Nothing to do yet.</p>
			<p class="mt-3"><Button href="{base}/gather/paste" look="main">Paste a supply list</Button></p>
		{/if}
		{#if data.weeks.length}
			<div class="mt-6"><DayStrip weeks={data.weeks} summary={data.planSentence} /></div>
		{/if}
	</section>
	<section class="xl:col-start-1" aria-labelledby="lessons">
		<h2 id="lessons" class="sr-only">Lessons</h2>
		{#if data.board.lessons.length}
			{#if taught.length}
				<button
					type="button"
					class="mb-1 text-sm font-semibold text-ink-2 underline decoration-rule decoration-2 underline-offset-4 hover:text-ink hover:decoration-ink"
					aria-expanded={showTaught}
					onclick={() => (showTaught = !showTaught)}
				>
					{showTaught ? 'Hide' : 'Show'}
					{taught.length === 1 ? '1 finished lesson' : `${taught.length} finished lessons`}
				</button>
			{/if}
			<table class="w-full border-collapse text-left">
				<thead class="hidden border-b border-ink text-sm sm:table-header-group">
					<tr>
						<th class="w-9 py-2 font-semibold"><span class="sr-only">Number</span></th>
						<th class="py-2 font-semibold">Lesson</th>
						{#each STREAMS as [name, label] (name)}<th class="w-25 py-2 font-semibold">{label}</th>{/each}
					</tr>
				</thead>
				<tbody>
					{#each shown as lesson (lesson.id)}
						<tr
							class="grid grid-cols-[2.25rem_1fr] border-b border-rule align-top sm:table-row {lesson.isNext
								? 'bg-good-soft/60'
								: ''} {lesson.outcome ? 'text-ink-2' : ''}"
						>
							<td class="py-2.5 pl-1 text-ink-2">{lesson.number}</td>
							<td class="py-2.5 pr-3">
								<p class={lesson.isNext ? 'font-bold' : 'font-semibold'}>
									{lesson.title}{#if lesson.optional}<span class="font-normal text-ink-2">
											(optional)</span
										>{/if}
								</p>
								<p class="text-sm text-ink-2">
									<span class="font-semibold">{lesson.day}</span>{lesson.note ? ` · ${lesson.note}` : ''}
								</p>
								{#each lesson.cautions as caution, i (i)}<p class="text-sm text-due">{caution}</p>{/each}
							</td>
							{#each STREAMS as stream (stream[0])}
								{@const shown = lesson.streams[stream[0]]}
								<td
									class="col-start-2 pr-3 sm:py-2.5 {shown.behind.length === 0 && lesson.outcome === null
										? 'hidden sm:table-cell'
										: 'pb-1.5'}"
								>
									{#if shown.behind.length}
										<button
											type="button"
											class="group min-h-6 text-left"
											onclick={() => look(lesson, stream)}
											aria-label="{stream[1]} of lesson {lesson.number}: {shown.text}{shown.detail
												? `, ${shown.detail}`
												: ''}"
										>
											<span
												class="v-{shown.verdict.replace(
													' ',
													'-'
												)} font-semibold underline decoration-transparent decoration-2 underline-offset-4 group-hover:decoration-current"
												><span class="text-ink-2 sm:hidden">{stream[1]}: </span>{shown.text}</span
											>
											{#if shown.detail}<span class="block text-sm leading-snug text-ink-2"
													>{shown.detail}</span
												>{/if}
										</button>
									{:else}<span class="text-ink-2">{shown.text}</span>{/if}
								</td>
							{/each}
						</tr>
					{/each}
				</tbody>
			</table>
		{:else}
			<p><Button href="{base}/plan" look="main">Add the lessons</Button></p>
		{/if}
		{#if data.board.extras.length}
			<p class="mt-4 text-sm text-ink-2">
				Optional and not at home: {data.board.extras.join(', ')}.
			</p>
		{/if}
	</section>
</div>

<Dialog
	bind:open
	title="Lesson {looked?.lesson.number}: {looked?.stream[1].toLowerCase()}"
	about={looked?.lesson.title}
>
	{#if looked && cell}
		<ul class="divide-y divide-rule border-y border-rule">
			{#each cell.behind as one (one.key)}
				<li class="flex flex-wrap items-baseline justify-between gap-x-4 py-1.5">
					<span>{one.what}</span>
					<span class="v-{one.verdict.replace(' ', '-')} text-sm font-semibold">{one.stands}</span>
				</li>
			{/each}
		</ul>
		{@const [label, path] = MORE[looked.stream[0]]}
		<p class="mt-4"><Button href={base + path}>{label}</Button></p>
	{/if}
</Dialog>
