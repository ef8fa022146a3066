import type { IncomingMessage } from 'node:http';

declare global {
	namespace App {
		/** What the server that runs it adds to a request; there is none while it is developed. */
		interface Platform {
			req: IncomingMessage;
		}
		interface Error {
			message: string;
			/** What to tell when asking for help. */
			reference?: string;
		}
		interface Locals {
			/** An id that this browser keeps; undo takes back its own changes. */
			device: string;
			/** Id of the adult who uses this browser, when one was chosen. */
			actor: string | null;
		}
	}
}

export {};
