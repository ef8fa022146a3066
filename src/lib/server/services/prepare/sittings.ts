import type { Day } from '$core/calendar/index.ts';
import type { Row } from '$core/facts/index.ts';
import type { Situation } from '$core/account/index.ts';

/** Sittings that are still ahead, today's included, in their order. */
export function openSittings({ snapshot, today }: Situation): Row<'sitting'>[] {
	return snapshot.sittings
		.filter((one) => one.over === 0 && one.held_on >= today)
		.toSorted((a, b) => (a.held_on + a.starts < b.held_on + b.starts ? -1 : 1));
}

/** Why a day is one on which no running unit is taught, where the family said so; empty on any other. */
export function offOn({ snapshot, inWork }: Situation, day: Day): string {
	const off = inWork
		.filter(({ row }) => row.state === 'running')
		.map(({ row }) =>
			snapshot.blocked.find((one) => one.run_id === row.id && one.from_on <= day && day <= one.to_on)
		);
	return off.length > 0 && off.every((one) => one !== undefined) ? off[0]!.reason || 'a day off' : '';
}
