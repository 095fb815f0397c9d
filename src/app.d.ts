import type { Display } from '$lib/display/displays';
import type { Entrant } from '$server/door/book';
import type { Way } from '$server/door/keeper';

declare global {
	namespace App {
		interface Locals {
			display: Display;
			/** Who was let in; null where the door stands open, or only the way in is asked for. */
			entrant: Entrant | null;
			/** How the request came, and from where. */
			way: Way & { from: string };
		}
		interface Platform {
			/** What whoever serves knows of a request. */
			req: { entrant?: Entrant | null; way?: Locals['way'] };
		}
	}
}

export {};
