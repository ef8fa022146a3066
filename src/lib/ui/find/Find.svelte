<script lang="ts">
	import { goto } from '$app/navigation';
	import { Command } from 'bits-ui';
	import Dialog from '../dialog/Dialog.svelte';

	type Found = { name: string; detail: string; href: string };
	type Props = { open: boolean };
	let { open = $bindable(false) }: Props = $props();
	let typed = $state('');
	let found = $state.raw<Found[]>([]);
	let failed = $state(false);
	let asked = 0;

	async function look() {
		const mine = ++asked;
		if (!typed.trim()) {
			found = [];
			return;
		}
		try {
			const response = await fetch(`/find?${new URLSearchParams({ q: typed })}`);
			const answer = (await response.json()) as Found[];
			if (mine === asked) [found, failed] = [answer, false];
		} catch {
			failed = true;
		}
	}
	async function choose(one: Found) {
		open = false;
		typed = '';
		found = [];
		await goto(one.href);
	}
</script>

<Dialog
	bind:open
	title="Search"
	about="Supplies, places, lessons, units. Or type “add flour 5 lb pantry” or “where is the globe”"
>
	<Command.Root shouldFilter={false} label="Search everything">
		<Command.Input
			class="typed text-lg"
			placeholder="craft sticks"
			aria-label="Search everything"
			aria-controls="found"
			aria-expanded={found.length > 0}
			bind:value={typed}
			oninput={() => void look()}
		/>
		<Command.List id="found" class="mt-2 max-h-[50vh] overflow-auto" aria-label="Found">
			{#each found as one, i (i)}
				<Command.Item
					value={`${i}`}
					onSelect={() => void choose(one)}
					class="cursor-pointer border-b border-rule px-2 py-2 data-[selected]:bg-ink data-[selected]:text-sheet"
				>
					<span class="block font-semibold">{one.name}</span>
					<span class="block text-sm opacity-85">{one.detail}</span>
				</Command.Item>
			{/each}
		</Command.List>
	</Command.Root>
	<p class="mt-2 text-sm text-ink-2" role="status">
		{#if failed}Can’t reach Gather Bin right now.{:else if typed.trim() && found.length === 0}No matches.{:else if found.length}{found.length}
			found{/if}
	</p>
</Dialog>
