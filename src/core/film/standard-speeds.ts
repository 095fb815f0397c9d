/** Speeds as boxes and dials have them, in thirds of a stop. Source: ISO 5800 and ISO 2240 (from memory). */
export const standardSpeeds: readonly number[] = [
	3, 4, 5, 6, 8, 10, 12, 16, 20, 25, 32, 40, 50, 64, 80, 100, 125, 160, 200, 250, 320, 400, 500, 640, 800,
	1000, 1250, 1600, 2000, 2500, 3200, 4000, 5000, 6400
];
