import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const source = (folder: string) => fileURLToPath(new URL(`../../src/${folder}`, import.meta.url));

/** A room's own tests, without the interface's build, and with fewer draws: each change runs them again. */
export default defineConfig({
	resolve: { alias: { $core: source('core'), $contract: source('contract') } },
	test: {
		setupFiles: ['tests/draws.ts'],
		include: [`src/core/${process.env.MUTANTS_OF}/**/*.test.ts`],
		testTimeout: 30_000,
		pool: 'threads',
		isolate: false
	}
});
