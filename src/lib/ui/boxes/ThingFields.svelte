<script lang="ts">
	import { lengthText, type System } from '$core/measure/index.ts';
	import type { ThingView } from '$lib/server/services/boxes/things.ts';
	import type { Failure } from '../field/failure.ts';
	import TextField from '../field/TextField.svelte';

	type Props = { one: ThingView | null; system: System; failure: Failure };
	let { one, system, failure }: Props = $props();
	const SIDES = [
		['length', 'Length'],
		['width', 'Width'],
		['height', 'Height']
	] as const;
	const FLAGS = [
		['upright', 'stays upright'],
		['fragile', 'fragile'],
		['soft', 'soft, fills gaps']
	] as const;
	const pounds = (kg: number) => String(system === 'metric' ? kg : Math.round((kg / 0.45359237) * 10) / 10);
</script>

<!-- How large and heavy a thing is, in the house's measures. -->
{#each SIDES as [name, label] (name)}
	<TextField
		label="{label}, {system === 'us' ? 'in' : 'cm'}"
		{name}
		value={one ? lengthText(one[name], system).replace(/ (?:in|cm)$/, '') : ''}
		look="!w-20"
		{failure}
	/>
{/each}
<TextField
	label="Weight, {system === 'us' ? 'lb' : 'kg'}"
	name="weight"
	inputmode="decimal"
	value={one ? pounds(one.kg) : ''}
	look="!w-20"
	{failure}
/>
<TextField
	label="How many"
	name="count"
	inputmode="numeric"
	value={String(one?.count ?? 1)}
	look="!w-20"
	{failure}
/>
{#each FLAGS as [name, label] (name)}
	<label class="flex min-h-11 items-center gap-2"
		><input type="checkbox" class="size-5" {name} checked={one?.[name] ?? false} />{label}</label
	>
{/each}
