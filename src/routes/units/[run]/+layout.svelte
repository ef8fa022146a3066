<script lang="ts">
	import { page } from '$app/state';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	let { data, children } = $props();
	const base = $derived(`/units/${data.unit.id}`);
	let tabs = $state<HTMLElement>();
	// On the phone the row of tabs is wider than the screen: the open one is brought into sight.
	$effect(() => {
		void page.url.pathname;
		const open = tabs?.querySelector<HTMLElement>('[aria-current]')?.parentElement;
		if (tabs && open) tabs.scrollLeft = open.offsetLeft - (tabs.clientWidth - open.offsetWidth) / 2;
	});
	const isHere = (path: string) =>
		path === '' ? page.url.pathname === base : page.url.pathname.startsWith(base + path);
</script>

<div class="lg:grid lg:grid-cols-[minmax(0,1fr)_8.5rem]">
	<nav aria-label="Stages of the unit" class="no-print order-2 lg:pt-7">
		<ul
			bind:this={tabs}
			class="relative flex gap-1 overflow-x-auto px-2 lg:flex-col lg:gap-2 lg:overflow-visible lg:px-0"
		>
			{#each data.tabs as tab (tab.path)}
				<li class="shrink-0">
					<a
						href="{base}{tab.path}"
						aria-current={isHere(tab.path) ? 'page' : undefined}
						class="block rounded-t-md border border-b-0 border-rule bg-desk-2 px-3.5 py-2 text-ink no-underline hover:bg-lined aria-[current]:border-ink aria-[current]:bg-sheet lg:mr-4 lg:rounded-t-none lg:rounded-r-md lg:border-b lg:border-l-0 lg:px-3 lg:py-2.5 lg:aria-[current]:mr-0"
					>
						<span class="block font-display font-semibold">{tab.label}</span>
						<span class="block text-sm leading-tight text-ink-2">{tab.detail}</span>
					</a>
				</li>
			{/each}
		</ul>
	</nav>
	<Sheet class="min-h-[70vh]">
		<main>
			<div class="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1 border-b-2 border-ink pb-3">
				<div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
					<h1 class="text-[1.75rem]">{data.unit.name}</h1>
					<p class="text-ink-2">{data.unit.about}</p>
				</div>
				<p class="font-semibold">{data.unit.standing}</p>
			</div>
			{#if data.unit.trouble}<p class="mt-4 border-l-4 border-late pl-3" role="status">
					<strong>{data.unit.trouble}</strong>
					<a href="{base}/plan">To its plan</a>
				</p>{/if}
			<div class="pt-5">{@render children()}</div>
		</main>
	</Sheet>
</div>
