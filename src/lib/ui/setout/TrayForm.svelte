<script lang="ts">
	import { enhance } from '$app/forms';
	import { lengthText, type System } from '$core/measure/index.ts';
	import { counted, listText } from '$core/words/index.ts';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';
	import type { Failure } from '../field/failure.ts';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import type { PageData } from '../../../routes/week/shelf/$types';

	type Props = Pick<PageData, 'tray' | 'lessons' | 'places' | 'children'> & {
		failure: Failure;
		/** The first day of the week that the page shows. */
		week: string;
		system: System;
	};
	let { tray, failure, week, lessons, places, children, system }: Props = $props();
	const inMeasure = (mm: number | undefined) =>
		mm === undefined ? '' : lengthText(mm, system).replace(/ (?:in|cm)$/, '');
	const unit = $derived(system === 'us' ? 'in' : 'cm');
	const here = $derived(tray?.matches.filter((one) => one.where !== null) ?? []);
	const lacking = $derived(tray?.matches.filter((one) => one.where === null) ?? []);
	const SKILLS = [
		'fine motor',
		'counting',
		'language',
		'practical life',
		'senses',
		'science',
		'geography',
		'art'
	];
</script>

<!-- A tray, new or to be changed: what it is, its size, whom it is right for, and what lies on it. -->
<section id="tray" class="mt-8 border-t-2 border-ink pt-3" aria-labelledby="tray-form">
	<h2 id="tray-form" class="text-lg">{tray ? tray.title : 'A new tray'}</h2>
	{#key tray?.id}
		<form method="post" action="?/save" use:enhance={saves({ reset: tray === null })} class="mt-2 space-y-3">
			<input type="hidden" name="id" value={tray?.id ?? ''} />
			<div class="flex flex-wrap items-end gap-3">
				<TextField
					label="Activity"
					name="title"
					placeholder="Pouring beans"
					value={tray?.title ?? failure?.typed?.title ?? ''}
					{failure}
					class="min-w-56 flex-1"
				/>
				<TextField label="Skill" name="skill" list="skills" value={tray?.skill ?? ''} {failure} />
				<datalist id="skills"
					>{#each SKILLS as one (one)}<option value={one}></option>{/each}</datalist
				>
				<SelectField
					label="For the lesson"
					name="lesson"
					class="min-w-48"
					options={[{ value: '', label: 'any week' }, ...lessons]}
					value={String(tray?.lessons?.[0] ?? '')}
					{failure}
				/>
			</div>
			<div class="flex flex-wrap items-end gap-3">
				<TextField
					label="Length, {unit}"
					name="along"
					placeholder={inMeasure(400)}
					value={inMeasure(tray?.along_mm)}
					look="!w-20"
					{failure}
				/>
				<TextField
					label="Depth, {unit}"
					name="deep"
					placeholder={inMeasure(300)}
					value={inMeasure(tray?.deep_mm)}
					look="!w-20"
					{failure}
				/>
				<TextField
					label="Height, {unit}"
					name="high"
					placeholder={inMeasure(80)}
					value={inMeasure(tray?.high_mm)}
					look="!w-20"
					{failure}
				/>
				<TextField
					label="Pieces"
					name="pieces"
					inputmode="numeric"
					value={tray?.pieces ?? ''}
					look="!w-20"
					{failure}
				/>
				<SelectField
					label="Kept in"
					name="stored"
					class="min-w-40"
					options={places}
					value={String(tray?.stored_place_id ?? '')}
					{failure}
				/>
			</div>
			<fieldset class="flex flex-wrap items-center gap-x-4">
				<legend class="text-sm font-semibold">Right for (none checked: all who use the shelf)</legend>
				{#each children as child (child.id)}
					<label class="flex min-h-11 items-center gap-2"
						><input
							type="checkbox"
							class="size-5"
							name="child{child.id}"
							checked={tray?.children?.includes(child.id) ?? false}
						/>{child.name}</label
					>
				{/each}
			</fieldset>
			<div class="flex flex-wrap gap-x-4">
				<label class="flex min-h-11 items-center gap-2"
					><input type="checkbox" class="size-5" name="dangerous" checked={tray?.dangerous === 1} />nothing
					for a child under three</label
				>
				<label class="flex min-h-11 items-center gap-2"
					><input type="checkbox" class="size-5" name="loved" checked={tray?.loved === 1} />a child loved it</label
				>
				<label class="flex min-h-11 items-center gap-2"
					><input type="checkbox" class="size-5" name="sensory" checked={tray?.kind === 'sensory'} />a sensory
					bin</label
				>
			</div>
			<label class="block"
				><span class="text-sm font-semibold">Steps, one per line</span>
				<textarea name="steps" rows="3" class="typed">{tray?.steps ?? ''}</textarea></label
			>
			<details open={tray !== null && tray.matches.length > 0}>
				<summary class="min-h-9 cursor-pointer py-1.5 text-sm font-semibold">Objects that match cards</summary
				>
				<TextField
					label="Objects, with commas"
					name="matches"
					placeholder="anchor, lighthouse, boat"
					value={tray?.matches.map((one) => one.name).join(', ') ?? ''}
					{failure}
				/>
				<p class="mt-1 text-sm text-ink-2">
					Each gets a card with its name, printed with the tray’s own card.
				</p>
				{#if tray?.matches.length}
					<p class="text-sm">
						{counted(tray.counts ?? 0, 'piece')} to count.
						{#if here.length}Here: {listText(here.map((one) => `${one.name} (${one.where})`))}.{/if}
						{#if lacking.length}<strong
								>Not on our shelves: {listText(lacking.map((one) => one.name))}.</strong
							>{/if}
					</p>
				{/if}
			</details>
			<details open={tray?.kind === 'sensory'}>
				<summary class="min-h-9 cursor-pointer py-1.5 text-sm font-semibold">Of a sensory bin</summary>
				{#if tray?.kind === 'sensory'}<p class="text-sm text-ink-2">
						Its tub takes about {system === 'us' ? `${tray.fills.cups} cups` : `${tray.fills.liters} liters`} of
						it, so that hands still have room.
					</p>{/if}
				<div class="flex flex-wrap items-end gap-3">
					<TextField
						label="What fills it"
						name="base"
						placeholder="rice"
						value={tray?.base ?? ''}
						{failure}
					/>
					<TextField
						label="Hidden in it, with commas"
						name="hidden"
						placeholder="shells, pebbles"
						value={tray?.hidden ?? ''}
						{failure}
					/>
					<TextField
						label="Keeps, days"
						name="keeps"
						inputmode="numeric"
						value={tray?.keeps_days ?? ''}
						look="!w-20"
						{failure}
					/>
				</div>
			</details>
			<div class="flex flex-wrap gap-3">
				<Button type="submit" look="main">{tray ? 'Save' : 'Add the tray'}</Button>
				{#if tray}
					<Button href="/week/shelf/cards.pdf?tray={tray.id}" look="quiet">Its card (PDF)</Button>
					{#if tray.kind === 'sensory' || tray.matches.length}<Button
							type="submit"
							look="quiet"
							formaction="?/list">Put what’s in it on the supply list</Button
						>{/if}
					<Button type="submit" look="quiet" formaction="?/remove">Remove</Button>
					<Button href="?of={week}" look="quiet">A new one</Button>
				{/if}
			</div>
		</form>
	{/key}
</section>
