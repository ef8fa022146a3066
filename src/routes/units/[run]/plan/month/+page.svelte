<script lang="ts">
	import { enhance } from '$app/forms';
	import { tick } from 'svelte';
	import { addDays } from '$core/calendar/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import DateField from '$lib/ui/field/DateField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	type Extra = { id: number; title: string; about: string };
	let moving = $state<{ extra: Extra; day: string } | null>(null);
	let open = $state(false);
	let dragged = $state<number | null>(null);
	let over = $state('');
	let mover: HTMLFormElement;
	let moved = $state({ id: 0, day: '' });
	/** What was moved, until the focus has gone with it. */
	let followed = $state<{ id: number; day: string; isSaved: boolean } | null>(null);

	async function move(id: number, day: string) {
		moved = { id, day };
		followed = { id, day, isSaved: false };
		await tick();
		mover.requestSubmit();
	}
	/** Arrow keys move an extra by a day or a week; the focus goes with it. */
	function byKey(event: KeyboardEvent, extra: Extra, day: string) {
		const by = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 }[event.key];
		if (by === undefined) return;
		event.preventDefault();
		void move(extra.id, addDays(day, by));
	}
	const saved = () => {
		if (followed) followed.isSaved = true;
	};
	function ask(extra: Extra, day: string) {
		followed = null;
		moving = { extra, day };
		open = true;
	}
	// When it is saved and stands in its new place, and not before: news of the same change may load the page, too.
	$effect(() => {
		if (!followed?.isSaved || !data.month) return;
		const { id, day } = followed;
		const there = document.querySelector<HTMLElement>(`[data-day="${day}"] [data-extra="${id}"]`);
		if (!there) return;
		followed = null;
		there.focus();
	});
	const chip =
		'block w-full rounded-[3px] border border-edge bg-sheet px-1.5 py-1 text-left text-sm leading-tight';
</script>

<svelte:head><title>{data.month.title} · {data.unit.name} · Gather Bin</title></svelte:head>

<p class="max-w-3xl font-display text-xl leading-snug font-medium sm:text-2xl">{data.month.sentence}</p>

<div class="mt-4 flex flex-wrap items-center gap-4">
	<h2 class="w-full text-xl sm:w-auto sm:min-w-44">{data.month.title}</h2>
	<Button size="small" href="?m={data.month.before}" data-sveltekit-noscroll>Previous month</Button>
	<Button size="small" href="?m={data.month.after}" data-sveltekit-noscroll>Next month</Button>
	<span class="text-sm text-ink-2">Drag an extra to another day, or move it with the arrow keys.</span>
</div>

<form method="post" action="?/move" use:enhance={saves({ shown: saved })} bind:this={mover} hidden>
	<input type="hidden" name="id" value={moved.id} />
	<input type="hidden" name="day" value={moved.day} />
</form>

