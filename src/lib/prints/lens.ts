import type { Camera } from '$core/camera';

/** Kinds whose simple lenses darken the corners and spread light; common practice. */
const simple = new Set(['box', 'plastic-medium-format', 'point-and-shoot', 'pinhole', 'box-instant']);

/** How a camera's lens draws. */
export const lensOf = ({ kind }: Camera): 'plain' | 'plastic' =>
	simple.has(kind ?? '') ? 'plastic' : 'plain';
