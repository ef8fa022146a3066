<script lang="ts">
	import { enhance } from '$app/forms';
	import type { UsesView } from '$lib/server/services/library/uses.ts';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import type { Failure } from '../field/failure.ts';

	type Props = {
		uses: UsesView;
		/** Whether lessons that are over are shown, too. */
		showOver: boolean;
		failure: Failure;
	};
	let { uses, showOver, failure }: Props = $props();
</script>

<!-- What the lessons use beside the books that are read through. -->
<section aria-labelledby="others">
	<h2 id="others" class="mb-1 text-lg">Other books and games</h2>
	<p class="mb-2 text-ink-2">{uses.sentence}</p>
	<form
		method="post"
		action="?/use"
		use:enhance={saves({ reset: true })}
		class="mb-3 flex flex-wrap items-end gap-3"
	>
		<TextField
			label="Title in your home library"
			name="title"
			class="min-w-52 flex-1"
			placeholder="Shadows and Stars"
			{failure}
		/>
		<SelectField
			label="Lesson"
			name="lesson"
			class="max-w-60"
			options={uses.lessons
				.filter((one) => !one.over)
				.map((one) => ({ value: String(one.lesson), label: `${one.number} ${one.title}` }))}
			value={String(uses.lessons.find((one) => !one.over)?.lesson ?? '')}
			{failure}
		/>
		<TextField
			label="How you’ll use it"
			name="slip"
			class="min-w-52 flex-1"
			placeholder="read alone Odile 20–34, 20 min"
			{failure}
		/>
		<Button type="submit" size="small">Assign</Button>
	</form>
	<ol class="divide-y divide-rule border-t-2 border-ink">
		{#each uses.lessons.filter((one) => one.uses.length && (showOver || !one.over)) as one (one.lesson)}
			<li class="grid gap-x-4 py-1.5 sm:grid-cols-[14rem_minmax(0,1fr)]">
				<span>{one.number} {one.title} <span class="text-sm text-ink-2">{one.day}</span></span>
				<ul>
					{#each one.uses as use (use.id)}
						<li class="flex flex-wrap items-baseline gap-x-3">
							<a href="/home/books/{use.resource}" class="font-semibold">{use.title}</a>
							<span class="flex-1 text-sm {use.isRemark ? 'text-due' : 'text-ink-2'}">{use.text}</span>
							{#if use.misfit}<span class="text-sm text-due">{use.misfit}</span>{/if}
							<form method="post" action="?/unuse" use:enhance={saves()}>
								<input type="hidden" name="id" value={use.id} />
								<button
									class="min-h-6 px-1 text-sm text-ink-2 underline"
									aria-label="Remove {use.title}, lesson {one.number}">remove</button
								>
							</form>
						</li>
					{/each}
					{#if one.more}<li><a class="text-sm" href="?show=all">{one.more} more: show all</a></li>{/if}
				</ul>
			</li>
		{/each}
	</ol>
</section>
