<script lang="ts">
	import { enhance } from '$app/forms';
	import { tick } from 'svelte';
	import { dragHandleZone, dragHandle, TRIGGERS } from 'svelte-dnd-action';
	import GripVertical from '@lucide/svelte/icons/grip-vertical';
	import { weekdayName } from '$core/calendar/index.ts';
	import { lengthText } from '$core/measure/index.ts';
	import { counted, listText } from '$core/words/index.ts';
	import type { TrayView } from '$lib/server/services/setout/shelf.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import Select from '$lib/ui/select/Select.svelte';
	import ActivityShelf from '$lib/ui/setout/ActivityShelf.svelte';
	import PlanShelf from '$lib/ui/setout/PlanShelf.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';
	import WeekTabs from '$lib/ui/week/WeekTabs.svelte';

	let { data, form } = $props();
	const { view, tray } = $derived(data);
	const failure = $derived(form && 'message' in form ? form : null);
	const boards = $derived(view.boards.toReversed());
	const choices = $derived([
		{ value: '', label: 'put away' },
		...boards.map((one) => ({ value: one.id, label: one.name }))
	]);
	let zones = $derived(
		Object.fromEntries(view.boards.map((one) => [one.id, view.trays.filter((tray) => tray.board === one.id)]))
	);
	const here = $derived(tray?.matches.filter((one) => one.where !== null) ?? []);
	const lacking = $derived(tray?.matches.filter((one) => one.where === null) ?? []);
	const away = $derived(view.trays.filter((one) => one.board === null));
	let moveForm = $state<HTMLFormElement>();
	let move = $state({ tray: 0, board: '', index: 0 });
	async function dropped(id: number, board: string, items: TrayView[]) {
		move = { tray: id, board, index: items.findIndex((one) => one.id === id) };
		await tick();
		moveForm?.requestSubmit();
	}
	const inMeasure = (mm: number | undefined) =>
		mm === undefined ? '' : lengthText(mm, data.system).replace(/ (?:in|cm)$/, '');
	const unit = $derived(data.system === 'us' ? 'in' : 'cm');
	const WEEKDAYS = [1, 2, 3, 4, 5, 6, 7] as const;
	const SKILLS = [
		'fine motor',
		'counting',
		'language',
		'practical life',
		'senses',
		'science',
		'geography',
		'art'
	];
</script>

<svelte:head><title>Shelf · Gather Bin</title></svelte:head>

