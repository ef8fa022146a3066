<script lang="ts">
	import { enhance } from '$app/forms';
	import { lengthText, weightText } from '$core/measure/index.ts';
	import { counted, listText } from '$core/words/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import PackBoxes from '$lib/ui/boxes/PackBoxes.svelte';
	import ThingFields from '$lib/ui/boxes/ThingFields.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import TextField from '$lib/ui/field/TextField.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	/** The thing that somebody is asked about, whether it is the same. */
	const asked = $derived(failure?.path?.startsWith('same ') ? failure.path.slice(5) : '');
	const sentence = $derived(
		data.things.length === 0
			? 'Nothing to put away yet.'
			: data.boxes.length === 0
				? `${counted(data.count, 'thing')}, and no box with inside measures yet.`
				: `${counted(data.count, 'thing')} and ${counted(data.boxes.length, 'box', 'boxes')}.`
	);
	const flagsOf = (one: { upright: boolean; fragile: boolean; soft: boolean; round: boolean }) =>
		[
			one.fragile ? 'fragile' : '',
			one.upright ? 'stays upright' : '',
			one.soft ? 'soft' : '',
			one.round ? 'round' : ''
		]
			.filter(Boolean)
			.map((flag) => `, ${flag}`)
			.join('');
</script>

<svelte:head><title>Boxes · {data.unit.name} · Gather Bin</title></svelte:head>

