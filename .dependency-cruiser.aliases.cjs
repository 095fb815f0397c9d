const { resolve } = require('node:path');

/** The short names of the rooms, as in svelte.config.js. */
module.exports = {
	resolve: {
		alias: {
			$core: resolve(__dirname, 'src/core'),
			$words: resolve(__dirname, 'src/words'),
			$contract: resolve(__dirname, 'src/contract'),
			$replica: resolve(__dirname, 'src/replica'),
			$views: resolve(__dirname, 'src/views'),
			$server: resolve(__dirname, 'src/server'),
			$lib: resolve(__dirname, 'src/lib')
		},
		extensions: ['.ts', '.js', '.svelte', '.svelte.ts']
	}
};
