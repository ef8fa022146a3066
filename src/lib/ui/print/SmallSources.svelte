<script lang="ts">
	import { enhance } from '$app/forms';
	import { counted } from '$core/words/index.ts';
	import type { SmallSource } from '$lib/server/services/print/sorting.ts';
	import { saves } from '../device/submit.ts';
	import Button from '../button/Button.svelte';
	import Select from '../select/Select.svelte';
	import { ROLE_OPTIONS } from './options.ts';

	type Props = { sources: readonly SmallSource[]; lessons: readonly { id: number; label: string }[] };
	let { sources, lessons }: Props = $props();
	const lessonOptions = $derived([
		{ value: '', label: 'the unit as a whole' },
		...lessons.map((one) => ({ value: String(one.id), label: one.label }))
	]);
</script>

<!-- Printables of a page or a few, sorted whole: one form for all of them. -->
<section class="mt-6" aria-labelledby="small-sources">
	<form method="post" action="?/small" use:enhance={saves()}>
		<div class="flex flex-wrap items-center justify-between gap-3">
			<div>
				<h2 id="small-sources" class="text-lg">Short printables to sort</h2>
				<p class="text-sm text-ink-2">Check what each one is; what you leave open stays here.</p>
			</div>
			<Button type="submit" look="main">Sort these {counted(sources.length, 'printable')}</Button>
		</div>
		<ul class="mt-2 grid gap-x-8 border-t border-rule lg:grid-cols-2">
			{#each sources as source (source.id)}
				<li class="flex items-start gap-3 border-b border-rule py-2">
					{#if source.file}
						<img
							src="/documents/{source.file}/1/small"
							alt=""
							loading="lazy"
							class="h-16 w-14 shrink-0 border border-rule bg-white object-contain"
						/>
					{/if}
					<div class="min-w-0 flex-1">
						<p class="truncate leading-snug font-semibold">
							{source.title}{source.pages > 1 ? ` · ${counted(source.pages, 'page')}` : ''}
						</p>
						<div class="mt-1 flex flex-wrap gap-2">
							<Select
								name="role{source.id}"
								value={source.role ?? ''}
								aria-label="{source.title} is"
								options={[{ value: '', label: 'leave it open' }, ...ROLE_OPTIONS]}
								class="min-w-0 flex-1"
							/>
							<Select
								name="lesson{source.id}"
								value={source.lesson === null ? '' : String(source.lesson)}
								aria-label="Lesson of {source.title}"
								options={lessonOptions}
								class="min-w-0 flex-1"
							/>
						</div>
						{#if source.why}<p class="mt-0.5 text-sm text-ink-2">{source.why}</p>{/if}
					</div>
				</li>
			{/each}
		</ul>
	</form>
</section>