<p class="max-w-2xl font-display text-xl leading-snug font-medium sm:text-2xl">{sentence}</p>
<p class="mt-1 text-ink-2">
	{#if data.things.length === 0}Your books, games, and kits for its lessons show up here by themselves, and
		its binders. Add what else goes in below.{/if}
	{#if data.guessed.length}{counted(data.guessed.length, 'size')} taken from kind and pages; measure those that
		decide.{/if}
	{#if data.loose}{counted(data.loose, 'kind')} of loose supplies in the unit’s bin fill the gaps.{/if}
</p>
{#if failure?.message && !asked}<p class="mt-2 font-semibold text-late" role="alert">
		{failure.message}
	</p>{/if}

{#if data.ours.length}
	<ul class="mt-3 flex flex-wrap gap-x-6 gap-y-1">
		{#each data.ours as one (one.id)}
			<li><a class="font-semibold" href="/boxes/{one.id}">{one.name}</a>, {counted(one.count, 'thing')}</li>
		{/each}
	</ul>
{/if}
<p class="mt-2"><a href="/units/{data.unit.id}/boxes/opening">Opening box: {data.opening}</a></p>

{#if data.things.length}
	<div class="mt-4">
		<p class="mb-2 flex flex-wrap gap-x-4 text-sm">
			{#each [['', 'All of it'], ['bulky', 'Only the bulky half']] as [value, label] (value)}
				<a
					href={value ? `?half=${value}` : '?'}
					aria-current={data.half === value ? 'true' : undefined}
					class="aria-[current]:font-semibold aria-[current]:text-ink aria-[current]:no-underline"
					data-sveltekit-noscroll>{label}</a
				>
			{/each}
			{#if data.half === 'bulky'}<span class="text-ink-2"
					>{data.flat.length
						? `${counted(data.flat.length, 'flat thing')} can stand on the shelf: ${listText(data.flat.slice(0, 5))}${data.flat.length > 5 ? ' and more' : ''}.`
						: 'Nothing of it is flat.'}</span
				>{/if}
		</p>
		{#if data.binned.length}<p class="mb-2 text-sm">
				{#each data.binned as one (one.box)}{one.box} takes {listText(one.titles)}.
				{/each}
				<span class="text-ink-2">They live in an open bin, so they aren’t packed.</span>
			</p>{/if}
		{#if data.others.length}<p class="mb-2 text-sm">
				{#each data.others as one (one.id)}<a class="font-semibold" href="/boxes/{one.box}?thing={one.id}"
						>{one.text}</a
					>.
				{/each}
				<span class="text-ink-2">To pack it here, take it out there.</span>
			</p>{/if}
		<PackBoxes
			question={data.question}
			boxes={data.boxes}
			titles={data.titles}
			round={data.round}
			guessed={data.guessed}
			system={data.system}
			liftKg={data.lift.kg}
		/>
	</div>
{/if}

<section class="mt-8" aria-labelledby="ourboxes">
	<h2 id="ourboxes" class="text-lg">Boxes we have</h2>
	<form
		method="post"
		action="?/boxes"
		use:enhance={saves({ reset: true })}
		class="mt-1 flex flex-wrap items-end gap-3"
	>
		<TextField
			label="Boxes, {data.system === 'us' ? 'in' : 'cm'} inside"
			name="boxes"
			value={failure?.typed?.boxes ?? ''}
			placeholder="3 shoe boxes {data.system === 'us' ? '13 x 7 x 5' : '33 × 18 × 12'}"
			class="min-w-72"
			{failure}
		/>
		<Button type="submit" look={data.boxes.length ? 'plain' : 'main'}>Add boxes</Button>
	</form>
	<form method="post" action="?/lift" use:enhance={saves()} class="mt-3 flex flex-wrap items-end gap-3">
		<TextField
			label="No box heavier than"
			name="lift"
			value={failure?.typed?.lift ?? (data.lift.isOwn ? weightText(data.lift.kg, data.system) : '')}
			placeholder={weightText(data.lift.kg, data.system)}
			look="!w-28"
			{failure}
		/>
		<Button type="submit">Save</Button>
	</form>
</section>

<section class="mt-8" aria-labelledby="things">
	<h2 id="things" class="border-b-2 border-ink text-lg">What goes in</h2>
	<ul class="divide-y divide-rule">
		{#each data.things as one (one.id)}
			<li class="py-1.5">
				<div class="flex min-h-9 flex-wrap items-baseline gap-x-4">
					<span class="font-semibold">{one.title}{one.count > 1 ? ` × ${one.count}` : ''}</span>
					<span class="min-w-40 flex-1 text-sm text-ink-2">{one.where}</span>
					<span class="text-sm tabular-nums"
						>{one.isMeasured ? '' : 'about '}{one.said.size ||
							`${[one.length, one.width, one.height]
								.map((mm) => lengthText(Math.round(mm), data.system).replace(/ (?:in|cm)$/, ''))
								.join(' × ')} ${data.system === 'us' ? 'in' : 'cm'}`}, {one.said.weight ||
							weightText(one.kg, data.system)}{flagsOf(one)}</span
					>
					<a
						class="inline-flex min-h-11 items-center text-sm"
						href="?thing={one.id}"
						data-sveltekit-noscroll
						aria-label="{one.own === null ? 'Measure' : 'Edit'} {one.title}"
						>{one.own === null ? 'Measure' : 'Edit'}</a
					>
					{#if one.own !== null || one.isAlso}
						<PostButton
							action="?/remove"
							fields={{ id: one.id }}
							look="quiet"
							size="small"
							label="Remove {one.title}">Remove</PostButton
						>
					{/if}
				</div>
				{#if data.open === one.id}
					<form
						method="post"
						action="?/measure"
						use:enhance={saves()}
						class="mt-2 flex flex-wrap items-end gap-3"
					>
						<input type="hidden" name="id" value={one.id} />
						<ThingFields {one} system={data.system} {failure} />
						<Button type="submit">Save</Button>
					</form>
				{/if}
			</li>
		{/each}
	</ul>
	{#if data.more}<p class="mt-2"><a href="?all" data-sveltekit-noscroll>Show {data.more} more</a></p>{/if}
	<form
		method="post"
		action="?/add"
		use:enhance={saves({ reset: true })}
		class="mt-4 flex flex-wrap items-end gap-3"
	>
		<TextField
			label="Something else"
			name="title"
			placeholder="Globe"
			value={failure?.typed?.title ?? ''}
			{failure}
			class="min-w-48"
		/>
		<ThingFields one={null} system={data.system} {failure} />
		{#if asked}
			<div class="flex w-full flex-wrap items-center gap-3" role="alert">
				<p class="font-semibold">{failure?.message}</p>
				<Button type="submit" name="same" value={asked} look="main">Yes, the same</Button>
				<Button type="submit" name="same" value="another">No, another one</Button>
			</div>
		{:else}<Button type="submit">Add</Button>{/if}
	</form>
</section>
