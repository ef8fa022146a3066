<script lang="ts">
	import { enhance } from '$app/forms';
	import { counted } from '$core/words/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import CautionNote from '$lib/ui/caution/CautionNote.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import Select from '$lib/ui/select/Select.svelte';
	import AddSource from '$lib/ui/print/AddSource.svelte';
	import { SOURCE_OPTIONS } from '$lib/ui/print/options.ts';
	import NotPrinted from '$lib/ui/print/NotPrinted.svelte';
	import PrintLine from '$lib/ui/print/PrintLine.svelte';
	import SmallSources from '$lib/ui/print/SmallSources.svelte';
	import WhoGets from '$lib/ui/print/WhoGets.svelte';
	import SourceLine from '$lib/ui/print/SourceLine.svelte';

	let { data, form } = $props();
	const { view } = $derived(data);
	const base = $derived(`/units/${data.unit.id}/print`);
	const failure = $derived(form && 'message' in form ? form : null);
	const choices = $derived({ lessons: data.lessons, activities: data.activities, children: data.children });
	/** Short printables are sorted on this page. */
	const isShort = (id: number) => data.small.length > 1 && data.small.some((one) => one.id === id);
	const unsorted = $derived(view.sources.find((one) => one.sorted < one.pages && !isShort(one.id)));
	const openRuns = $derived(view.runs.filter((one) => one.printedOn === null));
	const doneRuns = $derived(view.runs.filter((one) => one.printedOn !== null));
	const isLaminated = $derived(
		view.groups.some((group) => group.prints.some((one) => one.next.includes('laminated')))
	);
	const isCut = $derived(
		view.groups.some((group) => group.prints.some((one) => one.next.includes('cut apart')))
	);
</script>

<svelte:head><title>Print · {data.unit.name} · Gather Bin</title></svelte:head>

