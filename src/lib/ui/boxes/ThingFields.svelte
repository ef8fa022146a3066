<script lang="ts">
	import { lengthText, weightText, type System } from '$core/measure/index.ts';
	import type { ThingView } from '$lib/server/services/boxes/things.ts';
	import type { Failure } from '../field/failure.ts';
	import TextField from '../field/TextField.svelte';

	type Props = { one: ThingView | null; system: System; failure: Failure };
	let { one, system, failure }: Props = $props();
	const FLAGS = [
		['upright', 'stays upright'],
		['fragile', 'fragile'],
		['soft', 'soft, fills gaps'],
		['round', 'round']
	] as const;
	const size = $derived(
		one === null
			? ''
			: one.said.size ||
					`${[one.length, one.width, one.height]
						.map((mm) => lengthText(Math.round(mm), system).replace(/ (?:in|cm)$/, ''))
						.join(' × ')}`
	);
	const weight = $derived(one === null ? '' : one.said.weight || weightText(one.kg, system));
</script>

<!-- How large and heavy a thing is, as one would say it, in the house's measures or with its own. -->
<TextField
	label="Size, {system === 'us' ? 'in' : 'cm'}"
	name="size"
	value={failure?.typed?.size ?? size}
	placeholder={system === 'us' ? '12 x 9 1/2 x 3' : '30 × 22 × 5'}
	look="!w-44"
	{failure}
/>
<TextField
	label="Weight of one"
	name="weight"
	value={failure?.typed?.weight ?? weight}
	placeholder={system === 'us' ? '1 lb 8 oz' : '500 g'}
	look="!w-28"
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
