<script lang="ts">
	import { enhance } from '$app/forms';
	import { counted } from '$core/words/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import PackBoxes from '$lib/ui/boxes/PackBoxes.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import TextField from '$lib/ui/field/TextField.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const guessed = $derived(data.things.filter((one) => !one.isMeasured).length);
	const sentence = $derived(
		data.things.length === 0
			? 'Nothing to put away yet.'
			: data.boxes.length === 0
				? 'No box with inner measures yet. Measure one under Places.'
				: `${counted(
						data.things.reduce((sum, one) => sum + one.count, 0),
						'thing'
					)} and ${counted(data.boxes.length, 'box', 'boxes')}.`
	);
	const MOST = 100;
	const shown = $derived(data.isAll ? data.things : data.things.slice(0, MOST));
	const cm = (mm: number) => String(Math.round(mm) / 10);
	const MEASURES = [
		['length', 'Length, cm'],
		['width', 'Width, cm'],
		['height', 'Height, cm'],
		['kg', 'Weight, kg'],
		['count', 'How many']
	] as const;
	const BOXES = [
		['upright', 'stays upright'],
		['fragile', 'fragile']
	] as const;
</script>

<svelte:head><title>Boxes · {data.unit.name} · Gather Bin</title></svelte:head>

{#snippet measures(
	one: {
		length: number;
		width: number;
		height: number;
		kg: number;
		count: number;
		upright: boolean;
		fragile: boolean;
	} | null
)}
	{#each MEASURES as [name, label] (name)}
		<TextField
			{label}
			{name}
			inputmode="decimal"
			value={one
				? name === 'kg' || name === 'count'
					? String(one[name])
					: cm(one[name])
				: name === 'count'
					? '1'
					: ''}
			look="!w-20"
			{failure}
		/>
	{/each}
	{#each BOXES as [name, label] (name)}
		<label class="flex min-h-11 items-center gap-2"
			><input type="checkbox" class="size-5" {name} checked={one?.[name] ?? false} />{label}</label
		>
	{/each}
{/snippet}

<p class="max-w-2xl font-display text-xl leading-snug font-medium sm:text-2xl">{sentence}</p>
{#if guessed}<p class="mt-1 text-ink-2">
		{counted(guessed, 'size')} taken from kind and pages; measure those that decide.
	</p>{/if}
{#if failure?.message}<p class="mt-2 font-semibold text-late" role="alert">{failure.message}</p>{/if}

{#if data.things.length && data.boxes.length}
	<div class="mt-4">
		<PackBoxes question={data.question} boxes={data.boxes} titles={data.titles} isMetric={data.isMetric} />
	</div>
{/if}

<section class="mt-8" aria-labelledby="things">
	<h2 id="things" class="border-b-2 border-ink text-lg">What goes in</h2>
	<ul class="divide-y divide-rule">
		{#each shown as one (one.id)}
			<li class="py-1.5">
				<div class="flex min-h-9 flex-wrap items-baseline gap-x-4">
					<span class="font-semibold">{one.title}{one.count > 1 ? ` × ${one.count}` : ''}</span>
					<span class="flex-1 text-sm text-ink-2">{one.where}</span>
					<span class="text-sm tabular-nums"
						>{one.isMeasured ? '' : 'about '}{cm(one.length)} × {cm(one.width)} × {cm(one.height)} cm, {one.kg}
						kg</span
					>
					{#if one.own === null}
						<a class="text-sm" href="?thing={one.id}" data-sveltekit-noscroll aria-label="Measure {one.title}"
							>Measure</a
						>
					{:else}
						<form method="post" action="?/remove" use:enhance={saves()}>
							<input type="hidden" name="id" value={one.own} />
							<Button type="submit" look="quiet" size="small" aria-label="Remove {one.title}">Remove</Button>
						</form>
					{/if}
				</div>
				{#if data.open === one.id && one.own === null}
					<form
						method="post"
						action="?/measure"
						use:enhance={saves()}
						class="mt-2 flex flex-wrap items-end gap-3"
					>
						<input type="hidden" name="id" value={one.id.slice(6)} />
						{@render measures(one)}
						<Button type="submit">Save</Button>
					</form>
				{/if}
			</li>
		{/each}
	</ul>
	<form
		method="post"
		action="?/add"
		use:enhance={saves({ reset: true })}
		class="mt-4 flex flex-wrap items-end gap-3"
	>
		<TextField label="Something else" name="title" placeholder="Globe" {failure} class="min-w-48" />
		{@render measures(null)}
		<Button type="submit">Add</Button>
	</form>
	{#if data.binders.length}
		<p class="mt-3 text-sm">
			Your binders, to add here: {data.binders.map((one) => `${one.name}, ${one.size}`).join('; ')}.
		</p>
	{/if}
</section>
