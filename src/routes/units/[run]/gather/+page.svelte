<script lang="ts">
	import DateField from '$lib/ui/field/DateField.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { enhance } from '$app/forms';
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import Button from '$lib/ui/button/Button.svelte';
	import CautionNote from '$lib/ui/caution/CautionNote.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import Sentence from '$lib/ui/sentence/Sentence.svelte';
	import LineEditor from '$lib/ui/supply-line/LineEditor.svelte';
	import Tape from '$lib/ui/tape/Tape.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const base = $derived(`/units/${data.unit.id}`);
	let open = $state<string | null>(null);
	let editing = $state<(typeof data.lines)[number] | null>(null);
	let editorOpen = $state(false);
	let show = $state<'all' | 'missing' | 'home'>('all');

	const openLessons = $derived(data.lessons.filter((lesson) => !lesson.booked));
	const lessonOptions = $derived(
		openLessons.map((lesson) => ({ value: String(lesson.id), label: `${lesson.number} ${lesson.title}` }))
	);
	const shown = $derived(
		data.list.rows.filter(
			(row) =>
				show === 'all' ||
				(show === 'missing'
					? row.missing !== null && !row.doWithout
					: row.missing === null && row.verdict !== 'done')
		)
	);
	const linesOf = (row: (typeof data.list.rows)[number]) => {
		const ids = new Set(row.keys.map((key) => Number(key.split('/')[2])));
		return data.lines.filter((line) => ids.has(line.id));
	};
	const filters = $derived([
		{ value: 'all' as const, label: `All ${data.list.counts.all}` },
		{ value: 'missing' as const, label: `Missing ${data.list.counts.missing}` },
		{ value: 'home' as const, label: `To fetch ${data.list.counts.atHome}` }
	]);
</script>

<svelte:head><title>Gather · {data.unit.name} · Gather Bin</title></svelte:head>

