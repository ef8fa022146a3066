import Joi from 'joi';
import { waysAfterTest, type PrinterWays } from '$core/print/index.ts';
import { parsed } from '$core/facts/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { printingIn } from '$lib/server/services/print/printing-in.ts';
import { setPrinting } from '$lib/server/stores/house/household.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
	const { duplex, delivers } = printingIn((await situation()).snapshot);
	return { duplex, delivers };
};

const yes = Joi.string().valid('yes', 'no').required();

export const actions: Actions = {
	/** How the first pass came out, before anything is turned. */
	face: (event) =>
		handleForm(
			event,
			Joi.object<{ delivers: PrinterWays['delivers'] }>({
				delivers: Joi.string().valid('face down', 'face up').required()
			}),
			'Noted',
			async ({ trx, now }, { delivers }) =>
				setPrinting(trx, { ...parsed(now.snapshot.household.printing), delivers })
		),
	/** Which of the pictures the test print looks like. */
	saw: (event) =>
		handleForm(
			event,
			Joi.object<{ right: 'yes' | 'no'; upright: 'yes' | 'no' }>({ right: yes, upright: yes }),
			(isSame: boolean) => (isSame ? 'Your printer is set' : 'Set. Print the test once more to be sure'),
			async ({ trx, now }, { right, upright }) => {
				const before = printingIn(now.snapshot);
				const { duplex, delivers, flip, reversed } = before;
				const ways = waysAfterTest(
					{ duplex, delivers, flip, reversed },
					{ isRight: right === 'yes', isUpright: upright === 'yes' }
				);
				await setPrinting(trx, { ...parsed(now.snapshot.household.printing), ...ways });
				return right === 'yes' && upright === 'yes';
			}
		)
};
