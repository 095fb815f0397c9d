// Draws the icons of the home screen from the mark, and puts the pictures that an installer shows beside them.
import { copyFileSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { root } from './steps.mjs';

const mark = readFileSync(join(root, 'static/mark.svg'), 'utf8');
const PAPER = '#f6f1e7';
/** What a system may cut away of a maskable icon. Source: W3C Web App Manifest, safe zone: a circle of 80 % of the width. */
const SAFE = 0.8;
const BOX = 28;

/** The mark without its own rounded card, drawn so much smaller in the middle. */
function onPaper(part) {
	const drawn = mark.replace(/<rect[^>]*>/, '').replace(/^<svg[^>]*>|<[/]svg>\s*$/g, '');
	const aside = (BOX * (1 - part)) / 2;
	return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${BOX} ${BOX}"><rect width="${BOX}" height="${BOX}" fill="${PAPER}"/><g transform="translate(${aside} ${aside}) scale(${part})">${drawn}</g></svg>`;
}

async function draw(svg, pixels, name) {
	await sharp(Buffer.from(svg), { density: (72 * pixels) / BOX })
		.resize(pixels, pixels)
		.png({ palette: true })
		.toFile(join(root, 'static/icons', name));
}

await draw(mark, 192, 'icon-192.png');
await draw(mark, 512, 'icon-512.png');
await draw(onPaper(SAFE * 0.8), 512, 'maskable-512.png');
await draw(onPaper(SAFE), 180, 'apple-touch-icon.png');
for (const name of ['shoot-phone.png', 'shoot-desk.png'])
	copyFileSync(join(root, 'docs/screenshots', name), join(root, 'static/screens', name));
