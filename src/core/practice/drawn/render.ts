import { encodedOf, luminanceOf } from '../../units';
import { evOfScene } from './light';
import { EYE, type Looks } from './looks';
import { openLooks } from './open';
import { cardOf } from './place';
import { roomCard, roomLooks } from './room';
import { isRoom, type DrawnScene } from './scene';
import { plus, unit, type Vector } from './vector';

/** A drawn scene: its light, and what a screen shows of it. */
export interface DrawnPicture {
	width: number;
	height: number;
	/** cd/m², row by row. */
	luminances: Float32Array;
	/** sRGB with alpha, four numbers a pixel. */
	pixels: Uint8ClampedArray<ArrayBuffer>;
}

const RADIAN = Math.PI / 180;
/** Half of what the picture takes in from left to right, as a part of its distance. */
const HALF_WIDE = Math.tan(26 * RADIAN);
const ASPECT = 3 / 2;
/** Where the horizon runs, part of the height from the top. */
const HORIZON = 0.4;

/** Beyond this many times mid grey's light all is white. */
const WHITEST = 12;
const MID_GREY = 0.18;
/** In less light than this an eye sees all of it darker, by so much a stop, EV and stops; common practice. */
const [WELL_LIT, DARKER] = [11, 0.12];

/** Steps of the light that a screen can show: finer than its own. */
const SHADES = 8192;
const shades = Float32Array.from({ length: SHADES + 1 }, (_, at) => 255 * encodedOf(at / SHADES));

/** As an eye sees a light that has looked about, 0 … 255. */
function shown(light: number): number {
	const seen = (light * (1 + light / WHITEST)) / (1 + light * 0.55);
	return shades[Math.min(SHADES, Math.round(seen * SHADES))];
}

/** Pixels from one look to the next where nothing changes between them; a power of two. */
const COARSE = 4;
/** Two places that differ by more, on a screen, are not alike; and pixels that do have an edge between them, of 255. */
const [ALIKE, EDGE] = [9, 18];
/** Where a pixel on an edge is looked at, from its left and its top. */
const WITHIN = [
	[0.25, 0.4],
	[0.5, 0.85],
	[0.75, 0.15]
] as const;

/** A picture while it is drawn: numbers in rows of three, because there are many. */
class Drawing {
	readonly height: number;
	/** Light in the colours of a screen, cd/m², and what a screen shows of it, before the roughness of things. */
	readonly light: Float32Array;
	readonly plain: Float32Array;
	readonly #things: Int16Array;
	readonly #known: Uint8Array;
	readonly #scale: number;

