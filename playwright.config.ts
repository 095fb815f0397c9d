import { defineConfig } from '@playwright/test';
import { chromiumFlags } from './scripts/steps.mjs';

export default defineConfig({
	testDir: 'tests/e2e',
	globalSetup: './tests/e2e/build-once.ts',
	fullyParallel: true,
	workers: 2,
	forbidOnly: true,
	timeout: 60_000,
	use: {
		browserName: 'chromium',
		reducedMotion: 'reduce',
		screenshot: 'only-on-failure',
		launchOptions: { executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: chromiumFlags }
	}
});
