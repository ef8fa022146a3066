<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';
	import type { PageData } from '../../../routes/lists/shops/$types';

	type Props = { receipts: PageData['buying']['receipts']; toClaim: string };
	let { receipts, toClaim }: Props = $props();
</script>

<section aria-labelledby="receipts">
	<h2 id="receipts" class="mb-2 text-lg">Purchases</h2>
	<ul class="divide-y divide-rule border-y border-rule">
		{#each receipts as one (one.id)}<li class="flex flex-wrap items-center gap-x-4 py-1.5">
				<span class="min-w-48 flex-1"
					>{one.text}{#if one.back}<span class="block text-sm text-ink-2">{one.back}</span>{/if}</span
				><span>{one.paid}</span>
				{#if one.canGoBack}
					<form method="post" action="?/back" use:enhance={saves()} class="no-print">
						<input type="hidden" name="id" value={one.id} />
						<Button type="submit" size="small" look="quiet" aria-label="Returned: {one.text}">Returned</Button
						>
					</form>
				{/if}
				<form method="post" action="?/claim" use:enhance={saves()} class="no-print">
					<input type="hidden" name="id" value={one.id} />
					<input type="hidden" name="claim" value={one.toClaim ? '' : 'on'} />
					<Button
						type="submit"
						size="small"
						look={one.toClaim ? 'plain' : 'quiet'}
						aria-label="{one.toClaim ? 'Not reimbursable' : 'Mark reimbursable'}: {one.text}"
						>{one.toClaim ? 'Not reimbursable' : 'Mark reimbursable'}</Button
					>
				</form>
			</li>{/each}
	</ul>
	{#if toClaim}<p class="mt-2 font-semibold">
			{toClaim} to be reimbursed.
			<a class="no-print underline" href="/take-out/claims.csv" download>Download the list</a>
		</p>{/if}
</section>
