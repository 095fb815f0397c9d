export { blocksOfColours, blocksOfLuma, framesOfGate, GRID, type GridFrame } from './gate';
export { measureClip } from './measure';
export { lightBySteps, lightOfBt709 } from './transfer';
export type {
	Clip,
	ClipAnswer,
	ClipFiring,
	ClipFrame,
	ClipMeasured,
	ClipRefusal,
	FilmedStep,
	Transfer
} from './types';
