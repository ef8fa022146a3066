<script lang="ts">
	import { page } from '$app/state';
	import { dayMeant, dayText, dayWindow, isDay, type DayKind } from '$core/calendar/index.ts';

	type Props = {
		name: string;
		value?: string | null;
		/** What kind of day it is, which says how far away it can lie. */
		kind?: DayKind;
		id?: string;
		required?: boolean;
		'aria-describedby'?: string;
		'aria-invalid'?: 'true';
		'aria-label'?: string;
	};
	let { name, value = $bindable(''), kind = 'plan', ...rest }: Props = $props();
	const within = $derived(dayWindow(kind, page.data.day));

	/** Once the field is left, a year of two digits is what a person means by it. */
	function settle() {
		if (!value || !isDay(value) || value >= '0100') return;
		try {
			value = dayMeant(value, kind, page.data.day, name);
		} catch {
			// Too far away: the browser says so by the limits of the field.
		}
	}
</script>

<div>
	<input
		type="date"
		class="typed"
		{name}
		min={within.from}
		max={within.to}
		bind:value
		onblur={settle}
		{...rest}
	/>
	<p class="mt-0.5 min-h-5 text-sm text-ink-2">{value && isDay(value) ? dayText(value) : ''}</p>
</div>
