<script lang="ts">
	import { counted } from '$core/words/index.ts';
	import { readContents } from '$core/plan/index.ts';

	type Props = { text: string };
	let { text }: Props = $props();
	const read = $derived(text.trim() ? readContents(text) : null);
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
					{#if lesson.page !== null}<span class="text-ink-2">p. {lesson.page}</span>{/if}
				</li>
			{/each}
		</ol>
		{#if read.lessons.length > SHOWN}<p class="text-sm text-ink-2">
				and {read.lessons.length - SHOWN} more
			</p>{/if}
		{#each read.leftOut.slice(0, 12) as line (line.lineNumber)}
			<p class="text-sm text-ink-2">Skipped: “{line.written}” ({line.why})</p>
		{/each}
	</div>
{/if}
