import { describe, expect, it } from "vitest";
import { CHASSIS } from "@/core/model";
import { AMPLIFIER } from "@/core/fixtures";
import { proposeNet } from "@/core/circuit";
import type { Block, Graph } from "@/core/drawing";
import { drawingOf, layout } from "./circuit-layout";

const NET = proposeNet(AMPLIFIER).rows.map(({ reason: _, ...row }) => row);

const block = (id: string, sides: ("left" | "right")[]): Block => ({
  id,
  width: 60,
  height: 40,
  ports: sides.map((side) => ({ id: `${id} ${side}`, x: side === "left" ? 0 : 60, y: 20, side })),
  shapes: [],
});

describe("the layout of a panel", () => {
  it("puts no block on another, and ends each wire at its ports", async () => {
    const graph: Graph = {
      id: "V1",
      title: "",
      blocks: ["a", "b", "c", "d"].map((id) => block(id, ["left", "right"])),
      wires: [
        { id: "1", from: "a right", to: "b left", node: "x" },
        { id: "2", from: "a right", to: "c left", node: "x" },
        { id: "3", from: "c right", to: "d left", node: "y" },
        { id: "4", from: "d right", to: "a left", node: "z" },
      ],
    };
    const { at, wires } = await layout(graph);
    const places = Object.values(at);
    expect(places).toHaveLength(4);
    for (const [index, one] of places.entries())
      for (const other of places.slice(index + 1))
        expect(Math.abs(one.x - other.x) >= 60 || Math.abs(one.y - other.y) >= 40).toBe(true);
    for (const { id, from, to } of graph.wires) {
      const [way = []] = wires[id]?.ways ?? [];
      const [first, last] = [way[0], way.at(-1)];
      const end = (port: string) => {
        const place = at[port.split(" ")[0] ?? ""];
        return place && { x: place.x + (port.endsWith("left") ? 0 : 60), y: place.y + 20 };
      };
      expect([first, last]).toEqual([end(from), end(to)]);
      // At right angles.
      for (const [step, point] of way.slice(1).entries())
        expect(point.x === way[step]?.x || point.y === way[step]?.y).toBe(true);
    }
  });

  it("draws a whole amplifier inside its panels", async () => {
    const { panels } = await drawingOf({ ...AMPLIFIER, net: NET });
    expect(panels).toHaveLength(3);
    for (const { width, height, shapes } of panels)
      for (const shape of shapes)
        if (shape.kind === "symbol" || shape.kind === "device") {
          expect(shape.x).toBeGreaterThan(0);
          expect(shape.x).toBeLessThan(width);
          expect(shape.y).toBeLessThan(height);
        }
    expect(
      panels.flatMap(({ shapes }) => shapes).some((shape) => shape.kind === "rail" && shape.node === CHASSIS),
    ).toBe(true);
  });
});
