<script lang="ts">
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';
	import WeekTabs from '$lib/ui/week/WeekTabs.svelte';

	/** What is set anew on a day is named; what belongs to its lesson is on the day’s sheet. */
	const NAMED = new Set(['Shelf', 'Wall', 'Books to set out', 'Also today', 'To go back', 'This evening']);
	/** The first two by name, and how many more. */
	const namesOf = (entries: readonly { readonly text: string }[]): string =>
		[
			...entries.slice(0, 2).map((one) => one.text),
			...(entries.length > 2 ? [`${entries.length - 2} more`] : [])
		].join(', ');
	let { data, form } = $props();
	const { week } = $derived(data);
	const failure = $derived(form && 'message' in form ? form : null);
	const unit = $derived(data.unit === null ? '' : `&unit=${data.unit}`);
	const waiting = (day: (typeof week.days)[number]) =>
		day.groups.flatMap((one) => one.entries).filter((one) => !one.isDone).length;
</script>

<svelte:head><title>Week · Gather Bin</title></svelte:head>

<Sheet>
	<main>
		<WeekTabs />
		<div class="flex flex-wrap items-baseline justify-between gap-3">
			<h1 class="text-[1.75rem]">{week.title}</h1>
			<p class="no-print flex gap-4">
				<a href="/week?of={week.before}{unit}">Week before</a>
				<a href="/week?of={week.after}{unit}">Week after</a>
			</p>
		</div>
		<p class="mt-2 max-w-3xl font-display text-xl leading-snug font-medium">{week.sentence}</p>
		{#if week.hint}<p class="mt-2">
				<Button href={week.hint.href} look="main">{week.hint.text}</Button>
			</p>{/if}
		{#if failure?.message}<p class="mt-2 font-semibold text-late" role="alert">{failure.message}</p>{/if}
		{#if data.units.length > 1}
			<p class="no-print mt-2 flex flex-wrap gap-x-4 text-sm">
				<a href="/week?of={week.week}" aria-current={data.unit === null ? 'true' : undefined}>All units</a>
				{#each data.units as one (one.id)}<a
						href="/week?of={week.week}&unit={one.id}"
						aria-current={data.unit === one.id ? 'true' : undefined}>{one.name}</a
					>{/each}
			</p>
		{/if}
		<ol class="mt-5 grid gap-3 lg:grid-cols-7 lg:gap-2 print:mt-2 print:grid-cols-4 print:gap-1.5">
			{#each week.days as day (day.day)}
				<li
					class="rounded-sheet border p-3 {day.isToday ? 'border-2 border-ink' : 'border-rule'} {day.groups
						.length || day.lessons.length
						? ''
						: 'bg-lined'}"
				>
					<h2 class="text-base">
						<a href="/week/{day.day}" aria-label="{day.title}, the day’s sheet">{day.title}</a>
					</h2>
					{#if day.isShort}<p class="text-sm font-semibold text-due">short day</p>{/if}
					<ul class="mt-1 space-y-1 text-sm">
						{#each day.lessons as lesson (lesson.title)}<li class="font-semibold">
								{lesson.title}<span class="block font-normal text-ink-2">{lesson.unit}</span>
							</li>{/each}
						{#each day.groups as group (group.name)}<li class="text-ink-2">
								{group.name}: {NAMED.has(group.name)
									? namesOf(group.entries)
									: group.entries.length}{#if group.entries.some((one) => one.isOpen)}<strong
										class="text-late"
										>, not here yet: {namesOf(group.entries.filter((one) => one.isOpen))}</strong
									>{/if}
							</li>{/each}
					</ul>
					{#if day.isToday && waiting(day)}<p class="mt-1 text-sm font-semibold">{waiting(day)} to do</p>{/if}
				</li>
			{/each}
		</ol>
		<div class="no-print mt-5 flex flex-wrap gap-3">
			<Button href="/week/{data.today}" look="main">Today’s sheet</Button>
			<PostButton
				action="?/short"
				fields={{ day: data.today, short: week.days.find((one) => one.isToday)?.isShort ? '' : '1' }}
				>{week.days.find((one) => one.isToday)?.isShort
					? 'A whole day after all'
					: 'A short day today'}</PostButton
			>
			<Button href="/week?away">Out and about</Button>
		</div>
		{#if data.away}
			<section class="mt-4" aria-labelledby="away">
				<h2 id="away" class="text-lg">To take along</h2>
				<ul>
					{#each data.away as one (one.title)}<li>
							{one.title} <span class="text-sm text-ink-2">{one.why}</span>
						</li>{:else}<li>
							Nothing small enough is in use. Add something for busy hands to the morning basket.
						</li>{/each}
				</ul>
			</section>
		{/if}
		{#if data.links.length}
			<details class="no-print mt-6">
				<summary class="min-h-9 cursor-pointer py-1.5 font-semibold">A page for each child</summary>
				<p class="max-w-2xl text-sm text-ink-2">
					Big, for a tablet in the kitchen: the child’s own things, to look at and check off. Whoever has the
					link can open it; turned off, it’s over for good.
				</p>
				<ul class="mt-1 divide-y divide-rule border-y border-rule">
					{#each data.links as one (one.id)}
						<li class="flex min-h-11 flex-wrap items-center gap-x-4 py-1">
							<span class="font-semibold">{one.name}</span>
							<span class="min-w-0 flex-1 text-sm break-all"
								>{#if one.href}<a href={one.href}>{one.href}</a>{/if}</span
							>
							<PostButton
								action="?/link"
								fields={{ person: one.id, on: one.href ? '' : '1' }}
								size="small"
								label="{one.href ? 'Turn off the page of' : 'Make a page for'} {one.name}"
								>{one.href ? 'Turn off' : 'Make a link'}</PostButton
							>
						</li>
					{/each}
				</ul>
			</details>
		{/if}
	</main>
</Sheet>
