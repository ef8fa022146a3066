<script lang="ts">
	import { enhance } from '$app/forms';
	import { readContents } from '$core/plan/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import DateField from '$lib/ui/field/DateField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import MeasureFields from '$lib/ui/measures/MeasureFields.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';
	import ContentsRead from '$lib/ui/typed/ContentsRead.svelte';
	import { isDayFirst } from '$core/house/index.ts';
	import { counted } from '$core/words/index.ts';
	import PeopleRead from '$lib/ui/typed/PeopleRead.svelte';
	import PlacesRead from '$lib/ui/typed/PlacesRead.svelte';
	import Weekdays from '$lib/ui/weekdays/Weekdays.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const typed = $derived<Record<string, string>>(failure?.typed ?? {});
	let children = $derived(typed.children ?? '');
	let places = $derived(typed.places ?? '');
	let contents = $derived(typed.contents ?? '');
	const at = $derived(data.evening.steps.findIndex((step) => step.id === data.step));
	const done = $derived(data.evening.steps[at].state === 'done' ? data.evening.steps[at].says : '');
	const found = $derived(contents.trim() ? readContents(contents).lessons.length : 0);
	const titles = {
		who: 'Who are you teaching?',
		places: 'Where do you keep things?',
		measures: 'How do you measure?',
		unit: 'What’s your first unit?',
		list: 'What does it need?'
	};
	const CHILDREN = 'Odile, May 3, 2016\nTamsin, May 19, 2024, allergic to milk';
	const ROOMS = 'Kitchen: pantry > top shelf, drawer by the stove\nSchool room: desk, white shelf, craft box';
	const LESSONS = 'Lesson 1 A pond in a jar … 5\nLesson 2 What floats … 11\nLesson 3 Frogs and toads … 18';
	const LIST = $derived(
		data.lessons.length
			? `Lesson 1: ${data.lessons[0].title}\n1 glass jar with lid\n2 cups gravel\n1 magnifier per child`
			: ''
	);
</script>

