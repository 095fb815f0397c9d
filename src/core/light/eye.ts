import type { EyeReading, WayOfReading } from './types';

/**
 * A plain EV with the person's own doubt: where no rule or meter is asked.
 *
 * @example eye.read({ method: 'eye', ev: 9, sd: 1 }) // { ev: 9, sd: 1 }
 */
export const eye: WayOfReading<EyeReading> = {
	read: ({ ev, sd }) => ({ ev, sd }),
	note: () => 'guess by eye'
};
