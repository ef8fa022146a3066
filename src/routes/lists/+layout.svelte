<script lang="ts">
	import Tabs from '$lib/ui/tabs/Tabs.svelte';

	let { children } = $props();
	const LISTS = [
		{ href: '/lists/have', label: 'Do we have it?' },
		{ href: '/lists/walk', label: 'House walk' },
		{ href: '/lists/shops', label: 'Shopping' },
		{ href: '/lists/errands', label: 'Shopping list' },
		{ href: '/lists/borrow', label: 'Borrow' },
		{ href: '/lists/library', label: 'Library trips' },
		{ href: '/lists/wanted', label: 'Wanted' }
	];
</script>

<Tabs label="Lists" tabs={LISTS} look="folder" class="px-2" />
{@render children()}
