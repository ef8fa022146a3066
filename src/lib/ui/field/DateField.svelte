<script lang="ts">
	import type { DayKind } from '$core/calendar/index.ts';
	import DayField from '../day/DayField.svelte';
	import Field from './Field.svelte';
	import type { Failure } from './failure.ts';

	type Props = {
		label: string;
		name: string;
		value?: string | null;
		/** What kind of day it is, which says how far away it can lie. */
		kind?: DayKind;
		failure?: Failure;
		class?: string;
	};
	let { label, name, value = '', kind = 'plan', failure = null, class: extra = '' }: Props = $props();
</script>

<Field {label} {name} {failure} class={extra}>
	{#snippet children(aria)}<DayField {name} {kind} value={value ?? ''} {...aria} />{/snippet}
</Field>
