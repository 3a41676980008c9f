import { circuitOf } from "@/core/diagnosis";
import { VIEW_WORDS, type Pin, type Sheet, type View } from "@/core/model";
import type { ModelPicture } from "@/db/pictures";
import { PLAN_ASPECT, planView, type PlanBlock } from "@/core/picture";

export type Picture = Pick<ModelPicture, "id" | "view" | "width" | "height">;
/** What a picture is drawn from: a photo with its pins, or the plan by stages. */
export type Shown = {
  view: View;
  name: string;
  aspect: number;
  src?: string;
  blocks: PlanBlock[];
  pins: Omit<Pin, "view">[];
};

export const pictureSrc = (id: string): string => `/api/pictures/${id}`;

const plans = new WeakMap<Sheet, Shown>();

/** The plan by stages, made from the sheet: there for every model. */
export function planOfSheet(sheet: Sheet): Shown {
  const known = plans.get(sheet);
  if (known) return known;
  const { blocks, spots } = planView(circuitOf(sheet).circuit, sheet);
  const plan: Shown = { view: "plan", name: VIEW_WORDS.plan, aspect: PLAN_ASPECT, blocks, pins: spots };
  plans.set(sheet, plan);
  return plan;
}

/** Photos of the model with the pins of its sheet, and the plan behind them. */
export function shownOf(sheet: Sheet, pictures: readonly Picture[]): Shown[] {
  const photos = pictures.map(({ id, view, width, height }): Shown => ({
    ...{ view, name: VIEW_WORDS[view], aspect: width / height, src: pictureSrc(id), blocks: [] },
    pins: (sheet.pins ?? []).filter((pin) => pin.view === view),
  }));
  return [...photos, planOfSheet(sheet)];
}

/** Places that are meant by what is spoken of: a point of the chart sits where its part does. */
export function meant(names: readonly string[], pins: readonly Pick<Pin, "name">[]): string[] {
  const known = new Map(pins.map(({ name }) => [name.toLowerCase(), name]));
  return names.flatMap((name) => {
    const words = name.trim().toLowerCase();
    const part = words.split(" ")[0] ?? words;
    // `T3 top` itself, else the part T3, else another core of it.
    const other = pins.find((pin) => pin.name.toLowerCase().startsWith(`${part} `))?.name;
    const found = known.get(words) ?? known.get(part) ?? (/\d/.test(part) ? other : undefined);
    return found ? [found] : [];
  });
}
