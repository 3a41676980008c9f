import { COMMON_WORDS, COMMONS, type Common } from "./commons";
import { ROLES, roleWord, type Role } from "./roles";
import type { Section } from "./schemas/sections";

const GROUND: readonly Common[] = ["chassis", "b-minus"];

/**
 * Where the ends of a section can be by its role. A coupling capacitor has a signal at both of its ends, so neither can
 * be chassis; a bypass goes from its node to chassis or B−. Shop rule, from what the roles mean.
 */
const ENDS: Partial<Record<Role, readonly Common[]>> = {
  mains: ["line"],
  "mains-to-chassis": ["line", "chassis"],
  reservoir: GROUND,
  smoothing: GROUND,
  "cathode-bypass": [...GROUND, "signal"],
  coupling: ["signal"],
  decoupling: [...GROUND, "b-plus", "signal"],
  avc: [...GROUND, "signal"],
  tone: [...GROUND, "b-plus", "signal"],
  tuned: ["chassis", "signal"],
  rail: GROUND,
};

const article = (role: Role) => `${/^[aeiou]/.test(role) ? "an" : "a"} ${roleWord(role)}`;
const listed = (words: string[]) =>
  words.length < 2 ? words.join("") : `${words.slice(0, -1).join(", ")} and ${words.at(-1)}`;

export type SectionCheck =
  | { kind: "fits" }
  /** nobody has said where the common lead goes */
  | { kind: "question"; text: string; possible: Common[] }
  /** what is written down cannot be */
  | { kind: "conflict"; text: string; possible: Common[] };

/**
 * Can the sections of a part share the common lead that is written down?
 *
 * @param designator for the sentence
 * @param sections with their roles; fewer than two need no check
 * @param common where the sheet says the common lead goes; undefined when nobody has traced it
 * @returns `fits`, a question with the possible places, or a conflict with its reason
 */
export function checkSections(designator: string, sections: readonly Section[], common?: Common): SectionCheck {
  if (sections.length < 2) return { kind: "fits" };
  const possible = COMMONS.filter((place) =>
    sections.every(({ role }) => (ENDS[role] ?? (COMMONS as readonly Common[])).includes(place)),
  );
  const roles = listed([...new Set(sections.map(({ role }) => article(role)))]);
  const couples = sections.some(({ role }) => role === "coupling");
  const reason =
    couples && !possible.includes("chassis")
      ? "A coupling section has a signal at both ends, so the common lead cannot be chassis."
      : "";
  const places = listed(possible.map((place) => COMMON_WORDS[place])).replace(" and ", " or ");
  if (possible.length === 0)
    return {
      kind: "conflict",
      possible,
      text: `${designator}: ${roles} section cannot share one lead. Trace each lead before anything is ordered or wired. ${reason}`.trim(),
    };
  if (common && !possible.includes(common))
    return {
      kind: "conflict",
      possible,
      text: `${designator}: ${roles} section cannot share ${COMMON_WORDS[common]}. ${reason} By their roles it is ${places}: trace it before anything is ordered or wired.`.replace(
        "  ",
        " ",
      ),
    };
  if (!common)
    return {
      kind: "question",
      possible,
      text: `${designator} has ${sections.length} sections: where does their common lead go? By their roles: ${places}. ${reason}`.trim(),
    };
  return { kind: "fits" };
}

/** Writes sections as they stand in a cell: `16/450 reservoir | 16/450 smoothing`. */
export const writeSections = (sections: readonly Section[]): string =>
  sections.map(({ drawn, role }) => `${drawn} ${role}`).join(" | ");

/** Reads what `writeSections` writes; a role may be typed with spaces. */
export function readSections(text: string): { sections: Section[] } | { problem: string } {
  if (text.trim() === "") return { sections: [] };
  const sections: Section[] = [];
  for (const piece of text.split("|").map((part) => part.trim())) {
    const role = [...ROLES]
      .sort((a, b) => b.length - a.length)
      .find((name) => piece.toLowerCase().replaceAll(" ", "-").endsWith(`-${name}`));
    const drawn = role ? piece.slice(0, piece.length - role.length).trim() : "";
    if (!role || !drawn)
      return { problem: `A section is its value and its role, like “16/450 reservoir”; “${piece}” is not.` };
    if (drawn.length > 40) return { problem: "The value of a section is shorter than 40 characters." };
    sections.push({ role, drawn });
  }
  return { sections };
}
