<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import CautionNote from '$lib/ui/caution/CautionNote.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import TextField from '$lib/ui/field/TextField.svelte';
	import JobTimer from '$lib/ui/prepare/JobTimer.svelte';
	import RowLine from '$lib/ui/prepare/RowLine.svelte';
	import Select from '$lib/ui/select/Select.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	let { data, form } = $props();
	const { page } = $derived(data);
	const failure = $derived(form && 'message' in form ? form : null);
	const first = $derived(page.rows.at(0));
	let took = $state('');
</script>

<svelte:head><title>Sitting {page.title} · Gather Bin</title></svelte:head>

<Sheet>
	<main>
		<h1 class="border-b-2 border-ink pb-2 text-[1.75rem]">{page.title}</h1>
		<p class="mt-4 font-display text-xl leading-snug font-medium sm:text-2xl">{page.sentence}</p>
		{#if page.table.length}<p class="mt-1">On the table: {page.table.join(', ')}.</p>{/if}
		{#if failure?.message}<p class="mt-2 font-semibold text-late" role="alert">{failure.message}</p>{/if}

		{#if first && !page.isOver}
			<section class="mt-5 rounded-sheet border-2 border-ink p-4" aria-labelledby="now">
				<p class="text-sm text-ink-2">{first.of}</p>
				<h2 id="now" class="font-display text-2xl">{first.title}</h2>
				{#if first.detail}<p>{first.detail}</p>{/if}
				{#if first.setUp}<p class="font-semibold text-due">
						First let the {first.setUp.name} warm up, {first.setUp.minutes} min.
					</p>{/if}
				{#if first.broken.length}<p class="font-semibold text-late">
						Not here: {first.broken.join('; ')}.
					</p>{/if}
				<form
					method="post"
					action="?/done"
					use:enhance={saves({ done: () => (took = '') })}
					class="mt-3 flex flex-wrap items-end gap-4"
				>
					<input type="hidden" name="job" value={first.key} />
					{#key first.key}<JobTimer job={first.key} time={first.time} bind:took />{/key}
					<TextField
						label="Took, min"
						name="took"
						placeholder="12 or 0:45"
						bind:value={took}
						look="!w-24"
						{failure}
					/>
					<Button type="submit" look="main">Done</Button>
				</form>
				{#if first.parts.length > 1}
					<details class="mt-2">
						<summary class="min-h-11 cursor-pointer py-2 text-sm">{first.parts.length} parts</summary>
						<ul class="divide-y divide-rule text-sm">
							{#each first.parts as part (part.id)}
								<li class="flex flex-wrap items-center gap-x-4 py-1.5">
									<span class="flex-1">{part.title} · {part.of}{part.detail ? ` · ${part.detail}` : ''}</span>
									<span class="tabular-nums">{part.time}</span>
									<PostButton
										action="?/done"
										fields={{ job: part.id }}
										size="small"
										label="Done: {part.title}, {part.of}">Done</PostButton
									>
								</li>
							{/each}
						</ul>
					</details>
				{/if}
				{#if data.others.length}
					<form method="post" action="?/move" use:enhance={saves()} class="mt-3">
						<input type="hidden" name="job" value={first.key} />
						<Select
							name="sitting"
							value=""
							aria-label="Do it another time"
							class="!w-48"
							options={[{ value: '', label: 'another time' }, ...data.others]}
							onchange={(event) => event.currentTarget.form?.requestSubmit()}
						/>
					</form>
				{/if}
			</section>
			{#if page.rows.length > 1}
				<h2 class="mt-6 border-b-2 border-ink text-lg">Then</h2>
				<ol class="divide-y divide-rule">
					{#each page.rows.slice(1) as row (row.key)}<RowLine {row} />{/each}
				</ol>
			{/if}
		{/if}
		{#if !page.isOver}
			<form method="post" action="?/stop" use:enhance={saves()} class="mt-5">
				<Button type="submit"
					>{page.rows.length ? 'Stop here: the rest goes to later sittings' : 'Close this sitting'}</Button
				>
			</form>
		{/if}
		{#if page.cautions.length}
			<div class="mt-5 space-y-2">
				{#each page.cautions as text (text)}<CautionNote {text} />{/each}
			</div>
		{/if}
	</main>
</Sheet>
