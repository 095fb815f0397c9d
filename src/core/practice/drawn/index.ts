export { evOfScene } from './air';
export { drawScene, onTheCard, type DrawnPicture } from './render';
export { sceneFor, type DrawnScene } from './scene';
