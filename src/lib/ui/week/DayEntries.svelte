<script lang="ts">
	import { enhance } from '$app/forms';
	import Check from '@lucide/svelte/icons/check';
	import { queue } from '../device/queue.svelte.ts';
	import { saves } from '../device/submit.ts';
	import type { DayGroup } from '$lib/server/services/week/day-entries.ts';

	/** What was checked off here and waits for the server counts at once. */
	const isDone = (entry: DayGroup['entries'][number]) =>
		queue.waiting
			.findLast(
				({ action: to, fields }) =>
					to === action &&
					fields.day === day &&
					entry.key.split(' ').every((key) => fields.key.split(' ').includes(key))
			)
			?.fields.done.includes('1') ?? entry.isDone;

	type Props = {
		groups: readonly DayGroup[];
		day: string;
		action?: string;
		/** What is left from a day before can be let go. */
		canSkip?: boolean;
	};
	let { groups, day, action = '/week?/tick', canSkip = false }: Props = $props();
</script>

<!-- What a day needs, group by group, each with its box to tick. -->
{#each groups as group (group.name)}
	{@const open = group.entries.filter((one) => !isDone(one))}
	<section class="break-inside-avoid pt-5 print:pt-2" aria-label={group.name}>
		<div class="flex min-h-11 items-end justify-between gap-3 border-b-2 border-ink print:min-h-0">
			<h2 class="text-lg print:text-sm">{group.name}</h2>
			{#if open.length > 1}
				<form
					method="post"
					{action}
					use:enhance={saves({ waits: `Done: ${group.name}, all ${open.length}` })}
					class="no-print"
				>
					<input type="hidden" name="day" value={day} />
					<input type="hidden" name="key" value={open.map((one) => one.key).join(' ')} />
					<input type="hidden" name="what" value="{group.name}, all {open.length}" />
					<input type="hidden" name="done" value="1" />
					<button
						type="submit"
						class="min-h-11 px-2 text-sm font-semibold text-ink-2 underline decoration-rule decoration-2 underline-offset-4 hover:text-ink"
						aria-label="All done: {group.name}">All {open.length} done</button
					>
				</form>
			{/if}
		</div>
		{#if group.trouble}<p role="alert" class="py-1.5 font-semibold text-late">{group.trouble}</p>{/if}
		<ul class="divide-y divide-rule">
			{#each group.entries as entry (entry.key)}
				{@const done = isDone(entry)}
				<li>
					<form
						method="post"
						{action}
						use:enhance={saves({ waits: `${done ? 'Not done' : 'Done'}: ${entry.text}` })}
						class="flex items-start gap-3 py-1 print:gap-2 print:py-px print:text-xs"
					>
						<input type="hidden" name="day" value={day} />
						<input type="hidden" name="key" value={entry.key} />
						<input type="hidden" name="what" value={entry.text} />
						<input type="hidden" name="done" value={done ? '' : '1'} />
						<button
							type="submit"
							aria-label="{done ? 'Not done' : 'Done'}: {entry.text}"
							aria-pressed={done}
							class="grid size-11 shrink-0 place-items-center rounded-[3px] border-2 border-ink bg-sheet text-good print:size-3.5 print:border"
							>{#if done}<Check size={20} aria-hidden="true" />{/if}</button
						>
						<span class="min-w-0 flex-1 pt-2.5 print:pt-0">
							{#if entry.href && !done}<a href={entry.href} class="font-semibold">{entry.text}</a>{:else}<span
									class="font-semibold {done ? 'line-through' : ''}">{entry.text}</span
								>{/if}
							{#if entry.detail}<span
									class="text-sm {entry.isOpen ? 'font-semibold text-late' : 'text-ink-2'}"
									>{entry.detail}</span
								>{/if}
						</span>
						{#if canSkip && !done}<button
								type="submit"
								name="what"
								value="{entry.text}, skipped"
								class="no-print min-h-11 px-2 text-sm font-semibold text-ink-2 underline decoration-rule decoration-2 underline-offset-4 hover:text-ink"
								aria-label="Skip {entry.text}">Skip</button
							>{/if}
					</form>
				</li>
			{/each}
		</ul>
	</section>
{/each}
