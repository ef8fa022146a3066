<script lang="ts">
	import { Toaster } from 'svelte-sonner';
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
