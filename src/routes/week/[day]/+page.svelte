<script lang="ts">
	import { dayText } from '$core/calendar/index.ts';
	import { groupBy } from '$core/group-by.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import CautionNote from '$lib/ui/caution/CautionNote.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';
	import DayEntries from '$lib/ui/week/DayEntries.svelte';

	let { data } = $props();
	const { view } = $derived(data);
	/** What is left from days before, day by day. */
	const left = $derived(
		[...groupBy(view.left, (one) => one.day)].map(([day, entries]) => ({
			name: `Still from ${dayText(day)}`,
			entries,
			trouble: null
		}))
	);
</script>

<svelte:head><title>{view.title} · Gather Bin</title></svelte:head>

<Sheet>
	<main>
		<div class="flex flex-wrap items-baseline justify-between gap-3 border-b-2 border-ink pb-2">
			<h1 class="text-[1.75rem]">{view.title}</h1>
			<p class="no-print flex gap-4">
				<a href="/week?of={view.day}">The week</a>
				<a href="/week/{data.before}">Day before</a>
				<a href="/week/{data.after}">Day after</a>
			</p>
		</div>
		<p class="mt-3 max-w-3xl font-display text-xl leading-snug font-medium print:mt-1 print:text-base">
			{view.sentence}
		</p>
		{#each view.lessons as lesson (lesson.title)}<p>
				<strong>{lesson.title}</strong>, <a href={lesson.href}>{lesson.unit}</a>
			</p>{/each}
		{#if data.isStrips}
			<ol class="strips mt-5">
				{#each view.strips as strip, at (at)}
					<li
						class="flex items-center gap-4 border-2 border-dashed border-ink px-4 py-5 text-3xl font-semibold"
					>
						<span class="size-9 shrink-0 rounded-[3px] border-2 border-ink" aria-hidden="true"
						></span>{#if strip.time}<span class="w-20 shrink-0 tabular-nums">{strip.time}</span
							>{/if}{strip.text}
					</li>
				{/each}
			</ol>
			<p class="no-print mt-3 text-sm text-ink-2">
				Print, cut apart, and put into a sleeve: wiped off, they serve again.
			</p>
		{:else}
			<div class="gap-x-10 lg:columns-2 print:columns-2">
				<DayEntries groups={view.groups} day={view.day} />
			</div>
			<DayEntries groups={left} day={view.day} canSkip />
			{#if view.cautions.length}
				<section class="mt-5 space-y-1 print:mt-2" aria-label="Cautions">
					{#each view.cautions as text (text)}<CautionNote {text} />{/each}
				</section>
			{/if}
		{/if}
		<div class="no-print mt-6 flex flex-wrap gap-3">
			<Button onclick={() => print()}>Print</Button>
			<Button href={data.isStrips ? `/week/${view.day}` : `/week/${view.day}?strips`}
				>{data.isStrips ? 'The whole sheet' : 'Strips for children'}</Button
			>
			<PostButton
				action="/week?/short"
				fields={{ day: view.day, short: view.isShort ? '' : '1' }}
				look="quiet">{view.isShort ? 'A whole day after all' : 'Make it a short day'}</PostButton
			>
		</div>
	</main>
</Sheet>
