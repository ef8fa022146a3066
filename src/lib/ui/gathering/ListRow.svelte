<script lang="ts">
	import { standingText } from '$core/words/index.ts';
	import { enhance } from '$app/forms';
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import type { ListRow } from '$lib/server/services/gathering/list.ts';
	import Button from '../button/Button.svelte';
	import { saves } from '../device/submit.ts';
	import Tape from '../tape/Tape.svelte';

	type Props = { row: ListRow; isOpen: boolean; turn: () => void };
	let { row, isOpen, turn }: Props = $props();
</script>

<!-- A thing of the list: needed, at home and where, missing, by when. -->
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
			onclick={turn}
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
						? ' · reusable'
						: row.use === 'some'
							? ' · some of it'
							: ''}{row.cautions.length ? ' · caution' : ''}
				</span>
				{#if row.looks.length || row.problem}<span class="block text-sm font-semibold text-due"
						>check this</span
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
		{:else}<span class="text-sm text-ink-2 {row.has ? '' : 'hidden md:inline'}"
				>{row.has || (row.toLook ? 'no one has looked' : 'none')}</span
			>{/each}
	</td>
	<td class="pl-6 md:py-2.5 md:pl-0">
		{#if row.doWithout}<span class="text-sm">skipped</span>
		{:else if row.missing}<strong>{row.missing}</strong>
		{:else if row.toLook}<span>look for <strong>{row.toLook}</strong></span>
		{:else if row.arranged}<span class="text-sm">{row.arranged} on its way</span>
		{:else if row.verdict === 'done'}<span class="text-sm text-good">ready</span>
		{:else}<span class="text-sm text-ink-2">none</span>{/if}
	</td>
	<td class="v-{row.verdict.replace(' ', '-')} pl-6 text-sm font-semibold md:py-3 md:pl-0">
		{row.verdict === 'undated' ? 'no date' : standingText(row.verdict, row.when)}
	</td>
	<td class="col-span-2 pt-1.5 pl-6 md:py-2 md:pl-0 md:text-right">
		{#if row.missing && !row.doWithout}
			<form method="post" action="?/got" use:enhance={saves()}>
				<input type="hidden" name="keys" value={row.keys.join(' ')} />
				<input type="hidden" name="amount" value={row.missingAmount} />
				<Button size="small" type="submit" aria-label="Got it: {row.missing}">Got it</Button>
			</form>
		{:else if row.toLook && !row.doWithout}
			<form method="post" action="/lists/have?/answer" use:enhance={saves()}>
				<input type="hidden" name="item" value={row.item} />
				<input type="hidden" name="answer" value="have" />
				<Button size="small" type="submit" aria-label="Have it: {row.name}">Have it</Button>
			</form>
		{:else if row.has && row.said === 'enough'}
			<form method="post" action="/lists/have?/short" use:enhance={saves()}>
				<input type="hidden" name="item" value={row.item} />
				<Button size="small" type="submit" aria-label="Not enough: {row.name}">Not enough</Button>
			</form>
		{/if}
	</td>
</tr>
