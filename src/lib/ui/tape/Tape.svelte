<script lang="ts">
	type Props = { text: string; look?: 'tape' | 'box' };
	let { text, look = 'tape' }: Props = $props();
</script>

<!-- A place, set like the tape that is stuck on a drawer. -->
<span
	class="inline-block rounded-[2px] px-1.5 py-px font-display text-[0.8125rem] leading-5 font-semibold tracking-wide {look ===
	'tape'
		? 'bg-tape text-white print:border-b-2 print:border-black print:bg-transparent print:px-0 print:text-black print:shadow-none shadow-[inset_0_1px_0_rgb(255_255_255/0.18)]'
		: 'bg-good-soft text-good print:bg-transparent print:px-0 print:text-black'}">{text}</span
>
