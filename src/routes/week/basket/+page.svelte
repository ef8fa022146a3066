<script lang="ts">
	import { enhance } from '$app/forms';
	import { clockFace, dayText } from '$core/calendar/index.ts';
	import { lengthText } from '$core/measure/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import DateField from '$lib/ui/field/DateField.svelte';
	import BasketDrawing from '$lib/ui/setout/BasketDrawing.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';
	import WeekTabs from '$lib/ui/week/WeekTabs.svelte';
	import Weekdays from '$lib/ui/weekdays/Weekdays.svelte';

	let { data, form } = $props();
	const { view } = $derived(data);
	const failure = $derived(form && 'message' in form ? form : null);
	const KINDS = [
		{ value: 'stays', label: 'stays' },
		{ value: 'month', label: 'this month' },
		{ value: 'hands', label: 'keeps hands busy' }
	] as const;
	const groups = $derived(
		KINDS.map((kind) => ({
			...kind,
			parts: view.parts.filter((one) => one.kind === kind.value)
		})).filter((one) => one.parts.length)
	);
	const inMeasure = (mm: number | undefined) =>
		mm === undefined ? '' : lengthText(mm, data.system).replace(/ (?:in|cm)$/, '');
	const unit = $derived(data.system === 'us' ? 'in' : 'cm');
</script>

<svelte:head><title>Morning basket · Gather Bin</title></svelte:head>

<Sheet>
	<main>
		<WeekTabs />
		<h1 class="text-[1.75rem]">Morning basket, {dayText(view.day)}</h1>
		<p class="mt-2 max-w-3xl font-display text-xl leading-snug font-medium {view.isLong ? 'text-late' : ''}">
			{view.sentence}{view.chooser ? ` ${view.chooser} chooses.` : ''}
		</p>
		{#if view.size}<p class="mt-1 {view.isFull ? 'font-semibold text-late' : 'text-ink-2'}">
				{view.size}{view.isFull ? ' It won’t all go in.' : ''}
			</p>{/if}
		{#if failure?.message}<p class="mt-2 font-semibold text-late" role="alert">{failure.message}</p>{/if}

		{#if data.setOut.basketSize && view.books.length}
			<BasketDrawing books={view.books} size={data.setOut.basketSize} system={data.system} />
		{/if}
		{#each groups as group (group.value)}
			<section class="mt-5" aria-label={group.label}>
				<h2 class="border-b-2 border-ink text-lg first-letter:uppercase">{group.label}</h2>
				<ul class="divide-y divide-rule">
					{#each group.parts as one (one.id)}
						<li class="flex min-h-11 flex-wrap items-center gap-x-4 py-1">
							<span class="font-semibold">{one.title}</span>
							<span class="min-w-40 flex-1 text-sm text-ink-2"
								>{[one.pages, one.ends, one.where].filter(Boolean).join(' · ')}</span
							>
							{#if one.pages}
								<form method="post" action="?/bookmark" use:enhance={saves()} class="flex items-center gap-2">
									<input type="hidden" name="id" value={one.id} />
									<input type="hidden" name="day" value={data.today} />
									<input
										name="page"
										class="typed !w-20"
										inputmode="numeric"
										placeholder="page"
										aria-label="Bookmark of {one.title} is now at page"
									/>
									<Button type="submit" size="small" aria-label="Move the bookmark of {one.title}"
										>Move</Button
									>
								</form>
							{/if}
							<span class="w-14 text-right text-sm tabular-nums"
								>{group.value === 'hands' ? '' : `${one.minutes} min`}</span
							>
							<PostButton
								action="?/remove"
								fields={{ id: one.id }}
								look="quiet"
								size="small"
								label="Remove {one.title}">Remove</PostButton
							>
						</li>
					{/each}
				</ul>
			</section>
		{/each}

		<form
			method="post"
			action="?/add"
			use:enhance={saves({ reset: true })}
			class="mt-6 mb-5 flex flex-wrap items-end gap-x-3 gap-y-5"
		>
			<TextField
				label="Into the basket"
				name="title"
				placeholder="A poem"
				value={failure?.typed?.title ?? ''}
				{failure}
				class="min-w-56 flex-1"
			/>
			<SelectField label="It" name="kind" options={KINDS} value="stays" {failure} />
			<TextField label="Minutes" name="minutes" inputmode="numeric" placeholder="3" look="!w-20" {failure} />
			<SelectField
				label="Pages"
				name="by"
				options={[
					{ value: '', label: 'as it comes' },
					{ value: 'bookmark', label: 'by bookmark' },
					{ value: 'date', label: 'by date' }
				]}
				value=""
				{failure}
			/>
			<TextField label="First page" name="first" inputmode="numeric" look="!w-20" {failure} />
			<TextField label="Last page" name="last" inputmode="numeric" look="!w-20" {failure} />
			<TextField label="A day" name="aDay" inputmode="numeric" placeholder="1" look="!w-16" {failure} />
			<DateField label="First page on" name="since" value="" class="-mb-5.5" {failure} />
			<Button type="submit" look="main">Add</Button>
		</form>

		{#if view.proposed.length}
			<section class="mt-6" aria-labelledby="next-month">
				<h2 id="next-month" class="text-lg">For {view.nextName}, from your shelves</h2>
				<ul>
					{#each view.proposed as one (one.id)}
						<li class="flex min-h-11 flex-wrap items-center gap-x-3">
							<span class="flex-1">{one.title} <span class="text-sm text-ink-2">{one.why}</span></span>
							<PostButton
								action="?/add"
								fields={{ title: one.title, kind: 'month', month: view.nextMonth, resource: one.id }}
								size="small"
								label="Add {one.title}">Add</PostButton
							>
						</li>
					{/each}
				</ul>
			</section>
		{/if}

		<details class="mt-6">
			<summary class="min-h-9 cursor-pointer py-1.5 font-semibold">Days, turns, and the basket itself</summary
			>
			<form
				method="post"
				action="?/settings"
				use:enhance={saves()}
				class="mt-2 mb-5 flex flex-wrap items-end gap-x-4 gap-y-6"
			>
				<Weekdays legend="Basket days" chosen={data.setOut.basketDays} />
				<DateField
					label="The first child chooses on"
					name="since"
					value={data.setOut.basketSince ?? ''}
					class="-mb-5.5"
					{failure}
				/>
				<TextField
					label="The morning begins at"
					name="begins"
					placeholder="9:00"
					value={data.setOut.dayStart ? clockFace(data.setOut.dayStart, data.system) : ''}
					look="!w-24"
					{failure}
				/>
				<TextField
					label="Basket length, {unit}"
					name="length"
					value={inMeasure(data.setOut.basketSize?.length)}
					look="!w-20"
					{failure}
				/>
				<TextField
					label="Width, {unit}"
					name="width"
					value={inMeasure(data.setOut.basketSize?.width)}
					look="!w-20"
					{failure}
				/>
				<TextField
					label="Height, {unit}"
					name="height"
					value={inMeasure(data.setOut.basketSize?.height)}
					look="!w-20"
					{failure}
				/>
				<Button type="submit">Save</Button>
			</form>
		</details>
	</main>
</Sheet>
