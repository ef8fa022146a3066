<script lang="ts">
	import { enhance } from '$app/forms';
	import ArrowRight from '@lucide/svelte/icons/arrow-right';
	import BookOpen from '@lucide/svelte/icons/book-open';
	import Check from '@lucide/svelte/icons/check';
	import Footprints from '@lucide/svelte/icons/footprints';
	import Printer from '@lucide/svelte/icons/printer';
	import Scissors from '@lucide/svelte/icons/scissors';
	import Search from '@lucide/svelte/icons/search';
	import { page } from '$app/state';
	import type { ActKind } from '$core/readiness/index.ts';
	import { standingText } from '$core/words/index.ts';
	import type { Act } from '$core/account/index.ts';
	import { saves } from '../device/submit.ts';

	type Props = {
		acts: readonly Act[];
		/** Page whose actions serve the ticks. */
		action?: string;
		/** Names the unit on each act, where several are mixed. */
		named?: boolean;
	};
	let { acts, action = '', named = false }: Props = $props();

	const adults = $derived([
		{ id: '' as number | '', name: 'anyone' },
		...((page.data.adults as { id: number; name: string }[] | undefined) ?? [])
	]);

	/** What is done on a page of its own. */
	const OPENS = {
		walk: { button: 'Gather', icon: Footprints },
		run: { button: 'Print', icon: Printer },
		sit: { button: 'Start', icon: Scissors },
		choose: { button: 'Choose', icon: BookOpen },
		'set out': { button: 'Open', icon: ArrowRight }
	} as const;
	const opens = (kind: ActKind): kind is keyof typeof OPENS => kind in OPENS;

	const words: Record<Exclude<ActKind, keyof typeof OPENS | 'look'>, { button: string; to: string }> = {
		buy: { button: 'Bought', to: 'got' },
		order: { button: 'Ordered', to: 'arrange' },
		ask: { button: 'Asked', to: 'arrange' },
		hold: { button: 'Placed', to: 'arrange' },
		make: { button: 'Made', to: 'got' },
		free: { button: 'Found', to: 'got' },
		used: { button: 'Found', to: 'got' },
		wish: { button: 'Asked', to: 'arrange' },
		receive: { button: 'Got it', to: 'got' },
		prepare: { button: 'Prepped', to: 'prepared' },
		job: { button: 'Done', to: 'job' },
		begin: { button: 'Started', to: 'step' },
		print: { button: 'Printed', to: 'step' },
		finish: { button: 'Done', to: 'step' },
		check: { button: 'Ready', to: 'step' },
		place: { button: 'Placed', to: 'step' },
		'ask for': { button: 'Asked', to: 'step' },
		get: { button: 'Bought', to: 'step' },
		'pick up': { button: 'Picked up', to: 'step' },
		renew: { button: 'Renewed', to: 'step' },
		'ask back': { button: 'Got it', to: 'step' },
		preview: { button: 'Previewed', to: 'step' },
		return: { button: 'Returned', to: 'step' },
		follow: { button: 'Move it', to: 'follow' }
	};
</script>

