declare global {
	namespace App {
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
