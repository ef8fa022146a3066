<script lang="ts">
	import { page } from '$app/state';

	let { children } = $props();
	const LISTS = [
		{ href: '/lists/walk', label: 'House walk' },
		{ href: '/lists/shops', label: 'Shopping' },
		{ href: '/lists/errands', label: 'Shopping list' },
		{ href: '/lists/borrow', label: 'Borrow' },
		{ href: '/lists/library', label: 'Library trips' },
		{ href: '/lists/wanted', label: 'Wanted' }
	];
</script>

<nav aria-label="Lists" class="no-print flex gap-1 overflow-x-auto px-2">
	{#each LISTS as { href, label } (href)}
		<a
			{href}
			aria-current={page.url.pathname === href ? 'page' : undefined}
			class="flex min-h-11 items-center shrink-0 rounded-t-md border border-b-0 border-rule bg-desk-2 px-2 font-display text-[0.9375rem] sm:px-4 sm:text-base font-semibold text-ink no-underline aria-[current]:border-ink aria-[current]:bg-sheet"
			>{label}</a
		>
	{/each}
</nav>
{@render children()}
