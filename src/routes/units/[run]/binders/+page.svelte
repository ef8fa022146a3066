<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '$lib/ui/button/Button.svelte';
	import PostButton from '$lib/ui/button/PostButton.svelte';
	import BinderDrawing from '$lib/ui/binders/BinderDrawing.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import SpineDrawing from '$lib/ui/binders/SpineDrawing.svelte';
	import SheetDrawing from '$lib/ui/print/SheetDrawing.svelte';

	let { data, form } = $props();
	const { view } = $derived(data);
	const failure = $derived(form && 'message' in form ? form : null);
	const base = $derived(`/units/${data.unit.id}/binders`);
	const rings = $derived(view.containers.filter((one) => one.kind === 'ring'));
	const unit = $derived(data.isMetric ? 'mm' : 'in');
	const thick = (mm: number) => (data.isMetric ? mm.toFixed(1) : (mm / 25.4).toFixed(2));
	const MEASURES = [
		['columns', 'Across'],
		['rows', 'Down'],
		['width', 'Label width'],
		['height', 'Label height'],
		['left', 'Left edge'],
		['top', 'Top edge'],
		['across', 'Step across'],
		['down', 'Step down'],
		['offsetX', 'Off to the right'],
		['offsetY', 'Off downward']
	] as const;
</script>

<svelte:head><title>Binders · {data.unit.name} · Gather Bin</title></svelte:head>

<p
	class="max-w-2xl font-display text-xl leading-snug font-medium sm:text-2xl {view.containers.some(
		(one) => one.isLate
	)
		? 'text-late'
		: ''}"
>
	{view.sentence}
