import { ROLE_WORDS, type Role } from "./roles";

/** What can be done here, as far as who does it matters; each with the words for a sentence like “… may not …”. */
export const RIGHTS = {
  see: "look at sets, stock and reference",
  own: "change their own password and PIN",
  write: "write notes, symptoms, estimates and approvals",
  bench: "work on a set",
  practise: "practise on a made-up set",
  teach: "set an exercise for a class",
  confirm: "confirm what an apprentice did for safety",
  "take-in": "take a set in, or change a customer",
  "hand-back": "hand a set back",
  money: "write invoices and payments",
  plan: "change the plan of the shop",
  stock: "change the stock and price lists",
  reference: "change models, recipes and test sheets",
  rules: "change the shop's rules and figures",
  shop: "change the shop's settings",
  "set-files": "give out or take in whole set files",
  links: "make a page for an owner",
  archive: "read everything out",
  people: "take people on or change what they may do",
  audit: "read the list of events",
} as const;
export type Right = keyof typeof RIGHTS;

const READER: readonly Right[] = ["see", "own"];
const APPRENTICE: readonly Right[] = [...READER, "write", "bench", "stock", "practise"];
const DESK: readonly Right[] = [
  ...READER,
  "write",
  "take-in",
  "hand-back",
  "plan",
  "money",
  "stock",
  "links",
  "practise",
];
const TECHNICIAN: readonly Right[] = [...APPRENTICE, "take-in", "hand-back", "plan", "reference", "set-files", "links"];
const LEAD: readonly Right[] = [...TECHNICIAN, "confirm", "teach", "money", "rules", "shop"];
const OWNER: readonly Right[] = [...LEAD, "archive", "people", "audit"];

/** The table: what each role may do. Whatever is not in its row is refused. */
export const ALLOWED: Readonly<Record<Role, readonly Right[]>> = {
  owner: OWNER,
  lead: LEAD,
  technician: TECHNICIAN,
  desk: DESK,
  apprentice: APPRENTICE,
  reader: READER,
};

/** May somebody of this role do this? */
export const may = (role: Role, right: Right): boolean => ALLOWED[role].includes(right);

/** Why somebody of this role may not do this, as it is told to them; undefined when they may. */
export const roleRefusal = (role: Role, right: Right): string | undefined =>
  may(role, right)
    ? undefined
    : `${ROLE_WORDS[role]}: this role may not ${RIGHTS[right].replace("their own", "your own")}.`;
