// Which packages are shipped: those that the sources import, and what these need.
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../steps.mjs';

const SOURCE = /\.(ts|svelte|css)$/;
const IMPORTED = /(?:from|import|@import|@plugin)\s*\(?\s*['"]([^'".$][^'"]*)['"]/g;
/** The framework that every page is made with, imported or not. */
const ALWAYS = ['svelte', '@sveltejs/kit', '@sveltejs/adapter-node', 'tailwindcss'];

const filesIn = (folder) =>
	readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
		const path = join(folder, entry.name);
		if (entry.isDirectory()) return filesIn(path);
		return SOURCE.test(entry.name) && !entry.name.endsWith('.test.ts') ? [path] : [];
	});

const packageOf = (specifier) =>
	specifier
		.split('/')
		.slice(0, specifier.startsWith('@') ? 2 : 1)
		.join('/');

const read = (name) => {
	const file = join(root, 'node_modules', name, 'package.json');
	return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null;
};

/** Packages with types alone are not shipped. */
const isCode = (name) => !name.startsWith('@types/') && !name.startsWith('node:') && read(name) !== null;

/** Names of all packages that are shipped, in order. */
export function shippedPackages() {
	const imported = filesIn(join(root, 'src')).flatMap((file) =>
		[...readFileSync(file, 'utf8').matchAll(IMPORTED)].map(([, specifier]) => packageOf(specifier))
	);
	const open = [...new Set([...ALWAYS, ...imported])].filter(isCode);
	const seen = new Set(open);
	for (let name = open.pop(); name !== undefined; name = open.pop()) {
		for (const needed of Object.keys(read(name)?.dependencies ?? {})) {
			if (seen.has(needed) || !isCode(needed)) continue;
			seen.add(needed);
			open.push(needed);
		}
	}
	return [...seen].sort();
}

/** What a package says of its licence: its name, and its text where it ships one. */
export function licenceOf(name) {
	const { license, licenses } = read(name);
	const folder = join(root, 'node_modules', name);
	const file = readdirSync(folder).find((each) => /^licen[cs]e(\.(md|txt))?$/i.test(each));
	const kind =
		typeof license === 'string' ? license : (license?.type ?? licenses?.[0]?.type ?? 'see the package');
	return { kind, text: file ? readFileSync(join(folder, file), 'utf8').trim() : '' };
}
