<script lang="ts">
	type Props = { sentence: { before: string; gap: string; after: string; verdict: string } };
	let { sentence }: Props = $props();
	const line = $derived(
		{
			late: 'decoration-late text-late',
			'at risk': 'decoration-late text-late',
			due: 'decoration-due text-due'
		}[sentence.verdict] ?? 'decoration-ink-2'
	);
</script>

<p class="max-w-3xl font-display text-xl leading-snug font-medium text-balance sm:text-2xl">
	{sentence.before}{#if sentence.gap}<span class="underline decoration-[3px] underline-offset-[5px] {line}"
			>{sentence.gap}</span
		>{/if}{sentence.after}
</p>
