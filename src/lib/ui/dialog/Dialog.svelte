<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import { Dialog } from 'bits-ui';
	import type { Snippet } from 'svelte';

	type Props = { open: boolean; title: string; about?: string; children: Snippet };
	let { open = $bindable(false), title, about, children }: Props = $props();
</script>

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
		<Dialog.Content
			class="fixed inset-x-0 bottom-0 z-50 max-h-[92vh] overflow-auto rounded-t-lg bg-sheet p-5 shadow-2xl sm:inset-x-auto sm:bottom-auto sm:left-1/2 sm:top-[8vh] sm:w-[34rem] sm:-translate-x-1/2 sm:rounded-sheet"
		>
			<div class="mb-4 flex items-start justify-between gap-4 border-b-2 border-ink pb-3">
				<div>
					<Dialog.Title level={2} class="font-display text-xl font-semibold">{title}</Dialog.Title>
					{#if about}<Dialog.Description class="mt-1 text-sm text-ink-2">{about}</Dialog.Description>{/if}
				</div>
				<Dialog.Close class="-m-2 p-2" aria-label="Close"><X size={20} aria-hidden="true" /></Dialog.Close>
			</div>
			{@render children()}
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
