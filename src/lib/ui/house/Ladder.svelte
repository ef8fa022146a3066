<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';
	import TextField from '../field/TextField.svelte';
	import { saves } from '../device/submit.ts';
	import type { PageData } from '../../../routes/house/$types';
	import type { Failure } from '../field/failure.ts';

	type Props = { data: PageData; failure: Failure };
	let { data, failure }: Props = $props();
</script>

<section aria-labelledby="ladder">
	<h2 id="ladder" class="mb-2 text-lg">In which order we try</h2>
	<form method="post" action="?/sources" use:enhance={saves()} class="space-y-3">
		<TextField
			label="When the house does not have it"
			name="ladder"
			hint="A thing that is not to be had goes on to the next. Each thing can have an order of its own."
			value={data.sources.ladder}
			{failure}
		/>
		<TextField label="Days each takes" name="days" value={data.sources.days} {failure} />
		<div class="grid grid-cols-2 gap-3">
			<TextField
				label="The ground freezes on"
				name="firstFrost"
				placeholder="Oct 15"
				value={data.sources.firstFrost}
				{failure}
			/>
			<TextField
				label="and is open again on"
				name="lastFrost"
				placeholder="Apr 20"
				value={data.sources.lastFrost}
				{failure}
			/>
		</div>
		<Button type="submit">Save the order</Button>
	</form>
</section>
