import { bench, describe } from "vitest";
import { arrange } from "./arrange";
import { left, planned, shopOf } from "./fixtures";
import { planOf } from "./outlook";
import { problemOf } from "./problem";
import { USUAL_WEEK } from "./rules";
import { sureness } from "./sure";

const STEPS = ["baseline", "find", "fix", "align", "prove", "hand-back"] as const;
const people = ["a", "b", "c", "d", "e"].map((id) => ({
  id,
  name: id,
  week: USUAL_WEEK,
  skills: ["bench", "alignment", "transmitters", "cabinet", "desk"] as const,
}));
const sets = Array.from({ length: 60 }, (_, index) =>
  planned(index + 1, {
    ...left(STEPS.slice(index % 4)),
    ...(index % 3 === 0
      ? { promised: { day: `2026-12-${String(4 + (index % 20)).padStart(2, "0")}`, at: "2026-11-30T08:00:00.000Z" } }
      : {}),
  }),
);
const shop = shopOf(sets, {
  people: people.map((one) => ({ ...one, skills: [...one.skills] })),
  rules: { ...shopOf([]).rules, benches: 8 },
});
const problem = problemOf(shop);
const plan = arrange(problem);

describe("60 sets, 5 people", () => {
  bench("a plan", () => void arrange(problem));
  bench("how sure its days are, 2000 runs", () => void sureness(plan));
  bench("both, as a page asks for them", () => void planOf(shop));
});
