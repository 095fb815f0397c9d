import type { Light } from '$core/light';
import type { ReadingRecord } from '$contract/records';
import type { ShootState } from '$lib/shoot/shoot-state.svelte';

/** What the panel of every way of reading light gets. */
export interface PanelProps {
	shoot: ShootState;
	/** The reading that holds, as it was read: forms of the same way begin with it. */
	light: Light | null;
	/** Hands a reading on, and where it was taken if that is known. */
	onread: (light: Light, where?: ReadingRecord['where']) => void;
}

/** What a panel gets that needs nothing of the bag. */
export type PlainPanelProps = Omit<PanelProps, 'shoot'>;

/** The reading that holds, if it was read in one of these ways. */
export function readBy<M extends string>(
	light: Light | null,
	...methods: M[]
): Extract<Light, { method: M }> | null {
	const isOne = light !== null && 'method' in light && (methods as string[]).includes(light.method);
	return isOne ? (light as Extract<Light, { method: M }>) : null;
}
