<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '$lib/ui/button/Button.svelte';
	import CautionNote from '$lib/ui/caution/CautionNote.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import TextField from '$lib/ui/field/TextField.svelte';
	import JobLine from '$lib/ui/prepare/JobLine.svelte';
	import JobTimer from '$lib/ui/prepare/JobTimer.svelte';
	import Select from '$lib/ui/select/Select.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	let { data, form } = $props();
	const { page } = $derived(data);
	const failure = $derived(form && 'message' in form ? form : null);
	const first = $derived(page.jobs.at(0));
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
				{#if first.setUp}<p class="font-semibold text-due">{first.setUp}</p>{/if}
				<form
					method="post"
					action="?/done"
					use:enhance={saves({ done: () => (took = '') })}
					class="mt-3 flex flex-wrap items-end gap-4"
				>
					<input type="hidden" name="job" value={first.id} />
					{#key first.id}<JobTimer job={first.id} minutes={first.minutes} bind:took />{/key}
					<TextField
						label="Took, min"
						name="took"
						inputmode="decimal"
						bind:value={took}
						look="!w-24"
						{failure}
					/>
					<Button type="submit" look="main">Done</Button>
				</form>
				{#if data.others.length}
					<form method="post" action="?/move" use:enhance={saves()} class="mt-3">
						<input type="hidden" name="job" value={first.id} />
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
			{#if page.jobs.length > 1}
				<h2 class="mt-6 border-b-2 border-ink text-lg">Then</h2>
				<ol class="divide-y divide-rule">
					{#each page.jobs.slice(1) as job (job.id)}<JobLine {job} />{/each}
				</ol>
			{/if}
		{/if}
		{#if !page.isOver}
			<form method="post" action="?/stop" use:enhance={saves()} class="mt-5">
				<Button type="submit"
					>{page.jobs.length ? 'Stop here: the rest goes to the next sitting' : 'Close this sitting'}</Button
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
