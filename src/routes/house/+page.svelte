<script lang="ts">
	import { counted } from '$core/words/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import RangeList from '$lib/ui/day/RangeList.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import CalendarFeed from '$lib/ui/house/CalendarFeed.svelte';
	import HowWeWork from '$lib/ui/house/HowWeWork.svelte';
	import Ladder from '$lib/ui/house/Ladder.svelte';
	import Occasions from '$lib/ui/house/Occasions.svelte';
	import PersonDialog from '$lib/ui/house/PersonDialog.svelte';
	import SourceDialog from '$lib/ui/house/SourceDialog.svelte';
	import Part from '$lib/ui/shell/Part.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);

	type Person = (typeof data.people)[number];
	type Supplier = (typeof data.suppliers)[number];
	let person = $state<Person | 'new' | null>(null);
	let personOpen = $state(false);
	let supplier = $state<Supplier | 'new' | null>(null);
	let supplierOpen = $state(false);

	const children = $derived(data.people.filter((one) => one.kind !== 'adult'));
	const sentence = $derived(
		children.length === 0
			? 'No children yet. Add them first; amounts depend on who takes part.'
			: `${children.map((one) => `${one.name}${one.age ? `, ${one.age}` : ''}`).join('; ')}.`
	);
	function openPerson(one: Person | 'new') {
		person = one;
		personOpen = true;
	}
	function openSupplier(one: Supplier | 'new') {
		supplier = one;
		supplierOpen = true;
	}
	const kindWord = (one: Supplier) =>
		one.kind === 'shop'
			? `open ${one.days}`
			: one.kind === 'order'
				? `arrives in ${counted(one.lead_days ?? 0, 'business day')}`
				: one.kind === 'library'
					? `open ${one.days}, holds take ${counted(one.lead_days ?? 0, 'day')}`
					: `ask ${counted(one.lead_days ?? 0, 'day')} ahead`;
</script>

<svelte:head><title>Household · Gather Bin</title></svelte:head>
<Sheet>
	<main>
		<h1 class="text-3xl">Household</h1>
		<p class="mt-2 max-w-3xl font-display text-xl font-medium">{sentence}</p>

		<div class="mt-6 grid gap-x-12 gap-y-8 lg:grid-cols-2">
			<div class="space-y-8">
				<section aria-labelledby="people">
					<h2 id="people" class="mb-2 text-lg">Family</h2>
					{#if data.people.length}
						<ul class="divide-y divide-rule border-y border-rule">
							{#each data.people as one (one.id)}
								<li class="flex items-baseline gap-3 py-2">
									<button
										type="button"
										class="font-semibold underline decoration-transparent decoration-2 underline-offset-4 hover:decoration-ink"
										onclick={() => openPerson(one)}>{one.name}</button
									>
									<span class="text-sm text-ink-2">
										{[
											one.kind === 'guest' ? 'guest' : one.kind,
											one.age && `${one.age}${/\d$/.test(one.age) ? ' years' : ''}`,
											one.allergies && `allergic to ${one.allergies}`
										]
											.filter(Boolean)
											.join(' · ')}
									</span>
								</li>
							{/each}
						</ul>
						<p class="mt-3"><Button onclick={() => openPerson('new')}>Add someone</Button></p>
					{:else}
						<EmptyState title="Add the children first">
							<p>“Two oranges per child” needs a head count, and cautions depend on age.</p>
							{#snippet act()}<Button look="main" onclick={() => openPerson('new')}>Add a child</Button
								>{/snippet}
						</EmptyState>
					{/if}
				</section>
				<Part><HowWeWork {data} {failure} /></Part>
				<Part><Occasions {data} {failure} /></Part>
			</div>
			<div class="space-y-8">
				<section aria-labelledby="shops">
					<h2 id="shops" class="mb-2 text-lg">Stores, libraries, and friends</h2>
					<p class="mb-2 text-sm text-ink-2">
						Missing items come from the first one unless you choose another.
					</p>
					<ul class="divide-y divide-rule border-y border-rule">
						{#each data.suppliers as one (one.id)}
							<li class="flex items-baseline gap-3 py-2">
								<button
									type="button"
									class="font-semibold underline decoration-transparent decoration-2 underline-offset-4 hover:decoration-ink"
									onclick={() => openSupplier(one)}>{one.name}</button
								>
								<span class="text-sm text-ink-2">{kindWord(one)}</span>
							</li>
						{/each}
					</ul>
					<p class="mt-3"><Button onclick={() => openSupplier('new')}>Add a store or library</Button></p>
				</section>
				<Part><Ladder {data} {failure} /></Part>
				<section aria-labelledby="quiet">
					<h2 id="quiet" class="mb-2 text-lg">No-prep days</h2>
					<p class="mb-2 text-sm text-ink-2">For busy weeks and trips. Anything due then moves earlier.</p>
					<RangeList
						ranges={data.quiet}
						add="quiet"
						remove="removeQuiet"
						addLabel="Add no-prep days"
						removeLabel="Remove"
						empty="None."
						example="harvest"
						{failure}
					/>
				</section>
				<section aria-labelledby="phone">
					<h2 id="phone" class="mb-2 text-lg">On the phone</h2>
					<p class="mb-2 text-sm text-ink-2">Your lists can open offline, in a basement or a store.</p>
					<Button href="/phone">Set it up</Button>
				</section>
				<Part><CalendarFeed {data} /></Part>
				<section aria-labelledby="printing">
					<h2 id="printing" class="mb-2 text-lg">Printing</h2>
					<p class="mb-3 text-ink-2">
						The printer, what printing costs, and what you laminate, copy ahead, and bind.
					</p>
					<Button href="/house/printing">Printer and prices</Button>
				</section>
				<section aria-labelledby="health">
					<h2 id="health" class="mb-2 text-lg">Health and backups</h2>
					<p class="mb-2 text-sm text-ink-2">
						Where your family’s records are, and how to go back to an earlier day.
					</p>
					<Button href="/house/health">Open</Button>
				</section>
			</div>
		</div>
	</main>
</Sheet>

<PersonDialog bind:open={personOpen} {person} allergens={data.allergens} {failure} />
<SourceDialog bind:open={supplierOpen} {supplier} isOnly={data.suppliers.length <= 1} {failure} />
