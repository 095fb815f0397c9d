export { planDay, type DayPlan, type DayQuestion, type PlanWindow, type SkyFrom } from './day';
export { sunTimes } from './sun-times';
