<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { JobView } from '$lib/server/services/prepare/plan.ts';

	type Props = { job: JobView; children?: Snippet };
	let { job, children }: Props = $props();
</script>

<!-- A job of preparing: what is done, of what, how long, by when, and what else could be done where it is late. -->
<li class="flex flex-wrap items-baseline gap-x-4 gap-y-1 py-1.5">
	<span class="font-semibold">{job.title}</span>
	<span class="w-full text-sm text-ink-2 sm:w-auto sm:flex-1"
		>{job.of}{job.detail ? ` · ${job.detail}` : ''}{#if job.isLate && job.instead.length}<span class="block"
				>Instead: {job.instead.join('; ')}.</span
			>{/if}</span
	>
	{#if job.by}<span class="text-sm {job.isLate ? 'font-semibold text-late' : 'text-ink-2'}"
			>{job.isLate ? 'late, was due' : 'by'} {job.by}</span
		>{/if}
	<span class="w-16 text-right text-sm tabular-nums">{job.minutes} min</span>
	{@render children?.()}
</li>
