<script lang="ts">
	import { onMount } from 'svelte';
	import Button from '../button/Button.svelte';

	type Props = { job: string; time: string; took: string };
	let { job, time, took = $bindable('') }: Props = $props();
	/** Milliseconds that go on while the page is closed. */
	const clockNow = () => performance.timeOrigin + performance.now();
	const key = $derived(`timer ${job}`);
	let begun = $state<number | null>(null);
	let now = $state(0);
	// The phone may lock or the page be left meanwhile; when it began is kept on this device.
	onMount(() => {
		begun = Number(localStorage.getItem(key)) || null;
		now = clockNow();
		const ticking = setInterval(() => (now = clockNow()), 1000);
		return () => clearInterval(ticking);
	});
	const seconds = $derived(begun === null ? 0 : Math.max(0, Math.round((now - begun) / 1000)));
	const clock = $derived(`${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`);
	function start() {
		begun = clockNow();
		now = begun;
		localStorage.setItem(key, String(begun));
	}
	function stop() {
		took = clock;
		begun = null;
		localStorage.removeItem(key);
	}
</script>

<!-- How long a job takes: a clock that goes on while the page is closed, and fills in minutes and seconds. -->
<div class="flex items-center gap-3">
	<span class="font-display text-2xl tabular-nums" role="timer" aria-label="Time taken">{clock}</span>
	<span class="text-sm text-ink-2">of {time}</span>
	{#if begun === null}<Button onclick={start}>Start the clock</Button>{:else}<Button onclick={stop}
			>Stop the clock</Button
		>{/if}
</div>
