import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { proposeNet } from "../circuit";
import { AMPLIFIER } from "../fixtures";
import type { Join, Sheet } from "../model";
import { drawCircuit, svgOfDrawing, type Graph, type Layout, type Shape } from ".";

/** Puts the blocks in a row: enough to see what is drawn. */
const inARow: Layout = ({ blocks, wires }: Graph) => {
  let x = 0;
  const at: Record<string, { x: number; y: number }> = {};
  for (const block of blocks) {
    at[block.id] = { x, y: 0 };
    x += block.width;
  }
  const port = (id: string) => {
    const block = blocks.find(({ ports }) => ports.some((one) => one.id === id));
    const one = block?.ports.find((other) => other.id === id);
    if (!block || !one) throw new Error(`nothing has a port ${id}`);
    return { x: (at[block.id]?.x ?? 0) + one.x, y: one.y };
  };
  return Promise.resolve({
    width: x,
    height: Math.max(...blocks.map(({ height }) => height)),
    at,
    wires: Object.fromEntries(wires.map(({ id, from, to }) => [id, { ways: [[port(from), port(to)]], junctions: [] }])),
  });
};

const NET: Join[] = proposeNet(AMPLIFIER).rows.map(({ reason: _, ...row }) => row);
const drawn = (net: Join[], sheet: Sheet = AMPLIFIER) => drawCircuit({ ...sheet, net }, inARow);
const of = <K extends Shape["kind"]>(shapes: readonly Shape[], kind: K) =>
  shapes.filter((shape): shape is Extract<Shape, { kind: K }> => shape.kind === kind);
const panelOf = async (net: Join[], id: string, sheet?: Sheet) => {
  const panel = (await drawn(net, sheet)).panels.find((one) => one.id === id);
  if (!panel) throw new Error(`no panel ${id}`);
  return panel;
};

