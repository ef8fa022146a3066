<script lang="ts">
	import { enhance } from '$app/forms';
	import { lengthText, weightText } from '$core/measure/index.ts';
	import { counted } from '$core/words/index.ts';
	import BoxDrawing from '$lib/ui/boxes/BoxDrawing.svelte';
	import ShelfDrawing from '$lib/ui/boxes/ShelfDrawing.svelte';
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import CautionNote from '$lib/ui/caution/CautionNote.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import PictureField from '$lib/ui/library/PictureField.svelte';
	import Select from '$lib/ui/select/Select.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';
	import Tape from '$lib/ui/tape/Tape.svelte';

	let { data, form } = $props();
	const { page } = $derived(data);
	const failure = $derived(form && 'message' in form ? form : null);
	const sought = $derived(page.inside.find((one) => one.id === data.thing) ?? null);
	const hasDrawing = $derived(page.packed !== null && page.packed.items.length > 0);
	const sentence = $derived(
		sought
			? `${sought.title} is in here.`
			: page.inside.length === 0
				? 'Empty.'
				: [counted(page.inside.length, 'thing'), page.kg === null ? '' : weightText(page.kg, data.system)]
						.filter(Boolean)
						.join(', ') + '.'
	);
	const isMissing = $derived(data.thing !== null && sought === null);
	const FORMS = ['box', 'tub', 'basket', 'drawer'].map((value) => ({ value, label: value }));
	const limit = $derived(
		page.detail?.max_grams ? weightText(data.limit, data.system).replace(/ .*/, '') : ''
	);
</script>

<svelte:head><title>{page.name} · Gather Bin</title></svelte:head>

