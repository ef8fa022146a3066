<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '../button/Button.svelte';
	import PostButton from '../button/PostButton.svelte';
	import { saves } from '../device/submit.ts';
	import type { PageData } from '../../../routes/units/[run]/prepare/$types';

	type Props = { rates: PageData['rates'] };
	let { rates }: Props = $props();
</script>

<!-- How long one of each takes here: usual, learned, or settled by the house; and what it was learned from. -->
<details class="mt-2">
	<summary class="min-h-11 cursor-pointer py-2 font-semibold">How long things take</summary>
	<form method="post" action="?/rates" use:enhance={saves()} class="mt-2">
		<table class="w-full max-w-2xl border-y border-rule text-sm">
			<thead>
				<tr class="border-b border-rule text-left text-ink-2">
					<th class="py-1.5 font-semibold" scope="col">One</th>
					<th class="py-1.5 text-right font-semibold" scope="col">Usual</th>
					<th class="py-1.5 text-right font-semibold" scope="col">Your last ones</th>
					<th class="py-1.5 text-right font-semibold" scope="col">Yours, seconds</th>
				</tr>
			</thead>
			<tbody class="tabular-nums">
				{#each rates as rate (rate.work)}
					<tr class="border-b border-rule">
						<th class="py-1 text-left font-normal" scope="row">{rate.name}</th>
						<td class="py-1 text-right">{rate.usual} s</td>
						<td class="py-1 text-right">{rate.learned === null ? '–' : `${rate.learned} s`}</td>
						<td class="py-1 text-right"
							><input
								class="typed !w-24 text-right"
								name={rate.work}
								value={rate.own}
								inputmode="decimal"
								aria-label="Seconds for one {rate.name}"
								placeholder={String(rate.seconds)}
							/></td
						>
					</tr>
				{/each}
			</tbody>
		</table>
		<p class="mt-1 text-sm text-ink-2">
			Left empty, the median of your last ones counts, from the third on; before that, what is usual. Warming
			up the laminator takes 5 minutes, once a sitting.
		</p>
		<Button type="submit" class="mt-2">Save</Button>
	</form>
	{#if rates.some((rate) => rate.sources.length)}
		<h3 class="mt-4 font-semibold">What your own times are learned from</h3>
		{#each rates.filter((rate) => rate.sources.length) as rate (rate.work)}
			<h4 class="mt-2 text-sm font-semibold">{rate.name}</h4>
			<ul class="max-w-2xl divide-y divide-rule text-sm">
				{#each rate.sources as source (source.id)}
					<li class="flex items-center gap-3 py-1">
						<span class="flex-1 tabular-nums">{source.text}</span>
						<PostButton
							action="?/dropTook"
							fields={{ id: source.id }}
							look="quiet"
							size="small"
							label="Drop {source.text}">Drop</PostButton
						>
					</li>
				{/each}
			</ul>
		{/each}
	{/if}
</details>
