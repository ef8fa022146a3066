import { undo } from '$lib/server/stores/changes.ts';
import { turning } from '$lib/server/turn.ts';

export const POST = turning(undo);
