<script lang="ts">
	import { enhance } from '$app/forms';
	import { afterJam } from '$core/print/index.ts';
	import { counted } from '$core/words/index.ts';
	import type { PassView } from '$lib/server/services/print/run-view.ts';
	import { saves } from '../device/submit.ts';
	import Button from '../button/Button.svelte';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import PrintFile from './PrintFile.svelte';

	type Props = { passes: readonly PassView[]; file: string };
	let { passes, file }: Props = $props();
	let chosen = $state('');
	let jammed = $state('');
	let until = $state('');

	const pass = $derived(passes.find((one) => one.pass === chosen) ?? passes.at(-1)!);
	const all = $derived(pass.order.length);
	const whole = (text: string) => (/^\d+$/.test(text.trim()) ? Number(text) : null);
	const at = $derived(whole(jammed));
	const to = $derived(until.trim() === '' ? all : whole(until));
	const problem = $derived(
		jammed.trim() === ''
			? ''
			: at === null || at < 1 || to === null || to > all || at > all
				? `There are ${counted(all, 'sheet')} in this pass: count from 1 to ${all}, as they go in.`
				: to < at
					? `Enter the sheets in their order: from ${to} to ${at}.`
					: ''
	);
	const again = $derived(at !== null && !problem ? afterJam(pass.order, pass.pass, at) : null);
	const what = $derived(pass.pass === 'back' ? 'backs' : pass.pass === 'front' ? 'fronts' : 'sheets');
</script>

<!-- What is printed again after a jam, and what stays as it came out. Sheets are counted as they go in. -->
<div class="flex flex-wrap items-end gap-3">
	{#if passes.length > 1}
		<SelectField
			label="It jammed in the"
			name="pass"
			options={passes.map((one) => ({ value: one.pass, label: one.pass === 'front' ? 'fronts' : 'backs' }))}
			bind:value={() => chosen || pass.pass, (value) => (chosen = value)}
			class="w-32"
		/>
	{/if}
	<TextField
		label="From sheet"
		name="from"
		inputmode="numeric"
		placeholder="6"
		bind:value={jammed}
		class="w-24"
	/>
	<TextField
		label="to sheet"
		name="to"
		inputmode="numeric"
		placeholder={String(all)}
		bind:value={until}
		class="w-24"
	/>
</div>
<p class="mt-1 text-sm text-ink-2">Count the sheets as they go in; the one that jammed is the first.</p>
{#if problem}<p class="mt-1 font-semibold text-late" role="alert">{problem}</p>{/if}
{#if again && at !== null && to !== null}
	<ol class="mt-2 list-decimal space-y-2 pl-6">
		{#if again.frontOf !== null}
			<li>
				Print the front of sheet {again.frontOf} again, and lay it on the pile in your hand, where it goes in next.
				<span class="mt-1 block"
					><PrintFile
						href="{file}?sides=front&sheet={again.frontOf}"
						label="Front of sheet {again.frontOf}"
					/></span
				>
			</li>
		{/if}
		<li>
			Print the {what} from sheet {again.from}{to < all ? ` to ${to}` : ' on'}.
			<span class="mt-1 block"
				><PrintFile
					href="{file}?sides={pass.pass}&from={again.from}&to={to}"
					label="{what === 'sheets' ? 'Sheets' : what === 'backs' ? 'Backs' : 'Fronts'} {again.from} to {to}"
				/></span
			>
		</li>
	</ol>
	{#if at > 1 && pass.pass !== 'front'}
		<form
			method="post"
			action="?/cameOut"
			use:enhance={saves({ done: () => (jammed = until = '') })}
			class="mt-2"
		>
			<input type="hidden" name="sides" value={pass.pass} />
			<input type="hidden" name="from" value="1" />
			<input type="hidden" name="to" value={at - 1} />
			<Button type="submit" size="small"
				>{at === 2 ? 'The first one is fine: keep it' : `The first ${at - 1} are fine: keep them`}</Button
			>
		</form>
	{/if}
{/if}
