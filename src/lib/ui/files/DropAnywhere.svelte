<script lang="ts">
	import { applyAction, deserialize } from '$app/forms';
	import { goto } from '$app/navigation';
	import { sayWrong } from '../toast/toast.ts';

	let over = $state(false);
	let reading = $state('');
	let leaving: ReturnType<typeof setTimeout> | undefined;
	const MOST_BYTES = 8 * 1024 * 1024;
	const hasFile = (event: DragEvent) => event.dataTransfer?.types.includes('Files') ?? false;

	function dragover(event: DragEvent) {
		if (!hasFile(event)) return;
		event.preventDefault();
		clearTimeout(leaving);
		over = true;
	}
	function dragleave() {
		// Moving over the page leaves one element and enters the next: only a pause is a leaving.
		leaving = setTimeout(() => (over = false), 150);
	}
	async function drop(event: DragEvent) {
		if (!hasFile(event)) return;
		event.preventDefault();
		over = false;
		const files = [...(event.dataTransfer?.files ?? [])];
		if (files.length !== 1) return sayWrong('Drop one file at a time.');
		if (files[0].size > MOST_BYTES) return sayWrong('That file is over 8 MB. Import it in parts.');
		const body = new FormData();
		body.set('file', files[0]);
		reading = files[0].name;
		try {
			const response = await fetch('/home/files?/file', {
				method: 'POST',
				body,
				headers: { 'x-sveltekit-action': 'true', accept: 'application/json' }
			});
			const result = deserialize(await response.text());
			if (result.type === 'redirect') await goto(result.location);
			else if (result.type === 'failure') sayWrong(String(result.data?.message));
			else await applyAction(result);
		} catch {
			sayWrong('The file didn’t upload. Nothing changed; drop it again.');
		} finally {
			reading = '';
		}
	}
</script>

<svelte:window ondragover={dragover} ondragleave={dragleave} ondrop={drop} />
{#if over || reading}
	<div
		class="no-print pointer-events-none fixed inset-3 z-50 grid place-items-center rounded-sheet border-4 border-dashed border-ink bg-sheet/90"
		role="status"
	>
		<p class="font-display text-2xl font-semibold">
			{reading ? `Reading ${reading} …` : 'Drop the file here. You’ll see what it changes before it’s saved.'}
		</p>
	</div>
{/if}
