<script lang="ts">
	import { enhance } from '$app/forms';
	import EyeOff from '@lucide/svelte/icons/eye-off';
	import { OPENING_KINDS, OPENING_TEXT } from '$core/boxes/index.ts';
	import { dayText } from '$core/calendar/index.ts';
	import { listText, money } from '$core/words/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import DateField from '$lib/ui/field/DateField.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';

	let { data, form } = $props();
	const { view } = $derived(data);
	const failure = $derived(form && 'message' in form ? form : null);
	const kinds = OPENING_KINDS.map((value) => ({ value, label: OPENING_TEXT[value] }));
	const inside = $derived(view.rows.filter((one) => one.inside === 1));
	const share = $derived(view.standing.fill === null ? 0 : Math.min(1, view.standing.fill));
	/** Each thing in it as a band, as high as the room it takes. */
	const bands = $derived.by(() => {
		const all = view.standing.liters || 1;
		let from = 0;
		return inside.map((one) => {
			const high = (one.room / all) * share;
			from += high;
			return { id: one.id, title: one.title, from: 1 - from, high };
		});
	});
</script>

<svelte:head><title>Opening box · {data.unit.name} · Gather Bin</title></svelte:head>

<p class="text-sm"><a href="/units/{data.unit.id}/boxes">Boxes</a></p>
<h2 class="text-xl">Opening box</h2>
<p class="mt-1 max-w-2xl font-display text-xl leading-snug font-medium">{view.sentence}</p>
<p class="mt-1 text-ink-2">
	{view.place === null ? 'Choose its box below.' : view.placeName}{view.opensOn
		? `, opens on ${dayText(view.opensOn)}`
		: ''}.
	{#if view.standing.coming.length}Still on the way: {listText(
			view.standing.coming.map((kind) => OPENING_TEXT[kind].toLowerCase())
		)}.{/if}
</p>
{#if failure?.message}<p class="mt-2 font-semibold text-late" role="alert">{failure.message}</p>{/if}

<div class="mt-5 grid gap-8 lg:grid-cols-[minmax(0,1fr)_17rem]">
	<div>
		<ul class="divide-y divide-rule border-t-2 border-ink">
			{#each view.rows as one (one.id)}
				<li class="flex min-h-12 flex-wrap items-center gap-x-3 py-1">
					<span class="min-w-0 flex-1">
						<span class="font-semibold">{one.title}</span>
						<span class="text-sm text-ink-2"
							>{one.kindText}{one.cents === null ? '' : `, ${money(one.cents)}`}</span
						>
						{#if one.hidden === 1 && !view.isOpen}<span class="ml-1 text-sm font-semibold text-due"
								><EyeOff size={14} class="inline" aria-hidden="true" /> hidden until its day</span
							>{/if}
					</span>
					<PostButton
						action="?/inside"
						fields={{ id: one.id, inside: one.inside ? '0' : '1' }}
						size="small"
						look={one.inside ? 'quiet' : 'plain'}
						label="{one.inside ? 'Take out' : 'Put in'} {one.title}"
						>{one.inside ? 'In it · take out' : 'Put in'}</PostButton
					>
					<PostButton
						action="?/remove"
						fields={{ id: one.id }}
						size="small"
						look="quiet"
						label="Remove {one.title}">Remove</PostButton
					>
				</li>
			{/each}
		</ul>
		<form
			method="post"
			action="?/add"
			use:enhance={saves({ reset: true })}
			class="mt-4 flex flex-wrap items-end gap-3"
		>
			<TextField
				label="What"
				name="title"
				placeholder="Kite string on a wooden reel"
				value={failure?.typed?.title ?? ''}
				{failure}
				class="min-w-56 flex-1"
			/>
			<SelectField
				label="Kind"
				name="kind"
				options={kinds}
				value={view.standing.lacks[0] ?? 'fiction'}
				{failure}
			/>
			<TextField label="Price, $" name="dollars" inputmode="decimal" look="!w-24" {failure} />
			<TextField label="Room, liters" name="liters" inputmode="decimal" look="!w-24" {failure} />
			<label class="flex min-h-11 items-center gap-2"
				><input type="checkbox" class="size-5" name="hidden" />hidden until its day</label
			>
			<Button type="submit" look="main">Add</Button>
		</form>
		{#if view.proposed.length}
			<section class="mt-5" aria-labelledby="ours">
				<h3 id="ours" class="text-base">Yours, and no lesson uses them</h3>
				<ul>
					{#each view.proposed as one (one.id)}
						<li class="flex min-h-11 flex-wrap items-center gap-x-3">
							<span class="flex-1">{one.title} <span class="text-sm text-ink-2">{one.kind}</span></span>
							<PostButton
								action="?/add"
								fields={{ title: one.title, kind: one.kind, resource: one.id }}
								size="small"
								label="Add {one.title}">Add</PostButton
							>
						</li>
					{/each}
				</ul>
			</section>
		{/if}
	</div>
	<div>
		{#if view.standing.fill !== null}
			<figure class="mat rounded-sheet p-4 text-chalk">
				<svg
					viewBox="0 0 200 220"
					class="w-full"
					role="img"
					aria-label="{Math.round(view.standing.fill * 100)} % full: {inside
						.map((one) => one.title)
						.join(', ')}"
				>
					{#each bands as band (band.id)}
						<rect
							x="12"
							y={10 + band.from * 200}
							width="176"
							height={band.high * 200}
							fill="var(--color-chalk)"
							stroke="#111"
							stroke-width="0.8"
						/>
						{#if band.high > 0.05}<text
								x="18"
								y={10 + (band.from + band.high / 2) * 200 + 3.5}
								font-size={Math.min(10, 300 / band.title.length)}
								fill="#111">{band.title}</text
							>{/if}
					{/each}
					<path d="M10 10V210H190V10" fill="none" stroke="currentColor" stroke-width="2.5" />
				</svg>
				<figcaption class="mt-1 text-sm">
					{Math.round(view.standing.fill * 100)} % of its room, about {view.standing.liters.toFixed(1)} liters;
					{view.cost} so far.
				</figcaption>
			</figure>
		{/if}
		<form method="post" action="?/box" use:enhance={saves()} class="mt-4 space-y-3">
			<SelectField
				label="Its box"
				name="place"
				options={view.places}
				value={String(view.place ?? '')}
				{failure}
			/>
			<DateField label="Opens on" name="opensOn" value={view.opensOn ?? ''} {failure} />
			<fieldset>
				<legend class="text-sm font-semibold">Something of each</legend>
				<div class="grid grid-cols-2">
					{#each kinds as one (one.value)}
						<label class="flex min-h-10 items-center gap-2"
							><input
								type="checkbox"
								class="size-5"
								name="kind-{one.value}"
								checked={view.kinds.includes(one.value)}
							/>{one.label}</label
						>
					{/each}
				</div>
			</fieldset>
			<Button type="submit">Save</Button>
		</form>
	</div>
</div>
