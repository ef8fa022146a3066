<script lang="ts">
	import { tick } from 'svelte';
	import { enhance } from '$app/forms';
	import type { RowView } from '$lib/server/services/prepare/rows.ts';
	import type { SittingView } from '$lib/server/services/prepare/plan.ts';
	import { saves } from '../device/submit.ts';

	type Props = {
		/** Those that are drawn, in their order. */
		sittings: readonly SittingView[];
		waiting: readonly RowView[];
	};
	let { sittings, waiting }: Props = $props();

	/** A piece of a bar: a set-up, or a job with where it begins and how long it takes, in minutes. */
	type Piece = { from: number; minutes: number; row: RowView | null; name: string };
	function piecesOf(rows: readonly RowView[]): Piece[] {
		let from = 0;
		return rows.flatMap((row) => {
			const pieces: Piece[] = [];
			if (row.setUp) {
				pieces.push({ from, minutes: row.setUp.minutes, row: null, name: `${row.setUp.name} warms up` });
				from += row.setUp.minutes;
			}
			pieces.push({ from, minutes: row.minutes, row, name: row.title });
			from += row.minutes;
			return pieces;
		});
	}
	const bars = $derived([
		...(waiting.length
			? [
					{
						id: 0,
						day: 'No sitting yet',
						about: '',
						minutes: 0,
						isOverfull: false,
						pieces: piecesOf(waiting)
					}
				]
			: []),
		...sittings.map((one) => ({
			id: one.id,
			day: one.day,
			about: [one.about, ...one.bars].join(' · '),
			minutes: one.minutes,
			isOverfull: one.isOverfull,
			pieces: piecesOf(one.rows)
		}))
	]);
	const taken = (pieces: readonly Piece[]) => pieces.reduce((sum, one) => sum + one.minutes, 0);
	/** Minutes that the width of the drawing stands for. */
	const most = $derived(Math.max(15, ...bars.map((bar) => Math.max(bar.minutes, taken(bar.pieces)))));
	const wide = (minutes: number) => `${(minutes / most) * 100}%`;

	let form = $state<HTMLFormElement>();
	let move = $state({ job: '', sitting: '' });
	let dragged = $state<{ key: string; x: number; y: number } | null>(null);
	let over = $state<number | null>(null);
	/** Puts a job at another sitting; 0 is none. */
	async function put(row: RowView, to: number) {
		move = { job: row.key, sitting: to === 0 ? '' : String(to) };
		await tick();
		form?.requestSubmit();
	}
	/** Its handle in the list keeps the focus where it has gone to. */
	async function follow() {
		await tick();
		const [id] = move.job.split('|');
		const handles = [...document.querySelectorAll<HTMLElement>('[data-handle]')];
		handles.find((one) => one.dataset.handle!.split('|').includes(id))?.focus();
	}
	/** Puts a job at the sitting before or after the one that it is at. */
	export function step(row: RowView, from: number, by: -1 | 1): void {
		const to = bars[bars.findIndex((bar) => bar.id === from) + by];
		if (to) void put(row, to.id);
	}
	const barAt = (event: PointerEvent) => {
		const found = document
			.elementsFromPoint(event.clientX, event.clientY)
			.find((one): one is HTMLElement => one instanceof HTMLElement && one.dataset.sitting !== undefined);
		return found ? Number(found.dataset.sitting) : null;
	};
	function grab(event: PointerEvent, row: RowView) {
		(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
		dragged = { key: row.key, x: 0, y: 0 };
	}
	function pull(event: PointerEvent) {
		if (!dragged) return;
		dragged = { ...dragged, x: dragged.x + event.movementX, y: dragged.y + event.movementY };
		over = barAt(event);
	}
	function drop(event: PointerEvent, row: RowView, from: number) {
		const to = dragged ? barAt(event) : null;
		dragged = null;
		over = null;
		if (to !== null && to !== from) void put(row, to);
	}
	const said = (row: RowView, bar: { day: string }) =>
		[row.title, row.of, row.time, bar.day, row.by ? `wanted by ${row.by}` : '', row.broken.join('; ')]
			.filter(Boolean)
			.join(', ');
</script>

<!--
The coming sittings to scale, minute by minute: what is set up is hatched, free room is empty, and what breaks a rule is
outlined. A job is dragged to another bar; with the keyboard it goes there by its handle in the list below, since a
block to scale may be too small to be met.
-->
<form method="post" action="?/move" hidden bind:this={form} use:enhance={saves({ shown: follow })}>
	<input type="hidden" name="job" value={move.job} />
	<input type="hidden" name="sitting" value={move.sitting} />
</form>
<div class="mat rounded-sheet p-3 sm:p-5" role="group" aria-label="The coming sittings, to scale">
	<ol class="space-y-3">
		{#each bars as bar (bar.id)}
			<li class="grid gap-x-4 gap-y-1 sm:grid-cols-[9.5rem_1fr] sm:items-center" data-sitting={bar.id}>
				<div class="text-sm leading-tight text-chalk">
					<span class="font-semibold">{bar.day}</span>
					{#if bar.about}<span class="sm:block">{bar.about}</span>{/if}
					{#if bar.isOverfull}<strong class="block">Too full</strong>{/if}
				</div>
				<div class="relative h-14 {over === bar.id ? 'outline-3 outline-offset-2 outline-chalk' : ''}">
					{#if bar.minutes > 0}<div
							class="absolute inset-y-0 left-0 rounded-sm border border-dashed border-chalk/70"
							style:width={wide(bar.minutes)}
						></div>{/if}
					{#each bar.pieces as piece (`${piece.from} ${piece.name}`)}
						{#if piece.row}
							{@const row = piece.row}
							<div
								class="@container absolute inset-y-0 cursor-grab touch-none overflow-hidden rounded-sm border bg-sheet px-1 text-left text-xs leading-tight text-ink {row
									.broken.length || row.isLate
									? 'border-2 border-late'
									: 'border-ink'} {dragged?.key === row.key ? 'z-20 opacity-80 shadow-lg' : ''}"
								style:left={wide(piece.from)}
								style:width={wide(piece.minutes)}
								style:transform={dragged?.key === row.key
									? `translate(${dragged.x}px, ${dragged.y}px)`
									: undefined}
								title={said(row, bar)}
								role="presentation"
								onpointerdown={(event) => grab(event, row)}
								onpointermove={pull}
								onpointerup={(event) => drop(event, row, bar.id)}
								onpointercancel={() => (dragged = null)}
							>
								<span class="hidden font-semibold @min-[3.25rem]:line-clamp-2">{row.title}</span>
								{#if row.by}<span
										class="hidden truncate @min-[3.25rem]:block {row.isLate ? 'text-late' : 'text-ink-2'}"
										>by {row.by}</span
									>{/if}
							</div>
						{:else}
							<div
								class="hatched absolute inset-y-0 rounded-sm border border-chalk"
								style:left={wide(piece.from)}
								style:width={wide(piece.minutes)}
								title="{piece.name}, {piece.minutes} min"
							></div>
						{/if}
					{/each}
				</div>
			</li>
		{/each}
	</ol>
	<div class="mt-2 grid gap-x-4 sm:grid-cols-[9.5rem_1fr]" aria-hidden="true">
		<span></span>
		<div class="relative h-4 text-xs text-chalk">
			{#each Array.from({ length: Math.floor(most / 15) + 1 }, (_, index) => index * 15).filter((one) => most <= 150 || one % 60 === 0) as minute (minute)}
				<span
					class="absolute whitespace-nowrap {minute === 0
						? ''
						: minute > most * 0.97
							? '-translate-x-full'
							: '-translate-x-1/2'}"
					style:left={wide(minute)}>{minute === 0 ? '0 min' : minute}</span
				>
			{/each}
		</div>
	</div>
</div>

<style>
	.hatched {
		background: repeating-linear-gradient(
			45deg,
			transparent 0 5px,
			color-mix(in srgb, var(--color-chalk) 60%, transparent) 5px 7px
		);
	}
</style>
