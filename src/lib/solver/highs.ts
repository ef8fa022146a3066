import type { Highs } from 'highs';
import { lpText, type Program, type Solve } from '../../core/choice/index.ts';

/** The HiGHS solver for the core's programs; proves its optimum, no gap is allowed. */
export function solveWith(highs: Highs): Solve {
	return (program: Program) => {
		const solution = highs.solve(lpText(program), { mip_rel_gap: 0, mip_abs_gap: 0, output_flag: false });
		if (solution.Status !== 'Optimal') return null;
		const columns = solution.Columns as Record<string, { Primal?: number } | undefined>;
		return program.worth.map((_, i) => columns[`x${i}`]?.Primal ?? 0);
	};
}
