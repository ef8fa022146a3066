<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';
	import type { PageData } from '../../../routes/house/$types';

	type Props = { data: PageData };
	let { data }: Props = $props();
</script>

<section aria-labelledby="feed">
	<h2 id="feed" class="mb-2 text-lg">In your own calendar</h2>
	<p class="mb-2 text-sm text-ink-2">
		Lessons, days off and days to act by, for a calendar program that reads them again by itself. Whoever has
		the address can read them.
	</p>
	{#if data.household.feed_secret}
		<p class="text-sm break-all select-all">/calendar/{data.household.feed_secret}.ics</p>
	{/if}
	<form method="post" action="?/feed" use:enhance={saves()} class="mt-2 flex gap-3">
		<Button type="submit" name="on" value="1"
			>{data.household.feed_secret ? 'A new address' : 'Open a feed'}</Button
		>
		{#if data.household.feed_secret}<Button type="submit" look="quiet" name="on" value="">Close it</Button
			>{/if}
	</form>
</section>
