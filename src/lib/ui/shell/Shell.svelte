<script lang="ts">
	import { page } from '$app/state';
	import type { HomePaper } from '$core/reference/index.ts';
	import type { Snippet } from 'svelte';

	type Props = {
		today: string;
		paper: HomePaper;
		household: string;
		find: () => void;
		children: Snippet;
	};
	let { today, paper, household, find, children }: Props = $props();

	const map: { href: string; label: string; short?: string }[] = [
		{ href: '/', label: 'Next' },
		{ href: '/week', label: 'Week' },
		{ href: '/lists/walk', label: 'Lists' },
		{ href: '/units', label: 'Units' },
		{ href: '/home', label: 'At home' },
		{ href: '/house', label: 'Household', short: 'House' }
	];
	const isHere = (href: string) =>
		href === '/' ? page.url.pathname === '/' : page.url.pathname.startsWith(href.split('/', 2).join('/'));
</script>

<a
	href="#content"
	class="sr-only z-50 bg-ink px-4 py-2 text-sheet focus:not-sr-only focus:fixed focus:left-2 focus:top-2"
	>Skip to content</a
>
<header class="no-print mx-auto flex max-w-[82rem] items-center gap-6 px-4 pt-3 sm:px-7">
	<a href="/" class="flex items-center gap-2.5 font-display text-lg font-bold text-ink no-underline">
		<svg width="26" height="24" viewBox="0 0 26 24" aria-hidden="true">
			<path d="M1 3h24M3.5 3v18.5h19V3" fill="none" stroke="currentColor" stroke-width="2.4" />
			<path
				d="M7.5 17.5V9.5M11.2 17.5V7M14.9 17.5v-6M18.5 17.5V8.5"
				stroke="var(--color-late)"
				stroke-width="2.4"
			/>
		</svg>
		Gather Bin
	</a>
	<nav aria-label="Household" class="hidden gap-1 sm:flex">
		{#each map as { href, label } (href)}
			<a
				{href}
				aria-current={isHere(href) ? 'page' : undefined}
				class="border-b-[3px] border-transparent px-3 py-2.5 font-semibold text-ink-2 no-underline hover:text-ink aria-[current]:border-ink aria-[current]:text-ink"
				>{label}</a
			>
		{/each}
	</nav>
	<button
		type="button"
		onclick={find}
		class="ml-auto flex min-h-10 items-center gap-3 rounded-[3px] border border-edge bg-lined px-3 text-sm text-ink-2 hover:border-ink hover:text-ink"
		>Search<span class="hidden font-display sm:inline" aria-hidden="true">/</span></button
	>
	<p class="text-right text-sm leading-tight text-ink-2">
		<span class="hidden sm:inline">{`${household} · `}</span>{today}
	</p>
</header>

<div id="content" data-paper={paper} class="mx-auto max-w-[82rem] px-2 pt-3 pb-24 sm:px-7 sm:pb-10">
	{@render children()}
</div>

<nav
	aria-label="Household, phone"
	class="no-print fixed inset-x-0 bottom-0 z-30 flex border-t-2 border-ink bg-sheet pb-[env(safe-area-inset-bottom)] sm:hidden"
>
	{#each map as { href, label, short } (href)}
		<a
			{href}
			aria-current={isHere(href) ? 'page' : undefined}
			class="flex min-h-14 flex-1 items-center justify-center font-display text-[0.75rem] font-semibold tracking-tight whitespace-nowrap text-ink-2 no-underline aria-[current]:bg-ink aria-[current]:text-sheet"
			>{short ?? label}</a
		>
	{/each}
</nav>
