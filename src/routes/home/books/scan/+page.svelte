<script lang="ts">
	import { enhance } from '$app/forms';
	import { onMount } from 'svelte';
	import Button from '$lib/ui/button/Button.svelte';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import { CodeReader } from '$lib/ui/library/codes.ts';
	import { listenToScanner } from '$lib/ui/library/hand-scanner.ts';
	import { sayWrong } from '$lib/ui/toast/toast.ts';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);

	type State = 'looking' | 'found' | 'not found' | 'no answer' | 'typed';
	type Scanned = {
		key: string;
		isbn13: string | null;
		shown: string;
		title: string;
		authors: string;
		about: string;
		state: State;
		same: { id: number; title: string; how: string }[];
		entry: Record<string, unknown>;
	};
	let list = $state<Scanned[]>([]);
	let typed = $state('');
	let place = $state('');
	let problem = $state('');
	const KEPT = 'gather-bin-shelf-session';
	const SAID: Record<State, string> = {
		looking: 'looking it up …',
		found: 'found in the catalogue',
		'not found': 'not in the catalogue: type the title',
		'no answer': 'the catalogue does not answer: type the title, or keep the number',
		typed: 'typed'
	};

	onMount(() => {
		const kept = localStorage.getItem(KEPT);
		if (kept) {
			list = JSON.parse(kept) as Scanned[];
			for (const one of list) if (one.state === 'looking') void look(one.key);
		}
		const stop = listenToScanner(add);
		return () => {
			stop();
			stopCamera();
			reader?.close();
		};
	});
	$effect(() => {
		// A session outlives a reload; nothing that was scanned is lost.
		localStorage.setItem(KEPT, JSON.stringify(list));
	});

	/** A code from the scanner, the camera, a photo or the keyboard; anything else is a title. */
	function add(text: string) {
		problem = '';
		const bare = text.replace(/^\s*isbn(?:-1[03])?\s*:?/i, '').replace(/[\s\u2010-\u2013-]/g, '');
		if (!/^\d{7,}[\dxX]?$/.test(bare)) {
			if (!text.trim()) return;
			list.unshift(entry(text.trim(), null, 'typed'));
			return;
		}
		if (list.some((one) => one.key === bare)) {
			problem = `${text} is on the list already.`;
			return;
		}
		list.unshift({ ...entry('', null, 'looking'), key: bare, shown: text });
		void look(bare);
	}
	function entry(title: string, isbn13: string | null, state: State): Scanned {
		const key = isbn13 ?? `${title} ${list.length} ${state}`;
		return { key, isbn13, shown: isbn13 ?? '', title, authors: '', about: '', state, same: [], entry: {} };
	}
	async function look(key: string) {
		const at = () => list.findIndex((one) => one.key === key);
		try {
			const answer = await fetch(`/home/books/look?isbn=${encodeURIComponent(key)}`);
			const read = (await answer.json()) as {
				state: 'found' | 'not found' | 'no answer' | 'wrong';
				why?: string;
				isbn13?: string;
				shown?: string;
				entry?: { title: string; authors: string; kind: string; pages: number | null; topics: string };
				same?: Scanned['same'];
			};
			const i = at();
			if (i < 0) return;
			if (read.state === 'wrong') {
				problem = `${list[i].shown}: ${read.why}. It was left out.`;
				list.splice(i, 1);
				return;
			}
			list[i] = {
				...list[i],
				isbn13: read.isbn13 ?? null,
				shown: read.shown ?? list[i].shown,
				state: read.state,
				title: list[i].title || read.entry?.title || '',
				authors: read.entry?.authors ?? '',
				about: read.entry
					? [read.entry.kind, read.entry.pages ? `${read.entry.pages} pages` : '', read.entry.topics]
							.filter(Boolean)
							.join(' · ')
					: '',
				entry: read.entry ?? {},
				same: read.same ?? []
			};
		} catch {
			const i = at();
			if (i >= 0) list[i] = { ...list[i], state: 'no answer' };
		}
	}
	function addTyped(event: SubmitEvent) {
		event.preventDefault();
		for (const line of typed.split(/[\n,;]+/).toReversed()) add(line);
		typed = '';
	}
	const sent = $derived(
		JSON.stringify(
			list
				.filter((one) => !one.same.some(({ how }) => how === 'same ISBN'))
				.map((one) => ({
					...one.entry,
					isbn13: one.isbn13,
					title: one.title || (one.isbn13 ? `ISBN ${one.shown}` : '')
				}))
		)
	);
	const there = $derived(list.filter((one) => one.same.some(({ how }) => how === 'same ISBN')).length);
	const fresh = $derived(list.length - there);

	let reader: CodeReader | null = null;
	let reading = $state(false);
	async function photo(event: Event) {
		const field = event.currentTarget as HTMLInputElement;
		reading = true;
		try {
			reader ??= new CodeReader();
			for (const file of field.files ?? []) {
				const codes = await reader.read(file);
				if (codes.length === 0)
					sayWrong(`No bar code can be read in ${file.name}. Hold it closer, straight and in the light.`);
				for (const code of codes) add(code);
			}
		} catch {
			sayWrong('That is not a picture that can be read. A photo as JPEG or PNG will do.');
		}
		reading = false;
		field.value = '';
	}

	let video = $state<HTMLVideoElement>();
	let camera = $state<MediaStream | null>(null);
	let looking: ReturnType<typeof setInterval> | undefined;
	const LOOK_MS = 350;
	async function startCamera() {
		if (!navigator.mediaDevices?.getUserMedia) {
			sayWrong('This browser gives no camera to a page without https. Take a photo instead.');
			return;
		}
		try {
			camera = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
		} catch {
			sayWrong('The camera is not there, or was not allowed. Take a photo instead.');
			return;
		}
		reader ??= new CodeReader();
		const canvas = document.createElement('canvas');
		let isBusy = false;
		looking = setInterval(async () => {
			if (!video || isBusy || !video.videoWidth) return;
			isBusy = true;
			canvas.width = video.videoWidth;
			canvas.height = video.videoHeight;
			const drawn = canvas.getContext('2d', { willReadFrequently: true })!;
			drawn.drawImage(video, 0, 0);
			const codes = await reader!.read(drawn.getImageData(0, 0, canvas.width, canvas.height));
			for (const code of codes) if (!list.some((one) => one.key === code)) add(code);
			isBusy = false;
		}, LOOK_MS);
	}
	function stopCamera() {
		clearInterval(looking);
		camera?.getTracks().forEach((track) => track.stop());
		camera = null;
	}
	$effect(() => {
		if (video && camera) video.srcObject = camera;
	});
