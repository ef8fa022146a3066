<script lang="ts">
	import { enhance } from '$app/forms';
	import Camera from '@lucide/svelte/icons/camera';
	import { saves } from '../device/submit.ts';
	import { smallPicture } from './small-picture.ts';
	import type { Failure } from '../field/failure.ts';

	type Props = {
		has: boolean;
		/** Which one of several on the page it belongs to. */
		of?: number;
		failure: Failure;
	};
	let { has, of, failure }: Props = $props();
	let form: HTMLFormElement;
	/** A phone's photo is made small here, so that a shelf of covers stays quick. */
	async function chosen(event: Event & { currentTarget: HTMLInputElement }) {
		const input = event.currentTarget;
		const [file] = input.files ?? [];
		if (!file) return;
		const small = await smallPicture(file);
		if (small) {
			const transfer = new DataTransfer();
			transfer.items.add(small);
			input.files = transfer.files;
		}
		form.requestSubmit();
	}
</script>

<form
	bind:this={form}
	method="post"
	action="?/picture"
	enctype="multipart/form-data"
	use:enhance={saves()}
	class="mt-2 text-sm"
>
	{#if of !== undefined}<input type="hidden" name="id" value={of} />{/if}
	<label
		class="flex min-h-9 cursor-pointer items-center gap-2 font-semibold underline-offset-4 focus-within:outline-2 hover:underline"
	>
		<Camera size={18} aria-hidden="true" />
		{has ? 'Change picture' : 'Take a picture'}
		<input
			type="file"
			name="picture"
			accept="image/jpeg,image/png,image/webp"
			class="sr-only"
			onchange={chosen}
		/>
	</label>
	<noscript><button>Save</button></noscript>
	{#if has}<button class="min-h-9 text-ink-2 hover:underline" formaction="?/noPicture">Remove</button>{/if}
	{#if failure?.path === 'picture'}<p class="text-late" role="alert">{failure.message}</p>{/if}
</form>
