<script lang="ts">
	import { dollarsTyped } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import Button from '../button/Button.svelte';
	import DateField from '../field/DateField.svelte';
	import TextField from '../field/TextField.svelte';
	import { saves } from '../device/submit.ts';
	import Weekdays from '../weekdays/Weekdays.svelte';

	type Difference = { readonly before: string; readonly after: string };
	type Props = {
		asked: {
			readonly children: number | null;
			readonly start: string | null;
			readonly weekdays: readonly number[];
			readonly drop: readonly number[];
			readonly without: readonly number[];
			readonly budgetCents: number | null;
		};
		/** What it would change; null while nothing is asked. */
		answer: {
			readonly lines: readonly (Difference & { readonly what: string })[];
			readonly things: readonly (Difference & { readonly name: string })[];
		} | null;
		childCount: number;
		/** Lessons that are still to come. */
		lessons: readonly { readonly id: number; readonly number: number; readonly title: string }[];
		/** Extras that are in the plan and not done. */
		extras: readonly { readonly id: number; readonly title: string }[];
	};
	let { asked, answer, childCount, lessons, extras }: Props = $props();
	const dollars = $derived(asked.budgetCents === null ? '' : dollarsTyped(asked.budgetCents));
</script>

<!-- Asked by a plain form in the address, so that it works without scripts and can be sent to somebody. -->
<section aria-labelledby="what-if">
	<h2 id="what-if" class="mb-2 text-lg">What if …</h2>
	<form method="get" class="space-y-3" data-sveltekit-noscroll>
		<div class="grid grid-cols-2 gap-3">
			<TextField
				label="Children taking part"
				name="children"
				inputmode="numeric"
				placeholder={String(childCount)}
				value={asked.children ?? ''}
			/>
			<DateField label="First day" name="start" value={asked.start ?? ''} />
			<TextField label="Budget ($)" name="budget" inputmode="decimal" value={dollars} />
		</div>
		<Weekdays legend="School days instead" chosen={asked.weekdays} />
		<details open={asked.drop.length > 0}>
			<summary class="min-h-9 cursor-pointer py-1 text-sm font-semibold">Without these lessons</summary>
			{#each lessons as lesson (lesson.id)}
				<label class="flex min-h-9 items-center gap-2"
					><input
						type="checkbox"
						name="drop"
						value={lesson.id}
						class="size-5"
						checked={asked.drop.includes(lesson.id)}
					/>{lesson.number}
					{lesson.title}</label
				>
			{/each}
		</details>
		{#if extras.length}
			<details open={asked.without.length > 0}>
				<summary class="min-h-9 cursor-pointer py-1 text-sm font-semibold">Without these extras</summary>
				{#each extras as extra (extra.id)}
					<label class="flex min-h-9 items-center gap-2"
						><input
							type="checkbox"
							name="without"
							value={extra.id}
							class="size-5"
							checked={asked.without.includes(extra.id)}
						/>{extra.title}</label
					>
				{/each}
			</details>
		{/if}
		<Button type="submit">See what changes</Button>
	</form>
	{#if answer}
		<div class="mt-4 border-l-4 border-ink pl-4" role="status">
			{#if answer.lines.length + answer.things.length === 0}
				<p class="font-semibold">Nothing would change.</p>
			{:else}
				<table class="w-full text-left text-sm">
					<thead class="border-b border-ink"
						><tr
							><th class="py-1 font-semibold">Would change</th><th class="py-1 font-semibold">from</th><th
								class="py-1 font-semibold">to</th
							></tr
						></thead
					>
					<tbody>
						{#each answer.lines as line, i (i)}
							<tr class="border-b border-rule align-top"
								><td class="py-1 font-semibold">{line.what}</td><td class="py-1 text-ink-2">{line.before}</td
								><td class="py-1">{line.after}</td></tr
							>
						{/each}
						{#each answer.things.slice(0, 12) as thing, i (i)}
							<tr class="border-b border-rule align-top"
								><td class="py-1">to get: {thing.name}</td><td class="py-1 text-ink-2">{thing.before}</td><td
									class="py-1">{thing.after}</td
								></tr
							>
						{/each}
					</tbody>
				</table>
				{#if answer.things.length > 12}<p class="mt-1 text-sm text-ink-2">
						and {answer.things.length - 12} more things
					</p>{/if}
			{/if}
			<form
				method="post"
				action="?/apply"
				use:enhance={saves({ done: () => goto(page.url.pathname, { noScroll: true }) })}
				class="mt-3 flex flex-wrap gap-3"
			>
				<input type="hidden" name="start" value={asked.start ?? ''} />
				<input type="hidden" name="drop" value={asked.drop.join(',')} />
				<input type="hidden" name="without" value={asked.without.join(',')} />
				<input type="hidden" name="budget" value={dollars} />
				{#each asked.weekdays as weekday (weekday)}<input
						type="hidden"
						name="weekday{weekday}"
						value="on"
					/>{/each}
				{#if asked.start || asked.weekdays.length || asked.drop.length || asked.without.length || dollars}<Button
						type="submit"
						size="small">Make these changes</Button
					>{/if}
				<Button href={page.url.pathname} size="small" look="quiet" data-sveltekit-noscroll>Cancel</Button>
			</form>
			{#if asked.children !== null}<p class="mt-2 text-sm text-ink-2">
					Who takes part is set in Household.
				</p>{/if}
		</div>
	{/if}
</section>
