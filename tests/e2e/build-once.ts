import { build } from '../../scripts/steps.mjs';

/** The servers of the tests run side by side: the build they share is made before them. */
export default function buildOnce(): void {
	build();
}
