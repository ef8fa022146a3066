<script lang="ts">
	import { enhance } from '$app/forms';
	import { untrack } from 'svelte';
	import { findBest } from '$core/find/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const view = $derived(data.view);

	/** In a shop there may be no network: what the list and the stash know is looked up on this device. */
	const SHOWN = 6;
	let typed = $state(untrack(() => data.words));
	const asked = $derived(
		typed.trim() && {
			wanted: findBest(
				view.open.map((one) => ({ name: one.what, one })),
				typed,
				SHOWN
			).map(({ one }) => [one.what, one.most].filter(Boolean).join(', ')),
			have: [
				...findBest(data.things, typed, SHOWN).map((one) => one.text),
				...(typed.trim() === data.words ? data.books : [])
			].slice(0, SHOWN)
		}
	);
</script>

<svelte:head><title>Wanted · Gather Bin</title></svelte:head>

<Sheet>
	<main>
		<h1 class="border-b-2 border-ink pb-3 text-[1.75rem]">Wanted</h1>
		<p class="mt-4 max-w-3xl font-display text-xl leading-snug font-medium sm:text-2xl">{view.sentence}</p>
		<form method="get" class="mt-4 flex max-w-xl items-end gap-3">
			<TextField
				label="At the store: is it on the list? Do we have one?"
				name="q"
				type="search"
				bind:value={typed}
				class="flex-1"
			/>
			<Button type="submit">Search</Button>
		</form>
		{#if asked}
			<div role="status" class="mt-3 max-w-xl space-y-2 border-l-4 border-ink pl-3">
				<p class="text-lg font-semibold">
					{asked.wanted.length ? `On the list: ${asked.wanted.join('; ')}` : 'Not on the list.'}
				</p>
				<p>
					{asked.have.length ? `We have ${asked.have.join('; ')}` : 'None at home that we know of.'}
					{#if typed.trim() !== data.words}<span class="block text-sm text-ink-2"
							>Tap Search to check books too.</span
						>{/if}
				</p>
			</div>
		{/if}
		<div class="mt-6 grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_22rem]">
			<section aria-labelledby="open">
				<h2 id="open" class="mb-2 text-lg">Keep an eye out for</h2>
				<form
					method="post"
					action="?/add"
					use:enhance={saves({ reset: true })}
					class="mb-4 flex flex-wrap items-end gap-3"
				>
					<TextField
						label="Add something"
						name="text"
						class="min-w-64 flex-1"
						placeholder="brass compass, for Maps, up to $12, flea market"
						{failure}
					/>
					<Button type="submit" look="main">Add</Button>
				</form>
				<ul class="divide-y divide-rule border-t-2 border-ink">
					{#each view.open as one (one.id)}
						<li class="flex flex-wrap items-center gap-x-4 gap-y-2 py-2">
							<span class="min-w-48 flex-1"
								><span class="font-semibold">{one.what}</span>{#if one.most}<span class="ml-2 text-sm"
										>{one.most}</span
									>{/if}<span class="block text-sm text-ink-2">{one.about}</span></span
							>
							<form
								method="post"
								action="?/found"
								use:enhance={saves({ waits: `Found: ${one.what}` })}
								class="flex items-center gap-2"
							>
								<input type="hidden" name="id" value={one.id} />
								<label class="flex items-center gap-1 text-sm"
									>$<input
										name="paid"
										inputmode="decimal"
										class="typed w-20"
										aria-label="Paid for {one.what}, in dollars"
									/></label
								>
								<Button type="submit" size="small" aria-label="Found: {one.what}">Found it</Button>
								<Button
									type="submit"
									size="small"
									look="quiet"
									formaction="?/remove"
									aria-label="Remove: {one.what}">Remove</Button
								>
							</form>
							{#if one.atHome}
								<form
									method="post"
									action="?/serve"
									use:enhance={saves({ waits: `From home: ${one.what}` })}
									class="flex w-full flex-wrap items-center gap-x-3 gap-y-1 border-l-4 border-good pl-3"
								>
									<input type="hidden" name="id" value={one.id} />
									<span class="flex-1">Already at home: {one.atHome.text}</span>
									<Button type="submit" size="small" aria-label="Use that one: {one.what}"
										>Use that one</Button
									>
								</form>
							{/if}
						</li>
					{:else}<li class="py-2 text-ink-2">Nothing yet. Add something above.</li>{/each}
				</ul>
			</section>
			<div class="space-y-8">
				{#if view.boxes.length}
					<section aria-labelledby="boxes">
						<h2 id="boxes" class="mb-2 text-lg">Coming up</h2>
						<ul class="divide-y divide-rule border-y border-rule">
							{#each view.boxes as one, i (i)}<li class="py-1.5">
									<span class="font-semibold">{one.unit}</span>
									<span class="block text-sm text-ink-2">{one.text}</span>
									{#if one.asked}
										<span class="mt-1 flex h-2 border border-ink" aria-hidden="true">
											<span class="bg-ink" style:width="{(100 * one.inBox) / one.asked}%"></span>
											<span class="bg-rule" style:width="{(100 * (one.atHome - one.inBox)) / one.asked}%"
											></span>
										</span>
									{/if}
								</li>{/each}
						</ul>
					</section>
				{/if}
				{#if view.found.length}
					<section aria-labelledby="found">
						<h2 id="found" class="mb-2 text-lg">Found</h2>
						<ul class="divide-y divide-rule border-y border-rule">
							{#each view.found as one (one.id)}<li class="py-1.5">{one.text}</li>{/each}
						</ul>
					</section>
				{/if}
			</div>
		</div>
	</main>
</Sheet>
