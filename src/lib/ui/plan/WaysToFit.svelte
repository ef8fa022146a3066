<script lang="ts">
	import { enhance } from '$app/forms';
	import { saves } from '../device/submit.ts';

	type Way = {
		readonly id: string;
		readonly title: string;
		readonly result: string;
		readonly button: string;
	};
	type Props = { ways: readonly Way[] };
	let { ways }: Props = $props();
</script>

<!-- When lessons do not fit their days: each way out with what it comes to. -->
{#if ways.length}
	<section class="mt-5 max-w-4xl border-l-4 border-due bg-due-soft px-4 py-3" aria-labelledby="ways">
		<h2 id="ways" class="text-lg">Ways to make it fit</h2>
		<ul class="mt-1 divide-y divide-rule">
			{#each ways as way (way.id)}
				<li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-1.5">
					<span class="min-w-56 flex-1 font-semibold">{way.title}</span>
					<span class="text-sm sm:w-72">{way.result}</span>
					<form method="post" action="?/fit" use:enhance={saves()}>
						<button
							name="way"
							value={way.id}
							aria-label="{way.button}: {way.title}"
							class="min-h-9 rounded-[3px] border border-edge bg-sheet px-3 text-sm font-semibold hover:border-ink"
							>{way.button}</button
						>
					</form>
				</li>
			{/each}
		</ul>
	</section>
{/if}
