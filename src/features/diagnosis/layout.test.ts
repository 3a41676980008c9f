import { describe, expect, it } from "vitest";
import { TOPOLOGIES } from "@/core/diagnosis";
import { layoutStrip, NODE } from "./layout";

describe("the strip of stages", () => {
  it.each(TOPOLOGIES.map(({ name, circuit }) => [name, circuit] as const))(
    "of %s shows every stage once, none over another, none beyond the plate",
    (_name, circuit) => {
      for (const width of [656, 520, 900]) {
        const { nodes, height } = layoutStrip(circuit, width);
        expect(nodes.map(({ stage }) => stage.id).sort()).toEqual(circuit.stages.map(({ id }) => id).sort());
        for (const one of nodes) {
          expect(one.x).toBeGreaterThanOrEqual(-1);
          expect(one.x + NODE.width).toBeLessThanOrEqual(width + 1);
          expect(one.y + NODE.height).toBeLessThanOrEqual(height);
          for (const other of nodes)
            if (other !== one && other.y === one.y)
              expect(Math.abs(other.x - one.x)).toBeGreaterThanOrEqual(NODE.width);
        }
      }
    },
  );

  it("keeps the order of the signal, from left to right and row by row", () => {
    for (const { circuit } of TOPOLOGIES) {
      const { nodes } = layoutStrip(circuit, 656);
      const chain = circuit.paths[0]?.chain ?? [];
      const places = chain.map((id) => nodes.find(({ stage }) => stage.id === id));
      places.slice(1).forEach((place, at) => {
        const before = places[at];
        if (!place || !before) throw new Error("a stage is missing");
        expect(place.y > before.y || (place.y === before.y && place.x > before.x)).toBe(true);
      });
    }
  });

  it("joins the signal stage by stage", () => {
    for (const { circuit } of TOPOLOGIES) {
      const { links } = layoutStrip(circuit, 656);
      for (const { chain } of circuit.paths)
        chain
          .slice(1)
          .forEach((to, at) =>
            expect(links.some((link) => link.kind === "signal" && link.from === chain[at] && link.to === to)).toBe(
              true,
            ),
          );
    }
  });
});
