<script lang="ts">
	import { page } from '$app/state';

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

<nav aria-label="Views of the plan" class="no-print -mt-2 mb-5 overflow-x-auto border-b border-rule">
	<ul class="flex gap-x-5">
		{#each VIEWS as [path, label] (path)}
			<li class="shrink-0">
				<a
					href="{base}{path}"
					aria-current={page.url.pathname === base + path ? 'page' : undefined}
					class="block border-b-2 border-transparent px-0.5 py-2 text-ink-2 no-underline hover:border-edge hover:text-ink aria-[current]:border-ink aria-[current]:font-semibold aria-[current]:text-ink"
					>{label}</a
				>
			</li>
		{/each}
	</ul>
</nav>
{@render children()}
