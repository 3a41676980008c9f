import { ACTIONS, PAGES, type ActionName, type Asked, type PageName } from "./asked";
import { roleRefusal } from "./rights";
import type { Role } from "./roles";

/** What somebody may not do here, each with the sentence that says so. */
export type Refusals = {
  actions: Partial<Record<ActionName, string>>;
  pages: Partial<Record<PageName, string>>;
};

function refused<Name extends string>(role: Role, asked: Record<Name, Asked>): Partial<Record<Name, string>> {
  const said: Partial<Record<Name, string>> = {};
  for (const name of Object.keys(asked) as Name[]) {
    const right = asked[name];
    const sentence = right === "anyone" ? undefined : roleRefusal(role, right);
    if (sentence) said[name] = sentence;
  }
  return said;
}

/** All that a role may not do and not open, so that a page offers nobody what would be refused. */
export const refusalsOf = (role: Role): Refusals => ({
  actions: refused(role, ACTIONS),
  pages: refused(role, PAGES),
});
