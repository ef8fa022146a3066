<script lang="ts">
	import { enhance } from '$app/forms';
	import X from '@lucide/svelte/icons/x';
	import type { SpineView } from '$lib/server/services/plan/spines.ts';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';
	import TextField from '../field/TextField.svelte';
	import type { Failure } from '../field/failure.ts';

	type Props = { spine: SpineView; row: SpineView['rows'][number]; failure: Failure };
	let { spine, row, failure }: Props = $props();
</script>

<!-- The flags of one book in one lesson. -->
<li class="flex flex-wrap items-baseline gap-x-3 gap-y-1 py-1.5 {row.over ? 'text-ink-2' : ''}">
	<span class="w-6 text-right text-ink-2">{row.number}</span>
	<span class="min-w-44 flex-1">{row.title} <span class="text-sm text-ink-2">{row.day}</span></span>
	<div class="w-full pl-9 sm:w-[26rem] sm:pl-0">
		{#each row.flags as flag (flag.id)}
			<form method="post" action="?/unflag" use:enhance={saves()} class="group flex items-baseline gap-2">
				<span class="w-20 shrink-0 font-semibold">{flag.pages}</span><span class="flex-1 text-sm"
					>{flag.text}</span
				>
				<button
					name="range"
					value={flag.id}
					aria-label="Remove pages {flag.pages} from lesson {row.number}"
					class="p-1 text-ink-2 opacity-0 group-hover:opacity-100 focus:opacity-100"
					><X size={16} aria-hidden="true" /></button
				>
			</form>
		{/each}
		{#if spine.inUse && !row.over}
			<details>
				<summary class="min-h-8 cursor-pointer text-sm text-ink-2"
					>{row.flags.length ? 'Add more pages' : 'No pages yet. Add some'}</summary
				>
				<form
					method="post"
					action="?/flag"
					use:enhance={saves({ reset: true })}
					class="flex items-end gap-2 pb-2"
				>
					<input type="hidden" name="spine" value={spine.id} />
					<input type="hidden" name="lesson" value={row.lesson} />
					<TextField
						label="Pages, how, who, what for: lesson {row.number}"
						name="flag"
						class="flex-1"
						placeholder="12–19 alone Odile, 15 min: scale"
						{failure}
					/>
					<Button type="submit" size="small" class="mb-1">Add</Button>
				</form>
			</details>
		{/if}
	</div>
</li>
