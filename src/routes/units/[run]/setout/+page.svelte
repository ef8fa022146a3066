<script lang="ts">
	import { enhance } from '$app/forms';
	import { lengthText } from '$core/measure/index.ts';
	import { listText } from '$core/words/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import WallDrawing from '$lib/ui/setout/WallDrawing.svelte';

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
		<section class="mt-6" aria-labelledby="posters">
			<h2 id="posters" class="text-lg">Posters, maps, and charts</h2>
			<ul class="divide-y divide-rule border-y border-rule">
				{#each view.posters as one (one.id)}
					<li class="flex min-h-11 flex-wrap items-center gap-x-3 py-1">
						<span class="font-semibold">{one.title}</span>
						<span class="min-w-40 flex-1 text-sm text-ink-2"
							>{one.size}, from lesson {one.lesson}{one.day ? `, ${one.day}` : ''}{one.hiddenUntil
								? ', hidden until its day'
								: ''}</span
						>
						{#if !one.spot}<span class="text-sm font-semibold text-late">no room</span>{/if}
						{#if one.date !== null}
							<PostButton
								action="?/hidePoster"
								fields={{ id: one.id, hidden: one.hiddenUntil === null ? one.date : '' }}
								look="quiet"
								size="small"
								label="{one.hiddenUntil === null ? 'Hide until its day' : 'Show'}: {one.title}"
								>{one.hiddenUntil === null ? 'Hide' : 'Show'}</PostButton
							>
						{/if}
						<PostButton
							action="?/removePoster"
							fields={{ id: one.id }}
							look="quiet"
							size="small"
							label="Take {one.title} off the wall">Remove</PostButton
						>
					</li>
				{/each}
				{#each view.toHang as one (one.resource)}
					<li class="flex min-h-11 flex-wrap items-center gap-x-3 py-1">
						<span class="flex-1">{one.title} <span class="text-sm text-ink-2">used in a lesson</span></span>
						<PostButton
							action="?/poster"
							fields={{ title: one.title, resource: one.resource, lesson: one.lesson }}
							size="small"
							label="Hang {one.title}">Hang it</PostButton
						>
					</li>
				{/each}
			</ul>
			<form
				method="post"
				action="?/poster"
				use:enhance={saves({ reset: true })}
				class="mt-2 flex flex-wrap items-end gap-3"
			>
				<TextField
					label="Poster or map"
					name="title"
					placeholder="World map"
					value={failure?.typed?.title ?? ''}
					{failure}
					class="min-w-40 flex-1"
				/>
				<TextField
					label="Poster width, {unit}"
					name="posterWidth"
					placeholder={inMeasure(data.usualPoster.width)}
					look="!w-20"
					{failure}
				/>
				<TextField
					label="Poster height, {unit}"
					name="posterHeight"
					placeholder={inMeasure(data.usualPoster.height)}
					look="!w-20"
					{failure}
				/>
				<SelectField
					label="Comes with"
					name="lesson"
					options={[{ value: '', label: 'the first lesson' }, ...data.lessons]}
					value=""
					{failure}
				/>
				<Button type="submit">Hang it</Button>
			</form>
		</section>
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
		<section class="mt-8" aria-labelledby="ledge">
			<h2 id="ledge" class="text-lg">Book ledge</h2>
			<p class="mt-1">{data.ledge.sentence}</p>
			{#if data.ledge.books.length}
				{@const long = data.ledge.length ?? Math.max(...data.ledge.books.map((one) => one.x + one.width))}
				<figure class="mat mt-2 rounded-sheet p-4 text-chalk">
					<svg
						viewBox="-8 0 {long + 16} 330"
						class="max-h-60 w-full"
						role="img"
						aria-label="Book ledge: {data.ledge.books.map((one) => one.title).join(', ')}"
					>
						{#each data.ledge.books as one (one.title)}
							<rect
								x={one.x}
								y={300 - one.height}
								width={one.width}
								height={one.height}
								class="fill-chalk"
								stroke="#111"
								data-width={one.width}
							/>
							{#each one.title.split(' ').slice(0, 6) as word, at (at)}<text
									x={one.x + one.width / 2}
									y={300 - one.height + 34 + at * 26}
									font-size={Math.min(22, (one.width - 10) / (word.length * 0.6))}
									text-anchor="middle"
									fill="#111">{word}</text
								>{/each}
						{/each}
						<rect x="0" y="300" width={long} height="12" fill="currentColor" />
					</svg>
				</figure>
			{/if}
			<form method="post" action="?/ledge" use:enhance={saves()} class="mt-2 flex flex-wrap items-end gap-3">
				<TextField
					label="Ledge length, {unit}"
					name="ledge"
					value={data.ledge.length === null ? '' : inMeasure(data.ledge.length)}
					look="!w-24"
					{failure}
				/>
				<SelectField
					label="Reading corner"
					name="corner"
					class="min-w-40"
					options={data.places}
					value={String(data.cornerPlace ?? '')}
					{failure}
				/>
				<Button type="submit" size="small">Save the ledge</Button>
			</form>
			{#if data.ledge.corner?.books.length}
				<p class="mt-2">
					To the reading corner, {data.ledge.corner.name}: {listText(
						data.ledge.corner.books.map((one) => (one.where ? `${one.title} (${one.where})` : one.title))
					)}.
				</p>
			{/if}
		</section>
	</div>
	<section aria-labelledby="words">
		<h2 id="words" class="text-lg">Words, lesson by lesson</h2>
		<form method="post" action="?/words" use:enhance={saves({ reset: true })} class="mt-2 space-y-2">
			<label class="block"
				><span class="text-sm font-semibold"
					>Words, with commas; a line “Lesson 3: legend, scale” for others</span
				>
				<textarea name="text" rows="3" class="typed" placeholder="legend, scale, compass rose*"
					>{failure?.typed?.text ?? ''}</textarea
				></label
			>
			<div class="flex flex-wrap items-end gap-3">
				<SelectField
					label="Come with"
					name="lesson"
					options={[{ value: '', label: 'the first lesson' }, ...data.lessons]}
					value=""
					{failure}
				/>
				<Button type="submit">Add</Button>
				<span class="text-sm text-ink-2"
					>An asterisk keeps a word to the end. “legend = what the signs mean” prints the meaning on the back.</span
				>
			</div>
		</form>
		{#if view.steps.some((one) => one.words.length)}
			<p class="mt-2">
				<a href="/units/{data.unit.id}/setout/words.pdf" target="_blank">Word cards to cut out (PDF)</a>
			</p>
		{/if}
		<ol class="mt-3 divide-y divide-rule border-y border-rule">
			{#each view.steps as one (one.number)}
				<li class="py-1.5">
					<p class="flex flex-wrap gap-x-3">
						<strong>{one.number} {one.title}</strong><span class="text-sm text-ink-2">{one.day}</span>
						{#if one.isFull}<span class="text-sm font-semibold text-late">full here</span>{/if}
					</p>
					{#if one.words.length}
						<ul class="flex flex-wrap gap-x-3 text-sm">
							{#each one.words as word (word.id)}
								<li class="flex items-center">
									{word.hidden ? 'hidden: ' : ''}{word.text}{word.kept ? '*' : ''}
									{#if one.date !== null}
										<form method="post" action="?/word" use:enhance={saves()}>
											<input type="hidden" name="id" value={word.id} />
											<input type="hidden" name="hidden" value={word.hiddenUntil === null ? one.date : ''} />
											<button
												type="submit"
												class="min-h-8 px-1 text-ink-2 underline decoration-dotted underline-offset-4 hover:text-ink"
												aria-label="{word.hiddenUntil === null ? 'Hide until its day' : 'Show'}: {word.text}"
												>{word.hiddenUntil === null ? 'hide' : 'show'}</button
											>
										</form>
									{/if}
									<form method="post" action="?/removeWord" use:enhance={saves()}>
										<input type="hidden" name="id" value={word.id} />
										<button
											type="submit"
											class="grid size-8 place-items-center text-ink-2 hover:text-ink"
											aria-label="Remove {word.text}">×</button
										>
									</form>
								</li>
							{/each}
						</ul>
					{/if}
					{#if one.down.length}<p class="text-sm text-ink-2">Down: {listText(one.down)}.</p>{/if}
				</li>
			{/each}
		</ol>
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
	</section>
</div>
