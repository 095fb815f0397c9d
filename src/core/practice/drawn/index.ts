export { evOfScene } from './light';
export { drawScene, onTheCard, type DrawnPicture } from './render';
export { isRoom, sceneFor, type DrawnScene } from './scene';