</script>

<svelte:head><title>Scan a shelf · Gather Bin</title></svelte:head>

<p class="max-w-3xl font-display text-xl leading-snug font-medium">
	{list.length === 0
		? 'Scan one book after the other. A hand scanner works anywhere on this page.'
		: `${fresh} new ${fresh === 1 ? 'book' : 'books'} on the list${there ? `, ${there} here already` : ''}. Say where they stand, and save.`}
</p>

<div class="mt-4 flex flex-wrap items-end gap-3">
	<form onsubmit={addTyped} class="flex min-w-64 flex-1 items-end gap-3">
		<TextField
			label="An ISBN or a title; many at once with commas"
			name="typed"
			class="flex-1"
			bind:value={typed}
			placeholder="979-9900050-00-8"
		/>
		<Button type="submit">Add</Button>
	</form>
	<label
		class="flex min-h-11 cursor-pointer items-center rounded-[3px] border border-edge px-4 font-semibold focus-within:outline-2 hover:border-ink"
		>{reading ? 'Reading …' : 'Photo of the codes'}
		<input type="file" accept="image/*" capture="environment" multiple class="sr-only" onchange={photo} />
	</label>
	{#if camera}<Button onclick={stopCamera}>Stop the camera</Button>{:else}<Button onclick={startCamera}
			>Camera</Button
		>{/if}
</div>
<p class="mt-2 min-h-6 text-due" role="status">{problem}</p>
{#if camera}
	<video
		bind:this={video}
		autoplay
		playsinline
		muted
		class="mb-4 max-h-72 w-full max-w-xl rounded-[3px] bg-ink"
	></video>
{/if}

{#if list.length}
	<ol class="divide-y divide-rule border-y-2 border-ink">
		{#each list as one, i (one.key)}
			<li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
				<div class="min-w-56 flex-1">
					{#if one.state === 'not found' || one.state === 'no answer'}
						<input
							class="typed w-full max-w-md"
							placeholder="Title"
							aria-label="Title of {one.shown}"
							bind:value={list[i].title}
						/>
					{:else}
						<p class="font-semibold">{one.title || one.shown}</p>
					{/if}
					<p class="text-sm text-ink-2">
						{[one.authors, one.about, one.title && one.isbn13 ? one.shown : ''].filter(Boolean).join(' · ')}
					</p>
					{#each one.same as twin (twin.id)}<p class="text-sm font-semibold text-due">
							{twin.how === 'same ISBN' ? 'Here already' : twin.how}:
							<a href="/home/books/{twin.id}">{twin.title}</a>
						</p>{/each}
				</div>
				<span class="text-sm {one.state === 'found' ? 'text-good' : 'text-ink-2'}">{SAID[one.state]}</span>
				{#if one.state === 'no answer'}<Button
						size="small"
						onclick={() => {
							list[i].state = 'looking';
							void look(one.key);
						}}>Look again</Button
					>{/if}
				<Button
					size="small"
					look="quiet"
					aria-label="Leave out {one.title || one.shown}"
					onclick={() => list.splice(i, 1)}>Leave out</Button
				>
			</li>
		{/each}
	</ol>
	<form
		method="post"
		action="?/save"
		use:enhance={saves({ done: () => (list = []) })}
		class="mt-4 flex flex-wrap items-end gap-3"
	>
		<input type="hidden" name="list" value={sent} />
		<SelectField
			label="They all stand in"
			name="place"
			class="min-w-64"
			options={[{ value: '', label: 'no place noted' }, ...data.places]}
			bind:value={place}
			{failure}
		/>
		<Button type="submit" look="main" disabled={fresh === 0}
			>Save {fresh === 1 ? 'this book' : `these ${fresh} books`}</Button
		>
	</form>
	{#if failure}<p class="mt-2 text-late">{failure.message}</p>{/if}
{/if}
