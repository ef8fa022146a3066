import { redo } from '$lib/server/history/changes.ts';
import { turning } from '$lib/server/requests/undo-redo.ts';

export const POST = turning(redo);
