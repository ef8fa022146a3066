<script lang="ts">
	import { onMount, tick } from 'svelte';
	import { enhance } from '$app/forms';
	import { invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import { ROLE_TEXT, type Role } from '$core/print/index.ts';
	import { counted } from '$core/words/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import Dialog from '$lib/ui/dialog/Dialog.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { PageChoice } from '$lib/ui/print/page-choice.svelte.ts';
	import PageStrip from '$lib/ui/print/PageStrip.svelte';
	import Suggestions from '$lib/ui/print/Suggestions.svelte';
	import { ROLE_KEYS } from '$lib/ui/print/role-keys.ts';

	let { data, form } = $props();
	const { strip } = $derived(data);
	const base = $derived(`/units/${data.unit.id}/print`);
	const failure = $derived(form && 'message' in form ? form : null);
	const choice = new PageChoice(() => strip.pages.length);
	let lesson = $state('');
	let title = $state('');
	let role = $state<Role | ''>('');
	let sortForm = $state<HTMLFormElement>();
	let isLarge = $state(false);
	const current = $derived(strip.pages[choice.current - 1]);

	// Find leads to a page.
	onMount(() => {
		const asked = Number(page.url.searchParams.get('page'));
		if (Number.isInteger(asked) && asked >= 1 && asked <= strip.pages.length) {
			choice.pick(asked);
			document.querySelector(`[data-page="${asked}"]`)?.scrollIntoView({ block: 'center' });
		}
	});
	// While pages are being read, their suggestions come by and by.
	onMount(() => {
		const timer = setInterval(() => {
			if (data.isReading) void invalidateAll();
		}, 2000);
		return () => clearInterval(timer);
	});

	async function assign(to: Role | '') {
		if (choice.chosen.size === 0) return;
		role = to;
		await tick();
		sortForm?.requestSubmit();
	}
	function letter(key: string) {
		const to = ROLE_KEYS.find((one) => one.key === key)?.role;
		if (to) void assign(to);
	}
	/** After sorting, the next page that is not sorted is looked at. */
	function goOn() {
		const last = Math.max(...choice.chosen);
		const next = strip.pages.find((one) => one.page > last && one.role === null);
		title = '';
		if (next) choice.pick(next.page);
		else choice.clear();
	}
</script>

<svelte:head><title>Sort the pages · {data.unit.name} · Gather Bin</title></svelte:head>

<p class="text-sm"><a href={base}>Print</a></p>
<div class="flex flex-wrap items-start justify-between gap-x-8 gap-y-3">
	<div class="max-w-2xl">
		<h2 class="text-xl">{strip.source.title}</h2>
		<p class="font-display text-lg leading-snug font-medium" role="status">{strip.sentence}</p>
	</div>
	{#if data.sources.length > 1}
		<nav aria-label="Other sources" class="flex flex-wrap gap-x-4 text-sm">
			{#each data.sources as source (source.id)}
				{#if source.id !== strip.source.id}<a href="{base}/sort/{source.id}">{source.title}</a>{/if}
			{/each}
		</nav>
	{/if}
</div>
{#each strip.source.notes as note (note)}<p class="text-sm text-ink-2">{note}</p>{/each}

{#if strip.suggested.length}<Suggestions groups={strip.suggested} />{/if}

<div class="mt-5 lg:grid lg:grid-cols-[minmax(0,1fr)_19rem] lg:gap-6">
	<PageStrip
		pages={strip.pages}
		file={strip.source.file}
		{choice}
		{letter}
		enlarge={(page) => {
			choice.current = page;
			isLarge = true;
		}}
	/>
	<div class="max-lg:contents">
		<div
			class="sticky bottom-16 z-10 mt-4 border-t-2 border-ink bg-sheet pt-3 pb-2 lg:top-4 lg:bottom-auto lg:mt-0 lg:border-t-0 lg:pt-0"
		>
			<form
				bind:this={sortForm}
				method="post"
				action="?/sort"
				use:enhance={saves({ shown: goOn })}
				class="space-y-3 max-lg:space-y-2"
			>
				<TextField
					label={choice.chosen.size ? `${counted(choice.chosen.size, 'page')} selected` : 'Pages'}
					name="pages"
					placeholder="12-18, 22"
					bind:value={() => choice.text, (value) => choice.typed(String(value))}
					failure={choice.problem ? { message: choice.problem, path: 'pages' } : failure}
				/>
				<div class="flex gap-3">
					<SelectField
						label="Lesson"
						name="lesson"
						options={[
							{ value: '', label: 'the unit as a whole' },
							...data.lessons.map((one) => ({ value: String(one.id), label: one.label }))
						]}
						bind:value={lesson}
						class="min-w-0 flex-1"
					/>
				</div>
				<TextField
					label="Title"
					name="title"
					placeholder="from the page"
					bind:value={title}
					class={choice.chosen.size ? 'max-lg:hidden' : ''}
				/>
				<input type="hidden" name="role" value={role} />
				<div
					role="group"
					aria-label="What they are"
					class="flex items-start gap-1.5 whitespace-nowrap max-lg:overflow-x-auto max-lg:pb-1 lg:flex-wrap {choice
						.chosen.size
						? ''
						: 'max-lg:hidden'}"
				>
					{#each ROLE_KEYS as one (one.role)}
						<button
							type="button"
							disabled={choice.chosen.size === 0}
							onclick={() => void assign(one.role)}
							class="min-h-9 shrink-0 rounded-[3px] border border-edge px-2 text-sm font-semibold hover:border-ink hover:bg-lined disabled:opacity-50"
							>{ROLE_TEXT[one.role][0]}<kbd class="ml-1.5 text-xs font-normal text-ink-2 max-lg:hidden"
								>{one.key}</kbd
							></button
						>
					{/each}
					<button
						type="button"
						disabled={choice.chosen.size === 0}
						onclick={() => void assign('')}
						class="min-h-9 px-2 text-sm font-semibold underline decoration-rule decoration-2 underline-offset-4 disabled:opacity-50"
						>Unsort</button
					>
				</div>
				<noscript>
					<select name="role" class="typed" aria-label="What they are">
						{#each ROLE_KEYS as one (one.role)}<option value={one.role}>{ROLE_TEXT[one.role][0]}</option
							>{/each}
					</select>
					<Button type="submit" look="main">Sort them</Button>
				</noscript>
			</form>
			{#if current && strip.source.file}
				<figure class="mt-4 max-lg:hidden">
					<button type="button" class="block w-full bg-desk-2 p-2" onclick={() => (isLarge = true)}>
						<img
							src="/documents/{strip.source.file}/{current.page}/large"
							alt="Page {current.page}, enlarge"
							class="mx-auto max-h-80 border border-rule bg-white"
						/>
					</button>
					<figcaption class="mt-1 text-sm text-ink-2">
						Page {current.page}{current.role
							? `: ${current.title}`
							: current.seems
								? `. ${ROLE_TEXT[current.seems.role][0]}? ${current.seems.why}`
								: ''}
					</figcaption>
				</figure>
				<p class="mt-2 text-sm text-ink-2 max-lg:hidden">
					Click, drag, or Shift for several; arrows move, Space enlarges, a letter sorts.
				</p>
			{/if}
		</div>
	</div>
</div>

<Dialog bind:open={isLarge} title="Page {choice.current}">
	{#if strip.source.file}
		<img
			src="/documents/{strip.source.file}/{choice.current}/large"
			alt="Page {choice.current}, large"
			class="mx-auto max-h-[75vh] border border-rule bg-white"
		/>
	{:else}<p>A paper original: there is no picture of it.</p>{/if}
	{#each strip.pages[choice.current - 1]?.questions ?? [] as question (question)}
		<p class="mt-2 font-semibold">{question}</p>
	{/each}
</Dialog>
