<script lang="ts">
	import { Combobox } from 'bits-ui';

	type Props = {
		name: string;
		/** What may be chosen; anything else may be typed as well. */
		options: readonly string[];
		value?: string;
		id?: string;
		required?: boolean;
		'aria-describedby'?: string;
		'aria-invalid'?: 'true';
		'aria-label'?: string;
	};
	let { name, options, value = $bindable(''), id, required = false, ...aria }: Props = $props();
	const SHOWN = 8;
	const found = $derived.by(() => {
		const typed = value.trim().toLowerCase();
		return typed
			? options.filter((option) => option.includes(typed) && option !== typed).slice(0, SHOWN)
			: options.slice(0, SHOWN);
	});
</script>

<Combobox.Root
	type="single"
	inputValue={value}
	onValueChange={(chosen) => (value = chosen)}
	allowDeselect={false}
>
	<Combobox.Input
		{id}
		{name}
		{required}
		class="typed"
		autocomplete="off"
		spellcheck="false"
		defaultValue={value}
		oninput={(event) => (value = event.currentTarget.value)}
		{...aria}
	/>
	<Combobox.Portal>
		{#if found.length}
			<Combobox.Content
				class="z-50 max-h-64 w-[var(--bits-combobox-anchor-width)] overflow-auto rounded-[3px] border border-ink-2 bg-sheet shadow-lg"
				sideOffset={2}
			>
				{#each found as option, i (i)}
					<Combobox.Item
						value={option}
						label={option}
						class="cursor-pointer px-3 py-2 data-[highlighted]:bg-ink data-[highlighted]:text-sheet"
					>
						{option}
					</Combobox.Item>
				{/each}
			</Combobox.Content>
		{/if}
	</Combobox.Portal>
</Combobox.Root>
