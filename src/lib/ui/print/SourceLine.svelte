<script lang="ts">
	import { enhance } from '$app/forms';
	import { goto, invalidateAll } from '$app/navigation';
	import type { SourceView } from '$lib/server/services/print/sources.ts';
	import { saves } from '../device/submit.ts';
	import Button from '../button/Button.svelte';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import { SOURCE_OPTIONS } from './options.ts';
	import { handOver, Uploads } from './upload.svelte.ts';

	type Props = {
		source: SourceView;
		base: string;
		/** What a ready-made set costs, as typed. */
		ready: string;
		failure: { message?: string; path?: string | null } | null;
	};
	let { source, base, ready, failure }: Props = $props();
	let open = $state(false);
	const uploads = new Uploads();

	async function give(files: FileList | null) {
		if (!files?.length || uploads.state !== 'idle') return;
		await uploads.send([files[0]], async (upload, signal) => {
			const { problem, edition } = await handOver(
				upload,
				{ kind: source.kind, source: String(source.id) },
				signal
			);
			if (edition !== null) await goto(`${base}/edition/${source.id}/${edition}`);
			return problem;
		});
		await invalidateAll();
	}
	const standing = $derived(
		source.sorted >= source.pages
			? 'all sorted'
			: `${source.pages - source.sorted} of ${source.pages} to sort`
	);
</script>

<li class="py-2">
	<div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
		<a class="font-semibold" href="{base}/sort/{source.id}">{source.title}</a>
		<span class="text-sm text-ink-2"
			>{SOURCE_OPTIONS.find((one) => one.value === source.kind)?.label} · {source.pages}
			{source.pages === 1 ? 'page' : 'pages'}</span
		>
		<span class="flex-1 text-sm font-semibold">{standing}</span>
		<button
			type="button"
			class="min-h-9 text-sm font-semibold underline decoration-rule decoration-2 underline-offset-4 hover:decoration-ink"
			aria-expanded={open}
			aria-label="About {source.title}"
			onclick={() => (open = !open)}>{open ? 'Close' : 'About it'}</button
		>
	</div>
	{#each source.notes as note (note)}<p class="text-sm text-ink-2">{note}</p>{/each}
	{#if open}
		<form
			method="post"
			action="?/source"
			use:enhance={saves({ done: () => (open = false) })}
			class="mt-2 flex flex-wrap items-end gap-4"
		>
			<input type="hidden" name="id" value={source.id} />
			<SelectField label="It is" name="kind" options={SOURCE_OPTIONS} value={source.kind} class="w-44" />
			<TextField
				label="Ready-printed set costs"
				name="ready"
				value={ready}
				inputmode="decimal"
				placeholder="24.50"
				hint="where it is sold so"
				{failure}
				class="w-48"
			/>
			<label class="flex min-h-11 items-center gap-2"
				><input type="checkbox" class="size-5" name="cut" checked={source.isCut} />a book we’ll bind: cut
				pages out first, gray copies take their place</label
			>
			<Button type="submit">Save</Button>
			<Button type="submit" look="quiet" formaction="?/removeSource">Take it out of this unit</Button>
			<a class="min-h-9 text-sm" href="/home/books/{source.resource}">Ages, copying right, notes</a>
		</form>
		<label class="mt-3 block">
			<span class="block font-semibold"
				>{source.file === null ? 'Its PDF or a scan of it' : 'A new edition of its PDF'}</span
			>
			<span class="block text-sm text-ink-2"
				>{source.file === null
					? 'what is sorted stays; print files are then made for you'
					: 'you see what changed before it takes the place of the first'}</span
			>
			<input
				type="file"
				accept="application/pdf,image/jpeg,image/png,.pdf,.jpg,.jpeg,.png"
				class="mt-2 block w-full text-sm file:mr-3 file:min-h-11 file:cursor-pointer file:rounded-[3px] file:border file:border-edge file:bg-sheet file:px-4 file:font-semibold file:text-ink"
				onchange={(event) => void give(event.currentTarget.files)}
			/>
		</label>
		{#if uploads.state !== 'idle'}<p class="mt-1 text-sm" role="status">Sending {uploads.name}</p>{/if}
		{#each uploads.problems as problem (problem)}<p class="mt-1 font-semibold text-late" role="alert">
				{problem}
			</p>{/each}
	{/if}
</li>
