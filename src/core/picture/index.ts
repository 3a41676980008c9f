/** Pictures of a chassis: a plan by its stages, and pins that move with a new photo. */
export { movePins, NEAREST_REFERENCES, type Moved, type Place, type Reference } from "./move-pins";
export { PLAN_ASPECT, planView, type PlanBlock, type PlanView } from "./plan-view";
