<script lang="ts">
	import { page } from '$app/state';
	const TABS = [
		{ href: '/week', label: 'Week' },
		{ href: '/week/shelf', label: 'Shelf' },
		{ href: '/week/basket', label: 'Morning basket' }
	];
</script>

<nav aria-label="What is set out" class="no-print mb-4 flex gap-1 overflow-x-auto border-b border-rule">
	{#each TABS as tab (tab.href)}
		<a
			href={tab.href}
			aria-current={page.url.pathname === tab.href ? 'page' : undefined}
			class="shrink-0 border-b-[3px] border-transparent px-3 py-2.5 font-semibold text-ink-2 no-underline hover:text-ink aria-[current]:border-ink aria-[current]:text-ink"
			>{tab.label}</a
		>
	{/each}
</nav>
