<script lang="ts">
	import Tabs from '$lib/ui/tabs/Tabs.svelte';
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
			<Tabs label="At home" {tabs} look="block" below class="min-w-0" />
		</div>
		{@render children()}
	</main>
</Sheet>
