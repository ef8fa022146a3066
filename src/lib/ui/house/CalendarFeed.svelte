<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';
	import type { PageData } from '../../../routes/house/$types';

	type Props = { data: PageData };
	let { data }: Props = $props();
</script>

<section aria-labelledby="feed">
	<h2 id="feed" class="mb-2 text-lg">Calendar feed</h2>
	<p class="mb-2 text-sm text-ink-2">
		Lessons, days off, and to-do dates, kept up to date in your calendar app. Anyone with the link can see
		them.
	</p>
	{#if data.household.feed_secret}
		<p class="text-sm break-all select-all">/calendar/{data.household.feed_secret}.ics</p>
	{/if}
	<form method="post" action="?/feed" use:enhance={saves()} class="mt-2 flex gap-3">
		<Button type="submit" name="on" value="1">{data.household.feed_secret ? 'New link' : 'Turn on'}</Button>
		{#if data.household.feed_secret}<Button type="submit" look="quiet" name="on" value="">Turn off</Button
			>{/if}
	</form>
</section>
