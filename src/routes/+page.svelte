<script lang="ts">
	import { enhance } from '$app/forms';
	import { saves } from '$lib/ui/device/submit.ts';
	import Outcome from '$lib/ui/outcome/Outcome.svelte';
	import ActList from '$lib/ui/acts/ActList.svelte';
	import Button from '$lib/ui/button/Button.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import Sentence from '$lib/ui/sentence/Sentence.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	let { data } = $props();
	const stepsDone = $derived(data.evening.steps.filter((step) => step.state === 'done').length);
</script>

<svelte:head><title>Next · Gather Bin</title></svelte:head>
<Sheet>
	<main>
		<h1 class="sr-only">Next</h1>
		{#if data.evening.isOpen}
			<section class="mb-6 max-w-3xl border-l-4 border-ink bg-lined px-4 py-3" aria-labelledby="evening">
				<h2 id="evening" class="text-lg">
					{stepsDone === 0
						? 'Getting started: set up the basics'
						: `Getting started: ${stepsDone} of ${data.evening.steps.length} steps done`}
				</h2>
				<p class="text-ink-2">
					{stepsDone === 0
						? 'Five short steps: your children, where you keep things, measurements, your first unit, and its supply list. About ten minutes; skip any you like.'
						: `Next: ${data.evening.steps.find((step) => step.id === data.evening.next)?.label.toLowerCase()}.`}
				</p>
				<p class="mt-3">
					<Button look="main" href="/start">{stepsDone === 0 ? 'Start' : 'Continue'}</Button>
				</p>
			</section>
		{/if}
		{#if !data.hasUnits}
			{#if !data.evening.isOpen}
				<EmptyState title="No unit yet">
					<p>Name a topic, list its lessons, and paste the supply list from your book.</p>
					{#snippet act()}<Button look="main" href="/units">Start a unit</Button>{/snippet}
				</EmptyState>
			{/if}
		{:else}
			{#if data.outcomes.length}
				<section class="mb-6 max-w-3xl border-l-4 border-due bg-due-soft px-4 py-3" aria-labelledby="asked">
					<h2 id="asked" class="text-lg">
						Did {data.outcomes.length === 1 ? 'this lesson' : 'these lessons'} happen?
					</h2>
					<p class="text-sm">
						Until you answer, {data.outcomes.length === 1 ? 'its supplies stay' : 'their supplies stay'} reserved.
					</p>
					<ul>
						{#each data.outcomes as one (one.lesson)}
							<li class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 py-1.5">
								<span
									><strong>{one.title}</strong> <span class="text-sm">{one.day}, {one.unitName}</span></span
								>
								<Outcome lesson={one.lesson} action="/" />
							</li>
						{/each}
					</ul>
				</section>
			{/if}
			<div class="grid gap-x-12 xl:grid-cols-[minmax(0,1fr)_19rem]">
				<div>
					<Sentence sentence={data.next.sentence} />
					{#if data.ready.value}<p class="mt-2">
							<a class="font-semibold" href="/week/{data.ready.value.day}"
								>Ready for {data.ready.value.name}?</a
							>
							{data.ready.value.sentence}
						</p>{:else if data.ready.trouble}<p class="mt-2 font-semibold text-late" role="alert">
							{data.ready.trouble}
						</p>{/if}
					{#if data.adults.length > 1}
						<form
							method="post"
							action="/?/iam"
							use:enhance
							class="mt-4 flex flex-wrap items-center gap-x-1 gap-y-1 text-sm"
						>
							<span class="mr-1 text-ink-2">Show tasks for</span>
							{#each [{ id: 0, name: 'everyone' }, ...data.adults] as one (one.id)}
								<button
									name="person"
									value={one.id}
									aria-pressed={(data.actor ?? 0) === one.id}
									class="min-h-9 rounded-[3px] border border-edge px-3 font-semibold aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-sheet"
									>{one.name}</button
								>
							{/each}
						</form>
					{/if}
					{#if data.next.acts.length}
						<section class="mt-6 max-w-3xl" aria-labelledby="next-acts">
							<h2 id="next-acts" class="mb-2 text-lg">Do next</h2>
							<ActList acts={data.next.acts} action="/" named />
							{#if data.next.later}<p class="mt-3 text-ink-2">
									{data.next.later} more later on.
								</p>{/if}
							{#if data.next.withOthers}<p class="mt-3 text-ink-2">{data.next.withOthers}.</p>{/if}
						</section>
					{:else}
						<p class="mt-4 text-ink-2">Nothing to do right now. Your units show what’s still missing.</p>
					{/if}
				</div>
				{#if data.running}
					<div
						class="mt-8 max-w-3xl space-y-6 self-start border-t border-rule pt-4 xl:mt-0 xl:border-t-0 xl:border-l-4 xl:pt-0 xl:pl-5"
					>
						{#if data.sheets.length}
							<section aria-labelledby="sheets">
								<h2 id="sheets" class="text-lg">The next lesson’s sheet</h2>
								<ul>
									{#each data.sheets as one (one.address)}
										<li class="py-1">
											<a
												href={one.address}
												class="font-semibold underline decoration-rule decoration-2 underline-offset-4 hover:decoration-ink"
												>{one.title}</a
											>
											<span class="block text-sm text-ink-2">{one.about}</span>
										</li>
									{/each}
								</ul>
							</section>
						{/if}
						<section aria-labelledby="pause">
							<h2 id="pause" class="text-lg">A sick week</h2>
							{#if data.pause}
								<ul class="mt-1">
									{#each data.pause as moved, i (i)}<li>
											<strong>{moved.unitName}:</strong>
											{moved.text}.
										</li>{/each}
								</ul>
							{:else}
								<p class="text-ink-2">
									Pause every unit for seven days, starting today. Lessons move to later school days; Undo
									puts them back.
								</p>
							{/if}
							<form
								method="post"
								action="/?/pause"
								use:enhance={saves()}
								class="mt-3 flex flex-wrap items-center gap-4"
							>
								<Button type="submit">Pause for a week</Button>
								{#if !data.pause}<Button href="/?pause" look="quiet">See what would move</Button>{/if}
							</form>
						</section>
					</div>
				{/if}
			</div>
		{/if}
	</main>
</Sheet>