{#snippet extra(one: Extra & { fixed?: boolean }, day: string)}
	{#if one.fixed}
		<span class="{chip} border-dashed" title="Part of this day’s lesson">{one.title}</span>
	{:else}
		<button
			type="button"
			class="{chip} cursor-grab hover:border-ink"
			data-extra={one.id}
			draggable="true"
			ondragstart={(event) => {
				event.dataTransfer?.setData('text/plain', String(one.id));
				dragged = one.id;
			}}
			ondragend={() => (dragged = null)}
			onkeydown={(event) => day && byKey(event, one, day)}
			onclick={() => ask(one, day)}
			aria-label="{one.title}, {one.about}{day ? '' : ', no date yet'}. Move it"
			><span class="font-semibold">{one.title}</span><span class="block text-ink-2">{one.about}</span></button
		>
	{/if}
{/snippet}

<div class="mt-4 grid gap-6 xl:grid-cols-[minmax(0,1fr)_14rem]">
	<table class="hidden w-full table-fixed border-collapse sm:table">
		<caption class="sr-only">{data.month.title}: lessons and extras by day</caption>
		<thead>
			<tr>
				{#each data.month.weekdays as weekday (weekday)}<th
						class="border-b-2 border-ink py-1 text-left text-sm font-semibold">{weekday}</th
					>{/each}
			</tr>
		</thead>
		<tbody>
			{#each data.month.weeks as week (week[0].day)}
				<tr>
					{#each week as day (day.day)}
						<td
							class="h-24 border border-rule p-1 align-top {day.inMonth ? 'bg-sheet' : 'bg-desk'} {over ===
								day.day && dragged !== null
								? 'outline-2 -outline-offset-2 outline-ink'
								: ''}"
							data-day={day.day}
							ondragover={(event) => {
								if (dragged === null) return;
								event.preventDefault();
								over = day.day;
							}}
							ondrop={(event) => {
								if (dragged === null) return;
								event.preventDefault();
								void move(dragged, day.day);
								dragged = null;
								over = '';
							}}
						>
							<span
								class="text-sm {day.isToday
									? 'rounded-[3px] bg-ink px-1.5 font-semibold text-sheet'
									: 'text-ink-2'}"
								>{day.number}{#if day.isToday}<span class="sr-only"> today</span>{/if}</span
							>
							{#if day.blocked}<span class="text-sm text-ink-2">{day.blocked}</span>{/if}
							<div class="mt-0.5 space-y-1">
								{#each day.lessons as lesson, i (i)}
									<p
										class="rounded-[3px] px-1.5 py-0.5 text-sm leading-tight {lesson.own
											? 'bg-mat text-chalk'
											: 'bg-desk-2 text-ink'}"
										title={lesson.title}
									>
										{lesson.text}{lesson.reading ? ', reading' : ''}
									</p>
								{/each}
								{#each day.extras as one (one.id)}{@render extra(one, day.day)}{/each}
								{#each day.begins as begin, i (i)}<p class="text-sm leading-tight text-due">
										{begin}
									</p>{/each}
							</div>
						</td>
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>

	<ol class="divide-y divide-rule border-t-2 border-ink sm:hidden">
		{#each data.month.weeks
			.flat()
			.filter((day) => day.inMonth && (day.lessons.length || day.extras.length || day.begins.length || day.isToday)) as day (day.day)}
			<li class="py-2">
				<p class="text-sm font-semibold">
					{day.text}{day.isToday ? ', today' : ''} <span class="font-normal text-ink-2">{day.blocked}</span>
				</p>
				<div class="mt-1 space-y-1">
					{#each day.lessons as lesson, i (i)}<p class={lesson.own ? '' : 'text-ink-2'}>
							{lesson.text}
						</p>{/each}
					{#each day.extras as one (one.id)}{@render extra(one, day.day)}{/each}
					{#each day.begins as begin, i (i)}<p class="text-due">{begin}</p>{/each}
				</div>
			</li>
		{/each}
	</ol>

	<div class="space-y-6">
		<section aria-labelledby="pool">
			<h2 id="pool" class="mb-2 text-lg">Ideas, no date yet</h2>
			<div class="space-y-1">
				{#each data.month.pool as one (one.id)}{@render extra(one, '')}{:else}<p class="text-ink-2">
						None.
					</p>{/each}
			</div>
		</section>
		{#if data.month.competing.length}
			<section aria-labelledby="competing">
				<h2 id="competing" class="mb-2 text-lg">Two units on one day</h2>
				<ul class="space-y-1 text-sm">
					{#each data.month.competing as one (one.day)}<li><strong>{one.day}</strong>: {one.text}</li>{/each}
				</ul>
			</section>
		{/if}
	</div>
</div>

<Dialog bind:open title={moving?.extra.title ?? ''} about={moving?.extra.about}>
	{#if moving}
		<form method="post" action="?/move" use:enhance={saves({ done: () => (open = false) })} class="space-y-4">
			<input type="hidden" name="id" value={moving.extra.id} />
			<DateField
				label="Date"
				name="day"
				value={moving.day || data.month.weeks.flat().find((day) => day.isToday)?.day || ''}
				{failure}
			/>
			<div class="flex justify-between gap-3">
				<Button type="submit" look="main">Move</Button>
			</div>
		</form>
		{#if moving.day}
			<form method="post" action="?/move" use:enhance={saves({ done: () => (open = false) })} class="mt-3">
				<input type="hidden" name="id" value={moving.extra.id} />
				<input type="hidden" name="day" value="" />
				<Button type="submit" look="quiet">Move to ideas</Button>
			</form>
		{/if}
	{/if}
</Dialog>
