import type { Light } from '../light';

/** What a person knows of a camera: how frames on a film come out that are set so. It teaches as a judged frame does. */
export interface Experience {
	filmId: string;
	/** In which it is so; an eye follows the light, whatever it is. */
	light: Light;
	settings: {
		f: number;
		seconds: number;
		compensation: number | null;
		iso: number | null;
		position?: string | null;
	};
	/** Stops, + = too light, and how sure that is. */
	judged: { stops: number; sd: number };
	/** When it was said, ISO 8601. */
	at: string;
}
