import { existsSync, readFileSync } from 'node:fs';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';

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
};
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
		for (const { url, icons } of manifest.shortcuts) {
			expect(existsSync(`src/routes${url}/+page.svelte`), url).toBe(true);
			for (const { src } of icons) expect(existsSync(fileOf(src))).toBe(true);
		}
	});

	it('the frame of every view names it, and an icon for phones that read no manifest', () => {
		const frame = readFileSync('src/app.html', 'utf8');
		expect(frame).toContain('rel="manifest" href="%sveltekit.assets%/manifest.webmanifest"');
		expect(frame).toContain('rel="apple-touch-icon"');
		expect(frame).toContain(`name="theme-color" content="${manifest.theme_color}"`);
	});
});
