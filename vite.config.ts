import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	// The charts are one package, loaded only by the page that shows one.
	build: { chunkSizeWarningLimit: 700, rolldownOptions: { checks: { pluginTimings: false } } },
	test: {
		include: ['src/**/*.test.ts'],
		setupFiles: ['tests/draws.ts'],
		// Properties try thousands of random cameras; how long that takes is the machine's affair.
		testTimeout: 120_000
	}
});
