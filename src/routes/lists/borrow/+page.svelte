<script lang="ts">
	import { enhance } from '$app/forms';
	import Copy from '@lucide/svelte/icons/copy';
	import Button from '$lib/ui/button/Button.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import DateField from '$lib/ui/field/DateField.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import Sheet from '$lib/ui/shell/Sheet.svelte';
	import { sayNote } from '$lib/ui/toast/toast.ts';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const open = $derived(data.lists.flatMap((list) => list.rows).filter((row) => !row.promised).length);
	let asking = $state<string | null>(null);
	const words: Record<string, { ask: string; got: string }> = {
		borrowed: { ask: 'Asked', got: 'Got it' },
		gift: { ask: 'Asked', got: 'Got it' },
		free: { ask: '', got: 'Found' },
		made: { ask: '', got: 'Made' },
		'second-hand': { ask: '', got: 'Found' }
	};
	async function copy(text: string) {
		// Over http there is no clipboard; the text stands there to be marked.
		await navigator.clipboard?.writeText(text);
		sayNote('Copied');
	}
</script>

<svelte:head><title>Borrow, find, or make · Gather Bin</title></svelte:head>
<Sheet>
	<main>
		<h1 class="border-b-2 border-ink pb-3 text-[1.75rem]">Borrow, find, or make</h1>
		<p class="mt-4 max-w-3xl font-display text-xl leading-snug font-medium sm:text-2xl">
			{#if data.lists.length === 0}Nothing to borrow, find, or make right now.{:else if open === 0}You’ve
				asked for everything.{:else}{open}
				{open === 1 ? 'item' : 'items'} to get without buying new.{/if}
		</p>
		<div class="mt-6 grid gap-x-12 gap-y-8 lg:grid-cols-2">
			{#each data.lists as list, i (list.title)}
				<section aria-labelledby="list-{i}">
					<h2 id="list-{i}" class="border-b-2 border-ink pb-1 text-lg">{list.title}</h2>
					<ul class="divide-y divide-rule">
						{#each list.rows as row (row.keys)}
							<li class="py-2">
								<div class="flex flex-wrap items-center gap-x-3 gap-y-1">
									<span class="min-w-44 flex-1"
										><span class="font-semibold">{row.text}</span>
										<span class="block text-sm text-ink-2"
											>{[row.for, row.promised || row.when, row.atMost].filter(Boolean).join(' · ')}</span
										></span
									>
									{#if row.isBook}
										<form
											method="post"
											action="?/step"
											use:enhance={saves({ waits: `Asked: ${row.text}` })}
											class="no-print"
										>
											<input type="hidden" name="keys" value={row.keys} />
											<Button size="small" type="submit" aria-label="Asked: {row.text}">Asked</Button>
										</form>
									{:else}
										{#if words[list.rung].ask && !row.promised}
											<Button
												size="small"
												class="no-print"
												aria-expanded={asking === row.keys}
												aria-label="{words[list.rung].ask}: {row.text}"
												onclick={() => (asking = asking === row.keys ? null : row.keys)}
												>{words[list.rung].ask}</Button
											>
										{/if}
										<form
											method="post"
											action="?/got"
											use:enhance={saves({ waits: `${words[list.rung].got}: ${row.text}` })}
											class="no-print"
										>
											<input type="hidden" name="keys" value={row.keys} />
											<input type="hidden" name="amount" value={row.amount} />
											<Button
												size="small"
												look="quiet"
												type="submit"
												aria-label="{words[list.rung].got}: {row.text}">{words[list.rung].got}</Button
											>
										</form>
										{#if !row.promised}
											<form
												method="post"
												action="?/next"
												use:enhance={saves({ waits: `Can’t get it: ${row.text}` })}
												class="no-print"
											>
												<input type="hidden" name="keys" value={row.keys} />
												<Button size="small" look="quiet" type="submit" aria-label="Can’t get it: {row.text}"
													>Can’t get it</Button
												>
											</form>
										{/if}
									{/if}
								</div>
								{#if asking === row.keys}
									<form
										method="post"
										action="?/arrange"
										use:enhance={saves({
											done: () => (asking = null),
											waits: `${words[list.rung].ask}: ${row.text}`
										})}
										class="no-print mt-2 flex items-end gap-3"
									>
										<input type="hidden" name="keys" value={row.keys} />
										{#if list.rung === 'gift' && row.occasions.length}
											<SelectField
												label="Occasion"
												name="promised"
												options={[...row.occasions, { value: '', label: 'No date yet' }]}
												value={row.occasions[0].value}
												{failure}
											/>
										{:else}
											<DateField label="Expected by (optional)" name="promised" {failure} />
										{/if}
										<Button type="submit" class="shrink-0">Save</Button>
									</form>
								{/if}
							</li>
						{/each}
					</ul>
					{#if list.message}
						<details class="no-print mt-2 text-sm">
							<summary class="cursor-pointer font-semibold">As a message</summary>
							<pre class="mt-1 border-l-4 border-rule pl-3 font-sans whitespace-pre-wrap">{list.message}</pre>
							<Button size="small" look="quiet" onclick={() => copy(list.message)}
								><Copy size={16} aria-hidden="true" /> Copy</Button
							>
						</details>
					{/if}
				</section>
			{:else}
				<EmptyState title="Try friends first">
					<p>
						On a supply list, open a missing item and choose how to get it: borrow, find free, make, gift, or
						buy used. It shows up here, by person.
					</p>
					{#snippet act()}<Button look="main" href="/units">Open a unit</Button>{/snippet}
				</EmptyState>
			{/each}
		</div>
	</main>
</Sheet>
