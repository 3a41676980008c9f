import { minutesWithin, type Placed, type PlanInput } from "@/core/plan";

/** A piece of work on one day: the whole of it, or as much as falls on that day. */
export type Card = {
  key: string;
  placed: Placed;
  /** minutes of it on that day */
  minutes: number;
  /** it was begun on an earlier day; it goes on on a later one */
  begun: boolean;
  goesOn: boolean;
};

/** Work of a person on a day; `minutes` is what there is of it, `of` how much time they have. */
export type Cell = { day: string; person: string; cards: Card[]; minutes: number; of: number };

/** The cards of everybody over some days. */
export function cellsOf(placed: readonly Placed[], input: PlanInput, days: readonly string[]): Cell[][] {
  return input.people.map(({ id }) =>
    days.map((day): Cell => {
      const cards = placed
        .filter((one) => one.person === id && one.from.day <= day && one.to.day >= day)
        .map((one): Card => ({
          key: one.key,
          placed: one,
          minutes: minutesWithin(input, id, day, one),
          begun: one.from.day < day,
          goesOn: one.to.day > day,
        }))
        .filter(({ minutes }) => minutes > 0)
        .sort((a, b) => Number(b.begun) - Number(a.begun) || a.placed.from.minute - b.placed.from.minute);
      return {
        day,
        person: id,
        cards,
        minutes: cards.reduce((sum, { minutes }) => sum + minutes, 0),
        of: minutesWithin(input, id, day),
      };
    }),
  );
}

/** What nobody works at: parcels, answers, glue, soaks, on the days on which they last. */
export const waitsOn = (placed: readonly Placed[], day: string): Placed[] =>
  placed.filter((one) => one.by !== "person" && one.from.day <= day && one.to.day >= day);
