export { errorByGrey, reflectanceOf } from './curve';
export { meanReflectance, printOf, type PrintQuestion } from './render';
