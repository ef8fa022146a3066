<script lang="ts">
	import { enhance } from '$app/forms';
	import { lengthText, type System } from '$core/measure/index.ts';
	import Button from '../button/Button.svelte';
	import PostButton from '../button/PostButton.svelte';
	import { saves } from '../device/submit.ts';
	import type { Failure } from '../field/failure.ts';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import type { WallView } from '$lib/server/services/setout/wall.ts';

	type Props = {
		view: Pick<WallView, 'posters' | 'toHang'>;
		lessons: readonly { value: string; label: string }[];
		/** A poster of usual size, mm. */
		usual: { readonly width: number; readonly height: number };
		system: System;
		failure: Failure;
	};
	let { view, lessons, usual, system, failure }: Props = $props();
	const unit = $derived(system === 'us' ? 'in' : 'cm');
	const inMeasure = (mm: number) => lengthText(mm, system).replace(/ (?:in|cm)$/, '');
</script>

<!-- What hangs beside the words, and what could. -->
<section class="mt-6" aria-labelledby="posters">
	<h2 id="posters" class="text-lg">Posters, maps, and charts</h2>
	<ul class="divide-y divide-rule border-y border-rule">
		{#each view.posters as one (one.id)}
			<li class="flex min-h-11 flex-wrap items-center gap-x-3 py-1">
				<span class="font-semibold">{one.title}</span>
				<span class="min-w-40 flex-1 text-sm text-ink-2"
					>{one.size}, from lesson {one.lesson}{one.day ? `, ${one.day}` : ''}{one.hiddenUntil
						? ', hidden until its day'
						: ''}</span
				>
				{#if !one.spot}<span class="text-sm font-semibold text-late">no room</span>{/if}
				{#if one.date !== null}
					<PostButton
						action="?/hidePoster"
						fields={{ id: one.id, hidden: one.hiddenUntil === null ? one.date : '' }}
						look="quiet"
						size="small"
						label="{one.hiddenUntil === null ? 'Hide until its day' : 'Show'}: {one.title}"
						>{one.hiddenUntil === null ? 'Hide' : 'Show'}</PostButton
					>
				{/if}
				<PostButton
					action="?/removePoster"
					fields={{ id: one.id }}
					look="quiet"
					size="small"
					label="Take {one.title} off the wall">Remove</PostButton
				>
			</li>
		{/each}
		{#each view.toHang as one (one.resource)}
			<li class="flex min-h-11 flex-wrap items-center gap-x-3 py-1">
				<span class="flex-1">{one.title} <span class="text-sm text-ink-2">used in a lesson</span></span>
				<PostButton
					action="?/poster"
					fields={{ title: one.title, resource: one.resource, lesson: one.lesson }}
					size="small"
					label="Hang {one.title}">Hang it</PostButton
				>
			</li>
		{/each}
	</ul>
	<form
		method="post"
		action="?/poster"
		use:enhance={saves({ reset: true })}
		class="mt-2 flex flex-wrap items-end gap-3"
	>
		<TextField
			label="Poster or map"
			name="title"
			placeholder="World map"
			value={failure?.typed?.title ?? ''}
			{failure}
			class="min-w-40 flex-1"
		/>
		<TextField
			label="Poster width, {unit}"
			name="posterWidth"
			placeholder={inMeasure(usual.width)}
			look="!w-20"
			{failure}
		/>
		<TextField
			label="Poster height, {unit}"
			name="posterHeight"
			placeholder={inMeasure(usual.height)}
			look="!w-20"
			{failure}
		/>
		<SelectField
			label="Comes with"
			name="lesson"
			options={[{ value: '', label: 'the first lesson' }, ...lessons]}
			value=""
			{failure}
		/>
		<Button type="submit">Hang it</Button>
	</form>
</section>
