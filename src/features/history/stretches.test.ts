import { expect, it } from "vitest";
import { entry, FULL, note } from "@/core/fixtures";
import { settle, type Content } from "@/core/kinds";
import { stretchesOf } from "./stretches";

const power = { kind: "power-step", payload: FULL["power-step"][0] } as Content;
const labour = { kind: "labour", payload: FULL.labour[0] } as Content;

it("folds long runs with their neighbours, leaves scaffolding out, and loses nothing else", () => {
  const { settled } = settle([
    entry(1, note("before")),
    entry(2, power),
    entry(3, labour),
    entry(4, power),
    entry(5, note("between")),
    entry(6, power),
  ]);
  expect(stretchesOf(settled).map(({ folded, items }) => [folded, items.length])).toEqual([
    [false, 1],
    [true, 2],
    [false, 1],
    [true, 1],
  ]);
});
