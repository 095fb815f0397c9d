import { parseAst, type Plugin } from 'vite';

type PluginContext = ThisParameterType<Extract<Plugin['buildEnd'], (...all: never[]) => unknown>>;

/** What is opened from the home screen: the frame of the program, and Shoot. */
const isOpenedFirst = (id: string) =>
	/[/]client-optimized[/](?:app|nodes[/][02])[.]js$|[/]client[/]entry[.]js$/.test(id);

/** What Shoot fetches once it stands, where there is a place or an outing: which clock goes where, and the list of the day. */
const isFetchedThen = (id: string) => /[/]src[/]lib[/](?:here[/]zone-table|shoot[/]shots-of)[.]ts$/.test(id);

/** Our own sources do nothing by being imported; what is not used of them is not loaded. */
const isOurs = (id: string) =>
	/[/]src[/](?:core|words|contract|views|replica|lib)[/].*[.](?:ts|svelte)$/.test(id);

/** The door of a room names what stands in other files. */
const isDoor = (id: string) => isOurs(id) && id.endsWith('/index.ts');

/** Where some of it is needed, nearly all of it is. */
const isReplica = (id: string) => /[/](?:src[/]replica|dexie)[/]/.test(id);
const isOfAll = (id: string) =>
	/[/]node_modules[/]svelte[/]src[/]internal[/]flags[/]|rolldown[/]runtime/.test(id);

const isStyle = (id: string) => /[.]css(?:$|[?])|[?&]type=style/.test(id);

/** Some of the names that a file gives; null stands for all. */
type Names = ReadonlySet<string> | null;

interface Needed {
	source: string;
	names: Names;
}

interface Statement {
	type: string;
	source?: { value: string } | null;
	specifiers?: {
		type: string;
		imported?: { name: string };
		local: { name: string };
		exported?: { name: string };
	}[];
}

/** What a file takes from others: all of what it imports; of what it only hands on, what is asked for. */
function neededBy(code: string, asked: Names): Needed[] {
	return (parseAst(code).body as unknown as Statement[]).flatMap(({ type, source, specifiers = [] }) => {
		if (!source) return [];
		if (type === 'ExportAllDeclaration') return [{ source: source.value, names: asked }];
		if (type === 'ImportDeclaration') {
			const named = specifiers.flatMap(({ imported }) => imported?.name ?? []);
			return [{ source: source.value, names: named.length === specifiers.length ? new Set(named) : null }];
		}
		const handedOn = specifiers.filter(({ exported }) => !asked || asked.has(exported!.name));
		const names = new Set(handedOn.map(({ local }) => local.name));
		return names.size > 0 ? [{ source: source.value, names }] : [];
	});
}

interface Asked {
	id: string;
	names: Names;
}

/** The files that one needs; of those behind a door only such as give what is asked for. */
async function behind(context: PluginContext, { id, names }: Asked): Promise<Asked[]> {
	const door = isDoor(id);
	const code = context.getModuleInfo(id)?.code ?? '';
	const found: Asked[] = [];
	for (const needed of neededBy(code, door ? names : null)) {
		const file = await context.resolve(needed.source, id);
		if (!file) continue;
		const given = context.getModuleInfo(file.id)?.exports ?? [];
		const isGiven = !door || !needed.names || given.some((name) => needed.names!.has(name));
		if (isGiven) found.push({ id: file.id, names: needed.names });
	}
	return found;
}

/** Every file that is needed by some, by the names that are taken from it. */
async function reachedFrom(context: PluginContext, roots: readonly string[]): Promise<Set<string>> {
	const seen = new Set<string>();
	const waiting: Asked[] = roots.map((id) => ({ id, names: null }));
	for (const asked of waiting) {
		const { id, names } = asked;
		const key = isDoor(id) && names ? `${id} ${[...names].sort().join()}` : id;
		if (seen.has(key)) continue;
		seen.add(key);
		waiting.push(...(await behind(context, asked)));
	}
	return new Set(waiting.map(({ id }) => id));
}

/**
 * How the browser's code is cut: one stylesheet, and one file for what is opened first; every other view has a few
 * beside it. The bundler alone makes a file of every handful of lines that two views share: eighty for one view.
 */
export function chunksOfViews(): Plugin {
	let first = new Set<string>();
	let then = new Set<string>();
	return {
		name: 'chunks-of-views',
		async buildEnd() {
			if (this.environment.name !== 'client') return;
			const all = [...this.getModuleIds()];
			first = await reachedFrom(this, all.filter(isOpenedFirst));
			then = await reachedFrom(this, all.filter(isFetchedThen));
		},
		configEnvironment(name) {
			if (name !== 'client') return;
			return {
				build: {
					rolldownOptions: {
						treeshake: { moduleSideEffects: (id) => !isOurs(id) },
						output: {
							assetFileNames: '_app/immutable/assets/[hash][extname]',
							codeSplitting: {
								groups: [
									{ name: 'style', test: isStyle, priority: 2 },
									{ name: 'first', test: (id) => first.has(id) || isOfAll(id), priority: 1 },
									{ name: 'replica', test: isReplica, priority: 1 },
									{ name: 'then', test: (id) => then.has(id) }
								]
							}
						}
					}
				}
			};
		}
	};
}
