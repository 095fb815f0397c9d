// A measurement in TypeScript, bundled with the core as it is shipped, and loaded.
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build as bundle } from 'vite';
import { root } from './steps.mjs';

/**
 * @param of the folder of scripts that it lies in
 * @param name of the measurement
 * @param folder where the bundle goes
 */
export async function load(of, name, folder) {
	await bundle({
		configFile: false,
		logLevel: 'error',
		root,
		build: { ssr: join(root, 'scripts', of, `${name}.ts`), outDir: folder, minify: false },
		ssr: { noExternal: true }
	});
	return import(pathToFileURL(join(folder, `${name}.js`)).href);
}