<svelte:head><title>Getting started · Gather Bin</title></svelte:head>
<Sheet>
	<main>
		<nav aria-label="Getting started">
			<ol class="flex flex-wrap gap-x-5 gap-y-1 text-sm">
				{#each data.evening.steps as step, i (step.id)}
					<li>
						<a
							href="/start/{step.id}"
							aria-current={step.id === data.step ? 'step' : undefined}
							class="flex min-h-8 items-center gap-1.5 border-b-[3px] border-transparent text-ink-2 no-underline aria-[current]:border-ink aria-[current]:font-semibold aria-[current]:text-ink"
							><span class="font-display">{i + 1}</span>{step.label}{#if step.state !== 'open'}<span
									class={step.state === 'done' ? 'text-good' : ''}>({step.state})</span
								>{/if}</a
						>
					</li>
				{/each}
			</ol>
		</nav>
		<h1 class="mt-6 text-3xl">{titles[data.step]}</h1>
		{#if done}<p class="mt-1 text-good">Already added: {done}. Anything you add now is extra.</p>{/if}

		{#if data.step === 'who'}
			<p class="mt-2 max-w-3xl text-lg text-ink-2">
				Each child with an age or birth date, and any allergy. Amounts depend on who takes part; cautions
				depend on age and allergies.
			</p>
			<form
				method="post"
				action="?/who"
				use:enhance={saves()}
				class="mt-4 space-y-4 [&>:not(.grid)]:max-w-[38rem]"
			>
				<div class="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,38rem)_minmax(0,1fr)]">
					<TextField
						label="Children: name, age or birth date, allergies"
						name="children"
						rows={4}
						bind:value={children}
						placeholder={CHILDREN}
						{failure}
					/>
					<PeopleRead
						text={children}
						dayFirst={isDayFirst(data.household.country, data.household.zone)}
						today={data.today}
					/>
				</div>
				<TextField
					label="Other adults who help"
					name="adults"
					placeholder="Juno, Ferris"
					value={typed.adults ?? ''}
					{failure}
				/>
				<Button type="submit" look="main">Continue</Button>
			</form>
		{:else if data.step === 'places'}
			<p class="mt-2 max-w-3xl text-lg text-ink-2">
				Just the rooms and shelves with school things, in the order you walk through them. Put a colon after
				the room, then what’s in it.
			</p>
			<form
				method="post"
				action="?/places"
				use:enhance={saves()}
				class="mt-4 space-y-4 [&>:not(.grid)]:max-w-[38rem]"
			>
				<div class="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,38rem)_minmax(0,1fr)]">
					<TextField
						label="Rooms, shelves, boxes"
						name="places"
						rows={5}
						bind:value={places}
						placeholder={ROOMS}
						{failure}
					/>
					<PlacesRead text={places} />
				</div>
				<Button type="submit" look="main">Continue</Button>
			</form>
		{:else if data.step === 'measures'}
			<p class="mt-2 max-w-3xl text-lg text-ink-2">Paste lists in any units; amounts show in yours.</p>
			<form
				method="post"
				action="?/measures"
				use:enhance={saves()}
				class="mt-4 space-y-4 [&>:not(.grid)]:max-w-[38rem]"
			>
				<MeasureFields household={data.household} {failure} />
				<Button type="submit" look="main">Continue</Button>
			</form>
		{:else if data.step === 'unit'}
			<p class="mt-2 max-w-3xl text-lg text-ink-2">
				A unit study is one topic for a few weeks. Paste the table of contents of its spine, the main book.
			</p>
			<form
				method="post"
				action="?/unit"
				use:enhance={saves()}
				class="mt-4 space-y-4 [&>:not(.grid)]:max-w-[38rem]"
			>
				<TextField
					label="Topic"
					name="name"
					placeholder="Ponds and Streams"
					value={typed.name ?? ''}
					class="max-w-md"
					{failure}
				/>
				<div class="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,38rem)_minmax(0,1fr)]">
					<TextField
						label="Lessons, one per line"
						name="contents"
						rows={7}
						bind:value={contents}
						placeholder={LESSONS}
						{failure}
					/>
					<ContentsRead text={contents} />
				</div>
				<div class="flex flex-wrap gap-x-8 gap-y-3">
					<DateField label="First day (optional)" name="start" value={typed.start ?? ''} {failure} />
					<Weekdays
						legend="School days"
						chosen={failure ? [1, 2, 3, 4, 5, 6, 7].filter((day) => typed[`weekday${day}`] === 'on') : []}
					/>
				</div>
				<Button type="submit" look="main"
					>{found ? `Start with ${counted(found, 'lesson')}` : 'Continue'}</Button
				>
			</form>
		{:else if data.evening.run === null}
			<p class="mt-2 max-w-3xl text-lg text-ink-2">Supply lists belong to a unit, so start there.</p>
			<p class="mt-4"><Button href="/start/unit" look="main">Add your first unit</Button></p>
		{:else}
			<p class="mt-2 max-w-3xl text-lg text-ink-2">
				Paste the supply list just as it’s printed. You’ll check each line before anything is saved.
			</p>
			<form
				method="post"
				action="/units/{data.evening.run}/gather/paste?/read&from=start"
				class="mt-4 space-y-4 [&>:not(.grid)]:max-w-[38rem]"
			>
				<input type="hidden" name="lesson" value={data.lessons[0]?.id} />
				<TextField label="Supply list" name="text" rows={9} placeholder={LIST} {failure} />
				<Button type="submit" look="main">Read the list</Button>
			</form>
		{/if}
		<div class="mt-6 flex flex-wrap gap-x-6 gap-y-2 border-t border-rule pt-3">
			{#if data.evening.steps[at].state === 'open'}
				<form method="post" action="?/skip" use:enhance={saves()}>
					<Button type="submit" look="quiet">Skip for now</Button>
				</form>
			{/if}
			{#if data.evening.isOpen}
				<form method="post" action="?/over" use:enhance={saves()}>
					<Button type="submit" look="quiet">Skip setup</Button>
				</form>
			{/if}
		</div>
	</main>
</Sheet>
