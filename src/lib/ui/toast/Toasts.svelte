<script lang="ts">
	import { onMount } from 'svelte';
	import { Toaster } from 'svelte-sonner';
	import { stepAside } from './toast.ts';

	/** A page that still moves is waited for. */
	const STILL_MS = 150;
	onMount(() => {
		let waiting: ReturnType<typeof setTimeout> | undefined;
		const moved = () => {
			clearTimeout(waiting);
			waiting = setTimeout(stepAside, STILL_MS);
		};
		window.addEventListener('scroll', moved, { passive: true });
		window.addEventListener('resize', moved);
		return () => {
			clearTimeout(waiting);
			window.removeEventListener('scroll', moved);
			window.removeEventListener('resize', moved);
		};
	});
</script>

<div class="no-print">
	<Toaster
		closeButton={false}
		containerAriaLabel="Messages"
		offset={{ bottom: '1.25rem', top: '1.25rem' }}
		mobileOffset={{ top: '0.5rem' }}
		toastOptions={{
			unstyled: true,
			classes: {
				toast:
					'!font-text flex w-full items-center gap-4 rounded-[3px] bg-tape px-4 py-3 text-white shadow-xl',
				title: 'font-semibold',
				actionButton:
					'ml-auto shrink-0 rounded-[3px] border border-white/60 px-3 py-1.5 font-semibold hover:bg-white hover:text-tape',
				error: 'border-l-8 border-l-[#ff9d85]'
			}
		}}
	/>
</div>
