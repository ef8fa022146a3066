import { error } from '@sveltejs/kit';
import { filesOf } from '$lib/server/live/documents.ts';
import { hasPracticePrinter } from '$lib/server/outside/practice-printer.ts';
import { answering } from '$lib/server/requests/form-action.ts';
import { askedPractice } from '$lib/server/requests/practice.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { practised } from '$lib/server/services/print/practice.ts';
import { printingIn } from '$lib/server/services/print/printing-in.ts';
import { planOf } from '$lib/server/services/print/run-view.ts';
import type { PageServerLoad } from './$types';

const SHEETS_A_PAGE = 12;

export const load: PageServerLoad = async ({ params, url }) => {
	if (!hasPracticePrinter()) error(404, 'The practice printer is part of the demo household.');
	const { now, run } = await runOf(params);
	const { sizes } = await filesOf(now, run);
	return answering(
		() => {
			const { delivers, flip, order, jam, on } = askedPractice(url);
			const plan = planOf(now, run, Number(params.id), sizes);
			const own = printingIn(now.snapshot);
			const pile = practised(plan, own, {
				ways: { delivers, flip, reversed: order === 'reversed' },
				jam,
				goesOn: on === 'yes'
			});
			const at = Math.max(1, Number(url.searchParams.get('at') ?? 1) || 1);
			return {
				asked: { delivers, flip, order, jam: jam === null ? '' : String(jam), on: on === 'yes' },
				byHand: own.duplex === 'by hand',
				sentence: pile.sentence,
				all: pile.sheets.length,
				at,
				sheets: pile.sheets.slice(at - 1, at - 1 + SHEETS_A_PAGE),
				shape: `${plan.paper.width} / ${plan.paper.height}`,
				id: params.id
			};
		},
		({ message }) => error(422, message)
	);
};
