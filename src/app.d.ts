import type { Display } from '$lib/display/displays';

declare global {
	namespace App {
		interface Locals {
			display: Display;
		}
	}
}

export {};
