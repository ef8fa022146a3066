<script lang="ts">
	import { onMount } from 'svelte';
	import Button from '$lib/ui/button/Button.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	let { data } = $props();
	let device = $state<'unknown' | 'kept' | 'secure' | 'plain'>('unknown');
	onMount(async () => {
		if (!window.isSecureContext) device = 'plain';
		else device = (await navigator.serviceWorker?.getRegistration())?.active ? 'kept' : 'secure';
	});
</script>

<svelte:head><title>On the phone · Gather Bin</title></svelte:head>
<Sheet>
	<main class="max-w-3xl">
		<h1 class="border-b-2 border-ink pb-3 text-[1.75rem]">On the phone</h1>
		<p role="status" class="mt-4 font-display text-xl leading-snug font-medium">
			{#if device === 'kept'}This device is set up. Your lists open offline.
			{:else if device === 'plain'}This device uses plain http: check-offs wait while a page is open, but
				nothing opens offline.
			{:else}Your lists can open offline, in a basement or a store.{/if}
		</p>
		<div class="mt-5 space-y-5">
			<section>
				<h2 class="text-lg">What works without setup</h2>
				<p>
					Everything works on your home Wi-Fi. An open list keeps your check-offs if the signal drops and
					sends them later. Without setup a browser won’t open a page offline, put the list on the home screen
					as an app, use the live camera, or copy with one tap. Photos and typed numbers still work.
				</p>
			</section>
			<section>
				<h2 class="text-lg">Set up a phone, once each</h2>
				{#if data.hasHttps}
					<ol class="mt-1 list-decimal space-y-2 pl-6">
						<li>
							On the phone, on your home Wi-Fi, download Gather Bin’s certificate:
							<Button size="small" href="/house-certificate.crt" download>Download the certificate</Button>
						</li>
						<li>
							Trust it. On an iPhone or iPad: Settings, Profile Downloaded, Install; then General, About,
							Certificate Trust Settings, and switch it on. On an Android phone: Settings, search for “CA
							certificate”, Install anyway, and choose the file.
						</li>
						<li>
							Open <a class="font-semibold underline" href={data.address}>{data.address}</a> and choose “Add to
							home screen”.
						</li>
					</ol>
					<p class="mt-2">
						The certificate was made on your own computer and works only for this household. Remove it from
						the phone in the same place when you no longer want it.
					</p>
				{:else}
					<p>
						Start Gather Bin with <code class="rounded bg-lined px-1 text-base">npm run start:https</code> instead.
						It makes a certificate for your household, and this page then shows the steps.
					</p>
				{/if}
			</section>
		</div>
	</main>
</Sheet>
