<script lang="ts">
	import { Button } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import type { HTMLAnchorAttributes, HTMLButtonAttributes } from 'svelte/elements';

	type Props = {
		/** `main` is the one act of a screen or row, `plain` everything else, `quiet` what shows only on purpose. */
		look?: 'main' | 'plain' | 'quiet';
		size?: 'normal' | 'small';
		href?: string;
		class?: string;
		children: Snippet;
	} & Omit<HTMLButtonAttributes & HTMLAnchorAttributes, 'children' | 'class' | 'type'> & {
			type?: 'button' | 'submit';
		};
	let {
		look = 'plain',
		size = 'normal',
		class: extra = '',
		children,
		type = 'button',
		href,
		...rest
	}: Props = $props();

	const looks = {
		main: 'bg-ink text-sheet hover:bg-ink-2 border border-ink',
		plain: 'bg-sheet text-ink border border-edge hover:border-ink hover:bg-lined',
		quiet: 'text-ink underline decoration-rule decoration-2 underline-offset-4 hover:decoration-ink'
	};
	const sizes = { normal: 'min-h-11 px-4 text-base', small: 'min-h-9 px-3 text-sm' };
	const shape = $derived(
		`inline-flex items-center justify-center gap-2 rounded-[3px] font-semibold no-underline disabled:opacity-50 ${sizes[size]} ${looks[look]} ${extra}`
	);
</script>

{#if href}
	<Button.Root {href} class={shape} {...rest as object}>{@render children()}</Button.Root>
{:else}
	<Button.Root {type} class={shape} {...rest as object}>{@render children()}</Button.Root>
{/if}