	constructor(
		readonly width: number,
		readonly looks: Looks,
		darker: number
	) {
		this.height = Math.round(width / ASPECT);
		const places = width * this.height;
		[this.light, this.plain] = [new Float32Array(3 * places), new Float32Array(3 * places)];
		[this.#things, this.#known] = [new Int16Array(places), new Uint8Array(places)];
		this.#scale = (MID_GREY * 1.25 * 2 ** -darker) / looks.grey;
	}

	/** The direction of a point of the picture, pixels from its left and its top. */
	towards(x: number, y: number): Vector {
		const right = (x / this.width - 0.5) * 2 * HALF_WIDE;
		const up = (HORIZON - y / this.height) * ((2 * HALF_WIDE) / ASPECT);
		return unit([right, 1, up]);
	}

	/** What a screen shows of a light, 0 … 255. */
	onScreen(light: number, rough = 1): number {
		return shown(light * this.#scale * rough);
	}

	#keep(place: number, thing: number, channel: number, light: number): void {
		this.light[3 * place + channel] = light;
		this.plain[3 * place + channel] = this.onScreen(light);
		this.#things[place] = thing;
		this.#known[place] = 1;
	}

	/** Looks at a pixel, unless it is known. */
	look(column: number, row: number): number {
		const place = row * this.width + column;
		if (this.#known[place]) return place;
		const looked = this.looks.towards(this.towards(column + 0.5, row + 0.5));
		const light = looked.light();
		for (let channel = 0; channel < 3; channel++) this.#keep(place, looked.thing, channel, light[channel]);
		return place;
	}

	/** Whether two pixels show another thing, or differ by more than so much. */
	differ(one: number, other: number, by: number): boolean {
		if (this.#things[one] !== this.#things[other]) return true;
		for (let channel = 0; channel < 3; channel++)
			if (Math.abs(this.plain[3 * one + channel] - this.plain[3 * other + channel]) > by) return true;
		return false;
	}

	/** Where the corners of a field are alike, so is what lies between them; else its quarters are looked at. */
	fill(left: number, top: number, size: number): void {
		const right = Math.min(left + size, this.width - 1);
		const bottom = Math.min(top + size, this.height - 1);
		if (left >= this.width || top >= this.height) return;
		const [a, b] = [this.look(left, top), this.look(right, top)];
		const [c, d] = [this.look(left, bottom), this.look(right, bottom)];
		if (size === 1) return;
		const even =
			!this.differ(a, b, ALIKE) &&
			!this.differ(a, c, ALIKE) &&
			!this.differ(d, b, ALIKE) &&
			!this.differ(d, c, ALIKE);
		if (even) return this.#between([a, b, c, d], [left, top, right, bottom]);
		const half = size / 2;
		this.fill(left, top, half);
		this.fill(left + half, top, half);
		this.fill(left, top + half, half);
		this.fill(left + half, top + half, half);
	}

	/** What lies between four corners, in straight lines. */
	#between([a, b, c, d]: readonly number[], [left, top, right, bottom]: readonly number[]): void {
		const [wide, high] = [Math.max(1, right - left), Math.max(1, bottom - top)];
		for (let row = top; row <= bottom; row++)
			for (let column = left; column <= right; column++) {
				const place = row * this.width + column;
				if (this.#known[place]) continue;
				const [x, y] = [(column - left) / wide, (row - top) / high];
				const parts = [(1 - x) * (1 - y), x * (1 - y), (1 - x) * y, x * y] as const;
				for (const numbers of [this.light, this.plain])
					for (let channel = 0; channel < 3; channel++)
						numbers[3 * place + channel] =
							parts[0] * numbers[3 * a + channel] +
							parts[1] * numbers[3 * b + channel] +
							parts[2] * numbers[3 * c + channel] +
							parts[3] * numbers[3 * d + channel];
				[this.#things[place], this.#known[place]] = [this.#things[a], 1];
			}
	}

	/** Which pixels have an edge between them and one beside them. */
	edges(): Uint8Array {
		const { width, height } = this;
		const found = new Uint8Array(width * height);
		for (let place = 0; place < found.length; place++) {
			const below = place + width;
			if ((place + 1) % width > 0 && this.differ(place, place + 1, EDGE)) found[place] = found[place + 1] = 1;
			if (below < found.length && this.differ(place, below, EDGE)) found[place] = found[below] = 1;
		}
		return found;
	}

	/** What a thing's roughness makes of a pixel's light. */
	roughness(column: number, row: number): number {
		const thing = this.#things[row * this.width + column];
		return this.looks.isRough(thing) ? this.looks.roughness(this.towards(column + 0.5, row + 0.5)) : 1;
	}

	/**
	 * A pixel of a thing, here or beside here, whose light that thing has here, too: another one beside it is alike. -1
	 * where an edge of shadow runs through it, or too little of it is beside.
	 */
	#like(place: number, thing: number): number {
		if (!this.looks.plain) return -1;
		const column = place % this.width;
		let [found, alike] = [-1, 0];
		for (const beside of [
			place,
			column > 0 ? place - 1 : place,
			column + 1 < this.width ? place + 1 : place,
			place >= this.width ? place - this.width : place,
			place + this.width < this.#things.length ? place + this.width : place
		]) {
			if (this.#things[beside] !== thing) continue;
			if (found >= 0 && this.differ(found, beside, ALIKE)) return -1;
			alike++;
			if (found < 0) found = beside;
		}
		return alike > 1 ? found : -1;
	}

	/** What an edge shows: the mean of what is inside the pixel, as an eye sees it: an edge has no steps. */
	onEdge(column: number, row: number): number[] {
		const sum = [0, 0, 0];
		const place = row * this.width + column;
		for (const [x, y] of WITHIN) {
			const towards = this.towards(column + x, row + y);
			const { thing, light } = this.looks.towards(towards);
			const rough = this.looks.isRough(thing) ? this.looks.roughness(towards) : 1;
			const like = this.#like(place, thing);
			const own = like < 0 ? light() : this.light.subarray(3 * like, 3 * like + 3);
			for (let channel = 0; channel < 3; channel++) sum[channel] += this.onScreen(own[channel], rough);
		}
		return sum.map((each) => each / WITHIN.length);
	}
}

/** A picture of all that was looked at. */
function pictureOf(drawing: Drawing): DrawnPicture {
	const { width, height, light, plain } = drawing;
	const edges = drawing.edges();
	const luminances = new Float32Array(width * height);
	const pixels = new Uint8ClampedArray(4 * width * height).fill(255);
	for (let row = 0; row < height; row++)
		for (let column = 0; column < width; column++) {
			const place = row * width + column;
			const rough = drawing.roughness(column, row);
			luminances[place] = luminanceOf(light[3 * place], light[3 * place + 1], light[3 * place + 2]) * rough;
			if (edges[place]) {
				pixels.set(drawing.onEdge(column, row), 4 * place);
				continue;
			}
			for (let channel = 0; channel < 3; channel++) {
				const at = 3 * place + channel;
				pixels[4 * place + channel] = rough === 1 ? plain[at] : drawing.onScreen(light[at], rough);
			}
		}
	return { width, height, luminances, pixels };
}

const looksOf = (scene: DrawnScene): Looks => (isRoom(scene) ? roomLooks(scene) : openLooks(scene));

/**
 * Draws a made-up scene, from its light to what a screen shows.
 *
 * The card in it returns 18 % and is held so that it is lit as the subject is: a reflected meter on it
 * reads the scene's EV.
 *
 * @param width pixels; the picture is half as wide again as high
 * @example drawScene(sceneFor('sharp', 1), 60).pixels.length // 60 · 40 · 4
 */
export function drawScene(scene: DrawnScene, width: number): DrawnPicture {
	const darker = DARKER * Math.max(0, WELL_LIT - evOfScene(scene));
	const drawing = new Drawing(width, looksOf(scene), darker);
	const { height } = drawing;
	for (let top = 0; top < height; top += COARSE)
		for (let left = 0; left < width; left += COARSE) drawing.fill(left, top, COARSE);
	return pictureOf(drawing);
}

/**
 * Where the middle of the grey card stands in a drawn picture: there a reflected meter reads the scene's EV.
 *
 * @returns parts of the width and of the height
 */
export function onTheCard(scene: DrawnScene): { x: number; y: number } {
	const card = isRoom(scene) ? roomCard() : cardOf(scene);
	const [right, forward, up] = plus(card.middle, EYE, -1);
	return {
		x: 0.5 + right / forward / (2 * HALF_WIDE),
		y: HORIZON - (up / forward) * (ASPECT / (2 * HALF_WIDE))
	};
}
