/** Who may do what: roles, rights, and what every way in asks. */
export { ACTIONS, PAGES, ROUTES, type ActionName, type Asked, type PageName, type RouteName } from "./asked";
export { CODE, NO_CODE, SPARE_CODES, stepAt, stepsAt, typedCode } from "./codes";
export { EVENTS, type EventName } from "./events";
export { KIND_RIGHTS } from "./entries";
export { notForRole, rightOfKind } from "./of-entry";
export { LINK_DAYS, linkProblem } from "./links";
export { refusalsOf, type Refusals } from "./refusals";
export { ALLOWED, may, RIGHTS, roleRefusal, type Right } from "./rights";
export { ROLE_SAYS, ROLE_WORDS, roleOfWords, ROLES, type Role } from "./roles";
export { PASSWORD_LENGTH, passwordProblem, PIN_LENGTH, pinProblem, signInName, TOLD_DAYS, WRONG_PINS } from "./secrets";
