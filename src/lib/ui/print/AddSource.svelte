<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { enhance } from '$app/forms';
	import { counted } from '$core/words/index.ts';
	import { saves } from '../device/submit.ts';
	import Button from '../button/Button.svelte';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import { handOver, Uploads } from './upload.svelte.ts';

	type Props = {
		most: number;
		printables: readonly { id: number; title: string }[];
		places: readonly { value: string; label: string }[];
		kinds: readonly { value: string; label: string }[];
		failure: { message?: string; path?: string | null } | null;
		isFirst: boolean;
	};
	let { most, printables, places, kinds, failure, isFirst }: Props = $props();

	const uploads = new Uploads();
	let kind = $state('guide');
	let over = $state(false);
	let picker = $state<HTMLInputElement>();

	async function take(files: readonly File[]) {
		// One file is the guide unless said otherwise; many at once are printables.
		if (files.length > 1 && kind === 'guide') kind = 'other';
		if (files.length === 0 || uploads.state !== 'idle') return;
		await uploads.send(files, async (upload, signal) => (await handOver(upload, { kind }, signal)).problem);
		await invalidateAll();
	}
	const megabytes = (bytes: number) => (bytes / 1024 / 1024).toFixed(bytes < 10_000_000 ? 1 : 0);
</script>

<!-- What one prints from: a PDF that is dropped or chosen, a printable of the library, pages of a book. -->
<section aria-label="Add something to print">
	<form
		method="post"
		action="?/add"
		enctype="multipart/form-data"
		onsubmit={(event) => {
			event.preventDefault();
			void take([...(picker?.files ?? [])]);
		}}
		ondragover={(event) => {
			event.preventDefault();
			over = true;
		}}
		ondragleave={() => (over = false)}
		ondrop={(event) => {
			event.preventDefault();
			over = false;
			void take([...(event.dataTransfer?.files ?? [])]);
		}}
		class="rounded-sheet border-2 border-dashed p-4 {over ? 'border-ink bg-lined' : 'border-edge'}"
	>
		{#if uploads.state === 'idle'}
			<div class="flex flex-wrap items-end gap-x-4 gap-y-3">
				<label class="min-w-60 flex-1">
					<span class="block font-semibold"
						>{isFirst ? 'Drop the PDF of your guide here' : 'Add another PDF'}</span
					>
					<span class="block text-sm text-ink-2"
						>or several printables at once, as PDF, JPEG, or PNG; up to {most} MB each</span
					>
					<input
						bind:this={picker}
						type="file"
						name="file"
						accept="application/pdf,image/jpeg,image/png,.pdf,.jpg,.jpeg,.png"
						multiple
						class="mt-2 block w-full text-sm file:mr-3 file:min-h-11 file:cursor-pointer file:rounded-[3px] file:border file:border-edge file:bg-sheet file:px-4 file:font-semibold file:text-ink"
						onchange={() => void take([...(picker?.files ?? [])])}
					/>
				</label>
				<SelectField label="It is" name="kind" options={kinds} bind:value={kind} class="w-44" />
				<noscript><Button type="submit" look="main">Add it</Button></noscript>
			</div>
		{:else}
			<p class="font-semibold" role="status">
				{uploads.state === 'reading'
					? `Opening ${uploads.name}`
					: uploads.state === 'waiting'
						? `No network. ${uploads.name} goes on from ${megabytes(uploads.sent)} MB when it’s back.`
						: `Sending ${uploads.name}: ${megabytes(uploads.sent)} of ${megabytes(uploads.size)} MB`}{uploads.left
					? ` · ${counted(uploads.left, 'file')} more`
					: ''}
			</p>
			<progress
				class="mt-2 h-2 w-full accent-good"
				max={uploads.size}
				value={uploads.state === 'reading' ? undefined : uploads.sent}
				aria-label="How much of the file has come in"
			></progress>
			<div class="mt-3 flex gap-3">
				{#if uploads.state === 'waiting'}<Button onclick={() => uploads.goOn()}>Try now</Button>{/if}
				<Button onclick={() => uploads.stop()}>Stop</Button>
			</div>
		{/if}
		{#each uploads.problems as problem (problem)}
			<p class="mt-2 font-semibold text-late" role="alert">{problem}</p>
		{/each}
	</form>

	<details class="mt-2">
		<summary class="min-h-9 cursor-pointer py-1.5 text-sm font-semibold"
			>A printable you have, or pages of a book</summary
		>
		<div class="mt-2 grid gap-6 sm:grid-cols-2">
			{#if printables.length}
				<form method="post" action="?/from" use:enhance={saves()} class="space-y-3">
					<SelectField
						label="From your home library"
						name="resource"
						options={printables.map((one) => ({ value: String(one.id), label: one.title }))}
						value={String(printables[0].id)}
					/>
					<input type="hidden" name="kind" value="other" />
					<Button type="submit">Print from it</Button>
				</form>
			{/if}
			<form method="post" action="?/paper" use:enhance={saves({ reset: true })} class="space-y-3">
				<TextField label="Paper original" name="title" placeholder="Green guide, pages 12–40" {failure} />
				<div class="flex gap-3">
					<TextField label="Pages" name="pages" inputmode="numeric" class="w-24" {failure} />
					<SelectField
						label="Where it is"
						name="place"
						options={[{ value: '', label: 'not said' }, ...places]}
						class="min-w-0 flex-1"
					/>
				</div>
				<input type="hidden" name="kind" value="guide" />
				<Button type="submit">Add the pages</Button>
			</form>
		</div>
	</details>
</section>
