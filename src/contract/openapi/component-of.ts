/** Every kind of record, those that others name before those that name them, and how the document calls each. */
export const componentOf = {
	cameras: 'CameraRecord',
	films: 'FilmRecord',
	gear: 'Gear',
	places: 'Place',
	recipes: 'Recipe',
	readings: 'Reading',
	exercises: 'Exercise',
	settings: 'Settings',
	outings: 'Outing',
	loads: 'Load',
	measurements: 'Measurement',
	frames: 'Frame'
} as const;
