<script lang="ts">
	import { enhance } from '$app/forms';
	import BookOpen from '@lucide/svelte/icons/book-open';
	import Check from '@lucide/svelte/icons/check';
	import FileText from '@lucide/svelte/icons/file-text';
	import Grid from '@lucide/svelte/icons/grid-2x2';
	import Pencil from '@lucide/svelte/icons/pencil';
	import ShoppingBasket from '@lucide/svelte/icons/shopping-basket';
	import { saves } from '$lib/ui/device/submit.ts';

	let { data } = $props();
	const { child } = $derived(data);
	const PICTURES = {
		basket: ShoppingBasket,
		lesson: BookOpen,
		task: Pencil,
		page: FileText,
		tray: Grid
	} as const;
	const pictureOf = (name: string) => PICTURES[name as keyof typeof PICTURES] ?? Grid;
	const left = $derived(child.entries.filter((one) => !one.isDone).length);
</script>

<svelte:head><title>{child.name} · Gather Bin</title></svelte:head>

<main class="mx-auto max-w-2xl px-4 py-6">
	<h1 class="text-4xl">{child.name}</h1>
	<p class="mt-1 text-2xl">
		{child.title}.
		{child.entries.length === 0 ? 'A free day!' : left === 0 ? 'All done!' : `${left} to do.`}
	</p>
	<ul class="mt-5 space-y-3">
		{#each child.entries as one (one.key)}
			{@const Picture = pictureOf(one.picture)}
			<li>
				<form method="post" action="?/tick" use:enhance={saves()}>
					<input type="hidden" name="key" value={one.key} />
					<input type="hidden" name="done" value={one.isDone ? '' : '1'} />
					<button
						type="submit"
						aria-pressed={one.isDone}
						class="flex w-full items-center gap-5 rounded-sheet border-[3px] border-ink p-4 text-left text-2xl font-semibold {one.isDone
							? 'bg-lined text-ink-2'
							: 'bg-sheet'}"
					>
						{#if one.time}<span class="w-20 shrink-0 tabular-nums">{one.time}</span>{/if}
						<Picture size={40} aria-hidden="true" class="shrink-0" />
						<span class="min-w-0 flex-1"
							>{one.text}{#if one.detail}<span class="block text-lg font-normal text-ink-2">{one.detail}</span
								>{/if}</span
						>
						<span
							class="grid size-12 shrink-0 place-items-center rounded-full border-[3px] border-ink text-good"
							>{#if one.isDone}<Check size={32} aria-hidden="true" />{/if}</span
						>
					</button>
				</form>
			</li>
		{/each}
	</ul>
</main>
