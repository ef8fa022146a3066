<script lang="ts" generics="Line extends { readonly id: number; readonly written: string }">
	import { enhance } from '$app/forms';
	import type { ListRow } from '$lib/server/services/gathering/list.ts';
	import type { Share } from '$lib/server/services/gathering/who-gets.ts';
	import Button from '../button/Button.svelte';
	import CautionNote from '../caution/CautionNote.svelte';
	import { saves } from '../device/submit.ts';
	import DateField from '../field/DateField.svelte';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import type { Failure } from '../field/failure.ts';

	type Props = {
		row: ListRow;
		/** Who gets what of it, where it is not enough for all. */
		shares: readonly Share[];
		/** Its lines as the book prints them. */
		lines: readonly Line[];
		sources: readonly { value: string; label: string }[];
		failure: Failure;
		change: (line: Line) => void;
	};
	let { row, shares, lines, sources, failure, change }: Props = $props();
	const UNKNOWN = [
		{ to: 'answer', answer: 'have', label: 'Have it' },
		{ to: 'answer', answer: 'look', label: 'Look' },
		{ to: 'answer', answer: 'none', label: 'Don’t have it' }
	] as const;
	const KNOWN = [
		{ to: 'short', answer: '', label: 'Not enough' },
		{ to: 'gone', answer: '', label: 'Used up' },
		{ to: 'answer', answer: 'look', label: 'Look' }
	] as const;
</script>

<!-- What stands behind a row of the list: why, what else there is, and what can be decided. -->
<div class="grid gap-6 lg:grid-cols-2">
	<div class="space-y-3">
		<div>
			<h3 class="text-sm">Why this amount</h3>
			<ul class="mt-1 space-y-0.5 text-sm">
				{#each row.why as reason, i (i)}<li>{reason}</li>{/each}
			</ul>
		</div>
		{#if row.problem}<p class="text-sm font-semibold text-due">{row.problem}</p>{/if}
		{#if row.instead.length}
			<div>
				<h3 class="text-sm">Substitutes</h3>
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
						<Button size="small" type="submit" aria-label="Use {other.amount}">Use that</Button>
					</form>
				{/each}
			</div>
		{/if}
		{#if shares.length}
			<div>
				<h3 class="text-sm">Who gets what we have</h3>
				<ul class="mt-1 divide-y divide-rule">
					{#each shares as share (share.line)}
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
									aria-label="{share.claim ? 'Back to date order' : 'Goes first'}: {share.who}"
									>{share.claim ? 'Back to date order' : 'Goes first'}</Button
								>
							</form>
						</li>
					{/each}
				</ul>
			</div>
		{/if}
		{#each row.cautions as caution, i (i)}<CautionNote {...caution} />{/each}
		<div>
			<h3 class="text-sm">From the book</h3>
			<ul class="mt-1">
				{#each lines as line (line.id)}
					<li class="flex items-baseline gap-3 text-sm">
						<span>“{line.written}”</span>
						<button
							type="button"
							class="font-semibold underline decoration-2 underline-offset-4"
							onclick={() => change(line)}>Edit</button
						>
					</li>
				{/each}
			</ul>
		</div>
	</div>
	<div class="space-y-4">
		{#if row.toLook || row.has}
			<div>
				<h3 class="text-sm">Do we have it?</h3>
				<div class="mt-1 flex flex-wrap gap-2">
					{#each row.has ? KNOWN : UNKNOWN as choice (choice.label)}
						<form method="post" action="/lists/have?/{choice.to}" use:enhance={saves()}>
							<input type="hidden" name="item" value={row.item} />
							<input type="hidden" name="answer" value={choice.answer} />
							<Button size="small" type="submit" aria-label="{choice.label}: {row.name}"
								>{choice.label}</Button
							>
						</form>
					{/each}
				</div>
			</div>
		{/if}
		{#if row.missing}
			<form method="post" action="?/source" use:enhance={saves()} class="flex items-end gap-2">
				<input type="hidden" name="keys" value={row.keys.join(' ')} />
				<SelectField
					label="Get it from"
					name="source"
					class="flex-1"
					options={sources}
					value={row.source}
					{failure}
				/>
				<Button type="submit">Save source</Button>
			</form>
			{#if row.next}
				<form
					method="post"
					action="?/next"
					use:enhance={saves()}
					class="flex items-center justify-between gap-3"
				>
					<input type="hidden" name="keys" value={row.keys.join(' ')} />
					<span class="text-sm">Can’t get it there? Next: {row.next}.</span>
					<Button size="small" type="submit" aria-label="Can’t get it, {row.next}: {row.name}"
						>Can’t get it</Button
					>
				</form>
			{/if}
			<form method="post" action="?/got" use:enhance={saves()} class="flex items-end gap-2">
				<input type="hidden" name="keys" value={row.keys.join(' ')} />
				<TextField
					label="Got a different amount{row.unit === 'each' ? '' : ` (${row.unit})`}"
					name="amount"
					class="flex-1"
					{failure}
				/>
				<Button type="submit">Got it</Button>
			</form>
			<form method="post" action="?/arrange" use:enhance={saves()} class="flex items-start gap-2">
				<input type="hidden" name="keys" value={row.keys.join(' ')} />
				<DateField label="On its way, expected on" name="promised" class="flex-1" {failure} />
				<Button type="submit" class="mt-6">Save</Button>
			</form>
		{/if}
		<form method="post" action="?/without" use:enhance={saves()}>
			<input type="hidden" name="keys" value={row.keys.join(' ')} />
			<Button type="submit" look="plain" name="without" value={row.doWithout ? 'false' : 'true'}
				>{row.doWithout ? 'Need it after all' : 'Skip it'}</Button
			>
		</form>
	</div>
</div>
