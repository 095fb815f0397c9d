/**
 * The rooms and their one-way arrows: contract → core; words → contract, core; views → words; server and replica → views; lib, workers → replica;
 * routes → lib, server.
 */
const purePackages = [
	'fast-deep-equal',
	'@stdlib/math-base-special-erfc',
	'tinyqueue',
	'd3-random',
	'ml-matrix',
	'node-wav',
	'@types/d3-random',
	'@stdlib/stats-base-dists-t-quantile',
	'@stdlib/stats-base-dists-chisquare-quantile',
	'suncalc',
	'luxon',
	'@types/luxon',
	'@photostructure/tz-lookup',
	'simplex-noise',
	'chroma-js',
	'@types/chroma-js',
	'ts-fsrs'
].map((name) => `^node_modules/${name}/`);
const room = (name) => `^src/${name}/`;
const tests = '[.]test[.]ts$';

const only = (name, from, allowed, comment) => ({
	name,
	comment,
	severity: 'error',
	from: { path: from, pathNot: tests },
	to: { pathNot: allowed }
});

module.exports = {
	forbidden: [
		{
			name: 'no-circles',
			severity: 'error',
			from: {},
			to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } }
		},
		{
			name: 'resolvable',
			severity: 'error',
			from: {},
			to: { couldNotResolve: true, pathNot: '^[$]app/|^[$]service-worker$|[.]css$|/[$]types$' }
		},
		only(
			'core-is-pure',
			room('core'),
			[room('core'), ...purePackages],
			'The core knows computing packages and itself.'
		),
		only(
			'words-know-facts',
			room('words'),
			[room('words'), room('contract'), room('core'), ...purePackages],
			'Sentences are said of what the core found out and of records; nothing that computes knows how it is said.'
		),
		only('contract-knows-core', room('contract'), [room('contract'), room('core'), '^node_modules/yup/']),
		only(
			'views-know-no-place',
			room('views'),
			[
				room('views'),
				room('contract'),
				room('words'),
				room('core'),
				'^node_modules/(luxon|@types/luxon|@sveltejs/kit)/'
			],
			'What a view shows is the same wherever the records are kept.'
		),
		only(
			'replica-knows-no-interface',
			room('replica'),
			[
				room('replica'),
				room('views'),
				room('contract'),
				room('words'),
				room('core'),
				'^node_modules/(dexie|fast-deep-equal|uuid|@sveltejs/kit)/'
			],
			'The copy of the records in the browser, and what waits there.'
		),
		{
			name: 'server-knows-no-interface',
			severity: 'error',
			from: { path: room('server') },
			to: { path: [room('lib'), room('routes'), room('workers'), room('replica')] }
		},
		{
			name: 'interface-knows-no-server',
			severity: 'error',
			from: { path: [room('lib'), room('workers')] },
			to: { path: [room('server'), room('routes')], dependencyTypesNot: ['type-only'] }
		},
		{
			name: 'light-knows-no-shoot',
			comment: 'How light is read is asked by Shoot, and by others; it knows none of them.',
			severity: 'error',
			from: { path: '^src/lib/light/' },
			to: { path: '^src/lib/shoot/' }
		},
		{
			name: 'pages-ask-no-server-of-their-own',
			comment: 'A page whose data only a server can load cannot be opened without one: it loads by +page.ts.',
			severity: 'error',
			from: {
				path: '^src/routes/(?!api/).*([+](page|layout)[.]server[.]ts|[.]svelte|[+](page|layout)[.]ts)$'
			},
			to: { path: room('server'), dependencyTypesNot: ['type-only'] }
		},
		{
			name: 'nobody-knows-routes',
			severity: 'error',
			from: { pathNot: room('routes') },
			to: { path: room('routes') }
		}
	],
	options: {
		doNotFollow: { path: 'node_modules' },
		tsPreCompilationDeps: 'specify',
		webpackConfig: { fileName: '.dependency-cruiser.aliases.cjs' },
		enhancedResolveOptions: {
			exportsFields: ['exports'],
			conditionNames: ['svelte', 'browser', 'import', 'node', 'types', 'default']
		},
		exclude: { path: '^[$]app/' }
	}
};