<div class="flex flex-wrap items-start justify-between gap-x-8 gap-y-4">
	<div class="max-w-2xl">
		<p class="font-display text-xl leading-snug font-medium sm:text-2xl">{view.sentence}</p>
		{#if view.detail || (unsorted && view.next !== 'sort')}<p class="mt-1 text-ink-2">
				{view.detail}
				{#if unsorted && view.next !== 'sort'}<a href="{base}/sort/{unsorted.id}">Sort the pages</a>{/if}
			</p>{/if}
		{#if view.beforeBinding}<p class="mt-1 font-semibold text-due">{view.beforeBinding}</p>{/if}
	</div>
	<div class="no-print">
		{#if view.next === 'run'}
			<Button href="{base}/runs/{openRuns[0].id}" look="main">Open the print run</Button>
		{:else if view.next === 'make'}
			<PostButton action="?/runs" fields={{ weeks: '' }} look="main">Make the print runs</PostButton>
		{:else if unsorted}
			<Button href="{base}/sort/{unsorted.id}" look="main">Sort the pages</Button>
		{/if}
	</div>
</div>
{#if failure?.message}<p class="mt-2 font-semibold text-late" role="alert">{failure.message}</p>{/if}

{#if openRuns.length || view.proposed.runs.length}
	<section class="mt-5" aria-labelledby="runs">
		<h2 id="runs" class="text-lg">Print runs</h2>
		<ul class="mt-1 divide-y divide-rule border-y border-rule">
			{#each openRuns as run (run.id)}
				<li class="flex flex-wrap items-baseline gap-x-4 gap-y-1 py-2">
					<a class="font-semibold" href="{base}/runs/{run.id}">{run.text}</a>
					<span class="tabular-nums">{counted(run.sheets, 'sheet')}</span>
					<span class="w-full text-sm text-ink-2 sm:w-auto sm:flex-1">{run.about}</span>
					<span class="text-sm font-semibold"
						>{run.left === run.sets ? 'ready for the printer' : `${run.left} of ${run.sets} sets left`}</span
					>
				</li>
			{/each}
			{#each view.proposed.runs as run, index (index)}
				<li class="flex flex-wrap items-baseline gap-x-4 py-2">
					<span>{run.text}</span>
					<span class="tabular-nums">{counted(run.sheets, 'sheet')}</span>
					<span class="w-full text-sm text-ink-2 sm:w-auto sm:flex-1"
						>{counted(run.prints, 'print')}, not made yet</span
					>
				</li>
			{/each}
		</ul>
		{#if view.proposed.runs.length > 1}<p class="mt-1 text-sm text-ink-2">
				In this order you print {view.proposed.swaps}.
			</p>{/if}
		{#if view.proposed.runs.length}
			<form
				method="post"
				action="?/runs"
				use:enhance={saves()}
				class="no-print mt-2 flex flex-wrap items-center gap-2 text-sm"
			>
				Or only those
				<span class="w-48"
					><Select
						name="weeks"
						value="2"
						aria-label="Print runs for"
						options={[
							{ value: '2', label: 'due within 2 weeks' },
							{ value: '4', label: 'due within 4 weeks' }
						]}
					/></span
				>
				<Button type="submit" size="small">Make these</Button>
			</form>
		{/if}
		{#if view.proposed.byHand}<p class="mt-1 text-sm text-ink-2">
				{counted(view.proposed.byHand, 'print')} from paper originals: copy them by hand, then tap Printed below.
			</p>{/if}
	</section>
{/if}

<div class="mt-6 grid gap-x-10 gap-y-6 lg:grid-cols-2">
	{#if view.cost}
		<section aria-labelledby="cost">
			<h2 id="cost" class="text-lg">What it costs</h2>
			<table class="mt-1 w-full border-y border-rule text-sm">
				<thead>
					<tr class="border-b border-rule text-left text-ink-2">
						<th class="py-1.5 font-semibold" scope="col">Still to print</th>
						<th class="py-1.5 text-right font-semibold" scope="col">Sides</th>
						<th class="py-1.5 text-right font-semibold" scope="col">Home</th>
						<th class="py-1.5 text-right font-semibold" scope="col">Copy store</th>
					</tr>
				</thead>
				<tbody class="tabular-nums">
					{#each view.cost.runs as run, index (index)}
						<tr class="border-b border-rule">
							<th class="py-1.5 text-left font-normal" scope="row">{run.text}</th>
							<td class="py-1.5 text-right">{run.sides}</td>
							<td class="py-1.5 text-right {run.cheapest === 'home' ? 'font-semibold' : ''}">{run.home}</td>
							<td class="py-1.5 text-right {run.cheapest === 'shop' ? 'font-semibold' : ''}">{run.shop}</td>
						</tr>
					{/each}
					<tr>
						<th class="py-1.5 text-left font-semibold" scope="row">In all</th>
						<td></td>
						<td class="py-1.5 text-right font-semibold">{view.cost.home}</td>
						<td class="py-1.5 text-right font-semibold">{view.cost.shop}</td>
					</tr>
				</tbody>
			</table>
			{#if view.cost.mixed}<p class="mt-1 text-sm">Each run where it is cheaper: {view.cost.mixed}.</p>{/if}
			{#if view.cost.sentence}<p class="mt-1 text-sm">{view.cost.sentence}</p>{/if}
			<p class="mt-1 text-sm"><a href="/house/printing">Prices and printer</a></p>
		</section>
	{/if}
	{#if view.materials.length}
		<section aria-labelledby="materials">
			<h2 id="materials" class="text-lg">What it takes</h2>
			<ul class="mt-1 divide-y divide-rule border-y border-rule">
				{#each view.materials as one (one.text)}
					<li class="flex items-baseline justify-between gap-4 py-1.5">
						<span>{one.text}</span><span
							class="text-sm {one.isShort ? 'font-semibold text-due' : 'text-ink-2'}">{one.stands}</span
						>
					</li>
				{/each}
			</ul>
			<p class="mt-1 text-sm"><a href="/units/{data.unit.id}/gather">On the supply list</a></p>
		</section>
	{/if}
</div>

{#if data.whoGets.length}
	<details class="mt-6">
		<summary class="min-h-11 cursor-pointer py-2 font-semibold">Who gets what</summary>
		<WhoGets roles={data.whoGets} />
	</details>
{/if}

{#if data.small.length > 1}<SmallSources sources={data.small} lessons={data.lessons} />{/if}

{#each view.groups as group (group.label)}
	<section class="mt-6" aria-label={group.label}>
		<h2 class="flex flex-wrap items-baseline gap-x-3 border-b-2 border-ink text-lg">
			{group.label}{#if group.day}<span class="font-text text-sm font-normal text-ink-2">{group.day}</span
				>{/if}
		</h2>
		<ul class="grid gap-x-8 lg:grid-cols-2">
			{#each group.prints.filter((one) => one.off === null) as print (print.id)}
				<PrintLine {print} {choices} {failure} />
			{/each}
			<NotPrinted prints={group.prints.filter((one) => one.off !== null)} {choices} {failure} />
		</ul>
		{#if group.questions.length}
			<details class="mt-1">
				<summary class="min-h-9 cursor-pointer py-1.5 text-sm font-semibold"
					>{counted(group.questions.length, 'question')} to talk over</summary
				>
				<ul class="text-sm">
					{#each group.questions as question, index (index)}
						<li class="flex gap-3 py-0.5">
							<span class="w-12 shrink-0 text-ink-2 tabular-nums"
								>{question.page ? `p. ${question.page}` : ''}</span
							><span>{question.text}</span>
						</li>
					{/each}
				</ul>
				<p class="mt-1 text-sm">
					<a href="/units/{data.unit.id}/plan/paper?show=lessons">On paper, with each lesson</a>
				</p>
			</details>
		{/if}
	</section>
{/each}
{#if isLaminated || isCut}
	<div class="mt-4 space-y-2">
		{#if isLaminated}<CautionNote
				text="The laminator’s rollers are hot: an adult feeds it. No thermal paper, crayon, or wet glue. Follow its own manual."
			/>{/if}
		{#if isCut}<CautionNote text="The trimmer’s blade is sharp: an adult cuts, or watches closely." />{/if}
	</div>
{/if}

<section class="mt-8" aria-labelledby="sources">
	<h2 id="sources" class="text-lg">What you print from</h2>
	{#if view.sources.length}
		<ul class="mt-1 mb-4 divide-y divide-rule border-y border-rule">
			{#each view.sources as source (source.id)}
				<SourceLine
					{source}
					{base}
					ready={data.prices.find((one) => one.id === source.id)?.ready ?? ''}
					{failure}
				/>
			{/each}
		</ul>
	{/if}
	<AddSource
		most={data.most}
		printables={data.printables}
		places={data.places}
		kinds={SOURCE_OPTIONS}
		{failure}
		isFirst={view.sources.length === 0}
	/>
</section>

{#if doneRuns.length}
	<section class="mt-8" aria-labelledby="done-runs">
		<h2 id="done-runs" class="text-lg">Printed</h2>
		<ul class="mt-1 divide-y divide-rule border-y border-rule">
			{#each doneRuns as run (run.id)}
				<li class="flex flex-wrap items-baseline gap-x-4 py-1.5">
					<a href="{base}/runs/{run.id}">{run.text}</a>
					<span class="flex-1 text-sm text-ink-2">{run.about}</span>
					<span class="text-sm text-ink-2">{run.printedOn}</span>
				</li>
			{/each}
		</ul>
	</section>
{/if}
