<script lang="ts">
	import { dayText } from '$core/calendar/index.ts';
	import { hidesIn, monthsOld } from '$core/cautions/index.ts';
	import { readPeople } from '$core/house/index.ts';
	import { listText } from '$core/words/index.ts';

	type Props = { text: string; dayFirst: boolean; today: string };
	let { text, dayFirst, today }: Props = $props();
	const people = $derived(
		text
			.split('\n')
			.filter((line) => line.trim())
			.flatMap((line) => readPeople(line, dayFirst, today))
	);
	/** “tree nuts (almond and 17 more foods are flagged)”: what was understood, before it is kept. */
	const inWords = (allergy: string, isUnknown: boolean) => {
		const foods = hidesIn(allergy).things.filter((one) => one !== allergy && `${one}s` !== allergy);
		return isUnknown
			? `${allergy} (we only know its name; we’ll warn about anything called that)`
			: foods.length
				? `${allergy} (${foods[0]}${foods.length > 1 ? ` and ${foods.length - 1} more` : ''} will be warned about)`
				: allergy;
	};
	const age = (born: string) => {
		const months = monthsOld(born, today);
		return months < 24 ? `${months} months` : `${Math.floor(months / 12)} years`;
	};
</script>

<!-- How lines about people are read, as one types. -->
<ul class="space-y-0.5 border-l-4 border-rule pl-4 text-sm empty:hidden" aria-live="polite">
	{#each people as one, i (i)}
		<li>
			<span class="font-semibold">{one.name}</span>
			{#if one.unread}<span class="font-semibold text-late">“{one.unread}” couldn’t be read</span>
			{:else if !one.born}<span class="font-semibold text-due">age or birth date?</span>
			{:else if one.born > today}<span class="font-semibold text-late"
					>{dayText(one.born)} {one.born.slice(0, 4)} hasn’t come yet</span
				>
			{:else if one.bornWithin}<span class="text-ink-2">about {age(one.born)}</span>
			{:else}<span class="text-ink-2">{dayText(one.born)} {one.born.slice(0, 4)}, {age(one.born)}</span>{/if}
			{#if one.allergies.length}<span class="-ml-1 text-ink-2"
					>, allergic to {listText(
						one.allergies.map((allergy) => inWords(allergy, one.unknown.includes(allergy)))
					)}</span
				>{/if}
		</li>
	{/each}
</ul>
