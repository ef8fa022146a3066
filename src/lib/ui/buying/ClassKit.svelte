<script lang="ts">
	import { counted, money } from '$core/words/index.ts';
	import { kitOrSingles } from '$core/gathering/index.ts';
	import { CoreError } from '$core/error.ts';

	type Props = { children: number };
	let { children }: Props = $props();
	let classPrice = $state('');
	let classSize = $state('25');
	let singlePrice = $state('');
	let runs = $state('');
	const typed = (text: string) => (text.trim() === '' ? NaN : Number(text.replace(',', '.')));
	const counts = $derived(
		(runs || String(children))
			.split(/[,;\s]+/)
			.filter(Boolean)
			.map(Number)
	);
	const answer = $derived.by(() => {
		const [whole, size, single] = [typed(classPrice), typed(classSize), typed(singlePrice)];
		if (![whole, single].every(Number.isFinite)) return '';
		try {
			const one = kitOrSingles({
				classCents: Math.round(whole * 100),
				classSize: size,
				singleCents: Math.round(single * 100),
				runs: counts
			});
			const kits = counted(one.classKits, 'class kit');
			const cheaper = one.classTotal <= one.singlesTotal;
			return `${kits}: ${money(one.classTotal)}. Single kits: ${money(one.singlesTotal)}. ${
				cheaper ? 'The class kit costs' : 'Single kits cost'
			} less.${
				one.paysFrom && one.paysFrom > 1
					? ` The class kit pays off the ${one.paysFrom}${one.paysFrom === 2 ? 'nd' : one.paysFrom === 3 ? 'rd' : 'th'} time.`
					: ''
			}${one.unused ? ` ${counted(one.unused, 'set')} left over.` : ''}`;
		} catch (error) {
			return error instanceof CoreError ? error.message : '';
		}
	});
</script>

<details class="no-print mt-4 border-t border-rule pt-3">
	<summary class="cursor-pointer font-semibold">Class kit or single kits?</summary>
	<div class="mt-2 grid grid-cols-2 gap-3 sm:grid-cols-4">
		<label class="text-sm font-semibold"
			>Class kit ($)<input class="typed mt-1 w-full" inputmode="decimal" bind:value={classPrice} /></label
		>
		<label class="text-sm font-semibold"
			>Kit serves<input class="typed mt-1 w-full" inputmode="numeric" bind:value={classSize} /></label
		>
		<label class="text-sm font-semibold"
			>Single kit ($)<input class="typed mt-1 w-full" inputmode="decimal" bind:value={singlePrice} /></label
		>
		<label class="text-sm font-semibold"
			>Children each time<input
				class="typed mt-1 w-full"
				placeholder="{children}, {children}, {children}"
				bind:value={runs}
			/></label
		>
	</div>
	<p role="status" class="mt-2">{answer}</p>
</details>
