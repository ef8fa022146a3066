<script lang="ts">
	import { page } from '$app/state';

	type Props = {
		label: string;
		tabs: readonly { readonly href: string; readonly label: string }[];
		/** `folder` stands on a sheet, `line` is underlined, `block` is filled. */
		look: 'folder' | 'line' | 'block';
		/** Pages below a tab belong to it. */
		below?: boolean;
		class?: string;
	};
	let { label, tabs, look, below = false, class: extra = '' }: Props = $props();

	const looks = {
		folder:
			'shrink-0 rounded-t-md border border-b-0 border-rule bg-desk-2 px-2 font-display text-[0.9375rem] font-semibold text-ink aria-[current]:border-ink aria-[current]:bg-sheet sm:px-4 sm:text-base',
		line: 'shrink-0 border-b-2 border-transparent px-2.5 text-ink-2 hover:border-edge hover:text-ink aria-[current]:border-ink aria-[current]:font-semibold aria-[current]:text-ink',
		block:
			'shrink-0 px-3 font-semibold text-ink-2 hover:text-ink aria-[current]:bg-ink aria-[current]:text-sheet'
	};
	const { pathname } = $derived(page.url);
	const isHere = (href: string) => (below ? pathname.startsWith(href) : pathname === href);

	let nav: HTMLElement;
	let isMoreLeft = $state(false);
	let isMoreRight = $state(false);
	/** Says on which side there are more tabs than fit. */
	function measure() {
		isMoreLeft = nav.scrollLeft > 4;
		isMoreRight = nav.scrollLeft + nav.clientWidth < nav.scrollWidth - 4;
	}
	// The open tab is in sight, wherever it stands in the row.
	$effect(() => {
		const open = pathname && nav.querySelector<HTMLElement>('[aria-current]');
		if (open) nav.scrollLeft = open.offsetLeft - (nav.clientWidth - open.offsetWidth) / 2;
		measure();
		const watch = new ResizeObserver(measure);
		watch.observe(nav);
		return () => watch.disconnect();
	});
</script>

<nav
	bind:this={nav}
	aria-label={label}
	onscroll={measure}
	class="no-print relative flex gap-1 overflow-x-auto {extra}"
	class:left={isMoreLeft}
	class:right={isMoreRight}
>
	{#each tabs as tab (tab.href)}
		<a
			href={tab.href}
			aria-current={isHere(tab.href) ? 'page' : undefined}
			class="flex min-h-11 items-center whitespace-nowrap no-underline {looks[look]}">{tab.label}</a
		>
	{/each}
</nav>

<style>
	/* A row that goes on fades out on that side. */
	nav {
		scrollbar-width: none;
	}
	.right {
		mask-image: linear-gradient(to right, #000 calc(100% - 3.5rem), transparent);
	}
	.left {
		mask-image: linear-gradient(to left, #000 calc(100% - 3.5rem), transparent);
	}
	.left.right {
		mask-image: linear-gradient(to right, transparent, #000 3.5rem calc(100% - 3.5rem), transparent);
	}
</style>
