import { BY_LINK, WAYS } from "../approval/values";

/** Ways in which somebody in the shop gives their word. */
export const TOLD_BY = WAYS.filter((way) => way !== BY_LINK);
