<script lang="ts">
	import Button from '../button/Button.svelte';
	import type { ReviewLines } from './review.svelte.ts';

	type Pair = Parameters<ReviewLines['takeAsOne']>[0];
	type Props = {
		alike: readonly Pair[];
		lines: ReviewLines;
		/** Whether two names were said to be one thing, by the more general one. */
		sameAs: Record<string, boolean>;
	};
	let { alike, lines, sameAs = $bindable() }: Props = $props();
</script>

<!-- Two names of a list that may be one thing are asked about once. -->
{#each alike as pair (pair.general)}
	{@const answer = sameAs[pair.general]}
	<fieldset class="mt-4 border-l-4 border-due pl-3">
		<legend class="font-semibold">
			{answer === undefined
				? `Are “${pair.general}” and “${pair.specific}” one thing?`
				: answer
					? `“${pair.general}” is “${pair.specific}”.`
					: `“${pair.general}” and “${pair.specific}” are two things.`}
		</legend>
		{#if answer === undefined}
			<p class="mt-1 flex flex-wrap gap-2">
				<Button
					size="small"
					onclick={() => {
						lines.takeAsOne(pair);
						sameAs[pair.general] = true;
					}}>One thing: {pair.specific}</Button
				>
				<Button size="small" onclick={() => (sameAs[pair.general] = false)}>Two things</Button>
			</p>
		{/if}
	</fieldset>
{/each}
