import { existsSync, readFileSync } from 'node:fs';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { FIELD } from '../src/lib/records/shelves';

/** What a browser asks of a program that is put on a home screen. Source: W3C Web App Manifest; criteria of browsers from memory. */

const manifest = JSON.parse(readFileSync('static/manifest.webmanifest', 'utf8')) as {
	id: string;
	name: string;
	short_name: string;
	start_url: string;
	scope: string;
	display: string;
	theme_color: string;
	background_color: string;
	icons: { src: string; sizes: string; type: string; purpose: string }[];
	screenshots: { src: string; sizes: string; form_factor: string; label: string }[];
	shortcuts: { name: string; url: string; icons: { src: string }[] }[];
	share_target: {
		action: string;
		method: string;
		enctype: string;
		params: { files: { name: string; accept: string[] }[] };
	};
	file_handlers: { action: string; accept: Record<string, string[]> }[];
};
const isView = (url: string) => existsSync(`src/routes${url.split('?')[0]}/+page.svelte`);
const fileOf = (src: string) => `static${src}`;

describe('on a home screen', () => {
	it('the program has a name that fits, begins within itself, and stands alone', () => {
		expect(manifest.name).toBe('Just Enough');
		expect(manifest.short_name.length).toBeLessThanOrEqual(12);
		expect([manifest.id, manifest.start_url, manifest.scope, manifest.display]).toEqual([
			'/',
			'/',
			'/',
			'standalone'
		]);
	});

	it('every icon and picture is there in the size that is said, and those of 192 and 512 pixels are among them', async () => {
		for (const { src, sizes } of [...manifest.icons, ...manifest.screenshots]) {
			if (sizes === 'any') expect(existsSync(fileOf(src)), src).toBe(true);
			else {
				const { width, height } = await sharp(fileOf(src)).metadata();
				expect(`${width}x${height}`, src).toBe(sizes);
			}
		}
		const plain = manifest.icons.filter(({ purpose }) => purpose === 'any').map(({ sizes }) => sizes);
		expect(plain).toEqual(expect.arrayContaining(['192x192', '512x512']));
		expect(manifest.screenshots.map(({ form_factor }) => form_factor).sort()).toEqual(['narrow', 'wide']);
	});

	it('what a system may cut away of a maskable icon holds nothing of the mark', async () => {
		const { src } = manifest.icons.find(({ purpose }) => purpose === 'maskable')!;
		const { data, info } = await sharp(fileOf(src)).removeAlpha().raw().toBuffer({ resolveWithObject: true });
		const paper = [...data.subarray(0, 3)];
		let beyond = 0;
		for (let y = 0; y < info.height; y++)
			for (let x = 0; x < info.width; x++) {
				const away = Math.hypot(x - info.width / 2, y - info.height / 2) / info.width;
				const at = (y * info.width + x) * info.channels;
				const isMark = [...data.subarray(at, at + 3)].some(
					(level, channel) => Math.abs(level - paper[channel]) > 8
				);
				// Source: W3C Web App Manifest: the safe zone is a circle of 40 % of the width around the middle.
				if (isMark && away > 0.4) beyond += 1;
			}
		expect(beyond).toBe(0);
	});

	it('each shortcut opens a view that there is', () => {
		expect(manifest.shortcuts.map(({ name }) => name)).toEqual(['Shoot', 'Count', 'Practice']);
		for (const { url, icons } of manifest.shortcuts) {
			expect(isView(url), url).toBe(true);
			for (const { src } of icons) expect(existsSync(fileOf(src))).toBe(true);
		}
	});

	it('pictures are handed over, and files opened, where a view takes them', () => {
		const { action, method, enctype, params } = manifest.share_target;
		// Source: W3C Web Share Target: files come by POST alone, and as a form of several parts.
		expect([method, enctype]).toEqual(['POST', 'multipart/form-data']);
		expect([isView(action), params.files.map(({ name }) => name)]).toEqual([true, [FIELD]]);
		const opened = manifest.file_handlers.flatMap(({ accept }) => Object.values(accept).flat());
		expect(opened.sort()).toEqual(['.camera.json', '.zip']);
		for (const handler of manifest.file_handlers) expect(isView(handler.action), handler.action).toBe(true);
	});

	it('the frame of every view names it, and an icon for phones that read no manifest', () => {
		const frame = readFileSync('src/app.html', 'utf8');
		expect(frame).toContain('rel="manifest" href="%sveltekit.assets%/manifest.webmanifest"');
		expect(frame).toContain('rel="apple-touch-icon"');
		expect(frame).toContain(`name="theme-color" content="${manifest.theme_color}"`);
	});
});
