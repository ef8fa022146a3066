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
	<h2 id="ladder" class="mb-2 text-lg">What we try first</h2>
	<form method="post" action="?/sources" use:enhance={saves()} class="space-y-3">
		<TextField
			label="When we don’t have something"
			name="ladder"
			hint="If one way doesn’t work, we try the next. Any item can have its own order."
			value={data.sources.ladder}
			{failure}
		/>
		<TextField label="Days each way takes" name="days" value={data.sources.days} {failure} />
		<div class="grid grid-cols-2 gap-3">
			<TextField
				label="Ground freezes around"
				name="firstFrost"
				placeholder="Oct 15"
				value={data.sources.firstFrost}
				{failure}
			/>
			<TextField
				label="Thaws around"
				name="lastFrost"
				placeholder="Apr 20"
				value={data.sources.lastFrost}
				{failure}
			/>
		</div>
		<Button type="submit">Save order</Button>
	</form>
</section>
