<script lang="ts">
	import { enhance } from '$app/forms';
	import X from '@lucide/svelte/icons/x';
	import Button from '$lib/ui/button/Button.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import Select from '$lib/ui/select/Select.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	type Spine = (typeof data.pages.spines)[number];
	let dialog = $state<{ spine: Spine; what: 'edit' | 'swap' } | null>(null);
	let open = $state(false);
	let showOver = $state(false);
	const overCount = $derived(data.pages.spines[0]?.rows.filter((row) => row.over).length ?? 0);
	function show(spine: Spine, what: 'edit' | 'swap') {
		dialog = { spine, what };
		open = true;
	}
	const COUNTED = [
		{ value: 'pages', label: 'pages' },
		{ value: 'chapters', label: 'chapters' }
	];
	const READ_ON = [
		{ value: 'lessons', label: 'on lesson days' },
		{ value: 'weekdays', label: 'Monday to Friday' },
		{ value: 'every day', label: 'every day' }
	];
</script>

<svelte:head><title>Books and pages · {data.unit.name} · Gather Bin</title></svelte:head>

<p class="max-w-3xl font-display text-xl leading-snug font-medium sm:text-2xl">{data.pages.sentence}</p>

{#snippet bookFields(
	title = '',
	counted = 'pages',
	first: number | string = 1,
	last: number | string = '',
	words: number | null = null
)}
	<TextField label="Title" name="title" class="min-w-56 flex-1" value={title} {failure} />
	<div class="flex flex-wrap gap-3">
		<SelectField label="Counted in" name="counted" options={COUNTED} value={counted} {failure} />
		<TextField label="First" name="first" inputmode="numeric" value={first} look="!w-20" {failure} />
		<TextField label="Last" name="last" inputmode="numeric" value={last} look="!w-20" {failure} />
		<TextField
			label="Words a page"
			name="words"
			inputmode="numeric"
			value={words ?? ''}
			placeholder="200"
			look="!w-24"
			{failure}
		/>
	</div>
{/snippet}

<form
	method="post"
	action="?/add"
	use:enhance={saves({ reset: true })}
	class="mt-4 flex max-w-4xl flex-wrap items-end gap-3"
>
	{@render bookFields()}
	<Button type="submit" look={data.pages.spines.length ? 'plain' : 'main'}>Add this book</Button>
</form>

