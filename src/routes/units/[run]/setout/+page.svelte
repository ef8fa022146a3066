<script lang="ts">
	import { enhance } from '$app/forms';
	import { lengthText } from '$core/measure/index.ts';
	import { listText } from '$core/words/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import BookLedge from '$lib/ui/setout/BookLedge.svelte';
	import Posters from '$lib/ui/setout/Posters.svelte';
	import WallDrawing from '$lib/ui/setout/WallDrawing.svelte';
	import WallWords from '$lib/ui/setout/WallWords.svelte';

	let { data, form } = $props();
	const { view } = $derived(data);
	const failure = $derived(form && 'message' in form ? form : null);
	const unit = $derived(data.system === 'us' ? 'in' : 'cm');
	const inMeasure = (mm: number) => lengthText(mm, data.system).replace(/ (?:in|cm)$/, '');
	const FIELDS = $derived([
		['width', 'Board width', view.wall.width_mm],
		['height', 'Board height', view.wall.height_mm],
		['cardWidth', 'Card width', view.wall.card_width_mm],
		['cardHeight', 'Card height', view.wall.card_height_mm],
		['gap', 'Gap', view.wall.gap_mm],
		['strip', 'Title or timeline strip', view.wall.strip_mm]
	] as const);
	const step = $derived(view.steps[view.at]);
</script>

<svelte:head><title>Set out · {data.unit.name} · Gather Bin</title></svelte:head>

<p class="no-print mb-3 flex flex-wrap gap-x-5 text-sm">
	<a href="/week?unit={data.unit.id}">Its week</a>
	<a href="/week/shelf">The activity shelf</a>
	<a href="/week/basket">The morning basket</a>
</p>
<p class="max-w-3xl font-display text-xl leading-snug font-medium sm:text-2xl">{view.sentence}</p>
{#if view.detail}<p class="mt-1 text-ink-2">{view.detail}</p>{/if}
{#if failure?.message}<p class="mt-2 font-semibold text-late" role="alert">{failure.message}</p>{/if}

{#each view.waiting as one (one.lesson)}
	<div
		class="mt-3 flex max-w-4xl flex-wrap items-center gap-x-4 gap-y-2 border-l-4 border-due bg-due-soft px-4 py-3"
	>
		<p class="min-w-60 flex-1">
			<strong>“{one.title}” is dropped:</strong> its {one.what} won’t hang.
		</p>
		{#if step}
			<PostButton
				action="?/hangWith"
				fields={{ dropped: one.lesson, lesson: step.id }}
				label="Hang those of {one.title} with lesson {step.number}">Hang with lesson {step.number}</PostButton
			>
		{/if}
	</div>
{/each}

<div class="mt-4 grid gap-8 lg:grid-cols-2">
	<div>
		{#if view.layout}<WallDrawing {view} system={data.system} lessons={data.lessons} />{/if}
		{#if view.steps.length}
			<form method="get" data-sveltekit-noscroll data-sveltekit-keepfocus class="mt-2">
				<input
					type="range"
					name="lesson"
					min="0"
					max={view.steps.length - 1}
					value={view.at}
					aria-label="Lesson by lesson"
					aria-valuetext={step ? `lesson ${step.number}` : ''}
					onchange={(event) => event.currentTarget.form?.requestSubmit()}
					class="w-full accent-ink"
				/>
			</form>
		{/if}
		{#if step?.down.length}<p class="mt-1 font-semibold">Take down first: {listText(step.down)}.</p>{/if}
		<form method="post" action="?/wall" use:enhance={saves()} class="mt-4 flex flex-wrap items-end gap-3">
			<SelectField label="It hangs on a" name="kind" options={data.kinds} value={view.wall.kind} {failure} />
			{#each FIELDS as [name, label, mm] (name)}
				<TextField label="{label}, {unit}" {name} value={inMeasure(mm)} look="!w-20" {failure} />
			{/each}
			<TextField
				label="On the strip"
				name="stripText"
				value={view.wall.strip_text}
				placeholder={data.unit.name}
				{failure}
			/>
			<Button type="submit">Save the board</Button>
		</form>
		<Posters {view} lessons={data.lessons} usual={data.usualPoster} system={data.system} {failure} />
		{#if data.corner.length}
			<section class="mt-8" aria-labelledby="corner">
				<h2 id="corner" class="text-lg">For a display corner, from your shelves</h2>
				<ul>
					{#each data.corner as one (one.title)}<li>
							{one.title} <span class="text-sm text-ink-2">{one.why}</span>
						</li>{/each}
				</ul>
			</section>
		{/if}
		<BookLedge
			ledge={data.ledge}
			places={data.places}
			corner={data.cornerPlace}
			system={data.system}
			{failure}
		/>
	</div>
	<div>
		<WallWords steps={view.steps} lessons={data.lessons} unit={data.unit.id} {failure} />
		{#if data.activities.length}
			<h3 class="mt-5 text-base">Projects that can become trays</h3>
			<ul>
				{#each data.activities as one (one.id)}
					<li class="flex min-h-11 flex-wrap items-center gap-3">
						<span class="flex-1">{one.title} <span class="text-sm text-ink-2">lesson {one.number}</span></span
						>
						<PostButton
							action="?/toTray"
							fields={{ activity: one.id }}
							size="small"
							label="Make {one.title} a tray">Make it a tray</PostButton
						>
					</li>
				{/each}
			</ul>
		{/if}
	</div>
</div>
