<script lang="ts">
	import { enhance } from '$app/forms';
	import type { RoleChildren } from '$lib/server/services/print/who-gets.ts';
	import { saves } from '../device/submit.ts';
	import Button from '../button/Button.svelte';

	type Props = { roles: readonly RoleChildren[] };
	let { roles }: Props = $props();
</script>

<!-- Which children get a copy of each kind of page, for the whole unit; a single print can say otherwise. -->
<form method="post" action="?/who" use:enhance={saves()}>
	<p class="text-sm text-ink-2">
		A child who can’t write yet gets no pages to fill in unless you check it. A single page can say otherwise
		under Why.
	</p>
	<table class="mt-2 w-full max-w-2xl">
		<tbody>
			{#each roles as { role, text, children } (role)}
				<tr class="border-b border-rule align-top">
					<th class="py-2 pr-4 text-left font-semibold" scope="row">{text}</th>
					<td class="flex flex-wrap gap-x-5 py-1">
						{#each children as child (child.id)}
							<label class="flex min-h-11 items-center gap-2"
								><input
									type="checkbox"
									class="size-5"
									name="get-{role}-{child.id}"
									checked={child.gets}
									aria-label="{text}: {child.name}"
								/>{child.name}{#if child.why}<span class="text-sm text-ink-2">{child.why}</span>{/if}</label
							>
						{/each}
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
	<Button type="submit" class="mt-3">Save who gets what</Button>
</form>
