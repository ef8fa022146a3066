import { ROLE_TEXT, type Role } from '$core/print/index.ts';
import { parsed } from '$core/facts/index.ts';
import { FILLED_IN, printsOf, writesOn, type RunSituation, type Situation } from '$core/account/index.ts';
import type { Trx } from '../../history/changes.ts';
import { setRoleChildren } from '../../stores/print/prints.ts';

/** Who gets pages of a role in a unit. */
export type RoleChildren = {
	readonly role: Role;
	/** "Student pages" */
	readonly text: string;
	readonly children: readonly {
		readonly id: number;
		readonly name: string;
		readonly gets: boolean;
		/** Why not, where nobody said so: "can’t write yet". */
		readonly why: string;
	}[];
};

/** Roles of which each child gets a copy, with who does: as it was said, else by who can write. */
export function whoGetsView({ snapshot }: Situation, run: RunSituation): RoleChildren[] {
	const there = new Set(
		printsOf(snapshot, run).flatMap((print) =>
			print.judged.copies.value === 'child' ? [print.row.role] : []
		)
	);
	return FILLED_IN.filter((role) => there.has(role)).map((role) => {
		const said = snapshot.roleChildren.find((one) => one.run_id === run.row.id && one.role === role);
		const chosen = said && new Set(parsed(said.participants));
		const [, many] = ROLE_TEXT[role];
		return {
			role,
			text: `${many.charAt(0).toUpperCase()}${many.slice(1)}`,
			children: run.participants.map((person) => {
				const writes = writesOn(person, run.agesOn);
				const gets = chosen ? chosen.has(person.id) : writes;
				return { id: person.id, name: person.name, gets, why: writes ? '' : 'can’t write yet' };
			})
		};
	});
}

/** Keeps who gets pages of each role; what is as usual is not kept, so that it follows the children’s ages. */
export async function setWhoGets(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	gets: (role: Role, child: number) => boolean
): Promise<void> {
	for (const { role, children } of whoGetsView(now, run)) {
		const chosen = children.filter(({ id }) => gets(role, id)).map(({ id }) => id);
		const isUsual = children.every(({ id, why }) => chosen.includes(id) === (why === ''));
		await setRoleChildren(trx, run.row.id, role, isUsual ? null : chosen);
	}
}
