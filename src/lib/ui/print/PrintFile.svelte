<script lang="ts">
	import Button from '../button/Button.svelte';

	type Props = { href: string; label: string; look?: 'main' | 'plain' };
	let { href, label, look = 'plain' }: Props = $props();
	let done = $state<number | null>(null);
	let sides = $state(0);
	let problem = $state('');
	let making = $state(false);

	/** Opens the file; while it is being made, shows how far it is. */
	async function open(event: MouseEvent) {
		event.preventDefault();
		if (making) return;
		making = true;
		problem = '';
		// Opened with the click, or the browser takes it for a pop-up.
		const view = window.open('about:blank', '_blank');
		const timer = setInterval(async () => {
			const response = await fetch(`${href}&progress`).catch(() => null);
			if (!response?.ok) return;
			const answer = (await response.json()) as { done: number | null; sides?: number };
			done = answer.done;
			sides = answer.sides ?? 0;
		}, 500);
		const response = await fetch(href, { headers: { accept: 'application/json' } }).catch(() => null);
		clearInterval(timer);
		done = null;
		making = false;
		if (response?.ok) {
			if (view) view.location.href = href;
			else window.location.href = href;
			return;
		}
		view?.close();
		const said = (await response?.json().catch(() => null)) as { message?: string } | null;
		problem = said?.message ?? 'No answer from the server. Try again.';
	}
</script>

<span class="inline-flex flex-wrap items-center gap-3">
	<Button {href} {look} onclick={open} target="_blank">{making ? 'Making the file …' : label}</Button>
	{#if making && done !== null}
		<progress class="h-2 w-32 accent-good" max={sides} value={done} aria-label="How far the file is"
		></progress>
		<Button size="small" onclick={() => void fetch(href, { method: 'DELETE' })}>Stop</Button>
	{/if}
	{#if problem}<span class="font-semibold text-late" role="alert">{problem}</span>{/if}
</span>