<div class="flex flex-wrap items-start justify-between gap-x-8 gap-y-4">
	<Sentence sentence={data.sentence} />
	<div class="no-print flex gap-2">
		{#if data.list.counts.atHome}<Button href="/lists/walk?unit={data.unit.id}" look="main"
				>Walk the house</Button
			>{/if}
		{#if data.lessons.length}<Button href="{base}/gather/paste" look={data.list.counts.all ? 'plain' : 'main'}
				>Paste a list</Button
			>{/if}
	</div>
</div>

{#if data.lessons.length === 0}
	<div class="mt-6">
		<EmptyState title="Lessons first">
			<p>
				Supplies belong to lessons. Type their titles on Plan; a pasted list finds them by number or name.
			</p>
			{#snippet act()}<Button look="main" href="{base}/plan">Add the lessons</Button>{/snippet}
		</EmptyState>
	</div>
{:else}
	{#if data.list.counts.all === 0}
		<div class="mt-6">
			<EmptyState title="Nothing is listed yet">
				<p>
					Paste the supply list as your book prints it, headings and all. You see how each line was read
					before anything is kept.
				</p>
				{#snippet act()}<Button look="main" href="{base}/gather/paste">Paste a list</Button>{/snippet}
			</EmptyState>
		</div>
	{:else}
		<div class="no-print mt-6 flex flex-wrap items-center gap-x-6 gap-y-2">
			<div role="group" aria-label="Show" class="flex border-b-2 border-ink">
				{#each filters as filter (filter.value)}
					<button
						type="button"
						aria-pressed={show === filter.value}
						onclick={() => (show = filter.value)}
						class="min-h-10 px-3 font-semibold text-ink-2 aria-pressed:bg-ink aria-pressed:text-sheet"
						>{filter.label}</button
					>
				{/each}
			</div>
			{#if data.list.counts.looks}<p class="text-sm font-semibold text-due">
					{data.list.counts.looks} want a look
				</p>{/if}
		</div>

		<h2 class="sr-only">The list</h2>
		<table class="mt-3 w-full border-collapse text-left [&_td]:[overflow-wrap:anywhere]">
			<thead class="hidden border-b border-ink text-sm md:table-header-group">
				<tr>
					<th class="w-[30%] py-2 font-semibold">Thing</th>
					<th class="w-24 py-2 text-right font-semibold">Needed</th>
					<th class="py-2 pl-6 font-semibold">At home</th>
					<th class="w-40 py-2 font-semibold">Missing</th>
					<th class="w-36 py-2 font-semibold">By when</th>
					<th class="w-28 py-2"><span class="sr-only">Act</span></th>
				</tr>
			</thead>
			<tbody>
				{#each shown as row (row.id)}
					{@const isOpen = open === row.id}
					<tr
						class="grid grid-cols-[1fr_auto] gap-x-3 border-b border-rule py-2 align-top md:table-row md:py-0 {row.doWithout
							? 'text-ink-2'
							: ''}"
					>
						<td class="md:py-2.5 md:pr-4">
							<button
								type="button"
								class="group flex items-start gap-1.5 text-left"
								aria-expanded={isOpen}
								onclick={() => (open = isOpen ? null : row.id)}
							>
								<ChevronDown
									size={18}
									class="mt-1 shrink-0 text-ink-2 transition-transform {isOpen ? '' : '-rotate-90'}"
									aria-hidden="true"
								/>
								<span>
									<span class="font-semibold {row.doWithout ? 'line-through' : ''}">{row.name}</span>
									{#if row.optional}<span class="text-sm text-ink-2"> optional</span>{/if}
									<span class="block text-sm text-ink-2">
										{row.lessons.length === 1 ? 'lesson' : 'lessons'}
										{[...new Set(row.lessons.map((lesson) => lesson.number))].join(', ')}{row.use === 'kept'
											? ' · kept'
											: ''}{row.cautions.length ? ' · caution' : ''}
									</span>
									{#if row.looks.length || row.problem}<span class="block text-sm font-semibold text-due"
											>wants a look</span
										>{/if}
								</span>
							</button>
						</td>
						<td class="text-right whitespace-nowrap md:py-2.5">{row.needed}</td>
						<td class="col-span-2 pl-6 md:py-2.5">
							{#each row.places as place, i (i)}
								<span class="mr-2 mb-1 inline-flex items-baseline gap-1.5 whitespace-nowrap"
									><Tape
										text={place.place.split(' › ').slice(-2).join(' › ')}
										look={place.collected ? 'box' : 'tape'}
									/><span class="text-sm">{place.amount}</span></span
								>
							{:else}<span class="hidden text-sm text-ink-2 md:inline">none</span>{/each}
						</td>
						<td class="pl-6 md:py-2.5 md:pl-0">
							{#if row.doWithout}<span class="text-sm">doing without</span>
							{:else if row.missing}<strong>{row.missing}</strong>
							{:else if row.arranged}<span class="text-sm">{row.arranged} on its way</span>
							{:else if row.verdict === 'done'}<span class="text-sm text-good">in hand</span>
							{:else}<span class="text-sm text-ink-2">nothing</span>{/if}
						</td>
						<td class="v-{row.verdict.replace(' ', '-')} pl-6 text-sm font-semibold md:py-3 md:pl-0">
							{row.verdict === 'undated'
								? 'no date'
								: row.verdict === 'late' || row.verdict === 'at risk'
									? `${row.verdict}: ${row.when}`
									: row.when}
						</td>
						<td class="col-span-2 pt-1.5 pl-6 md:py-2 md:pl-0 md:text-right">
							{#if row.missing && !row.doWithout}
								<form method="post" action="?/got" use:enhance={saves()}>
									<input type="hidden" name="keys" value={row.keys.join(' ')} />
									<input type="hidden" name="amount" value={row.missingAmount} />
									<Button size="small" type="submit" aria-label="Bought: {row.missing}">Bought</Button>
								</form>
							{/if}
						</td>
					</tr>
					{#if isOpen}
						<tr class="block border-b border-rule bg-lined md:table-row">
							<td colspan="6" class="block px-4 py-4 md:table-cell md:px-8">
								<div class="grid gap-6 lg:grid-cols-2">
									<div class="space-y-3">
										<div>
											<h3 class="text-sm">Why this number</h3>
											<ul class="mt-1 space-y-0.5 text-sm">
												{#each row.why as reason, i (i)}<li>{reason}</li>{/each}
											</ul>
										</div>
										{#if row.problem}<p class="text-sm font-semibold text-due">{row.problem}</p>{/if}
										{#if row.instead.length}
											<div>
												<h3 class="text-sm">Instead of it</h3>
												{#each row.instead as other, i (i)}
													<form
														method="post"
														action="?/instead"
														use:enhance={saves()}
														class="mt-1 flex items-center justify-between gap-3 text-sm"
													>
														<input type="hidden" name="keys" value={row.keys.join(' ')} />
														<input type="hidden" name="name" value={other.name} />
														<span><strong>{other.amount}</strong>, {other.why}</span>
														<Button size="small" type="submit" aria-label="Take {other.amount}"
															>Take that</Button
														>
													</form>
												{/each}
											</div>
										{/if}
										{#if data.shares[row.item]}
											<div>
												<h3 class="text-sm">Who gets what is at home</h3>
												<ul class="mt-1 divide-y divide-rule">
													{#each data.shares[row.item] as share (share.line)}
														<li class="flex items-center justify-between gap-3 py-1 text-sm">
															<span
																>{share.who}:
																<span class={share.isShort ? 'text-due' : ''}>{share.gets}</span></span
															>
															<form method="post" action="?/claim" use:enhance={saves()}>
																<input type="hidden" name="line" value={share.line} />
																<input type="hidden" name="claim" value={share.claim ? '' : 'first'} />
																<Button
																	size="small"
																	look={share.claim ? 'plain' : 'quiet'}
																	type="submit"
																	aria-label="{share.claim ? 'By its day again' : 'First'}: {share.who}"
																	>{share.claim ? 'By its day again' : 'Serve first'}</Button
																>
															</form>
														</li>
													{/each}
												</ul>
											</div>
										{/if}
										{#each row.cautions as caution, i (i)}<CautionNote {...caution} />{/each}
										<div>
											<h3 class="text-sm">As the book prints it</h3>
											<ul class="mt-1">
												{#each linesOf(row) as line (line.id)}
													<li class="flex items-baseline gap-3 text-sm">
														<span>“{line.written}”</span>
														<button
															type="button"
															class="font-semibold underline decoration-2 underline-offset-4"
															onclick={() => ((editing = line), (editorOpen = true))}>Change</button
														>
													</li>
												{/each}
											</ul>
										</div>
									</div>
									<div class="space-y-4">
										{#if row.missing}
											<form
												method="post"
												action="?/source"
												use:enhance={saves()}
												class="flex items-end gap-2"
											>
												<input type="hidden" name="keys" value={row.keys.join(' ')} />
												<SelectField
													label="Get it from"
													name="source"
													class="flex-1"
													options={data.sources}
													value={row.source}
													{failure}
												/>
												<Button type="submit">Change</Button>
											</form>
											{#if row.next}
												<form
													method="post"
													action="?/next"
													use:enhance={saves()}
													class="flex items-center justify-between gap-3"
												>
													<input type="hidden" name="keys" value={row.keys.join(' ')} />
													<span class="text-sm">Not to be had there? Then {row.next}.</span>
													<Button size="small" type="submit" aria-label="Not there, {row.next}: {row.name}"
														>Not there</Button
													>
												</form>
											{/if}
											<form method="post" action="?/got" use:enhance={saves()} class="flex items-end gap-2">
												<input type="hidden" name="keys" value={row.keys.join(' ')} />
												<TextField
													label="Got a different amount ({row.unit})"
													name="amount"
													class="flex-1"
													{failure}
												/>
												<Button type="submit">Got it</Button>
											</form>
											<form
												method="post"
												action="?/arrange"
												use:enhance={saves()}
												class="flex items-start gap-2"
											>
												<input type="hidden" name="keys" value={row.keys.join(' ')} />
												<DateField
													label="On its way, promised for"
													name="promised"
													class="flex-1"
													{failure}
												/>
												<Button type="submit" class="mt-6">On its way</Button>
											</form>
										{/if}
										<form method="post" action="?/without" use:enhance={saves()}>
											<input type="hidden" name="keys" value={row.keys.join(' ')} />
											<Button
												type="submit"
												look="plain"
												name="without"
												value={row.doWithout ? 'false' : 'true'}
												>{row.doWithout ? 'We want it after all' : 'Do without'}</Button
											>
										</form>
									</div>
								</div>
							</td>
						</tr>
					{/if}
				{:else}
					<tr><td colspan="6" class="py-4 text-ink-2">Nothing of that kind.</td></tr>
				{/each}
			</tbody>
		</table>
	{/if}

	{#if data.things > data.list.rows.length}
		<p class="no-print mt-4">
			<Button href="?show=all" data-sveltekit-noscroll>Show all {data.things} things</Button>
		</p>
	{/if}

	<form
		method="post"
		action="?/add"
		use:enhance={saves({ reset: true })}
		class="no-print mt-6 flex flex-wrap items-end gap-3"
	>
		<TextField
			label="One more line, as you would say it"
			name="text"
			class="min-w-64 flex-[2]"
			placeholder="12 craft sticks per child"
			value={failure?.typed?.text ?? ''}
			{failure}
		/>
		<SelectField
			label="For lesson"
			name="lesson"
			class="min-w-48 flex-1"
			options={lessonOptions}
			value={lessonOptions[0]?.value ?? ''}
			{failure}
		/>
		<Button type="submit">Add line</Button>
	</form>
{/if}

<Dialog bind:open={editorOpen} title="Supply line">
	{#if editing}
		<LineEditor
			line={editing}
			items={data.items}
			children={data.children}
			{failure}
			done={() => (editorOpen = false)}
		/>
	{/if}
</Dialog>
