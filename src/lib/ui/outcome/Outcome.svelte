<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';

	type Props = { lesson: number; action?: string };
	let { lesson, action = '' }: Props = $props();
</script>

<!-- How a lesson went, in one tap. -->
<form
	method="post"
	action="{action}?/outcome"
	use:enhance={saves()}
	class="flex flex-wrap items-center gap-2"
>
	<input type="hidden" name="id" value={lesson} />
	<Button size="small" type="submit" name="outcome" value="taught">Taught</Button>
	<Button size="small" type="submit" name="outcome" value="partly taught" look="quiet">Partly</Button>
	<Button size="small" type="submit" name="outcome" value="skipped" look="quiet">Skipped</Button>
</form>
