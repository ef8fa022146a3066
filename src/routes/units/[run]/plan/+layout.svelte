<script lang="ts">
	import Tabs from '$lib/ui/tabs/Tabs.svelte';

	let { data, children } = $props();
	const base = $derived(`/units/${data.unit.id}/plan`);
	const VIEWS = [
		['', 'Schedule'],
		['/month', 'Month'],
		['/pages', 'Books and pages'],
		['/extras', 'Extras'],
		['/children', 'Children'],
		['/load', 'Workload'],
		['/cost', 'Cost'],
		['/paper', 'Print']
	] as const;
</script>

<Tabs
	label="Views of the plan"
	tabs={VIEWS.map(([path, label]) => ({ href: base + path, label }))}
	look="line"
	class="-mt-2 mb-5 border-b border-rule"
/>
{@render children()}
