import { parsePart, quantityOfDesignator, type PartSpec } from "../quantity";
import { ELECTROLYTIC_ROLES } from "./roles";
import type { Component, Sheet } from "./schemas/sheet";
import { checkSections, type SectionCheck } from "./sections";

export type Model = {
  id: string;
  maker: string;
  designation: string;
  nickname: string | null;
  year: number | null;
  version: number;
  sheet: Sheet;
  /** the other shop whose sheet it is, where it came with a set's file */
  shop?: string;
};

/** The name as a technician says it, e.g. `Halvane 537 “Lantern”`. */
export const modelName = (model: Pick<Model, "maker" | "designation" | "nickname">): string =>
  [model.maker, model.designation, model.nickname ? `“${model.nickname}”` : ""].filter(Boolean).join(" ");

/** A set by its model and serial number. */
export const setName = (model: Pick<Model, "maker" | "designation" | "nickname">, serial: string): string =>
  `${modelName(model)}, No. ${serial || "unknown"}`;

/** Line voltages that the set can be set to; the nominal one when the sheet names no others. */
export const tapsOf = (sheet: Pick<Sheet, "taps" | "lineVolts">): number[] =>
  sheet.taps && sheet.taps.length > 0 ? sheet.taps : [sheet.lineVolts];

/** Rules for reading a value that stands at a designator of this model. */
export function partRules(sheet: Pick<Sheet, "dialect" | "components">, designator: string) {
  const quantity = quantityOfDesignator(designator);
  const component = sheet.components.find((c) => c.designator === designator);
  return {
    ...(quantity ? { quantity } : {}),
    ...(sheet.dialect ? { dialect: sheet.dialect } : {}),
    ...(component ? { electrolytic: ELECTROLYTIC_ROLES.includes(component.role) } : {}),
  };
}

/**
 * Value and rating of a component as one marking. A rating that is a bare number is volts at a capacitor and watts at a
 * resistor, as parts lists have it.
 */
export function drawnText({ designator, drawn, rating }: Pick<Component, "designator" | "drawn" | "rating">): string {
  if (!rating) return drawn;
  const bare = /^[\d.,]+$/.test(rating.trim());
  const unit = { capacitance: " V", resistance: " W", inductance: "" }[
    quantityOfDesignator(designator) ?? "inductance"
  ];
  return `${drawn} ${rating.trim()}${bare ? unit : ""}`;
}

/** The drawn value of a component as a marking, where it reads in one way. */
export function drawnSpec(sheet: Pick<Sheet, "dialect">, component: Component): PartSpec | undefined {
  const rules = partRules({ ...sheet, components: [component] }, component.designator);
  const parsed = parsePart(drawnText(component), rules);
  return parsed.ok ? parsed.value : undefined;
}

/** The unit of a section's value, and the value where it stands without one. */
const SECTION_UNIT = /^\s*[\d.,]+\s*([a-zµ]+)/i;
const BARE_SECTION = /^(\s*[\d.,]+)(?=\s|\/|$)/;

/**
 * The sections of a can as markings. They share what they are made of and, where it stands once, their unit:
 * `8 reservoir | 8 smoothing | 4 decoupling` are 8, 8 and 4 µF.
 * @returns each section with its marking; undefined for one that does not read in one way
 */
export function sectionSpecs({ sections = [], role }: Pick<Component, "sections" | "role">) {
  const electrolytic = [role, ...sections.map((section) => section.role)].some((one) =>
    ELECTROLYTIC_ROLES.includes(one),
  );
  const unit = sections.flatMap(({ drawn }) => SECTION_UNIT.exec(drawn)?.[1] ?? [])[0];
  return sections.map((section) => {
    const bare = unit !== undefined && !SECTION_UNIT.test(section.drawn);
    const shared = bare ? section.drawn.replace(BARE_SECTION, `$1 ${unit}`) : section.drawn;
    const parsed = parsePart(shared, { quantity: "capacitance", ...(electrolytic ? { electrolytic } : {}) });
    return { section, spec: parsed.ok ? parsed.value : undefined };
  });
}

/** What is to ask about the sections of a component; undefined when nothing is. */
export function sectionTrouble(component: Component): Exclude<SectionCheck, { kind: "fits" }> | undefined {
  const check = checkSections(component.designator, component.sections ?? [], component.common);
  return check.kind === "fits" ? undefined : check;
}
