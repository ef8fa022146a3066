<script lang="ts">
	import { enhance } from '$app/forms';
	import Button from '$lib/ui/button/Button.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import Sheet from '$lib/ui/shell/Sheet.svelte';
	import TestPicture from '$lib/ui/print/TestPicture.svelte';

	let { data } = $props();
	let isSure = $state(false);
	const byHand = $derived(data.duplex === 'by hand');
	const pictures = $derived(
		[true, false].flatMap((isRight) =>
			[true, false].map((isUpright) => ({
				isRight,
				isUpright,
				text: byHand
					? `The ${isRight ? 1 : 2} is behind the 1, ${isUpright ? 'upright' : 'on its head'}`
					: `The ${isRight ? 1 : 2} is on top; its back stands ${isUpright ? 'upright' : 'on its head'}`
			}))
		)
	);
</script>

<svelte:head><title>Test print · Gather Bin</title></svelte:head>
<Sheet>
	<main>
		<p class="text-sm"><a href="/house/printing">Printing</a></p>
		<h1 class="text-3xl">Test print</h1>
		<p class="mt-2 max-w-3xl font-display text-xl font-medium">
			{isSure
				? 'That’s it: every run comes out right from now on.'
				: 'Two sheets show how your printer turns paper. Tap the picture you see, and we set the rest.'}
		</p>
		<ol class="mt-6 list-decimal space-y-6 pl-6 text-lg">
			{#if byHand}
				<li>
					Print the fronts, at actual size.
					<span class="mt-2 block"
						><Button href="/house/printing/test.pdf?sides=front" target="_blank" look="main">Fronts</Button
						></span
					>
				</li>
				<li>
					Look at the pile in the printer’s tray, before you touch it. What do you see on top?
					<form method="post" action="?/face" use:enhance={saves()} class="mt-2 flex flex-wrap gap-3">
						{#each [['face down', 'White paper'], ['face up', 'A printed side']] as [value, label] (value)}
							<button
								name="delivers"
								{value}
								aria-pressed={data.delivers === value}
								class="min-h-11 rounded-[3px] border-2 border-ink px-4 font-semibold {data.delivers === value
									? 'bg-ink text-sheet'
									: 'bg-sheet'}">{label}</button
							>
						{/each}
					</form>
				</li>
				<li>
					Put the pile back in the way you always will, and print the backs.
					<span class="mt-2 block"
						><Button href="/house/printing/test.pdf?sides=back" target="_blank">Backs</Button></span
					>
				</li>
			{:else}
				<li>
					Print both sides, at actual size.
					<span class="mt-2 block"
						><Button href="/house/printing/test.pdf" target="_blank" look="main">Test print</Button></span
					>
				</li>
			{/if}
			<li>
				{byHand
					? 'Find the front of sheet 1 and turn it like a page in a book. What is behind it?'
					: 'Pick up the pile so that a front shows, and turn the upper sheet like a page in a book.'}
				<ul class="mt-3 grid max-w-3xl grid-cols-2 gap-4 md:grid-cols-4">
					{#each pictures as { isRight, isUpright, text } (text)}
						<li>
							<form
								method="post"
								action="?/saw"
								class="h-full"
								use:enhance={saves({ done: () => (isSure = isRight && isUpright) })}
							>
								<input type="hidden" name="right" value={isRight ? 'yes' : 'no'} />
								<input type="hidden" name="upright" value={isUpright ? 'yes' : 'no'} />
								<button
									class="flex size-full flex-col items-center gap-2 rounded-sheet border-2 border-rule bg-sheet p-3 text-base leading-snug hover:border-ink"
								>
									<TestPicture first={byHand || isRight ? 1 : 2} behind={isRight ? 1 : 2} {isUpright} />
									{text}
								</button>
							</form>
						</li>
					{/each}
				</ul>
				{#if byHand}<p class="mt-3 max-w-3xl text-base text-ink-2">
						Front and back on the same side? Turn the pile over before you put it back, and print both again.
					</p>{/if}
			</li>
		</ol>
	</main>
</Sheet>
