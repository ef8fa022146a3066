<script lang="ts">
	import ActList from '$lib/ui/acts/ActList.svelte';
	import Button from '$lib/ui/button/Button.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import Sentence from '$lib/ui/sentence/Sentence.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	let { data } = $props();
</script>

<svelte:head><title>Next · Gather Bin</title></svelte:head>
<Sheet>
	<main>
		<h1 class="sr-only">Next</h1>
		{#if !data.hasUnits}
			<EmptyState title="No unit yet">
				<p>
					Name the topic you are about to gather for, list its lessons, and paste the supply list that your
					book prints.
				</p>
				{#snippet act()}<Button look="main" href="/units">Start a unit</Button>{/snippet}
			</EmptyState>
		{:else}
			<Sentence sentence={data.next.sentence} />
			{#if data.next.acts.length}
				<section class="mt-6 max-w-3xl" aria-labelledby="next-acts">
					<h2 id="next-acts" class="mb-2 text-lg">Do next</h2>
					<ActList acts={data.next.acts} action="/" named />
					{#if data.next.later}<p class="mt-3 text-ink-2">{data.next.later} more wait further ahead.</p>{/if}
				</section>
			{:else}
				<p class="mt-4 text-ink-2">
					Nothing to do by any date. Look at your units for what is being collected.
				</p>
			{/if}
		{/if}
	</main>
</Sheet>
