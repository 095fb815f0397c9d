export { clicksIn } from './clicks';
