<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import type { PageData } from '../../../routes/lists/shops/$types';
	import type { Failure } from '../field/failure.ts';

	type Props = {
		bundles: PageData['buying']['bundles'];
		shops: { value: string; label: string }[];
		failure: Failure;
	};
	let { bundles, shops, failure }: Props = $props();
	let bundlesOpen = $state(false);
</script>

<details class="mt-4 border-t border-rule pt-3" bind:open={bundlesOpen}>
	<summary class="cursor-pointer font-semibold">Kits and bundles</summary>
	<ul class="divide-y divide-rule">
		{#each bundles as one (one.id)}
			<li class="flex flex-wrap items-center gap-x-3 py-1.5 text-sm">
				<span class="min-w-40 flex-1"><strong>{one.name}</strong>, {one.price_text}: {one.text}</span>
				<form method="post" action="?/noBundle" use:enhance={saves()}>
					<input type="hidden" name="bundle" value={one.id} />
					<Button size="small" look="quiet" type="submit" aria-label="Remove {one.name}">Remove</Button>
				</form>
			</li>
		{/each}
	</ul>
	<form
		method="post"
		action="?/bundle"
		use:enhance={saves({ reset: true })}
		class="mt-2 grid gap-3 sm:grid-cols-2"
	>
		<TextField label="Name" name="name" placeholder="kite kit for four" {failure} />
		<SelectField label="Store" name="shop" options={shops} value={shops[0]?.value ?? ''} {failure} />
		<TextField
			label="What’s in it, one per line"
			name="parts"
			rows={3}
			placeholder="4 wooden dowels&#10;8 sheets tissue paper"
			value={failure?.typed?.parts ?? ''}
			{failure}
		/>
		<TextField label="Price ($)" name="bundlePrice" inputmode="decimal" {failure} />
		<Button type="submit">Save bundle</Button>
	</form>
</details>
