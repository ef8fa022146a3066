<script lang="ts">
	import { enhance } from '$app/forms';
	import { tick } from 'svelte';
	import { dragHandleZone, dragHandle, TRIGGERS } from 'svelte-dnd-action';
	import GripVertical from '@lucide/svelte/icons/grip-vertical';
	import { weekdayName } from '$core/calendar/index.ts';
	import { lengthText } from '$core/measure/index.ts';
	import type { TrayView } from '$lib/server/services/setout/shelf.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import Select from '$lib/ui/select/Select.svelte';
	import ActivityShelf from '$lib/ui/setout/ActivityShelf.svelte';
	import PlanShelf from '$lib/ui/setout/PlanShelf.svelte';
	import TrayForm from '$lib/ui/setout/TrayForm.svelte';
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
	const away = $derived(view.trays.filter((one) => one.board === null));
	let moveForm = $state<HTMLFormElement>();
	let move = $state({ tray: 0, board: '', index: 0 });
	async function dropped(id: number, board: string, items: TrayView[]) {
		move = { tray: id, board, index: items.findIndex((one) => one.id === id) };
		await tick();
		moveForm?.requestSubmit();
	}
	const WEEKDAYS = [1, 2, 3, 4, 5, 6, 7] as const;
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
		{#if data.moved.length}
			<form
				method="post"
				action="?/follow"
				use:enhance={saves()}
				class="mt-3 flex max-w-4xl flex-wrap items-center gap-x-4 gap-y-2 border-l-4 border-due bg-due-soft px-4 py-3"
			>
				<div class="min-w-60 flex-1">
					<p class="font-semibold">Lessons have moved since the shelf was set.</p>
					{#each data.moved as text (text)}<p>{text}</p>{/each}
				</div>
				<Button type="submit">Let the shelf follow</Button>
			</form>
		{/if}
		{#each data.grows as text (text)}<p class="mt-1 max-w-3xl font-semibold text-due">{text}</p>{/each}
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

		<TrayForm
			{tray}
			{failure}
			week={view.week}
			lessons={data.lessons}
			places={data.places}
			children={data.children}
			system={data.system}
		/>

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
