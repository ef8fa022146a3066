<script lang="ts">
	import { page } from '$app/state';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	let { children } = $props();
	const tabs = [
		{ href: '/home/supplies', label: 'Supplies' },
		{ href: '/home/books', label: 'Home library' },
		{ href: '/home/places', label: 'Places' },
		{ href: '/home/count', label: 'Recount' },
		{ href: '/home/files', label: 'Import and export' }
	];
</script>

<Sheet>
	<main>
		<div class="mb-4 flex flex-wrap items-baseline gap-x-6 gap-y-2 border-b-2 border-ink">
			<h1 class="text-[1.75rem]">At home</h1>
			<nav aria-label="At home" class="flex">
				{#each tabs as tab (tab.href)}
					<a
						href={tab.href}
						aria-current={page.url.pathname.startsWith(tab.href) ? 'page' : undefined}
						class="flex min-h-11 items-center px-3 font-semibold text-ink-2 no-underline hover:text-ink aria-[current]:bg-ink aria-[current]:text-sheet"
						>{tab.label}</a
					>
				{/each}
			</nav>
		</div>
		{@render children()}
	</main>
</Sheet>
