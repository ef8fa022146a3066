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
			{#if device === 'kept'}This device keeps the lists: they open without a network.
			{:else if device === 'plain'}This device reaches the house over http: ticks wait while a page stays
				open, but nothing opens without a network.
			{:else}The lists can open without a network, in a basement and in a shop.{/if}
		</p>
		<div class="mt-5 space-y-5">
			<section>
				<h2 class="text-lg">What plain http can and cannot do</h2>
				<p>
					Everything works while the house is in reach. A list that is open keeps your ticks when the network
					goes and sends them later. What a browser does not allow over http: opening a page without a
					network, putting the list on the home screen as an app, the live camera and copying with one tap.
					Photos and typed numbers still work.
				</p>
			</section>
			<section>
				<h2 class="text-lg">How to have the rest, once for each phone</h2>
				{#if data.hasHttps}
					<ol class="mt-1 list-decimal space-y-2 pl-6">
						<li>
							On the phone, in the home network, take the house’s certificate:
							<Button size="small" href="/house-certificate.crt" download>Take the certificate</Button>
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
						The certificate was made on your own computer and speaks for this house alone. Take it off the
						phone again in the same place when you no longer want it.
					</p>
				{:else}
					<p>
						Start Gather Bin with <code class="rounded bg-lined px-1 text-base">npm run start:https</code> instead.
						It makes a certificate for this house and then says here what to do.
					</p>
				{/if}
			</section>
		</div>
	</main>
</Sheet>
