<script lang="ts">
	import TextField from '$lib/ui/field/TextField.svelte';
	import Button from '$lib/ui/button/Button.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	import { counted } from '$core/words/index.ts';

	let { data, form } = $props();
	const states = { running: 'In progress', collecting: 'Coming up', 'put away': 'Put away' } as const;
	const running = $derived(data.runs.filter((run) => run.state === 'running'));
	const ordered = $derived([
		...running,
		...data.runs.filter((run) => run.state === 'collecting'),
		...data.runs.filter((run) => run.state === 'put away')
	]);
	const sentence = $derived(
		data.runs.length === 0
			? 'No units yet.'
			: `${counted(running.length, 'unit')} in progress, ${data.runs.filter((run) => run.state === 'collecting').length} coming up.`
	);
	const failure = $derived(form && 'message' in form ? form : null);
</script>

<svelte:head><title>Units · Gather Bin</title></svelte:head>
<Sheet>
	<main>
		<h1 class="text-3xl">Units</h1>
		<p class="mt-2 font-display text-xl">{sentence}</p>
		{#if ordered.length}
			<ul class="mt-5 divide-y divide-rule border-y-2 border-ink">
				{#each ordered as run (run.id)}
					<li class="flex flex-wrap items-baseline gap-x-6 gap-y-1 py-4">
						<a
							href="/units/{run.id}"
							class="min-w-64 font-display text-xl font-semibold text-ink underline decoration-rule decoration-2 underline-offset-4 hover:decoration-ink"
							>{run.name}</a
						>
						<span class="w-36 text-ink-2">{states[run.state]}</span>
						<span class="w-64 text-ink-2">{counted(run.lessons, 'lesson')}, {run.days}</span>
						{#if run.state !== 'put away'}
							<span class={run.missing || run.toLook ? 'font-semibold' : 'text-good'}
								>{[run.missing ? `${run.missing} missing` : '', run.toLook ? `${run.toLook} to look for` : '']
									.filter(Boolean)
									.join(', ') || 'nothing missing'}</span
							>
						{/if}
					</li>
				{/each}
			</ul>
		{:else}
			<EmptyState title="Start with a name">
				<p>A unit is one topic for a few weeks. Lessons and supply lists come next.</p>
			</EmptyState>
		{/if}
		<form method="post" action="?/create" class="mt-8 flex max-w-xl flex-wrap items-end gap-3">
			<TextField
				label="New unit"
				name="name"
				class="min-w-64 flex-1"
				placeholder="Ponds and Streams"
				value={failure?.typed?.name ?? ''}
				{failure}
			/>
			<Button look={ordered.length ? 'plain' : 'main'} type="submit">Start this unit</Button>
		</form>
	</main>
</Sheet>