<Sheet>
	<main>
		<div class="flex flex-wrap items-baseline gap-x-4 border-b-2 border-ink pb-2">
			<h1 class="text-[1.75rem]"><Tape text={page.name} /></h1>
			<p class="text-ink-2">{page.path}</p>
			{#if page.unit}<a href="/units/{page.unit.id}/boxes">{page.unit.name}</a>{/if}
		</div>
		<p class="mt-4 font-display text-xl leading-snug font-medium sm:text-2xl">{sentence}</p>
		{#if isMissing}<p class="mt-1">That’s no longer in this box.</p>{/if}
		{#if page.caution}<CautionNote text={page.caution} />{/if}
		{#if failure?.message}<p class="mt-2 font-semibold text-late" role="alert">{failure.message}</p>{/if}

		<div class="mt-5 grid gap-8 lg:grid-cols-2">
			<div>
				{#if hasDrawing && page.packed && page.inner}
					{#key `${data.thing} ${page.packed.items.length}`}
						<BoxDrawing
							packed={page.packed}
							box={{ name: page.name, ...page.inner }}
							titles={page.titles}
							round={page.round}
							system={data.system}
							thing={sought?.id ?? null}
						/>
					{/key}
				{:else if page.inside.length}
					<p class="text-ink-2">How things lie in it is drawn once a unit is put away in it.</p>
				{/if}
				{#if page.detail?.picture}
					<img
						src="/pictures/{page.detail.picture}"
						alt="The open box"
						class="mt-4 max-h-72 rounded-sheet border border-rule"
					/>
				{/if}
				<div class="no-print flex flex-wrap items-end gap-x-6 gap-y-2">
					<PictureField has={Boolean(page.detail?.picture)} {failure} />
					<a class="pb-2 text-sm" href="/boxes/{page.id}/label.pdf" target="_blank">Contents label (PDF)</a>
				</div>
			</div>
			<div>
				<section aria-labelledby="inside">
					<h2 id="inside" class="border-b-2 border-ink text-lg">Take out</h2>
					<ul class="divide-y divide-rule">
						{#each page.inside as one (one.id)}
							<li class="py-1">
								<div class="flex min-h-11 flex-wrap items-center gap-x-3">
									<span class="min-w-0 flex-1">
										{#if one.href}<a href={one.href}>{one.title}</a>{:else}<span class="font-semibold"
												>{one.title}</span
											>{/if}
										<span class="text-sm text-ink-2">{one.detail}</span>
									</span>
									{#if page.packed?.items.some((item) => item.item === one.id)}<a
											class="inline-flex min-h-11 min-w-11 items-center justify-center text-sm"
											href="?thing={one.id}"
											data-sveltekit-noscroll
											aria-label="Where {one.title} is">where</a
										>{/if}
									<a
										class="inline-flex min-h-11 min-w-11 items-center justify-center text-sm"
										href="?move={one.id}"
										data-sveltekit-noscroll
										aria-label="Move {one.title}">move</a
									>
									{#if one.canGoOut}
										<PostButton action="?/out" fields={{ thing: one.id }} label="Take out {one.title}"
											>Out</PostButton
										>
									{/if}
								</div>
								{#if data.moving === one.id}
									<form
										method="post"
										action="?/out"
										use:enhance={saves()}
										class="mb-2 flex flex-wrap items-center gap-2"
									>
										<input type="hidden" name="thing" value={one.id} />
										{#each page.nearby as place (place.value)}
											<Button type="submit" name="to" value={place.value}>{place.label}</Button>
										{/each}
									</form>
									<form
										method="post"
										action="?/out"
										use:enhance={saves()}
										class="mb-2 flex flex-wrap items-center gap-2"
									>
										<input type="hidden" name="thing" value={one.id} />
										<Select
											name="to"
											class="!w-auto max-w-full"
											aria-label="Another place"
											options={data.places.filter((place) => place.value !== String(page.id))}
										/>
										<Button type="submit">Move</Button>
									</form>
								{/if}
							</li>
						{/each}
					</ul>
				</section>
				{#if page.elsewhere.length}
					<form method="post" action="?/in" use:enhance={saves()} class="mt-5 flex flex-wrap items-end gap-3">
						<SelectField
							label="Put in"
							name="thing"
							class="min-w-56 flex-1"
							options={[{ value: '', label: 'choose' }, ...page.elsewhere]}
							{failure}
						/>
						<Button type="submit" look="main">In</Button>
					</form>
				{/if}
				{#if page.moves.length}
					<section class="mt-6 text-sm" aria-labelledby="moves">
						<h2 id="moves" class="text-base">What moved</h2>
						<ul>
							{#each page.moves as one (one.id)}<li>{one.text}</li>{/each}
						</ul>
					</section>
				{/if}
			</div>
		</div>

		{#if page.inner}
			<section class="mt-8" aria-labelledby="shelves">
				<h2 id="shelves" class="border-b-2 border-ink text-lg">Where it fits</h2>
				{#if page.shelves.length}
					<div class="mt-3 grid gap-6 lg:grid-cols-2">
						{#each page.shelves.slice(0, 4) as shelf (shelf.place)}
							<div>
								<ShelfDrawing {shelf} name={page.name} system={data.system} />
								{#if shelf.isHere}<p class="mt-1 text-sm font-semibold text-good">It’s on this shelf.</p>
								{:else}
									<form method="post" action="?/shelf" use:enhance={saves()} class="mt-1">
										<input type="hidden" name="shelf" value={shelf.place} />
										<Button type="submit" size="small">It’s on this shelf now</Button>
									</form>
								{/if}
							</div>
						{/each}
					</div>
				{:else}
					<p class="mt-2">
						No shelf with length and depth takes it: {[page.inner.length, page.inner.width, page.inner.height]
							.map((mm) => lengthText(mm, data.system))
							.join(' × ')} inside. <a href="/home/places">Measure your shelves</a> under Places.
					</p>
				{/if}
			</section>
		{/if}

		<form
			method="post"
			action="?/describe"
			use:enhance={saves()}
			class="mt-8 flex flex-wrap items-end gap-3 border-t border-rule pt-4"
		>
			<SelectField label="It is a" name="form" options={FORMS} value={page.detail?.form ?? 'box'} {failure} />
			<TextField
				label="May hold, {data.system === 'us' ? 'lb' : 'kg'}"
				name="weight"
				inputmode="decimal"
				value={limit}
				placeholder={weightText(data.limit, data.system).replace(/ .*/, '')}
				look="!w-24"
				{failure}
			/>
			<TextField
				label="Open bin of a subject"
				name="subject"
				placeholder="maps"
				value={page.detail?.subject ?? ''}
				class="min-w-44"
				{failure}
			/>
			<Button type="submit">Save</Button>
		</form>
	</main>
</Sheet>
