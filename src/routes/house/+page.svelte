<script lang="ts">
	import { dollarsTyped } from '$core/words/index.ts';
	import MeasureFields from '$lib/ui/measures/MeasureFields.svelte';
	import HabitFields from '$lib/ui/habits/HabitFields.svelte';
	import DateField from '$lib/ui/field/DateField.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { enhance } from '$app/forms';
	import Button from '$lib/ui/button/Button.svelte';
	import RangeList from '$lib/ui/day/RangeList.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import EmptyState from '$lib/ui/empty/EmptyState.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import Sheet from '$lib/ui/shell/Sheet.svelte';
	import Weekdays from '$lib/ui/weekdays/Weekdays.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);

	type Person = (typeof data.people)[number];
	type Supplier = (typeof data.suppliers)[number];
	let person = $state<Person | 'new' | null>(null);
	let personOpen = $state(false);
	let kind = $state('child');
	let supplier = $state<Supplier | 'new' | null>(null);
	let supplierOpen = $state(false);
	let sourceKind = $state<string>('shop');

	const kinds = [
		{ value: 'child', label: 'Child' },
		{ value: 'guest', label: 'Guest on some days' },
		{ value: 'adult', label: 'Adult' }
	];
	const supplierKinds = [
		{ value: 'shop', label: 'Shop one goes to' },
		{ value: 'order', label: 'Order, delivered' },
		{ value: 'friend', label: 'Friends, borrowed' },
		{ value: 'library', label: 'Library, by hold' }
	];
	const children = $derived(data.people.filter((one) => one.kind !== 'adult'));
	const sentence = $derived(
		children.length === 0
			? 'Nobody to teach yet: add the children first, amounts go by who takes part.'
			: `${children.map((one) => `${one.name}${one.age ? `, ${one.age}` : ''}`).join('; ')}.`
	);
	function openPerson(one: Person | 'new') {
		person = one;
		kind = one === 'new' ? 'child' : one.kind;
		personOpen = true;
	}
	function openSupplier(one: Supplier | 'new') {
		supplier = one;
		sourceKind = one === 'new' ? 'shop' : one.kind;
		supplierOpen = true;
	}
	const kindWord = (one: Supplier) =>
		one.kind === 'shop'
			? `open ${one.days}`
			: one.kind === 'order'
				? `${one.lead_days} working days`
				: one.kind === 'library'
					? `open ${one.days}, a hold waits ${one.lead_days} days`
					: `ask ${one.lead_days} days before`;
</script>

