<script lang="ts">
	import { enhance } from '$app/forms';
	import Check from '@lucide/svelte/icons/check';
	import { saves } from '../device/submit.ts';
	import type { DayGroup } from '$lib/server/services/week/day-entries.ts';

	type Props = { groups: readonly DayGroup[]; day: string; action?: string };
	let { groups, day, action = '/week?/tick' }: Props = $props();
</script>

<!-- What a day needs, group by group, each with its box to tick. -->
{#each groups as group (group.name)}
	<section class="break-inside-avoid pt-5 print:pt-2" aria-label={group.name}>
		<h2 class="border-b-2 border-ink text-lg print:text-sm">{group.name}</h2>
		<ul class="divide-y divide-rule">
			{#each group.entries as entry (entry.key)}
				<li>
					<form
						method="post"
						{action}
						use:enhance={saves()}
						class="flex items-start gap-3 py-1.5 print:gap-2 print:py-px print:text-xs"
					>
						<input type="hidden" name="day" value={day} />
						<input type="hidden" name="key" value={entry.key} />
						<input type="hidden" name="what" value={entry.text} />
						<input type="hidden" name="done" value={entry.isDone ? '' : '1'} />
						<button
							type="submit"
							aria-label="{entry.isDone ? 'Not done' : 'Done'}: {entry.text}"
							aria-pressed={entry.isDone}
							class="mt-0.5 grid size-8 shrink-0 place-items-center rounded-[3px] border-2 border-ink bg-sheet text-good print:size-3.5 print:border"
							>{#if entry.isDone}<Check size={20} aria-hidden="true" />{/if}</button
						>
						<span class="min-w-0 flex-1 pt-1 print:pt-0">
							<span class="font-semibold {entry.isDone ? 'line-through' : ''}">{entry.text}</span>
							{#if entry.detail}<span
									class="text-sm {entry.isOpen ? 'font-semibold text-late' : 'text-ink-2'}"
									>{entry.detail}</span
								>{/if}
						</span>
					</form>
				</li>
			{/each}
		</ul>
	</section>
{/each}
