<script lang="ts">
	import { dayText, isDay } from '$core/calendar/index.ts';

	type Props = {
		name: string;
		value?: string | null;
		id?: string;
		required?: boolean;
		'aria-describedby'?: string;
		'aria-invalid'?: 'true';
		'aria-label'?: string;
	};
	let { name, value = $bindable(''), ...rest }: Props = $props();
</script>

<div>
	<input type="date" class="typed" {name} bind:value {...rest} />
	<p class="mt-0.5 min-h-5 text-sm text-ink-2">{value && isDay(value) ? dayText(value) : ''}</p>
</div>
