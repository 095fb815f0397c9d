export { zoneAt } from '$core/light';
