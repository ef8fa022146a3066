<script lang="ts">
	import { enhance } from '$app/forms';
	import Check from '@lucide/svelte/icons/check';
	import Footprints from '@lucide/svelte/icons/footprints';
	import { saves } from '../forms/submit.ts';

	type Act = {
		id: string;
		kind: string;
		run: number;
		unitName: string;
		title: string;
		detail: string;
		when: string;
		verdict: string;
		keys: readonly string[];
		amount: string;
	};
	type Props = {
		acts: readonly Act[];
		/** Page whose actions serve the ticks. */
		action?: string;
		/** Names the unit on each act, where several are mixed. */
		named?: boolean;
	};
	let { acts, action = '', named = false }: Props = $props();

	const words: Record<string, { button: string; to: string }> = {
		buy: { button: 'Bought', to: 'got' },
		order: { button: 'Ordered', to: 'arrange' },
		ask: { button: 'Asked', to: 'arrange' },
		receive: { button: 'It is here', to: 'got' },
		prepare: { button: 'Prepared', to: 'prepared' }
	};
</script>

<ol class="divide-y divide-rule border-y border-rule">
	{#each acts as act (act.id)}
		<li class="flex items-center gap-3 py-2.5">
			{#if act.kind === 'walk'}
				<a
					href="/lists/walk?unit={act.run}"
					class="grid size-11 shrink-0 place-items-center rounded-[3px] border-2 border-ink text-ink hover:bg-ink hover:text-sheet"
					aria-label="Walk: {act.title}"
				>
					<Footprints size={20} aria-hidden="true" />
				</a>
			{:else}
				{@const word = words[act.kind]}
				<form method="post" action="{action}?/{word.to}" use:enhance={saves()}>
					<input type="hidden" name="keys" value={act.keys.join(' ')} />
					<input type="hidden" name="amount" value={act.amount} />
					<button
						class="group grid size-11 shrink-0 place-items-center rounded-[3px] border-2 border-ink hover:bg-ink"
						aria-label="{word.button}: {act.title}"
						title={word.button}
					>
						<Check
							size={22}
							class="text-rule group-hover:text-sheet group-focus-visible:text-ink"
							aria-hidden="true"
						/>
					</button>
				</form>
			{/if}
			<div class="min-w-0 flex-1">
				<p class="leading-snug font-semibold">{act.title}</p>
				<p class="text-sm leading-snug text-ink-2">
					{named ? `${act.unitName} · ` : ''}{act.detail}
				</p>
			</div>
			<p class="v-{act.verdict.replace(' ', '-')} max-w-28 text-right text-sm leading-tight font-semibold">
				{#if act.verdict === 'late' || act.verdict === 'at risk'}<span class="block">{act.verdict}</span
					>{/if}{act.when}
			</p>
		</li>
	{/each}
</ol>
