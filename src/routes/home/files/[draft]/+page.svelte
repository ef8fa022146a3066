<script lang="ts">
	import { counted } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import { goto, invalidate } from '$app/navigation';
	import { page } from '$app/state';
	import Button from '$lib/ui/button/Button.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const words = { new: 'new', changed: 'changed', same: 'unchanged', wrong: 'skipped' };
	const willDo = $derived(
		data.counts
			? [
					data.counts.fresh && `${data.counts.fresh} new`,
					data.counts.changed && `${data.counts.changed} changed`,
					data.counts.same && `${data.counts.same} unchanged`
				]
					.filter(Boolean)
					.join(', ')
			: ''
	);
	const told = $derived(
		`${counted(data.rowCount, 'row')} of ${data.kind?.name}${willDo ? `: ${willDo}` : ''}.`
	);
	const LOOK_AGAIN_MS = 250;
	$effect(() => {
		if (!data.job && !data.reading) return;
		const timer = setTimeout(() => void invalidate('import:job'), LOOK_AGAIN_MS);
		return () => clearTimeout(timer);
	});
	const MORE_AT_ONCE = 400;
	const more = $derived(`?unit=${data.run}&rows=${data.rows.length + MORE_AT_ONCE}`);
	let unit = $derived(data.run);
	const lesson = $derived(data.units.find((one) => one.value === unit)?.lesson);
</script>

<svelte:head><title>{data.name} · Gather Bin</title></svelte:head>
<div>
	<h2 class="text-xl break-words">{data.name}</h2>
	{#if data.note}<p class="mt-2 max-w-3xl border-l-4 border-due bg-due-soft px-4 py-2">{data.note}</p>{/if}
	{#if failure}<p class="mt-2 font-semibold text-late">{failure.message}</p>{/if}

	{#if data.ended}<p class="mt-2 font-semibold {data.ended.stopped ? '' : 'text-late'}" role="status">
			{data.ended.stopped ? 'Stopped. Nothing was imported.' : data.ended.said}
		</p>{/if}

	{#if data.reading}
		<p class="mt-3 max-w-3xl font-display text-xl leading-snug font-medium" role="status">
			Reading the file. It’s a long one.
		</p>
		<form method="post" action="?/stop" use:enhance={saves()} class="mt-4">
			<Button type="submit">Stop reading</Button>
		</form>
		<noscript><p class="mt-3"><a href={page.url.pathname}>Reload</a></p></noscript>
	{:else if data.job}
		<p class="mt-3 max-w-3xl font-display text-xl leading-snug font-medium" role="status">
			{data.job.done} of {data.job.total} rows imported.
		</p>
		<progress
			class="mt-3 h-4 w-full max-w-xl accent-ink"
			value={data.job.done}
			max={data.job.total}
			aria-label="Rows imported"
		></progress>
		<form method="post" action="?/stop" use:enhance={saves()} class="mt-4">
			<Button type="submit">Stop and import nothing</Button>
		</form>
		<noscript><p class="mt-3"><a href={page.url.pathname}>Reload</a></p></noscript>
	{:else if data.kind && data.counts}
		<p class="mt-2 max-w-3xl font-display text-xl leading-snug font-medium">
			{told}
			{#if data.counts.wrong}
				<span class="underline decoration-due decoration-[3px] underline-offset-4"
					>{counted(data.counts.wrong, 'row')} can’t be read and will be skipped.</span
				>
			{/if}
		</p>
		<form method="post" action="?/keep" use:enhance={saves()} class="mt-4">
			{#if data.kind.id === 'list' || data.kind.id === 'plan'}
				<SelectField
					label="Add the list to"
					name="unit"
					class="mb-4 max-w-md"
					options={data.units}
					bind:value={
						() => data.run, (value) => void goto(`${page.url.pathname}?unit=${value}`, { keepFocus: true })
					}
					{failure}
				/>
			{/if}
			<div class="flex flex-wrap gap-3">
				{#if data.counts.fresh + data.counts.changed}
					<Button type="submit" look="main"
						>Import {data.counts.fresh + data.counts.changed === 1
							? 'this row'
							: `these ${data.counts.fresh + data.counts.changed} rows`}</Button
					>
				{:else}
					<p class="font-semibold">Nothing new in this file.</p>
				{/if}
				<Button href="/home/files" look="quiet">Cancel</Button>
			</div>
		</form>
		<table class="mt-5 w-full border-collapse text-left">
			<thead class="border-b-2 border-ink text-sm">
				<tr
					><th class="w-16 py-1.5 font-semibold">Row</th><th class="w-28 py-1.5 font-semibold">Result</th><th
						class="py-1.5 font-semibold">What it says</th
					></tr
				>
			</thead>
			<tbody>
				{#each data.rows as row (row.row)}
					<tr class="border-b border-rule align-top">
						<td class="py-1.5 text-ink-2">{row.row}</td>
						<td
							class="py-1.5 {row.status === 'wrong'
								? 'font-semibold text-late'
								: row.status === 'same'
									? 'text-ink-2'
									: 'font-semibold'}">{words[row.status]}</td
						>
						<td class="py-1.5 break-words"><bdi>{row.text}</bdi></td>
					</tr>
				{/each}
			</tbody>
		</table>
		{#if data.rowCount > data.rows.length}
			<p class="mt-3">
				<Button href={more} data-sveltekit-noscroll
					>Show {Math.min(MORE_AT_ONCE, data.rowCount - data.rows.length)} more rows</Button
				>
			</p>
		{/if}
	{:else if data.text !== null}
		<p class="mt-2 max-w-3xl font-display text-xl leading-snug font-medium">
			{counted(data.text.trim().split('\n').length, 'line')} of text. What is it?
		</p>
		{#if data.units.length}
			<SelectField
				label="For the unit"
				name="unit"
				class="mt-4 max-w-md"
				options={data.units}
				bind:value={unit}
			/>
			<div class="mt-4 flex flex-wrap gap-3">
				<form method="post" action="/units/{unit}/gather/paste?/read">
					<input type="hidden" name="text" value={data.text} />
					<input type="hidden" name="lesson" value={lesson ?? ''} />
					<Button type="submit" look="main">It’s a supply list</Button>
				</form>
				<form method="post" action="/units/{unit}/plan?/contents">
					<input type="hidden" name="contents" value={data.text} />
					<Button type="submit">It’s a table of contents</Button>
				</form>
				<Button href="/home/files" look="quiet">Cancel</Button>
			</div>
		{:else}
			<p class="mt-2">A list belongs to a unit, so start one first.</p>
			<p class="mt-3"><Button look="main" href="/units">Start a unit</Button></p>
		{/if}
		<pre
			class="mt-5 max-h-96 overflow-auto border border-rule bg-lined p-3 text-sm whitespace-pre-wrap">{data.text.slice(
				0,
				5000
			)}</pre>
	{:else}
		<p class="mt-3 max-w-3xl text-lg font-semibold text-late">{data.problem}</p>
		<p class="mt-2 text-ink-2">Nothing changed.</p>
		<p class="mt-4"><Button href="/home/files" look="main">Import another file</Button></p>
	{/if}
</div>