{#snippet trayLine(one: TrayView)}
	<div class="min-w-0 flex-1">
		<a href="?of={view.week}&tray={one.id}#tray" class="font-semibold" data-sveltekit-noscroll>{one.title}</a>
		<span class="text-sm text-ink-2">{one.skill}, for {one.for}</span>
		{#if one.state === 'comes'}<span class="text-sm font-semibold">new</span>{/if}
		<span class="block text-sm text-ink-2">{one.why}</span>
		{#each one.broken as text (text)}<span class="block text-sm font-semibold text-late">{text}</span>{/each}
	</div>
	<form method="post" action="?/move" use:enhance={saves()}>
		<input type="hidden" name="week" value={view.week} />
		<input type="hidden" name="tray" value={one.id} />
		<Select
			name="board"
			value={one.board ?? ''}
			options={choices}
			class="!w-36"
			aria-label="Where {one.title} is"
			onchange={(event) => event.currentTarget.form?.requestSubmit()}
		/>
	</form>
{/snippet}

<Sheet>
	<main>
		<WeekTabs />
		<div class="flex flex-wrap items-baseline justify-between gap-3">
			<h1 class="text-[1.75rem]">{view.title}</h1>
			<p class="flex gap-4">
				<a href="?of={data.before}">Week before</a><a href="?of={data.after}">Week after</a>
			</p>
		</div>
		<p class="mt-2 max-w-3xl font-display text-xl leading-snug font-medium">{view.sentence}</p>
		{#if failure?.message}<p class="mt-2 font-semibold text-late" role="alert">{failure.message}</p>{/if}
		{#each view.broken as text (text)}<p class="mt-1 font-semibold text-late">{text}</p>{/each}
		{#if view.unmeasured.length}<p class="mt-1 text-sm">
				Not measured yet, so left out: {view.unmeasured.join(', ')}.
				<a href="/home/places">Give length, depth, and height off the floor.</a>
			</p>{/if}
		{#if data.ageless.length}<p class="mt-1 text-sm">
				{data.ageless.join(', ')}: no age yet, so neither reach nor danger is checked.
				<a href="/house">Say how old.</a>
			</p>{/if}

		{#if view.boards.length}
			<div class="mt-4"><ActivityShelf {view} system={data.system} /></div>
			<div class="mt-4">
				<PlanShelf
					input={data.question}
					before={data.standing}
					weeks={data.weeks}
					isNext={view.trays.length > 0 && view.trays.every((one) => one.board === null)}
				/>
			</div>
			<div class="mt-6 grid gap-x-10 gap-y-6 lg:grid-cols-2">
				<section aria-labelledby="boards">
					<h2 id="boards" class="text-lg">Board by board</h2>
					{#each boards as board (board.id)}
						<h3 class="mt-3 border-b border-ink text-base">
							{board.name}, {lengthText(board.high, data.system)}
							<span class="text-sm font-normal text-ink-2"
								>{board.free >= 0
									? `${lengthText(Math.round(board.free), data.system)} free`
									: 'too full'}</span
							>
						</h3>
						<ul
							class="min-h-8"
							use:dragHandleZone={{
								items: zones[board.id],
								flipDurationMs: 120,
								dropTargetStyle: {},
								dropTargetClasses: ['bg-lined'],
								type: 'trays'
							}}
							onconsider={(event) => (zones = { ...zones, [board.id]: event.detail.items })}
							onfinalize={(event) => {
								zones = { ...zones, [board.id]: event.detail.items };
								const { trigger, id } = event.detail.info;
								if (trigger === TRIGGERS.DROPPED_INTO_ZONE)
									void dropped(Number(id), board.id, event.detail.items);
							}}
						>
							{#each zones[board.id] as one (one.id)}
								<li class="flex items-start gap-2 border-b border-rule bg-sheet py-1.5">
									<span
										use:dragHandle
										aria-label="Drag {one.title}"
										class="hidden cursor-grab pt-1 text-ink-2 sm:inline-flex"
										><GripVertical size={18} aria-hidden="true" /></span
									>
									{@render trayLine(one)}
								</li>
							{/each}
						</ul>
					{/each}
				</section>
				<section aria-labelledby="away">
					<h2 id="away" class="text-lg">Not out</h2>
					<ul class="mt-3 border-t border-ink">
						{#each away as one (one.id)}
							<li class="flex items-start gap-2 border-b border-rule py-1.5">{@render trayLine(one)}</li>
						{:else}<li class="py-1.5 text-ink-2">All of them are out.</li>{/each}
					</ul>
					{#if view.trays.length}<p class="mt-3">
							<a href="/week/shelf/cards.pdf" target="_blank">Cards for all trays (PDF)</a>
						</p>{/if}
				</section>
			</div>
			<form method="post" action="?/move" use:enhance={saves()} bind:this={moveForm} hidden>
				<input type="hidden" name="week" value={view.week} />
				<input type="hidden" name="tray" value={move.tray} />
				<input type="hidden" name="board" value={move.board} />
				<input type="hidden" name="index" value={move.index} />
			</form>
		{:else}
			<p class="mt-2 max-w-2xl">
				Choose below which piece of furniture it is. Its boards are shelves inside it under
				<a href="/home/places">Places</a>, each with length, depth, and height off the floor.
			</p>
		{/if}

		<section id="tray" class="mt-8 border-t-2 border-ink pt-3" aria-labelledby="tray-form">
			<h2 id="tray-form" class="text-lg">{tray ? tray.title : 'A new tray'}</h2>
			{#key tray?.id}
				<form
					method="post"
					action="?/save"
					use:enhance={saves({ reset: tray === null })}
					class="mt-2 space-y-3"
				>
					<input type="hidden" name="id" value={tray?.id ?? ''} />
					<div class="flex flex-wrap items-end gap-3">
						<TextField
							label="Activity"
							name="title"
							placeholder="Pouring beans"
							value={tray?.title ?? failure?.typed?.title ?? ''}
							{failure}
							class="min-w-56 flex-1"
						/>
						<TextField label="Skill" name="skill" list="skills" value={tray?.skill ?? ''} {failure} />
						<datalist id="skills"
							>{#each SKILLS as one (one)}<option value={one}></option>{/each}</datalist
						>
						<SelectField
							label="For the lesson"
							name="lesson"
							class="min-w-48"
							options={[{ value: '', label: 'any week' }, ...data.lessons]}
							value={String(tray?.lessons?.[0] ?? '')}
							{failure}
						/>
					</div>
					<div class="flex flex-wrap items-end gap-3">
						<TextField
							label="Length, {unit}"
							name="along"
							placeholder={inMeasure(400)}
							value={inMeasure(tray?.along_mm)}
							look="!w-20"
							{failure}
						/>
						<TextField
							label="Depth, {unit}"
							name="deep"
							placeholder={inMeasure(300)}
							value={inMeasure(tray?.deep_mm)}
							look="!w-20"
							{failure}
						/>
						<TextField
							label="Height, {unit}"
							name="high"
							placeholder={inMeasure(80)}
							value={inMeasure(tray?.high_mm)}
							look="!w-20"
							{failure}
						/>
						<TextField
							label="Pieces"
							name="pieces"
							inputmode="numeric"
							value={tray?.pieces ?? ''}
							look="!w-20"
							{failure}
						/>
						<SelectField
							label="Kept in"
							name="stored"
							class="min-w-40"
							options={data.places}
							value={String(tray?.stored_place_id ?? '')}
							{failure}
						/>
					</div>
					<fieldset class="flex flex-wrap items-center gap-x-4">
						<legend class="text-sm font-semibold">Right for (none checked: all who use the shelf)</legend>
						{#each data.children as child (child.id)}
							<label class="flex min-h-11 items-center gap-2"
								><input
									type="checkbox"
									class="size-5"
									name="child{child.id}"
									checked={tray?.children?.includes(child.id) ?? false}
								/>{child.name}</label
							>
						{/each}
					</fieldset>
					<div class="flex flex-wrap gap-x-4">
						<label class="flex min-h-11 items-center gap-2"
							><input
								type="checkbox"
								class="size-5"
								name="dangerous"
								checked={tray?.dangerous === 1}
							/>nothing for a child under three</label
						>
						<label class="flex min-h-11 items-center gap-2"
							><input type="checkbox" class="size-5" name="loved" checked={tray?.loved === 1} />a child loved
							it</label
						>
						<label class="flex min-h-11 items-center gap-2"
							><input type="checkbox" class="size-5" name="sensory" checked={tray?.kind === 'sensory'} />a
							sensory bin</label
						>
					</div>
					<label class="block"
						><span class="text-sm font-semibold">Steps, one per line</span>
						<textarea name="steps" rows="3" class="typed">{tray?.steps ?? ''}</textarea></label
					>
					<details open={tray !== null && tray.matches.length > 0}>
						<summary class="min-h-9 cursor-pointer py-1.5 text-sm font-semibold"
							>Objects that match cards</summary
						>
						<TextField
							label="Objects, with commas"
							name="matches"
							placeholder="anchor, lighthouse, boat"
							value={tray?.matches.map((one) => one.name).join(', ') ?? ''}
							{failure}
						/>
						<p class="mt-1 text-sm text-ink-2">
							Each gets a card with its name, printed with the tray’s own card.
						</p>
						{#if tray?.matches.length}
							<p class="text-sm">
								{counted(tray.counts ?? 0, 'piece')} to count.
								{#if here.length}Here: {listText(here.map((one) => `${one.name} (${one.where})`))}.{/if}
								{#if lacking.length}<strong
										>Not on our shelves: {listText(lacking.map((one) => one.name))}.</strong
									>{/if}
							</p>
						{/if}
					</details>
					<details open={tray?.kind === 'sensory'}>
						<summary class="min-h-9 cursor-pointer py-1.5 text-sm font-semibold">Of a sensory bin</summary>
						{#if tray?.kind === 'sensory'}<p class="text-sm text-ink-2">
								Its tub takes about {data.system === 'us'
									? `${tray.fills.cups} cups`
									: `${tray.fills.liters} liters`} of it, so that hands still have room.
							</p>{/if}
						<div class="flex flex-wrap items-end gap-3">
							<TextField
								label="What fills it"
								name="base"
								placeholder="rice"
								value={tray?.base ?? ''}
								{failure}
							/>
							<TextField
								label="Hidden in it, with commas"
								name="hidden"
								placeholder="shells, pebbles"
								value={tray?.hidden ?? ''}
								{failure}
							/>
							<TextField
								label="Keeps, days"
								name="keeps"
								inputmode="numeric"
								value={tray?.keeps_days ?? ''}
								look="!w-20"
								{failure}
							/>
						</div>
					</details>
					<div class="flex flex-wrap gap-3">
						<Button type="submit" look="main">{tray ? 'Save' : 'Add the tray'}</Button>
						{#if tray}
							<Button href="/week/shelf/cards.pdf?tray={tray.id}" look="quiet">Its card (PDF)</Button>
							{#if tray.kind === 'sensory' || tray.matches.length}<Button
									type="submit"
									look="quiet"
									formaction="?/list">Put what’s in it on the supply list</Button
								>{/if}
							<Button type="submit" look="quiet" formaction="?/remove">Remove</Button>
							<Button href="?of={view.week}" look="quiet">A new one</Button>
						{/if}
					</div>
				</form>
			{/key}
		</section>

		<details class="mt-6" open={!view.hasShelf}>
			<summary class="min-h-9 cursor-pointer py-1.5 font-semibold">The shelf and who uses it</summary>
			<form
				method="post"
				action="?/settings"
				use:enhance={saves()}
				class="mt-2 flex flex-wrap items-end gap-3"
			>
				<SelectField
					label="Activity shelf"
					name="shelf"
					options={data.furniture}
					value={String(data.setOut.shelf ?? '')}
					{failure}
				/>
				<SelectField
					label="Set"
					name="habit"
					options={[
						{ value: 'weekly', label: 'anew each week' },
						{ value: 'unit', label: 'once for all weeks' }
					]}
					value={data.setOut.habit}
					{failure}
				/>
				<TextField
					label="New trays a week, at most"
					name="changes"
					inputmode="numeric"
					value={data.setOut.changes}
					look="!w-20"
					{failure}
				/>
				<fieldset class="flex flex-wrap items-center gap-x-4">
					<legend class="text-sm font-semibold">Who takes trays from it</legend>
					{#each data.children as child (child.id)}
						<label class="flex min-h-11 items-center gap-2"
							><input
								type="checkbox"
								class="size-5"
								name="user{child.id}"
								checked={data.users.includes(child.id)}
							/>{child.name}</label
						>
					{/each}
				</fieldset>
				{#each data.small as child (child.id)}
					<fieldset class="flex w-full flex-wrap items-center gap-x-4">
						<legend class="text-sm font-semibold"
							>Mornings without {child.name}: what isn’t for a child under three can come out then</legend
						>
						{#each WEEKDAYS as weekday (weekday)}
							<label class="flex min-h-11 items-center gap-2"
								><input
									type="checkbox"
									class="size-5"
									name="away{child.id}-{weekday}"
									checked={data.setOut.away[child.id]?.includes(weekday) ?? false}
								/>{weekdayName(weekday)}</label
							>
						{/each}
					</fieldset>
				{/each}
				<Button type="submit">Save</Button>
			</form>
		</details>
	</main>
</Sheet>
