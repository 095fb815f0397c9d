import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** The one script that stands in the frame of every page, known to browsers by its hash. */
const [, ownScript] = /<script>(.*?)<\/script>/s.exec(
	readFileSync(new URL('src/app.html', import.meta.url), 'utf8')
);
const ownHash = createHash('sha256').update(ownScript).digest('base64');

export default {
	preprocess: vitePreprocess(),
	kit: {
		adapter: adapter(),
		alias: {
			$core: 'src/core',
			$words: 'src/words',
			$contract: 'src/contract',
			$views: 'src/views',
			$replica: 'src/replica',
			$server: 'src/server'
		},
		// A view that was never opened is found from any depth of address, with and without a server.
		paths: { relative: false },
		// Nothing from elsewhere is run or shown; styles are set on elements by the views and the charts.
		csp: {
			mode: 'auto',
			directives: {
				'default-src': ['self'],
				'script-src': ['self', `sha256-${ownHash}`],
				'style-src': ['self', 'unsafe-inline'],
				'img-src': ['self', 'data:', 'blob:'],
				'media-src': ['self', 'blob:'],
				'font-src': ['self', 'data:'],
				'worker-src': ['self', 'blob:'],
				'connect-src': ['self'],
				'object-src': ['none'],
				'base-uri': ['none'],
				'form-action': ['self'],
				'frame-ancestors': ['none']
			}
		},
		// The server script looks at where a request comes from, of every request and not only of forms.
		csrf: { trustedOrigins: ['*'] }
	}
};