<ol class="@container divide-y divide-rule border-y border-rule">
	{#each acts as act (act.id)}
		<li class="flex flex-wrap items-center gap-x-3 gap-y-1 py-2.5 @lg:flex-nowrap">
			{#if opens(act.kind)}
				{@const open = OPENS[act.kind]}
				<a
					href={act.href}
					class="flex min-h-11 w-11 shrink-0 items-center justify-center gap-1.5 rounded-[3px] border-2 border-ink text-sm font-semibold text-ink no-underline hover:bg-ink hover:text-sheet @lg:w-26"
					aria-label="{open.button}: {act.title}"
				>
					<open.icon size={18} aria-hidden="true" /><span class="hidden @lg:inline">{open.button}</span>
				</a>
			{:else if act.kind === 'look'}
				<a
					href={act.href}
					class="flex min-h-11 w-11 shrink-0 items-center justify-center gap-1.5 rounded-[3px] border-2 border-ink text-sm font-semibold text-ink no-underline hover:bg-ink hover:text-sheet @lg:w-26"
					aria-label="Look: {act.title}"
				>
					<Search size={18} aria-hidden="true" /><span class="hidden @lg:inline">Look</span>
				</a>
			{:else}
				{@const word = words[act.kind]}
				<form
					method="post"
					action="{action}?/{word.to}"
					use:enhance={saves({ waits: `${word.button}: ${act.title}` })}
				>
					<input type="hidden" name="keys" value={act.keys.join(' ')} />
					<input type="hidden" name="amount" value={act.amount} />
					<button
						class="flex min-h-11 w-11 shrink-0 items-center justify-center gap-1.5 rounded-[3px] border-2 border-ink text-sm font-semibold hover:bg-ink hover:text-sheet @lg:w-26"
						aria-label="{word.button}: {act.title}"
					>
						<Check size={18} aria-hidden="true" /><span class="hidden @lg:inline">{word.button}</span>
					</button>
				</form>
			{/if}
			<div class="min-w-48 flex-1">
				<p class="leading-snug font-semibold">{act.title}</p>
				<p class="text-sm leading-snug text-ink-2">
					{named ? `${act.unitName} · ` : ''}{act.detail}
				</p>
				{#if act.parts.length}
					<details>
						<summary
							class="min-h-11 w-fit cursor-pointer content-center text-sm font-semibold text-ink-2 underline decoration-rule decoration-2 underline-offset-4 hover:text-ink"
							>Not all of it</summary
						>
						<ul class="divide-y divide-rule border-t border-rule">
							{#each act.parts as part (part.title)}
								{@const done = words[act.kind as keyof typeof words]}
								<li class="flex flex-wrap items-center justify-between gap-x-3">
									<span>{part.title}</span>
									<span class="flex gap-x-4">
										{#each [{ to: done.to, label: done.button, source: null }, ...part.ways] as way (way.to)}
											<form
												method="post"
												action="{action}?/{way.to}"
												use:enhance={saves({ waits: `${way.label}: ${part.title}` })}
											>
												<input type="hidden" name="keys" value={part.keys.join(' ')} />
												{#if way.source !== null}<input type="hidden" name="source" value={way.source} />{/if}
												{#if way.to === 'without'}<input type="hidden" name="without" value="true" />{/if}
												{#if way.to === 'got'}<input type="hidden" name="amount" value={part.amount} />{/if}
												<button
													class="min-h-11 text-sm font-semibold text-ink-2 underline decoration-rule decoration-2 underline-offset-4 hover:text-ink"
													aria-label="{way.label}: {part.title}">{way.label}</button
												>
											</form>
										{/each}
									</span>
								</li>
							{/each}
						</ul>
					</details>
				{/if}
				{#if act.ways.length}
					<div class="flex flex-wrap gap-x-4">
						{#each act.ways as way (way.to)}
							<form
								method="post"
								action="{action}?/{way.to}"
								use:enhance={saves({ waits: `${way.label}: ${act.title}` })}
							>
								<input type="hidden" name="keys" value={act.keys.join(' ')} />
								{#if way.source !== null}<input type="hidden" name="source" value={way.source} />{/if}
								{#if way.to === 'without'}<input type="hidden" name="without" value="true" />{/if}
								<button
									class="min-h-11 text-sm font-semibold text-ink-2 underline decoration-rule decoration-2 underline-offset-4 hover:text-ink"
									aria-label="{way.label}: {act.title}">{way.label}</button
								>
							</form>
						{/each}
					</div>
				{/if}
			</div>
			<div class="flex w-full items-center justify-between gap-3 pl-14 @lg:w-auto @lg:pl-0">
				<p
					class="v-{act.verdict.replace(
						' ',
						'-'
					)} text-sm leading-tight font-semibold @lg:max-w-36 @lg:text-right"
				>
					{standingText(act.verdict, act.when)}
				</p>
				{#if adults.length > 2 && !['return', 'look', 'sit', 'choose', 'set out', 'follow', 'job'].includes(act.kind)}
					<form method="post" action="{action}?/give" use:enhance={saves()} class="shrink-0">
						<input type="hidden" name="keys" value={act.keys.join(' ')} />
						<select
							name="person"
							aria-label="Who does it: {act.title}"
							value={act.doer ?? ''}
							onchange={(event) => event.currentTarget.form?.requestSubmit()}
							class="min-h-9 max-w-24 border-b border-edge bg-transparent text-sm {act.doer === null
								? 'text-ink-2'
								: 'font-semibold'}"
						>
							{#each adults as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
						</select>
						<noscript><button class="text-sm font-semibold underline">Give</button></noscript>
					</form>
				{/if}
			</div>
		</li>
	{/each}
</ol>
