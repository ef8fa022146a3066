<script lang="ts">
	import { onMount } from 'svelte';
	import { page } from '$app/state';
	import Button from '$lib/ui/button/Button.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	// Data that could not be fetched on the way here ends so; as a whole the page may be kept on this device.
	onMount(() => {
		const cameFromAnotherPage = document.documentElement.dataset.ready === 'yes';
		if (page.status === 500 && cameFromAnotherPage && navigator.serviceWorker?.controller) location.reload();
	});
</script>

<svelte:head><title>Not found · Gather Bin</title></svelte:head>
<Sheet>
	<main>
		<h1 class="text-2xl">{page.error?.message}</h1>
		{#if page.error?.reference}<p class="mt-2 text-ink-2">
				If it happens again, the server’s log has the details under {page.error.reference}.
			</p>{/if}
		<!-- A child's page leads nowhere else, also when it is over. -->
		{#if !page.url.pathname.startsWith('/for/')}<p class="mt-4">
				<Button href="/" look="main">Back to Next</Button>
			</p>{/if}
	</main>
</Sheet>