describe("the drawing of a circuit", () => {
  it("has a panel for each tube in the order of the line-up, and one for the supply", async () => {
    const { panels, left } = await drawn(NET);
    expect(panels.map(({ title }) => title)).toEqual(["V1 6J5, first audio", "V2 6V6, output", "Supply, V3 5Y3GT"]);
    expect(left).toEqual([]);
  });

  it("stands a plate load under its rail and a cathode resistor on chassis", async () => {
    const { shapes } = await panelOf(NET, "V1");
    const plate = of(shapes, "symbol").find(({ part }) => part === "R3");
    expect(plate).toMatchObject({ symbol: "resistor", lying: false });
    expect(of(shapes, "rail")).toContainEqual({ kind: "rail", node: "B+", up: true, x: plate?.x, y: plate?.y });
    expect(of(shapes, "rail").filter(({ node, up }) => node === "gnd" && !up)).toHaveLength(3);
  });

  it("draws a coupling capacitor where it brings the signal in, and says at the plate where it goes on", async () => {
    const second = await panelOf(NET, "V2");
    expect(of(second.shapes, "symbol").find(({ part }) => part === "C4")).toMatchObject({ lying: true });
    expect(of(second.shapes, "flag")).toMatchObject([{ text: "V1 plate", panel: "V1", side: "left" }]);
    const first = await panelOf(NET, "V1");
    expect(of(first.shapes, "symbol").some(({ part }) => part === "C4")).toBe(false);
    expect(of(first.shapes, "flag")).toMatchObject([{ text: "C4, V2", panel: "V2", side: "right" }]);
  });

  it("gives an electrolytic its plus, away from chassis, and at chassis where plus is chassis", async () => {
    const reservoir = async (net: Join[], sheet?: Sheet) =>
      of((await panelOf(net, "supply", sheet)).shapes, "symbol").find(({ part }) => part === "C1")?.symbol;
    expect(await reservoir(NET)).toBe("polarised");
    // Turned round in its row, it is still drawn from its rail down, with the plus on top.
    const turned = NET.map((row) => (row.part === "C1" ? { ...row, from: row.to, to: row.from } : row));
    expect(await reservoir(turned)).toBe("polarised");
    const plusIsChassis = NET.map((row) => (row.part === "supply" ? { ...row, from: row.to, to: row.from } : row));
    expect(await reservoir(plusIsChassis)).toBe("polarised down");
  });

  it("draws a volume control with its slider at the grid", async () => {
    const net: Join[] = [
      ...NET.filter(({ part }) => part !== "R1"),
      { part: "VR1", from: "volume", to: "gnd", tap: "V1.grid", at: 1 },
      { part: "C9", from: "radio", to: "volume" },
    ];
    const { shapes } = await panelOf(net, "V1");
    expect(of(shapes, "symbol").find(({ part }) => part === "VR1")?.symbol).toBe("potentiometer");
    expect(
      of(shapes, "node")
        .map(({ node }) => node)
        .sort(),
    ).toEqual(["V1.cathode", "V1.grid", "V1.plate", "radio", "volume"]);
  });

  it("takes a node that is fed and smoothed, with no tube at it, as a rail", async () => {
    const net: Join[] = [
      ...NET.filter(({ part }) => part !== "R3"),
      { part: "R3", from: "first rail", to: "V1.plate" },
      { part: "R8", from: "B+", to: "first rail" },
      { part: "C8", from: "first rail", to: "gnd" },
    ];
    expect(of((await panelOf(net, "V1")).shapes, "rail").map(({ node }) => node)).toContain("first rail");
    expect(of((await panelOf(net, "supply")).shapes, "symbol").map(({ part }) => part)).toContain("R8");
  });

  it("says which tubes are joined to nothing", async () => {
    const net = NET.filter(({ from, to }) => ![from, to].some((node) => node.startsWith("V2")));
    expect((await drawn(net)).left).toEqual(["V2 (output) is not joined to anything."]);
  });

  it("does not draw what nobody could read, and says so", async () => {
    const net: Join[] = Array.from({ length: 300 }, (_, at) => ({ part: `R${at}`, from: "V1.grid", to: `end ${at}` }));
    const { panels, left } = await drawn(net);
    expect(panels).toEqual([]);
    expect(left.some((text) => text.includes("more than can be drawn"))).toBe(true);
  });

  const name = fc.constantFrom("gnd", "B+", "B+ 2", "V1.plate", "V1.grid", "V1.cathode", "V2.plate", "V2.grid", "V2.screen", "V3.plate", "line", "a", "b", "AVC"); // prettier-ignore
  const row = fc.record({ from: name, to: name, tap: fc.option(name, { nil: undefined }) }).map(
    ({ from, to, tap }): Omit<Join, "part"> => ({ from, to, ...(tap === undefined ? {} : { tap }) }), // prettier-ignore
  );
  const net = fc
    .array(row, { maxLength: 30 })
    .map((rows) => rows.map((one, at): Join => ({ part: `${one.tap ? "VR" : "RCLDS"[at % 5]}${at + 1}`, ...one })));

  it("draws each part of any net once, each node once, and every wire from a port to a port", async () => {
    await fc.assert(
      fc.asyncProperty(net, async (rows) => {
        const { panels } = await drawn([{ part: "supply", from: "gnd", to: "B+" }, ...rows]);
        const shapes = panels.flatMap((panel) => panel.shapes);
        const parts = of(shapes, "symbol").map(({ part }) => part);
        const across = rows.filter(({ from, to }) => from !== to);
        expect(parts.filter((part) => part !== "supply").sort()).toEqual(across.map(({ part }) => part).sort());
        const nodes = of(shapes, "node").map(({ node }) => node);
        expect(new Set(nodes).size).toBe(nodes.length);
        const known = new Set(nodes);
        for (const { from, to } of across)
          for (const node of [from, to]) expect(node === "gnd" || known.has(node)).toBe(true);
      }),
      { numRuns: 300 },
    );
  });

  it("becomes an SVG that stands alone, with volts and states, and escapes what was typed", async () => {
    const sheet: Sheet = { ...AMPLIFIER, tubes: AMPLIFIER.tubes.map((tube) => ({ ...tube, work: "<b> & co" })) };
    const svg = svgOfDrawing(await drawn(NET, sheet), 'Set "one"', {
      node: (node) => (node === "V1.plate" ? ["net 120 V", "read 118 V"] : []),
      part: (part) => (part === "R3" ? "■" : ""),
      live: false,
    });
    expect(svg).toContain("read 118 V");
    expect(svg).toContain("■ R3");
    expect(svg).toContain("&lt;b> &amp; co");
    expect(svg).not.toContain("<b>");
  });

  it("draws B− of a live chassis as a bar with its name, never as chassis", async () => {
    const words = { node: () => [], part: () => "" };
    const drawing = await drawn(NET);
    const [dead, live] = [false, true].map((one) => svgOfDrawing(drawing, "", { ...words, live: one }));
    expect(live).toContain("B−");
    expect(dead).not.toContain("B−");
  });
});
