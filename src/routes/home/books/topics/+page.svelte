<script lang="ts">
	import PostButton from '$lib/ui/button/PostButton.svelte';

	let { data } = $props();
</script>

<svelte:head><title>By topic · Gather Bin</title></svelte:head>

<p class="max-w-3xl font-display text-xl leading-snug font-medium">{data.sentence}</p>
<p class="mt-1 max-w-3xl text-ink-2">
	A unit needs a spine, a read-aloud, something for each child, and something to do.
</p>
<table class="mt-5 w-full border-collapse text-left">
	<thead class="hidden border-b-2 border-ink text-sm sm:table-header-group">
		<tr
			><th class="py-1.5 pr-4 font-semibold">Topic</th><th class="py-1.5 pr-4 font-semibold">Titles</th><th
				class="py-1.5 pr-4 font-semibold">Spine</th
			><th class="py-1.5 pr-4 font-semibold">Missing</th><th class="py-1.5"
				><span class="sr-only">Next step</span></th
			></tr
		>
	</thead>
	<tbody>
		{#each data.piles as pile (pile.topic)}
			<tr class="grid border-b border-rule py-1.5 align-baseline sm:table-row">
				<td class="py-1 pr-4 font-semibold"
					><a href="/home/books?{new URLSearchParams({ topic: pile.topic })}">{pile.topic}</a></td
				>
				<td class="py-1 pr-4">{pile.count}<span class="text-ink-2">, {pile.ours} ours</span></td>
				<td class="py-1 pr-4">{pile.spine ?? ''}</td>
				<td class="py-1 pr-4 {pile.lacks.length ? 'text-due' : 'font-semibold text-good'}"
					>{pile.lacks.length ? pile.lacks.join(', ') : 'nothing'}</td
				>
				<td class="py-1 text-right">
					{#if pile.unit}<a class="text-sm" href="/units/{pile.unit.id}">{pile.unit.name}</a>
					{:else}
						<PostButton
							action="?/start"
							fields={{ topic: pile.topic }}
							size="small"
							label="Start a unit on {pile.topic}">Start a unit</PostButton
						>
					{/if}
				</td>
			</tr>
		{/each}
	</tbody>
</table>
