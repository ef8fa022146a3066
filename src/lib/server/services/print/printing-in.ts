import { printingOf, type Printing } from '$core/print/index.ts';
import { parsed, type Snapshot } from '$core/facts/index.ts';

/** The household's printing as it is, with what is usual where it said nothing. */
export const printingIn = ({ household }: Snapshot): Printing => printingOf(parsed(household.printing));
