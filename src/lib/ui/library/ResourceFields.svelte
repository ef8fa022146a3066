<script lang="ts">
	import type { CopyingRight } from '$core/library/index.ts';
	import { labeled, RIGHTS_TEXT } from '$core/words/index.ts';
	import { dollarsTyped } from '$core/words/index.ts';
	import SelectField from '../field/SelectField.svelte';
	import TextField from '../field/TextField.svelte';
	import type { Failure } from '../field/failure.ts';

	type Option = { readonly value: string; readonly label: string };
	type Row = Readonly<
		Record<
			| 'title'
			| 'authors'
			| 'kind'
			| 'publisher'
			| 'language'
			| 'about'
			| 'topics'
			| 'content'
			| 'condition'
			| 'came_from'
			| 'rights'
			| 'pieces_missing'
			| 'address'
			| 'service'
			| 'device'
			| 'notes'
			| 'liked',
			string
		> &
			Record<
				| 'year'
				| 'pages'
				| 'from_age'
				| 'to_age'
				| 'grade'
				| 'place_id'
				| 'supplier_id'
				| 'cents'
				| 'players_from'
				| 'players_to'
				| 'pieces'
				| 'width_mm'
				| 'minutes',
				number | null
			> &
			Record<'charter' | 'owned' | 'copies' | 'small_parts' | 'hardcover', number>
	>;
	type Props = {
		row: Row;
		isbn: string;
		kinds: readonly string[];
		rights: readonly CopyingRight[];
		places: readonly Option[];
		sources: readonly Option[];
		contents: readonly string[];
		readers: string;
		failure: Failure;
	};
	let { row, isbn, kinds, rights, places, sources, contents, readers, failure }: Props = $props();
	let kind = $derived<string>(row.kind);
	const isRead = $derived(['book', 'picture book', 'magazine', 'printable'].includes(kind));
	const content = $derived((JSON.parse(row.content) as string[]).join(', '));
</script>

{#snippet tick(name: string, label: string, on: number)}
	<label class="flex min-h-9 items-center gap-2"
		><input type="checkbox" {name} class="size-5" checked={on === 1} />{label}</label
	>
{/snippet}

<TextField label="Title" name="title" value={row.title} {failure} />
<div class="grid grid-cols-2 gap-3">
	<TextField label="By" name="authors" value={row.authors} {failure} />
	<SelectField label="Kind" name="kind" options={kinds.map(labeled)} bind:value={kind} {failure} />
	<TextField label="Topics (comma-separated)" name="topics" value={row.topics} {failure} />
	<TextField label="ISBN" name="isbn" value={isbn} {failure} />
</div>
<div class="grid grid-cols-2 gap-3 sm:grid-cols-4">
	<TextField label="From age" name="fromAge" inputmode="numeric" value={row.from_age ?? ''} {failure} />
	<TextField label="To age" name="toAge" inputmode="numeric" value={row.to_age ?? ''} {failure} />
	<TextField
		label="Reading level (grade)"
		name="grade"
		inputmode="decimal"
		value={row.grade ?? ''}
		{failure}
	/>
	<TextField label="Language" name="language" value={row.language} {failure} />
</div>
{#if readers}<p class="-mt-2 text-sm text-ink-2">{readers}</p>{/if}
<div class="grid grid-cols-2 gap-3">
	<SelectField
		label="Place"
		name="place"
		options={[{ value: '', label: 'no place set' }, ...places]}
		value={String(row.place_id ?? '')}
		{failure}
	/>
	<SelectField
		label="Source"
		name="source"
		options={[{ value: '', label: 'none' }, ...sources]}
		value={String(row.supplier_id ?? '')}
		{failure}
	/>
</div>
<div class="flex flex-wrap gap-x-6">
	{@render tick('owned', 'It is ours', row.owned)}
	{@render tick('charter', 'paid by a charter, which wants it back', row.charter)}
	{@render tick('smallParts', 'has small parts', row.small_parts)}
	{@render tick('hardcover', 'hard covers', row.hardcover)}
</div>
<details>
	<summary class="min-h-9 cursor-pointer py-1 font-semibold">More about it</summary>
	<div class="mt-2 grid grid-cols-2 gap-3">
		<TextField
			label="Content notes"
			name="content"
			value={content}
			placeholder={contents.join(', ')}
			{failure}
		/>
		<SelectField
			label="How it went"
			name="liked"
			options={[{ value: '', label: 'not rated' }, ...['good', 'all right', 'not used'].map(labeled)]}
			value={row.liked}
			{failure}
		/>
		<SelectField
			label="Copies allowed"
			name="rights"
			options={rights.map((value) => ({ value, label: RIGHTS_TEXT[value] }))}
			value={row.rights}
			{failure}
		/>
		<TextField label="Copies we own" name="copies" inputmode="numeric" value={row.copies} {failure} />
		{#if isRead}
			<TextField label="Pages" name="pages" inputmode="numeric" value={row.pages ?? ''} {failure} />
			<TextField
				label="Thickness (mm)"
				name="width"
				inputmode="decimal"
				value={row.width_mm ?? ''}
				{failure}
			/>
		{:else}
			<TextField label="Pieces" name="pieces" inputmode="numeric" value={row.pieces ?? ''} {failure} />
			<TextField label="Pieces missing" name="piecesMissing" value={row.pieces_missing} {failure} />
			<TextField
				label="Players, min"
				name="playersFrom"
				inputmode="numeric"
				value={row.players_from ?? ''}
				{failure}
			/>
			<TextField
				label="Players, max"
				name="playersTo"
				inputmode="numeric"
				value={row.players_to ?? ''}
				{failure}
			/>
		{/if}
		<TextField label="Minutes" name="minutes" inputmode="numeric" value={row.minutes ?? ''} {failure} />
		<TextField label="Web address" name="address" value={row.address} {failure} />
		<TextField label="Site or app" name="service" value={row.service} {failure} />
		<TextField label="Device needed" name="device" value={row.device} {failure} />
		<TextField label="Publisher" name="publisher" value={row.publisher} {failure} />
		<TextField label="Year" name="year" inputmode="numeric" value={row.year ?? ''} {failure} />
		<TextField label="Condition" name="condition" value={row.condition} {failure} />
		<TextField
			label="Cost ($)"
			name="money"
			inputmode="decimal"
			value={row.cents === null ? '' : dollarsTyped(row.cents)}
			{failure}
		/>
		<TextField label="Where you got it" name="cameFrom" value={row.came_from} class="col-span-2" {failure} />
		<TextField label="Description" name="about" rows={2} value={row.about} class="col-span-2" {failure} />
		<TextField
			label="Notes, one per line"
			name="notes"
			rows={3}
			value={row.notes}
			class="col-span-2"
			{failure}
		/>
	</div>
</details>
