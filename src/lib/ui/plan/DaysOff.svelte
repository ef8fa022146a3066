<script lang="ts">
	import { enhance } from '$app/forms';
	import type { ComponentProps } from 'svelte';
	import Button from '../button/Button.svelte';
	import RangeList from '../day/RangeList.svelte';
	import { saves } from '../device/submit.ts';
	import type { Failure } from '../field/failure.ts';

	type Holiday = {
		readonly from: string;
		readonly to: string;
		readonly name: string;
		readonly text: string;
		/** The stretch that keeps it free; null while it is taught on. */
		readonly blocked: number | null;
	};
	type Props = {
		holidays: readonly Holiday[];
		country: string | null;
		blocked: ComponentProps<typeof RangeList>['ranges'];
		failure: Failure;
	};
	let { holidays, country, blocked, failure }: Props = $props();
	let icsForm: HTMLFormElement;
	let ics = $state('');
	async function readCalendar(event: Event) {
		const [file] = (event.currentTarget as HTMLInputElement).files ?? [];
		if (!file) return;
		ics = await file.text();
		await Promise.resolve();
		icsForm.requestSubmit();
	}
</script>

<section aria-labelledby="holidays">
	<h2 id="holidays" class="mb-2 text-lg">Holidays on school days</h2>
	<ul class="divide-y divide-rule border-y border-rule">
		{#each holidays as one, i (i)}
			<li class="flex items-center gap-3 py-1.5">
				<span class="flex-1"
					>{one.name}<span class="block text-sm text-ink-2"
						>{one.text}{one.blocked === null ? '' : ': day off'}</span
					></span
				>
				<form method="post" action={one.blocked === null ? '?/block' : '?/unblock'} use:enhance={saves()}>
					<input type="hidden" name="id" value={one.blocked ?? ''} />
					<input type="hidden" name="from" value={one.from} />
					<input type="hidden" name="to" value={one.to} />
					<input type="hidden" name="reason" value={one.name} />
					<Button
						size="small"
						type="submit"
						aria-label="{one.blocked === null ? 'Take off' : 'Teach anyway'}, {one.name}"
						>{one.blocked === null ? 'Take off' : 'Teach anyway'}</Button
					>
				</form>
			</li>
		{:else}
			<li class="py-2 text-ink-2">
				{country
					? 'None between the first and the last day.'
					: 'Choose your country in Household to see holidays here.'}
			</li>
		{/each}
	</ul>
</section>

<section aria-labelledby="blocked">
	<h2 id="blocked" class="mb-2 text-lg">Days off</h2>
	<RangeList
		ranges={blocked}
		add="block"
		remove="unblock"
		addLabel="Add days off"
		removeLabel="Remove"
		empty="None yet. Co-op days, trips, and breaks go here."
		example="co-op"
		{failure}
	/>
</section>
<section aria-labelledby="from-calendar">
	<h2 id="from-calendar" class="mb-2 text-lg">Days off from your calendar</h2>
	<form method="post" action="?/ics" use:enhance={saves()} bind:this={icsForm}>
		<input type="hidden" name="ics" value={ics} />
		<label class="block text-sm"
			>Calendar file (.ics): every day with an event becomes a day off
			<input
				type="file"
				accept=".ics,text/calendar"
				class="mt-1 block w-full text-sm"
				onchange={readCalendar}
			/></label
		>
		{#if failure?.path === 'ics'}<p class="mt-1 text-sm text-late">{failure.message}</p>{/if}
	</form>
</section>
