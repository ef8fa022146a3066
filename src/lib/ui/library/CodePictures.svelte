<script lang="ts">
	import { onMount } from 'svelte';
	import Button from '../button/Button.svelte';
	import { sayWrong } from '../toast/toast.ts';
	import { CodeReader } from './codes.ts';

	type Props = {
		/** Called with each code that a photo shows. */
		read: (code: string) => void;
		/** Called with each code that the camera sees, many times a second for the same one. */
		seen: (code: string) => void;
	};
	let { read, seen }: Props = $props();
	const LOOK_MS = 350;

	let reader: CodeReader | null = null;
	let isReading = $state(false);
	let video = $state<HTMLVideoElement>();
	let camera = $state<MediaStream | null>(null);
	let looking: ReturnType<typeof setInterval> | undefined;

	onMount(() => () => {
		stopCamera();
		reader?.close();
	});
	$effect(() => {
		if (video && camera) video.srcObject = camera;
	});

	async function photo(event: Event) {
		const field = event.currentTarget as HTMLInputElement;
		isReading = true;
		try {
			reader ??= new CodeReader();
			for (const file of field.files ?? []) {
				const codes = await reader.read(file);
				if (codes.length === 0)
					sayWrong(`Couldn’t read a barcode in ${file.name}. Try closer, straight on, in good light.`);
				for (const code of codes) read(code);
			}
		} catch {
			sayWrong('Couldn’t read that picture. Use a JPEG or PNG.');
		}
		isReading = false;
		field.value = '';
	}

	async function startCamera() {
		if (!navigator.mediaDevices?.getUserMedia) {
			sayWrong('Without https this browser can’t use the camera. Take a photo instead.');
			return;
		}
		try {
			camera = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
		} catch {
			sayWrong('No camera, or it isn’t allowed. Take a photo instead.');
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
			for (const code of codes) seen(code);
			isBusy = false;
		}, LOOK_MS);
	}
	function stopCamera() {
		clearInterval(looking);
		camera?.getTracks().forEach((track) => track.stop());
		camera = null;
	}
</script>

<!-- Codes from photos, and from the camera while it is held over the shelf. -->
<label
	class="flex min-h-11 cursor-pointer items-center rounded-[3px] border border-edge px-4 font-semibold focus-within:outline-2 hover:border-ink"
	>{isReading ? 'Reading …' : 'Photo of barcodes'}
	<input type="file" accept="image/*" capture="environment" multiple class="sr-only" onchange={photo} />
</label>
{#if camera}<Button onclick={stopCamera}>Stop camera</Button>{:else}<Button onclick={startCamera}
		>Camera</Button
	>{/if}
{#if camera}
	<video
		bind:this={video}
		autoplay
		playsinline
		muted
		class="order-last max-h-72 w-full max-w-xl rounded-[3px] bg-ink"
	></video>
{/if}
