<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';
	import TextField from '../field/TextField.svelte';
	import { saves } from '../device/submit.ts';
	import type { Failure } from '../field/failure.ts';

	type Props = {
		lesson: {
			readonly id: number;
			readonly title: string;
			readonly note: string;
			readonly sessions: number;
			readonly optional: boolean;
		};
		/** What else is known of it; not there yet while the page loads anew. */
		details:
			| {
					readonly topic: string;
					readonly minutes: number | null;
					readonly objective: string;
					readonly vocabulary: string;
					readonly questions: string;
					readonly extension: string;
					readonly extension_for: readonly number[];
			  }
			| undefined;
		people: readonly { readonly id: number; readonly name: string }[];
		failure: Failure;
		done: () => void;
	};
	let { lesson, details, people, failure, done }: Props = $props();
</script>

<form method="post" action="?/edit" use:enhance={saves({ done })} class="space-y-4">
	<input type="hidden" name="id" value={lesson.id} />
	<TextField label="Title" name="title" value={lesson.title} {failure} />
	<TextField label="What we do" name="note" value={lesson.note} {failure} />
	<div class="flex items-end gap-6">
		<TextField
			label="School days"
			name="sessions"
			inputmode="numeric"
			value={lesson.sessions}
			look="!w-24"
			{failure}
		/>
		<label class="flex min-h-10 items-center gap-2"
			><input type="checkbox" name="optional" class="size-5" checked={lesson.optional} /> Optional: dropped first
			if days run short</label
		>
	</div>
	{#if details}
		<details>
			<summary class="min-h-9 cursor-pointer py-1 font-semibold"
				>Objective, vocabulary, questions, minutes, older children</summary
			>
			<div class="mt-2 space-y-3">
				<div class="flex gap-3">
					<TextField label="Topic" name="topic" class="flex-1" value={details.topic} {failure} />
					<TextField
						label="Minutes"
						name="minutes"
						inputmode="numeric"
						value={details.minutes ?? ''}
						placeholder="40"
						look="!w-20"
						{failure}
					/>
				</div>
				<TextField label="Objective" name="objective" value={details.objective} {failure} />
				<TextField
					label="Vocabulary, one per line"
					name="vocabulary"
					rows={3}
					value={details.vocabulary}
					{failure}
				/>
				<TextField
					label="Questions, one per line"
					placeholder="p. 14: What is a legend for?"
					name="questions"
					rows={3}
					value={details.questions}
					{failure}
				/>
				<TextField label="For older children" name="extension" value={details.extension} {failure} />
				<fieldset class="flex flex-wrap gap-x-5">
					<legend class="text-sm font-semibold">Who</legend>
					{#each people as person (person.id)}<label class="flex min-h-9 items-center gap-2"
							><input
								type="checkbox"
								name="who{person.id}"
								class="size-5"
								checked={details.extension_for.includes(person.id)}
							/>{person.name}</label
						>{/each}
				</fieldset>
			</div>
		</details>
	{/if}
	<div class="flex justify-between gap-3">
		<Button type="submit" look="main">Save lesson</Button>
		<Button type="submit" look="quiet" formaction="?/remove">Remove from the plan</Button>
	</div>
</form>
