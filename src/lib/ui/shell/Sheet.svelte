<script lang="ts">
	import type { Snippet } from 'svelte';
	type Props = { children: Snippet; class?: string };
	let { children, class: extra = '' }: Props = $props();
</script>

<!-- A white sheet on the desk, punched for the binder. -->
<div
	class="sheet relative rounded-sheet bg-sheet shadow-[0_1px_0_var(--color-rule),0_6px_18px_rgb(23_33_43/0.07)] {extra}"
>
	<div class="no-print pointer-events-none absolute inset-y-0 left-0 hidden w-9 lg:block" aria-hidden="true">
		{#each ['18%', '50%', '82%'] as top (top)}
			<span class="hole" style:top></span>
		{/each}
	</div>
	<div class="px-4 py-5 sm:px-7 lg:pl-14">{@render children()}</div>
</div>

<style>
	.hole {
		position: absolute;
		left: 0.9rem;
		width: 0.95rem;
		height: 0.95rem;
		border-radius: 50%;
		background: var(--color-desk);
		box-shadow: inset 0 1px 2px rgb(23 33 43 / 0.28);
	}
	@media print {
		.sheet {
			box-shadow: none;
		}
	}
</style>