<div class="mt-8 space-y-10">
	{#each data.pages.spines as spine (spine.id)}
		<section aria-labelledby="spine{spine.id}" class={spine.inUse ? '' : 'opacity-80'}>
			<div class="flex flex-wrap items-baseline justify-between gap-x-6 border-b-2 border-ink pb-1">
				<h2 id="spine{spine.id}" class="text-lg">
					{spine.title} <span class="text-base font-normal text-ink-2">{spine.about}</span>
				</h2>
				{#if spine.inUse}
					<span class="flex gap-4">
						<Button size="small" look="quiet" onclick={() => show(spine, 'edit')}>Change</Button>
						<Button size="small" look="quiet" onclick={() => show(spine, 'swap')}>Swap for another</Button>
					</span>
				{/if}
			</div>
			<div class="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
				<div>
					{#if spine.inUse}
						<form
							method="post"
							action="?/share"
							use:enhance={saves()}
							class="flex flex-wrap items-end gap-3 py-3"
						>
							<input type="hidden" name="spine" value={spine.id} />
							<TextField
								label="At most a day"
								name="most"
								inputmode="numeric"
								placeholder="all"
								look="!w-20"
							/>
							<Button type="submit" size="small" name="by" value="evenly" class="mb-1"
								>Share evenly over the lessons to come</Button
							>
							{#if data.hasStarts}<Button type="submit" size="small" name="by" value="contents" class="mb-1"
									>As the contents say</Button
								>{/if}
						</form>
					{/if}
					<ol class="divide-y divide-rule border-t border-rule">
						{#each spine.rows.filter( (row) => (spine.inUse ? showOver || !row.over : row.flags.length) ) as row (row.lesson)}
							<li class="flex flex-wrap items-baseline gap-x-3 gap-y-1 py-1.5 {row.over ? 'text-ink-2' : ''}">
								<span class="w-6 text-right text-ink-2">{row.number}</span>
								<span class="min-w-44 flex-1"
									>{row.title} <span class="text-sm text-ink-2">{row.day}</span></span
								>
								<div class="w-full pl-9 sm:w-[26rem] sm:pl-0">
									{#each row.flags as flag (flag.id)}
										<form
											method="post"
											action="?/unflag"
											use:enhance={saves()}
											class="group flex items-baseline gap-2"
										>
											<span class="w-20 shrink-0 font-semibold">{flag.pages}</span><span
												class="flex-1 text-sm">{flag.text}</span
											>
											<button
												name="range"
												value={flag.id}
												aria-label="Take off the flag {flag.pages} of lesson {row.number}"
												class="p-1 text-ink-2 opacity-0 group-hover:opacity-100 focus:opacity-100"
												><X size={16} aria-hidden="true" /></button
											>
										</form>
									{/each}
									{#if spine.inUse && !row.over}
										<details>
											<summary class="min-h-8 cursor-pointer text-sm text-ink-2"
												>{row.flags.length ? 'another flag' : 'no pages: stick a flag'}</summary
											>
											<form
												method="post"
												action="?/flag"
												use:enhance={saves({ reset: true })}
												class="flex items-end gap-2 pb-2"
											>
												<input type="hidden" name="spine" value={spine.id} />
												<input type="hidden" name="lesson" value={row.lesson} />
												<TextField
													label="Pages, how, who, what for: lesson {row.number}"
													name="flag"
													class="flex-1"
													placeholder="12–19 alone Odile, 15 min: scale"
													{failure}
												/>
												<Button type="submit" size="small" class="mb-1">Stick</Button>
											</form>
										</details>
									{/if}
								</div>
							</li>
						{/each}
					</ol>
					{#if spine.left}<p class="mt-2 border-l-4 border-due pl-3">{spine.left}: next run.</p>{/if}
				</div>
				{#if spine.reading}
					<aside aria-label="Reading plan of {spine.title}" class="pt-3">
						<h3 class="font-display font-semibold">So that it ends with the unit</h3>
						<p class="mt-1">{spine.reading.sentence}</p>
						<form method="post" action="?/readOn" use:enhance={saves()} class="mt-2 flex items-center gap-2">
							<input type="hidden" name="spine" value={spine.id} />
							<Select
								name="on"
								options={READ_ON}
								value={spine.fields.read_on}
								aria-label="When {spine.title} is read"
							/>
							<Button type="submit" size="small">Set</Button>
						</form>
						<form method="post" action="?/reached" use:enhance={saves()} class="mt-2 flex items-end gap-2">
							<input type="hidden" name="spine" value={spine.id} />
							<TextField
								label="Read so far, to {spine.fields.counted === 'pages' ? 'page' : 'chapter'}"
								name="reached"
								inputmode="numeric"
								value={spine.fields.reached ?? ''}
								look="!w-20"
								{failure}
							/>
							<Button type="submit" size="small" class="mb-1">Spread again</Button>
						</form>
						{#if spine.reading.days.length}
							<table class="mt-3 w-full text-left text-sm">
								<thead class="border-b border-ink"
									><tr
										><th class="py-1 font-semibold">Day</th><th class="py-1 font-semibold">Read</th><th
											class="py-1 text-right font-semibold">Aloud</th
										></tr
									></thead
								>
								<tbody>
									{#each spine.reading.days as day (day.day)}<tr class="border-b border-rule"
											><td class="py-1">{day.day}</td><td class="py-1">{day.pages}</td><td
												class="py-1 text-right">{day.minutes} min</td
											></tr
										>{/each}
								</tbody>
							</table>
							{#if spine.reading.more}<p class="mt-1 text-sm text-ink-2">
									and {spine.reading.more} more days
								</p>{/if}
						{/if}
					</aside>
				{/if}
			</div>
		</section>
	{/each}
	{#if overCount}<p>
			<Button size="small" onclick={() => (showOver = !showOver)}
				>{showOver ? 'Hide' : 'Show'} the pages of {overCount === 1
					? 'the lesson that is'
					: `${overCount} lessons that are`} over</Button
			>
		</p>{/if}
	<section aria-labelledby="others">
		<h2 id="others" class="mb-1 text-lg">Other books and things</h2>
		<p class="mb-2 text-ink-2">{data.uses.sentence}</p>
		<form
			method="post"
			action="?/use"
			use:enhance={saves({ reset: true })}
			class="mb-3 flex flex-wrap items-end gap-3"
		>
			<TextField
				label="Title, from the library"
				name="title"
				class="min-w-52 flex-1"
				placeholder="Shadows and Stars"
				{failure}
			/>
			<SelectField
				label="For lesson"
				name="lesson"
				class="max-w-60"
				options={data.uses.lessons
					.filter((one) => !one.over)
					.map((one) => ({ value: String(one.lesson), label: `${one.number} ${one.title}` }))}
				value={String(data.uses.lessons.find((one) => !one.over)?.lesson ?? '')}
				{failure}
			/>
			<TextField
				label="What for, as on a slip"
				name="slip"
				class="min-w-52 flex-1"
				placeholder="read alone Odile 20–34, 20 min"
				{failure}
			/>
			<Button type="submit" size="small">Flag it</Button>
		</form>
		<ol class="divide-y divide-rule border-t-2 border-ink">
			{#each data.uses.lessons.filter((one) => one.uses.length && (showOver || !one.over)) as one (one.lesson)}
				<li class="grid gap-x-4 py-1.5 sm:grid-cols-[14rem_minmax(0,1fr)]">
					<span>{one.number} {one.title} <span class="text-sm text-ink-2">{one.day}</span></span>
					<ul>
						{#each one.uses as use (use.id)}
							<li class="flex flex-wrap items-baseline gap-x-3">
								<a href="/home/books/{use.resource}" class="font-semibold">{use.title}</a>
								<span class="flex-1 text-sm {use.isRemark ? 'text-due' : 'text-ink-2'}">{use.text}</span>
								{#if use.misfit}<span class="text-sm text-due">{use.misfit}</span>{/if}
								<form method="post" action="?/unuse" use:enhance={saves()}>
									<input type="hidden" name="id" value={use.id} />
									<button
										class="min-h-6 px-1 text-sm text-ink-2 underline"
										aria-label="Take away {use.title}, lesson {one.number}">take away</button
									>
								</form>
							</li>
						{/each}
					</ul>
				</li>
			{/each}
		</ol>
	</section>
	{#if data.pages.spines.length && data.pages.mixGaps.length}
		<section aria-labelledby="mix">
			<h2 id="mix" class="mb-1 text-lg">The mix you want in each lesson</h2>
			<ul class="list-inside list-disc text-sm">
				{#each data.pages.mixGaps as gap, i (i)}<li>{gap}</li>{/each}
			</ul>
		</section>
	{/if}
</div>

<Dialog
	bind:open
	title={dialog?.what === 'swap' ? `Swap ${dialog.spine.title}` : (dialog?.spine.title ?? '')}
	about={dialog?.what === 'swap'
		? 'Its flags in lessons to come lapse; what has been read stays as a record; it goes back to its shelf.'
		: undefined}
>
	{#if dialog}
		{@const { spine, what } = dialog}
		<form
			method="post"
			action="?/{what}"
			use:enhance={saves({ done: () => (open = false) })}
			class="space-y-4"
		>
			<input type="hidden" name="spine" value={spine.id} />
			{#if what === 'edit'}{@render bookFields(
					spine.title,
					spine.fields.counted,
					spine.fields.first_page,
					spine.fields.last_page,
					spine.fields.words_per_page
				)}
			{:else}{@render bookFields()}{/if}
			<div class="flex justify-between gap-3">
				<Button type="submit" look="main">{what === 'swap' ? 'Swap it' : 'Save'}</Button>
				{#if what === 'edit'}<Button type="submit" look="quiet" formaction="?/remove"
						>Remove with its flags</Button
					>{/if}
			</div>
		</form>
	{/if}
</Dialog>
