import { env } from '$env/dynamic/private';

/** Whether a printer that is only computed stands beside the real one: in the demo household, where nobody has one. */
export const hasPracticePrinter = (): boolean => Boolean(env.GATHER_BIN_DEMO);
