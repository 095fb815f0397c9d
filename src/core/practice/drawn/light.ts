import { evOfOpen } from './air';
import { evOfRoom } from './room';
import { isRoom, type DrawnScene } from './scene';

/**
 * The light on the subject of a drawn scene.
 *
 * @returns EV at ISO 100
 * @example evOfScene(a clear noon on grass, subject facing the sun) // 15
 */
export const evOfScene = (scene: DrawnScene): number => (isRoom(scene) ? evOfRoom(scene) : evOfOpen(scene));
