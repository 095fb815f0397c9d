import { defineConfig } from '@playwright/test';
import { chromiumFlags, foundChromium, temporaryFilesInMemory } from './scripts/steps.mjs';

temporaryFilesInMemory();

export default defineConfig({
	testDir: 'tests/e2e',
	globalSetup: './tests/e2e/build-once.ts',
	fullyParallel: true,
	workers: 2,
	forbidOnly: true,
	// A deadline ends what never comes, and says nothing of speed: a machine that others use, too, may stand still for
	// many seconds. How quick the program is, is measured apart, by ratios.
	timeout: 300_000,
	expect: { timeout: 30_000 },
	use: {
		browserName: 'chromium',
		reducedMotion: 'reduce',
		locale: 'en-GB',
		// Where a test is of what the program does without a server, it allows one.
		serviceWorkers: 'block',
		screenshot: 'only-on-failure',
		launchOptions: { executablePath: foundChromium(), args: chromiumFlags }
	}
});
