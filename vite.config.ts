import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';
import { chunksOfViews } from './vite.chunks.ts';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit(), chunksOfViews()],
	// The charts are one package, loaded only by the page that shows one.
	build: { chunkSizeWarningLimit: 700, rolldownOptions: { checks: { pluginTimings: false } } },
	test: {
		setupFiles: ['tests/draws.ts'],
		// Properties try thousands of random cameras; how long that takes is the machine's affair.
		testTimeout: 120_000,
		pool: 'threads',
		projects: [
			{
				extends: true,
				test: {
					name: 'core',
					include: [
						'src/{core,words,contract,views,replica,server,workers}/**/*.test.ts',
						'scripts/**/*.test.ts',
						'tests/*.test.ts'
					],
					// Three times as fast as a process for each file: these leave nothing behind that another could find.
					isolate: false
				}
			},
			// What stands in for the browser here must not be found by another file.
			{ extends: true, test: { name: 'interface', include: ['src/lib/**/*.test.ts'] } }
		]
	}
});
