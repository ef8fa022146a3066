<script lang="ts">
	import { counted } from '$core/words/index.ts';
	import { readContents } from '$core/plan/index.ts';

	type Props = { text: string };
	let { text }: Props = $props();
	/** Lines that are lessons after all, as they are written. */
	let letIn = $state<readonly string[]>([]);
	const read = $derived(text.trim() ? readContents(text, new Set(letIn)) : null);
	const SHOWN = 40;
</script>

<!-- How a table of contents is read, as one types. -->
{#if read}
	<div class="border-l-4 border-rule pl-4" aria-live="polite">
		<p class="font-semibold">
			{counted(read.lessons.length, 'lesson')}{read.leftOut.length
				? `, ${counted(read.leftOut.length, 'line')} skipped`
				: ''}
		</p>
		<ol class="mt-1 text-sm">
			{#each read.lessons.slice(0, SHOWN) as lesson, i (i)}
				<li class="flex gap-2">
					<span class="w-6 text-right text-ink-2">{i + 1}</span>
					<span class="flex-1"
						>{lesson.title}{#if lesson.topics.length}<span class="text-ink-2"
								>: {lesson.topics.join(', ')}</span
							>{/if}</span
					>
					{#if lesson.within}<span class="text-ink-2">week {lesson.within.week}</span>{/if}
					{#if lesson.sessions > 1}<span class="text-ink-2">{lesson.sessions} days</span>{/if}
					{#if lesson.optional}<span class="text-ink-2">optional</span>{/if}
					{#if lesson.page !== null}<span class="text-ink-2">p. {lesson.page}</span>{/if}
				</li>
			{/each}
		</ol>
		{#if read.lessons.length > SHOWN}<p class="text-sm text-ink-2">
				and {read.lessons.length - SHOWN} more
			</p>{/if}
		<input type="hidden" name="letIn" value={letIn.join('\n')} />
		{#if read.leftOut.length}
			<ul class="mt-1">
				{#each read.leftOut.slice(0, 12) as line (line.lineNumber)}
					<li class="flex items-center gap-2 text-sm text-ink-2">
						<span class="flex-1">Skipped: “{line.written}” ({line.why})</span>
						<button
							type="button"
							class="min-h-9 font-semibold text-ink underline decoration-rule decoration-2 underline-offset-4 hover:decoration-ink"
							aria-label="Take as a lesson: {line.written}"
							onclick={() => (letIn = [...letIn, line.written])}>It’s a lesson</button
						>
					</li>
				{/each}
			</ul>
		{/if}
	</div>
{/if}
