<script lang="ts">
	import { enhance } from '$app/forms';
	import Check from '@lucide/svelte/icons/check';
	import { counted } from '$core/words/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { STOCK_OPTIONS } from '$lib/ui/print/options.ts';
	import AfterJam from '$lib/ui/print/AfterJam.svelte';
	import PrintFile from '$lib/ui/print/PrintFile.svelte';
	import SheetDrawing from '$lib/ui/print/SheetDrawing.svelte';

	let { data, form } = $props();
	const { view } = $derived(data);
	const base = $derived(`/units/${data.unit.id}/print`);
	const file = $derived(`${base}/runs/${view.row.id}/file.pdf`);
	const failure = $derived(form && 'message' in form ? form : null);
	let isJammed = $state(false);
	const isPrinted = $derived(view.row.printed_on !== null);
</script>

<svelte:head><title>{view.text} · {data.unit.name} · Gather Bin</title></svelte:head>

<p class="text-sm"><a href={base}>Print</a></p>
<div class="flex flex-wrap items-start justify-between gap-x-8 gap-y-3">
	<div class="max-w-2xl">
		<h2 class="text-xl">{view.text}</h2>
		<p class="font-display text-lg leading-snug font-medium">{view.sentence}</p>
		<p class="mt-1 text-sm text-ink-2">{view.scaled} {view.cost}</p>
		{#if view.cutOff}
			<div class="mt-2 flex flex-wrap items-center gap-3">
				<p class="font-semibold text-due">{view.cutOff}</p>
				<PostButton action="?/fit" fields={{ print: 0, pages: '' }}>Fit them inside</PostButton>
			</div>
		{/if}
		{#each view.rights as right (right)}<p class="text-sm text-ink-2">{right}</p>{/each}
	</div>
	<PostButton
		action="?/{isPrinted ? 'unprinted' : 'printed'}"
		fields={{ what: 'all' }}
		look={isPrinted ? 'plain' : 'main'}
		>{#if isPrinted}Print it again{:else}<Check size={18} aria-hidden="true" />Printed, all of it{/if}</PostButton
	>
</div>
{#if failure?.message}<p class="mt-2 font-semibold text-late" role="alert">{failure.message}</p>{/if}

<div class="mt-5 grid gap-x-10 gap-y-6 lg:grid-cols-2">
	<section aria-labelledby="printer">
		<h3 id="printer" class="text-lg">At the printer</h3>
		<ol class="mt-1 list-decimal space-y-1 pl-6">
			{#each view.steps as step (step)}<li>{step}</li>{/each}
		</ol>
		<div class="mt-3 flex flex-wrap gap-3">
			{#each view.passes as pass, index (pass.pass)}
				<PrintFile
					href="{file}?sides={pass.pass}"
					label={pass.label}
					look={index === 0 && !isPrinted ? 'main' : 'plain'}
				/>
			{/each}
			{#if data.practice}<Button href="{base}/runs/{view.row.id}/practice"
					>Try it on the practice printer</Button
				>{/if}
		</div>
		<details class="mt-3" bind:open={isJammed}>
			<summary class="min-h-9 cursor-pointer py-1.5 text-sm font-semibold"
				>Paper jam, or the wrong paper</summary
			>
			<div class="mt-2 space-y-3">
				<AfterJam passes={view.passes} {file} />
				<form
					method="post"
					action="?/spoiled"
					use:enhance={saves({ reset: true })}
					class="flex flex-wrap items-end gap-3"
				>
					<TextField label="Sheets spoiled" name="sheets" inputmode="numeric" class="w-32" {failure} />
					<SelectField
						label="They were"
						name="stock"
						options={STOCK_OPTIONS}
						value={view.row.stock}
						class="w-52"
					/>
					<Button type="submit">Count them</Button>
				</form>
				{#if view.row.spoiled}<p class="text-sm text-ink-2">
						{counted(view.row.spoiled, 'sheet')} spoiled so far.
					</p>{/if}
			</div>
		</details>
		<p class="mt-1 text-sm"><a href="/house/printing">Printer, white edge, turning</a></p>
	</section>

	<section aria-labelledby="becomes">
		<h3 id="becomes" class="text-lg">What it becomes</h3>
		<ul class="mt-1 divide-y divide-rule border-y border-rule">
			{#each view.becomes as one, index (index)}
				<li class="flex items-baseline gap-3 py-1.5">
					<span class="w-10 shrink-0 text-right font-semibold tabular-nums">{one.sheets}</span>
					<span class="flex-1">{one.what}<span class="block text-sm text-ink-2">{one.next}</span></span>
				</li>
			{/each}
		</ul>
	</section>
</div>

{#if !isPrinted && (view.piles.length > 1 || view.lessons.length > 1)}
	<section class="mt-6" aria-labelledby="parts">
		<h3 id="parts" class="text-lg">Only a part is printed</h3>
		<div class="mt-2 flex flex-wrap gap-2">
			{#if view.piles.length > 1}
				{#each view.piles as pile (pile.child)}
					<form method="post" action="?/printed" use:enhance={saves()}>
						<input type="hidden" name="what" value="child" />
						<input type="hidden" name="child" value={pile.child ?? ''} />
						<Button type="submit" size="small" disabled={pile.isPrinted}
							>{pile.isPrinted ? `${pile.name}: printed` : `Printed: ${pile.name}`}</Button
						>
					</form>
				{/each}
			{/if}
			{#if view.lessons.length > 1}
				{#each view.lessons as one (one.lesson)}
					<form method="post" action="?/printed" use:enhance={saves()}>
						<input type="hidden" name="what" value="lesson" />
						<input type="hidden" name="lesson" value={one.lesson} />
						<Button type="submit" size="small" disabled={one.isPrinted}
							>{one.isPrinted ? `${one.title}: printed` : `Printed: ${one.title}`}</Button
						>
					</form>
				{/each}
			{/if}
		</div>
	</section>
{/if}

<section class="mt-7" aria-labelledby="preview">
	<div class="flex flex-wrap items-end justify-between gap-4">
		<h3 id="preview" class="text-lg">Every sheet</h3>
		{#if !isPrinted}
			<form
				method="post"
				action="?/change"
				use:enhance={saves()}
				class="flex flex-wrap items-end gap-x-4 gap-y-2"
			>
				<SelectField
					label="In piles"
					name="piles"
					options={[
						{ value: 'child', label: 'by child' },
						{ value: 'print', label: 'by page' }
					]}
					value={view.row.piles}
					class="w-36"
				/>
				<label class="flex min-h-11 items-center gap-2"
					><input type="checkbox" class="size-5" name="slips" checked={view.row.slips === 1} />slips between
					piles</label
				>
				<Button type="submit">Change</Button>
				<Button type="submit" look="quiet" formaction="?/drop">Take the run apart</Button>
			</form>
		{/if}
	</div>
	<ol
		class="mat mt-3 grid grid-cols-2 gap-x-5 gap-y-6 rounded-sheet p-4 sm:grid-cols-3 sm:p-6 lg:grid-cols-4"
	>
		{#each view.sheets as sheet (sheet.number)}
			<li class="{sheet.back ? 'col-span-2' : ''} {sheet.isDone && !isPrinted ? 'opacity-60' : ''}">
				<div class={sheet.back ? 'grid grid-cols-2 gap-1.5' : ''}>
					<SheetDrawing
						side={sheet.front}
						isGray={view.row.color === 0}
						paper={view.paper}
						files={view.files}
						edge={view.edge}
						label="Sheet {sheet.number}, front: {sheet.label}"
					/>
					{#if sheet.back}<SheetDrawing
							side={sheet.back}
							isGray={view.row.color === 0}
							paper={view.paper}
							files={view.files}
							edge={view.edge}
							label="Sheet {sheet.number}, back: {sheet.label}"
						/>{/if}
				</div>
				<p class="mt-1.5 text-sm leading-tight text-chalk">
					<span class="font-semibold tabular-nums">{sheet.number}</span>
					{sheet.label}{sheet.isDone && !isPrinted ? ' · came out' : ''}
				</p>
				{#if sheet.lost}
					<form method="post" action="?/fit" use:enhance={saves()} class="mt-1">
						<input type="hidden" name="print" value={sheet.lost.print} />
						<input type="hidden" name="pages" value={sheet.lost.pages.join(' ')} />
						<button
							class="min-h-9 rounded-[3px] bg-sheet px-2.5 text-sm font-semibold text-late"
							aria-label="Fit inside: sheet {sheet.number}">Ink is cut off: fit it inside</button
						>
					</form>
				{/if}
			</li>
		{/each}
	</ol>
	{#if view.all > view.sheets.length}
		<nav class="mt-3 flex flex-wrap items-center gap-4" aria-label="More sheets">
			{#if view.from > 1}<a href="?at={Math.max(1, view.from - 12)}" data-sveltekit-noscroll>Earlier sheets</a
				>{/if}
			<span class="text-sm text-ink-2"
				>Sheets {view.from} to {view.from + view.sheets.length - 1} of {view.all}</span
			>
			{#if view.from + view.sheets.length - 1 < view.all}<a
					href="?at={view.from + 12}"
					data-sveltekit-noscroll>More sheets</a
				>{/if}
		</nav>
	{/if}
</section>
