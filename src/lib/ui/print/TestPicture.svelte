<script lang="ts">
	type Props = {
		/** The sheet whose front is seen. */
		first: number;
		/** The sheet whose back is behind it. */
		behind: number;
		isUpright: boolean;
	};
	let { first, behind, isUpright }: Props = $props();
</script>

<!-- An open sheet of the test print: its front, and its back as it is seen when the sheet is turned. -->
<svg viewBox="0 0 92 60" class="w-full max-w-44" aria-hidden="true">
	<rect x="48" y="4" width="40" height="52" fill="#fff" stroke="currentColor" stroke-width="1.5" />
	<rect x="4" y="4" width="40" height="52" fill="#f3efe2" stroke="currentColor" stroke-width="1.5" />
	<text x="68" y="36" text-anchor="middle" font-size="24" font-weight="700" fill="currentColor">{first}</text>
	<text x="68" y="50" text-anchor="middle" font-size="8" fill="currentColor">front</text>
	<g transform={isUpright ? undefined : 'rotate(180 24 30)'}>
		<text x="24" y="36" text-anchor="middle" font-size="24" font-weight="700" fill="currentColor"
			>{behind}</text
		>
		<text x="24" y="50" text-anchor="middle" font-size="8" fill="currentColor">back</text>
	</g>
</svg>
