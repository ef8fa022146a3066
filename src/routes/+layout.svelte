<script lang="ts">
	import '$lib/ui/tokens.css';
	import { beforeNavigate } from '$app/navigation';
	import { page } from '$app/state';
	import { onMount } from 'svelte';
	import { tinykeys } from 'tinykeys';
	import DropAnywhere from '$lib/ui/files/DropAnywhere.svelte';
	import Find from '$lib/ui/find/Find.svelte';
	import Shortcuts from '$lib/ui/find/Shortcuts.svelte';
	import { queue } from '$lib/ui/device/queue.svelte.ts';
	import { followNews } from '$lib/ui/news/news.ts';
	import WaitingNote from '$lib/ui/device/WaitingNote.svelte';
	import Part from '$lib/ui/shell/Part.svelte';
	import Shell from '$lib/ui/shell/Shell.svelte';
	import { sayDone, turn } from '$lib/ui/toast/toast.ts';
	import Toasts from '$lib/ui/toast/Toasts.svelte';

	let { data, children } = $props();
	/** A child's own page shows only its things. */
	const isForChild = $derived(page.url.pathname.startsWith('/for/'));
	let findOpen = $state(false);
	let keysOpen = $state(false);

	/** While one types, the browser's own undo is meant. */
	const isTyping = (event: Event) =>
		event.target instanceof HTMLElement &&
		event.target.matches('textarea, input:not([type=checkbox]):not([type=radio]), [contenteditable]');

	$effect(() => {
		if (data.said) sayDone(data.said.label);
	});

	// Without a network only whole pages are kept on this device.
	beforeNavigate((way) => {
		if (navigator.onLine || way.willUnload || !way.to || way.type === 'popstate') return;
		way.cancel();
		location.href = way.to.url.href;
	});
	onMount(followNews);
	onMount(() => queue.start());
	onMount(() => {
		// A page that was on its way while the service worker began is not its own yet.
		void navigator.serviceWorker?.ready.then(({ active }) => {
			if (!navigator.serviceWorker.controller) active?.postMessage('take over');
		});
	});
	onMount(() => {
		// Says that scripts have taken over; until then everything is plain forms.
		document.documentElement.dataset.ready = 'yes';
		if (isForChild) return;
		const on = (way: 'undo' | 'redo') => (event: KeyboardEvent) => {
			if (isTyping(event)) return;
			event.preventDefault();
			// The latest is what still waits here, if anything does.
			const waited = way === 'undo' ? queue.takeBack() : null;
			if (!waited) void turn(way);
		};
		const opens = (show: () => void) => (event: KeyboardEvent) => {
			if (isTyping(event)) return;
			event.preventDefault();
			show();
		};
		return tinykeys(window, {
			'/': opens(() => (findOpen = true)),
			'?': opens(() => (keysOpen = true)),
			'Shift+?': opens(() => (keysOpen = true)),
			'$mod+z': on('undo'),
			'$mod+Shift+z': on('redo'),
			'$mod+y': on('redo')
		});
	});
</script>

{#if isForChild}
	{@render children()}
{:else}
	<Shell household={data.household} today={data.today} paper={data.paper} find={() => (findOpen = true)}>
		<WaitingNote revision={data.revision} />
		<Part>{@render children()}</Part>
	</Shell>
	<Find bind:open={findOpen} />
	<Shortcuts bind:open={keysOpen} />
	<DropAnywhere />
	<Toasts />
{/if}