<svelte:head><title>House · Gather Bin</title></svelte:head>
<Sheet>
	<main>
		<h1 class="text-3xl">House</h1>
		<p class="mt-2 max-w-3xl font-display text-xl font-medium">{sentence}</p>

		<div class="mt-6 grid gap-x-12 gap-y-8 lg:grid-cols-2">
			<div class="space-y-8">
				<section aria-labelledby="people">
					<h2 id="people" class="mb-2 text-lg">Who is here</h2>
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
											one.age && `${one.age}${one.age.includes('m') ? '' : ' years'}`,
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
							<p>
								“Two oranges per child” only means something when it is known who takes part, and cautions go
								by age.
							</p>
							{#snippet act()}<Button look="main" onclick={() => openPerson('new')}>Add a child</Button
								>{/snippet}
						</EmptyState>
					{/if}
				</section>
				<section aria-labelledby="ways">
					<h2 id="ways" class="mb-2 text-lg">How we work</h2>
					<form method="post" action="?/household" use:enhance={saves()} class="space-y-3">
						<TextField label="Name of the household" name="name" value={data.household.name} {failure} />
						<HabitFields habits={data.habits} {failure} />
						<MeasureFields household={data.household} {failure} />
						<div class="grid gap-3 sm:grid-cols-2">
							<SelectField
								label="Public holidays of"
								name="country"
								options={[{ value: '', label: 'no country' }, ...data.countries]}
								value={data.household.country ?? ''}
								{failure}
							/>
							{#if data.regions.length}
								<SelectField
									label="Region"
									name="region"
									options={[{ value: '', label: 'all of it' }, ...data.regions]}
									value={data.household.region ?? ''}
									{failure}
								/>
							{/if}
						</div>
						<TextField
							label="Days after which a count is looked at again"
							name="countAgeDays"
							inputmode="numeric"
							look="!w-28"
							value={data.household.count_age_days}
							{failure}
						/>
						<TextField
							label="Sales tax (%)"
							name="salesTax"
							inputmode="decimal"
							look="!w-28"
							value={Number(data.household.sales_tax) || ''}
							{failure}
						/>
						<TextField
							label="Warn us before we buy or plan anything with"
							name="contentPolicy"
							hint="Content notes with commas between: faith-based, secular, sensitive matter, or your own."
							value={(JSON.parse(data.household.content_policy) as string[]).join(', ')}
							{failure}
						/>
						<Button type="submit">Save</Button>
					</form>
				</section>
				<section aria-labelledby="occasions">
					<h2 id="occasions" class="mb-2 text-lg">Occasions for gifts</h2>
					<p class="mb-2 text-sm text-ink-2">
						What is wished for comes with the last one before its lesson. Birthdays are known already.
					</p>
					<form
						method="post"
						action="?/occasion"
						use:enhance={saves({ reset: true })}
						class="mb-3 flex items-end gap-3"
					>
						<TextField
							label="Another, with its day"
							name="occasion"
							placeholder="Grandma’s visit, Mar 20"
							class="flex-1"
							{failure}
						/>
						<Button type="submit">Add</Button>
					</form>
					<ul class="divide-y divide-rule border-y border-rule">
						{#each data.occasions as one, i (i)}
							<li>
								{#if one.id === null}
									<p class="py-2">{one.name} <span class="text-sm text-ink-2">{one.when}</span></p>
								{:else}
									<details>
										<summary class="cursor-pointer list-none py-2"
											><span class="font-semibold underline decoration-rule decoration-2 underline-offset-4"
												>{one.name}</span
											> <span class="text-sm text-ink-2">{one.when}</span></summary
										>
										<form method="post" action="?/removeOccasion" use:enhance={saves()} class="pb-2">
											<input type="hidden" name="id" value={one.id} />
											<Button size="small" look="quiet" type="submit" aria-label="Remove {one.name}"
												>Remove</Button
											>
										</form>
									</details>
								{/if}
							</li>
						{:else}
							<li class="py-2 text-ink-2">None yet.</li>
						{/each}
					</ul>
				</section>
			</div>
			<div class="space-y-8">
				<section aria-labelledby="shops">
					<h2 id="shops" class="mb-2 text-lg">Where things come from</h2>
					<p class="mb-2 text-sm text-ink-2">
						What is missing comes from the first one, until you choose another for it.
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
					<p class="mt-3"><Button onclick={() => openSupplier('new')}>Add a shop or library</Button></p>
				</section>
				<section aria-labelledby="ladder">
					<h2 id="ladder" class="mb-2 text-lg">In which order we try</h2>
					<form method="post" action="?/sources" use:enhance={saves()} class="space-y-3">
						<TextField
							label="When the house does not have it"
							name="ladder"
							hint="A thing that is not to be had goes on to the next. Each thing can have an order of its own."
							value={data.sources.ladder}
							{failure}
						/>
						<TextField label="Days each takes" name="days" value={data.sources.days} {failure} />
						<div class="grid grid-cols-2 gap-3">
							<TextField
								label="The ground freezes on"
								name="firstFrost"
								placeholder="Oct 15"
								value={data.sources.firstFrost}
								{failure}
							/>
							<TextField
								label="and is open again on"
								name="lastFrost"
								placeholder="Apr 20"
								value={data.sources.lastFrost}
								{failure}
							/>
						</div>
						<Button type="submit">Save the order</Button>
					</form>
				</section>
				<section aria-labelledby="quiet">
					<h2 id="quiet" class="mb-2 text-lg">Days without preparing</h2>
					<p class="mb-2 text-sm text-ink-2">
						A busy month, a trip: what would have to be ready then is made ready before.
					</p>
					<RangeList
						ranges={data.quiet}
						add="quiet"
						remove="removeQuiet"
						addLabel="Keep these days free of preparing"
						removeLabel="Prepare again"
						empty="None."
						example="harvest"
						{failure}
					/>
				</section>
				<section aria-labelledby="phone">
					<h2 id="phone" class="mb-2 text-lg">On the phone</h2>
					<p class="mb-2 text-sm text-ink-2">
						The walk, the errands and the trip can open without a network, in a basement or in a shop.
					</p>
					<Button href="/phone">How that works</Button>
				</section>
				<section aria-labelledby="feed">
					<h2 id="feed" class="mb-2 text-lg">In your own calendar</h2>
					<p class="mb-2 text-sm text-ink-2">
						Lessons, days off and days to act by, for a calendar program that reads them again by itself.
						Whoever has the address can read them.
					</p>
					{#if data.household.feed_secret}
						<p class="text-sm break-all select-all">/calendar/{data.household.feed_secret}.ics</p>
					{/if}
					<form method="post" action="?/feed" use:enhance={saves()} class="mt-2 flex gap-3">
						<Button type="submit" name="on" value="1"
							>{data.household.feed_secret ? 'A new address' : 'Open a feed'}</Button
						>
						{#if data.household.feed_secret}<Button type="submit" look="quiet" name="on" value=""
								>Close it</Button
							>{/if}
					</form>
				</section>
			</div>
		</div>
	</main>
</Sheet>

<Dialog bind:open={personOpen} title={person === 'new' ? 'Someone new' : (person?.name ?? '')}>
	{#if person}
		{@const one = person === 'new' ? null : person}
		<form
			method="post"
			action={one ? '?/editPerson' : '?/addPerson'}
			use:enhance={saves({ done: () => (personOpen = false) })}
			class="space-y-4"
		>
			{#if one}<input type="hidden" name="id" value={one.id} />{/if}
			<div class="grid grid-cols-2 gap-3">
				<TextField label="Name" name="name" value={one?.name ?? ''} {failure} />
				<SelectField label="Who" name="kind" options={kinds} bind:value={kind} {failure} />
			</div>
			<div class="grid grid-cols-2 gap-3">
				<DateField label="Born" name="born" value={one?.born ?? ''} {failure} />
				<TextField
					label="Reaches up to"
					name="reach"
					hint="Empty: what is usual for the age."
					value={one?.reach ?? ''}
					{failure}
				/>
			</div>
			<TextField
				label="Allergies"
				name="allergies"
				hint="Separated by commas: {data.allergens.slice(0, 5).join(', ')} …"
				value={one?.allergies ?? ''}
				{failure}
			/>
			{#if kind !== 'adult'}
				<div class="grid grid-cols-2 gap-3">
					<TextField
						label="Level or grade"
						name="level"
						placeholder="second grade"
						value={one?.level ?? ''}
						{failure}
					/>
					<TextField
						label="Reads, by language"
						name="reads"
						placeholder="English 2, Spanish K"
						value={one?.reads ?? ''}
						{failure}
					/>
				</div>
			{/if}
			{#if kind === 'guest'}<Weekdays legend="Here on" chosen={one?.weekdays ?? []} />{/if}
			<div class="flex justify-between gap-3">
				<Button type="submit" look="main">{one ? 'Save' : 'Add'}</Button>
				{#if one}<Button type="submit" look="quiet" formaction="?/removePerson"
						>Remove from the household</Button
					>{/if}
			</div>
		</form>
	{/if}
</Dialog>

<Dialog bind:open={supplierOpen} title={supplier === 'new' ? 'A new source' : (supplier?.name ?? '')}>
	{#if supplier}
		{@const one = supplier === 'new' ? null : supplier}
		<form
			method="post"
			action="?/supplier"
			use:enhance={saves({ done: () => (supplierOpen = false) })}
			class="space-y-4"
		>
			<input type="hidden" name="id" value={one?.id ?? ''} />
			<div class="grid grid-cols-2 gap-3">
				<TextField label="Name" name="name" value={one?.name ?? ''} {failure} />
				<SelectField label="Kind" name="kind" options={supplierKinds} bind:value={sourceKind} {failure} />
			</div>
			<Weekdays legend="Open or at work on" chosen={one?.weekdays ?? [1, 2, 3, 4, 5, 6]} />
			<TextField
				label="Days it takes: of an order, a hold, or to ask before"
				name="leadDays"
				inputmode="numeric"
				value={one?.lead_days ?? 0}
				look="!w-28"
				{failure}
			/>
			{#if sourceKind === 'library' || sourceKind === 'friend'}
				<div class="grid grid-cols-3 gap-3">
					<TextField
						label="Days of a loan"
						name="loanDays"
						inputmode="numeric"
						value={one?.loan_days ?? 21}
						{failure}
					/>
					<TextField
						label="Renewals"
						name="renewals"
						inputmode="numeric"
						value={one?.renewals ?? 1}
						{failure}
					/>
					<TextField
						label="A hold is kept, days"
						name="shelfDays"
						inputmode="numeric"
						value={one?.shelf_days ?? 7}
						{failure}
					/>
				</div>
			{/if}
			{#if sourceKind === 'shop' || sourceKind === 'order'}
				<div class="grid grid-cols-2 gap-3">
					<TextField
						label={sourceKind === 'order' ? 'Delivery ($)' : 'The way there ($)'}
						name="fee"
						inputmode="decimal"
						value={one?.fee_cents ? dollarsTyped(one.fee_cents) : ''}
						{failure}
					/>
					<TextField
						label="Free from ($)"
						name="freeOver"
						inputmode="decimal"
						value={one?.free_over_cents ? dollarsTyped(one.free_over_cents) : ''}
						{failure}
					/>
					<TextField
						label="Takes things back for, days"
						name="returnDays"
						inputmode="numeric"
						value={one?.return_days ?? ''}
						{failure}
					/>
				</div>
			{/if}
			<div class="flex justify-between gap-3">
				<Button type="submit" look="main">Save</Button>
				{#if one && data.suppliers.length > 1}<Button type="submit" look="quiet" formaction="?/removeSupplier"
						>Remove</Button
					>{/if}
			</div>
		</form>
	{/if}
</Dialog>