</p>
<p class="mt-1 text-ink-2">{view.detail}</p>
{#if failure?.message}<p class="mt-2 font-semibold text-late" role="alert">{failure.message}</p>{/if}

{#if view.hasPaper}
	<div class="mt-5 grid gap-6 lg:grid-cols-2">
		{#each rings as container (container.name)}
			<!-- A single binder has its figures beside it, several have them below each. -->
			<div class={rings.length === 1 ? 'contents' : ''}>
				<BinderDrawing {container} title={container.name} isMetric={data.isMetric} />
				{#if rings.length > 1}{@const spine = data.spines.find((one) => one.name === container.name)}
					{#if spine}<SpineDrawing {spine} isMetric={data.isMetric} />{/if}{/if}
				{#if container.sentence !== view.sentence}<p
						class="mt-1 text-sm {container.isLate ? 'font-semibold text-late' : ''}"
					>
						{container.sentence}
					</p>{/if}
				<details open={rings.length === 1} class="mt-1">
					<summary class="min-h-9 cursor-pointer py-1.5 text-sm font-semibold">Lesson by lesson</summary>
					<table class="w-full border-y border-rule text-sm tabular-nums">
						<thead
							><tr class="border-b border-rule text-left text-ink-2"
								><th scope="col">Lesson</th><th scope="col" class="text-right">{unit}</th><th
									scope="col"
									class="text-right">up to, {unit}</th
								></tr
							></thead
						>
						<tbody>
							{#each container.sections as section (section.number)}
								<tr class="border-b border-rule"
									><th scope="row" class="py-1 text-left font-normal"
										>{section.number ? `${section.number} ${section.lesson}` : 'The guide'}</th
									><td class="text-right">{thick(section.millimetres)}</td><td
										class="text-right {section.upTo > container.holds ? 'font-semibold text-late' : ''}"
										>{thick(section.upTo)}</td
									></tr
								>
							{/each}
						</tbody>
					</table>
					{#if container.splits.length}<p class="mt-1 text-sm font-semibold">
							Split it: {container.splits.join('; ')}.
						</p>{/if}
				</details>
			</div>
		{/each}
	</div>
	{#if rings.length === 1 && data.spines[0]}
		<div class="mt-6 max-w-md"><SpineDrawing spine={data.spines[0]} isMetric={data.isMetric} /></div>
	{/if}
	{#each view.containers.filter((one) => one.kind !== 'ring') as container (container.name)}
		<p class="mt-2 {container.isLate ? 'font-semibold text-late' : ''}">{container.sentence}</p>
	{/each}

	<section class="mt-8" aria-labelledby="ways">
		<h2 id="ways" class="text-lg">Ways to keep it</h2>
		<div class="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-sm">
			<span class={data.rings ? '' : 'font-semibold'}
				>{data.rings === 'round'
					? 'Your rings are round and hold about a quarter less than D rings.'
					: data.rings === 'D'
						? 'Your rings are D-shaped.'
						: 'Are your binders’ rings round or D-shaped, with a straight back? Round ones hold about a quarter less. Worked out for D rings.'}</span
			>
			{#if data.rings !== 'D'}<PostButton action="?/rings" fields={{ rings: 'D' }} size="small"
					>{data.rings ? 'They are D-shaped' : 'D-shaped'}</PostButton
				>{/if}
			{#if data.rings !== 'round'}<PostButton action="?/rings" fields={{ rings: 'round' }} size="small"
					>{data.rings ? 'They are round' : 'Round'}</PostButton
				>{/if}
		</div>
		<form method="post" action="?/choose" use:enhance={saves()}>
			<ul class="mt-1 divide-y divide-rule border-y border-rule">
				{#each view.ways as row (row.way)}
					<li class="py-2">
						<label class="flex items-start gap-3">
							<input
								type="radio"
								name="way"
								value={row.way}
								checked={row.isChosen}
								class="mt-1 size-5 shrink-0"
							/>
							<span class="min-w-0 flex-1">
								<span class="block font-semibold">{row.name}</span>
								<span class="block text-sm text-ink-2">{row.parts.join(', ')}</span>
								{#if row.tight}<span class="block text-sm font-semibold text-due">{row.tight}</span>{/if}
							</span>
							<span class="w-44 shrink-0 text-right text-sm tabular-nums"
								>{row.thick} thick, {row.weighs}<span class="block">{row.holds}</span><span class="block"
									>{row.cost} · {row.minutes}</span
								></span
							>
						</label>
					</li>
				{/each}
			</ul>
			<div class="mt-3 flex flex-wrap items-end gap-4">
				<SelectField
					label="The binder we have"
					name="ring"
					options={[{ value: '', label: 'none yet: tell us which' }, ...data.ringOptions]}
					value={view.choice.ring === null ? '' : String(view.choice.ring)}
				/>
				<TextField
					label="Other subjects in a child’s binder, {unit}"
					name="others"
					value={data.others ? thick(data.others) : ''}
					{failure}
					look="!w-24"
				/>
				<Button type="submit" look="main">Choose this way</Button>
			</div>
		</form>
	</section>

	{#if data.parts.length}
		<form method="post" action="?/list" use:enhance={saves()} class="mt-4 flex flex-wrap items-center gap-3">
			<Button type="submit">Put the parts on the supply list</Button>
			<span class="text-sm text-ink-2"
				>{data.parts.map((one) => `${one.count} × ${one.item}`).join(', ')}, for the next lesson</span
			>
		</form>
	{/if}

	<section class="mt-8" aria-labelledby="labels">
		<h2 id="labels" class="text-lg">Labels and contents</h2>
		<form
			method="get"
			class="mt-2 flex flex-wrap items-end gap-4"
			data-sveltekit-noscroll
			data-sveltekit-keepfocus
		>
			<SelectField label="Print" name="kind" options={data.kinds} value={data.kind} />
			<SelectField
				label="On"
				name="on"
				options={[
					{ value: 'paper', label: 'plain paper, to cut' },
					{ value: 'labels', label: 'a sheet of labels' }
				]}
				value={data.on}
			/>
			<Button type="submit">Show</Button>
			<Button href="{base}/labels.pdf?kind={data.kind}&on={data.on}" look="main">Open the print file</Button>
		</form>
		{#if data.sheets.problem}<p class="mt-2 font-semibold text-late">{data.sheets.problem}</p>{/if}
		{#if data.sheets.plan}
			{@const { plan } = data.sheets}
			<div class="mat mt-3 grid grid-cols-2 gap-4 rounded-sheet p-4 sm:grid-cols-4">
				{#each plan.sheets.slice(0, 4) as sheet, index (index)}
					<SheetDrawing
						side={sheet.front}
						paper={plan.paper}
						files={[]}
						label="Sheet {index + 1}: {sheet.front.text.map((one) => one.text).join(', ')}"
					/>
				{/each}
			</div>
			{#if plan.sheets.length > 4}<p class="mt-1 text-sm text-ink-2">
					and {plan.sheets.length - 4} more.
				</p>{/if}
		{/if}
		<details class="mt-2">
			<summary class="min-h-9 cursor-pointer py-1.5 text-sm font-semibold">The sheet of labels</summary>
			<p class="max-w-2xl text-sm">
				Measure your sheet once, in {data.isMetric ? 'mm' : 'inches, such as 2 5/8'}. Print the test sheet on
				plain paper, hold it behind the labels, and say how far it is off; it’s kept.
			</p>
			<form method="post" action="?/labels" use:enhance={saves()} class="mt-2 flex flex-wrap items-end gap-3">
				{#each MEASURES as [name, label] (name)}
					<TextField {label} {name} value={data.labels[name]} look="!w-24" {failure} />
				{/each}
				<Button type="submit">Save</Button>
				<Button href="{base}/labels.pdf?kind=test&on=labels" look="quiet">Test sheet</Button>
			</form>
		</details>
		<details>
			<summary class="min-h-9 cursor-pointer py-1.5 text-sm font-semibold"
				>What binders and parts cost</summary
			>
			<form method="post" action="?/prices" use:enhance={saves()} class="mt-2 flex flex-wrap items-end gap-3">
				{#each data.prices as one (one.item)}
					<TextField
						label={one.label}
						name={one.item}
						inputmode="decimal"
						value={one.value}
						look="!w-24"
						{failure}
					/>
				{/each}
				<Button type="submit">Save</Button>
			</form>
		</details>
	</section>
{/if}
