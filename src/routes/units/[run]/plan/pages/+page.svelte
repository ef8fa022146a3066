<script lang="ts">
	import { counted } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import Button from '$lib/ui/button/Button.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import BookFields from '$lib/ui/plan/BookFields.svelte';
	import LessonFlags from '$lib/ui/plan/LessonFlags.svelte';
	import OtherUses from '$lib/ui/plan/OtherUses.svelte';
	import ReadingPlan from '$lib/ui/plan/ReadingPlan.svelte';
	import type { SpineView } from '$lib/server/services/plan/spines.ts';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	let dialog = $state<{ spine: SpineView; what: 'edit' | 'swap' } | null>(null);
	let open = $state(false);
	let showOver = $state(false);
	const overCount = $derived(data.pages.spines[0]?.rows.filter((row) => row.over).length ?? 0);
	function show(spine: SpineView, what: 'edit' | 'swap') {
		dialog = { spine, what };
		open = true;
	}
</script>

<svelte:head><title>Books and pages · {data.unit.name} · Gather Bin</title></svelte:head>

<p class="max-w-3xl font-display text-xl leading-snug font-medium sm:text-2xl">{data.pages.sentence}</p>

<form
	method="post"
	action="?/add"
	use:enhance={saves({ reset: true })}
	class="mt-4 flex max-w-4xl flex-wrap items-end gap-3"
>
	<BookFields {failure} />
	<Button type="submit" look={data.pages.spines.length ? 'plain' : 'main'}>Add this book</Button>
</form>

<div class="mt-8 space-y-10">
	{#each data.pages.spines as spine (spine.id)}
		<section aria-labelledby="spine{spine.id}" class={spine.inUse ? '' : 'opacity-80'}>
			<div class="flex flex-wrap items-baseline justify-between gap-x-6 border-b-2 border-ink pb-1">
				<h2 id="spine{spine.id}" class="text-lg">
					{spine.title} <span class="text-base font-normal text-ink-2">{spine.about}</span>
				</h2>
				{#if spine.inUse}
					<span class="flex gap-4">
						<Button size="small" look="quiet" onclick={() => show(spine, 'edit')}>Edit</Button>
						<Button size="small" look="quiet" onclick={() => show(spine, 'swap')}>Swap for another</Button>
					</span>
				{/if}
			</div>
			<div class="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
				<div>
					{#if spine.inUse}
						<form
							method="post"
							action="?/share"
							use:enhance={saves()}
							class="flex flex-wrap items-end gap-3 py-3"
						>
							<input type="hidden" name="spine" value={spine.id} />
							<TextField
								label="Most per day"
								name="most"
								inputmode="numeric"
								placeholder="any"
								look="!w-20"
							/>
							<Button type="submit" size="small" name="by" value="evenly" class="mb-1"
								>Divide evenly among upcoming lessons</Button
							>
							{#if data.hasStarts}<Button type="submit" size="small" name="by" value="contents" class="mb-1"
									>Use the table of contents</Button
								>{/if}
						</form>
					{/if}
					<ol class="divide-y divide-rule border-t border-rule">
						{#each spine.rows.filter( (row) => (spine.inUse ? showOver || !row.over : row.flags.length) ) as row (row.lesson)}
							<LessonFlags {spine} {row} {failure} />
						{/each}
					</ol>
					{#if spine.left}<p class="mt-2 border-l-4 border-due pl-3">{spine.left}: next time.</p>{/if}
				</div>
				{#if spine.reading}<ReadingPlan {spine} reading={spine.reading} {failure} />{/if}
			</div>
		</section>
	{/each}
	{#if overCount}<p>
			<Button size="small" onclick={() => (showOver = !showOver)}
				>{showOver ? 'Hide' : 'Show'} pages of {counted(overCount, 'finished lesson')}</Button
			>
		</p>{/if}
	<OtherUses uses={data.uses} {showOver} {failure} />
	{#if data.pages.spines.length && data.pages.mixGaps.length}
		<section aria-labelledby="mix">
			<h2 id="mix" class="mb-1 text-lg">Books missing from lessons</h2>
			<ul class="list-inside list-disc text-sm">
				{#each data.pages.mixGaps as gap, i (i)}<li>{gap}</li>{/each}
			</ul>
		</section>
	{/if}
</div>

<Dialog
	bind:open
	title={dialog?.what === 'swap' ? `Swap ${dialog.spine.title}` : (dialog?.spine.title ?? '')}
	about={dialog?.what === 'swap'
		? 'Its pages in upcoming lessons are cleared. What you’ve read stays on record.'
		: undefined}
>
	{#if dialog}
		{@const { spine, what } = dialog}
		<form
			method="post"
			action="?/{what}"
			use:enhance={saves({ done: () => (open = false) })}
			class="space-y-4"
		>
			<input type="hidden" name="spine" value={spine.id} />
			{#if what === 'edit'}<BookFields
					title={spine.title}
					counted={spine.fields.counted}
					first={spine.fields.first_page}
					last={spine.fields.last_page}
					words={spine.fields.words_per_page}
					{failure}
				/>
			{:else}<BookFields {failure} />{/if}
			<div class="flex justify-between gap-3">
				<Button type="submit" look="main">{what === 'swap' ? 'Swap' : 'Save'}</Button>
				{#if what === 'edit'}<Button type="submit" look="quiet" formaction="?/remove"
						>Remove with its pages</Button
					>{/if}
			</div>
		</form>
	{/if}
</Dialog>
