/** Who somebody is in the shop. What each role may do is in rights.ts. */
export const ROLES = ["owner", "lead", "technician", "desk", "apprentice", "reader"] as const;
export type Role = (typeof ROLES)[number];

export const ROLE_WORDS: Record<Role, string> = {
  owner: "Owner",
  lead: "Lead technician",
  technician: "Technician",
  desk: "Front desk",
  apprentice: "Apprentice",
  reader: "Reader",
};

/** What a role is for, in a sentence: shown where it is chosen. */
export const ROLE_SAYS: Record<Role, string> = {
  owner: "Does everything, also people, the archive and the list of events.",
  lead: "Does everything at the bench and on the Shop page, and confirms what an apprentice did for safety.",
  technician: "Works on sets, takes them in and hands them back, keeps stock and models.",
  desk: "Takes sets in and hands them back, writes notes, estimates and prices. Does no work on a set.",
  apprentice: "Works on sets. What counts for safety stands once a lead has confirmed it.",
  reader: "Sees everything of the sets and changes nothing.",
};

/** The role that the words of an older program come nearest to: it kept what somebody does as free text. */
export function roleOfWords(words: string): Role {
  const said = words.toLowerCase();
  if (/\bowner\b/.test(said)) return "owner";
  if (/\blead\b/.test(said)) return "lead";
  if (/\bdesk\b|\boffice\b/.test(said)) return "desk";
  if (/\bapprentice\b|\btrainee\b/.test(said)) return "apprentice";
  if (/\breader\b/.test(said)) return "reader";
  return "technician";
}
