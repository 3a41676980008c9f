import type { Element, Net } from "@/core/circuit";
import { diodeModel, tubeModel } from "@/core/circuit";
import { GERMANIUM_PNP, SILICON_NPN } from "@/core/circuit/laws/transistor";
import { chanceFrom } from "@/core/diagnosis/simulate";
import { tubeType, tubeTypes } from "@/core/tubes";

/** Circuits that are solved here and by ngspice: random ones of the trade’s building blocks. */

const modelled = tubeTypes().flatMap((type) => {
  const model = tubeModel(type);
  return model ? [{ type, model }] : [];
});
const triodes = modelled.filter(({ model }) => model.law === "triode");
const pentodes = modelled.filter(({ model }) => model.law === "pentode");

const resistor = (name: string, a: string, b: string, ohms: number): Element => ({
  kind: "resistor",
  name,
  a,
  b,
  ohms,
});

/** A resistance-coupled stage of a triode, from one node to the next. */
function triodeStage(n: number, from: string, chance: () => number): Element[] {
  const { type, model } = triodes[Math.floor(chance() * triodes.length)] as (typeof triodes)[number];
  if (model.law !== "triode") return [];
  return [
    {
      kind: "triode",
      name: `V${n}`,
      type: type.type,
      plate: `V${n}.plate`,
      grid: `V${n}.grid`,
      cathode: `V${n}.cathode`,
      model: model.model,
    },
    {
      kind: "capacitor",
      name: `C${n}`,
      a: from,
      b: `V${n}.grid`,
      farads: 1e-8 * (1 + 9 * chance()),
      ...(chance() < 0.3 ? { leakOhms: 10 ** (6 + 2 * chance()) } : {}),
    },
    resistor(`R${n}1`, `V${n}.grid`, "gnd", 10 ** (5 + 1.5 * chance())),
    resistor(`R${n}2`, "B+", `V${n}.plate`, 10 ** (4.3 + chance())),
    resistor(`R${n}3`, `V${n}.cathode`, "gnd", 10 ** (2.5 + chance())),
    { kind: "capacitor", name: `C${n}3`, a: `V${n}.cathode`, b: "gnd", farads: 2.5e-5 },
  ];
}

function pentodeStage(n: number, from: string, chance: () => number): Element[] {
  const { type, model } = pentodes[Math.floor(chance() * pentodes.length)] as (typeof pentodes)[number];
  if (model.law !== "pentode") return [];
  return [
    {
      kind: "pentode",
      name: `V${n}`,
      type: type.type,
      plate: `V${n}.plate`,
      screen: `V${n}.screen`,
      grid: `V${n}.grid`,
      cathode: `V${n}.cathode`,
      model: model.model,
    },
    { kind: "capacitor", name: `C${n}`, a: from, b: `V${n}.grid`, farads: 1e-8 * (1 + 9 * chance()) },
    resistor(`R${n}1`, `V${n}.grid`, "gnd", 10 ** (5 + chance())),
    resistor(`R${n}2`, "B+", `V${n}.plate`, 10 ** (2.5 + 1.5 * chance())),
    resistor(`R${n}4`, "B+", `V${n}.screen`, 10 ** (3.5 + 1.5 * chance())),
    resistor(`R${n}5`, `V${n}.screen`, "gnd", 10 ** (4 + chance())),
    resistor(`R${n}3`, `V${n}.cathode`, "gnd", 10 ** (2 + chance())),
    { kind: "capacitor", name: `C${n}3`, a: `V${n}.cathode`, b: "gnd", farads: 2.5e-5 },
  ];
}

function transistorStage(n: number, from: string, chance: () => number): Element[] {
  const germanium = chance() < 0.5;
  const rail = germanium ? "B-" : "B+low";
  return [
    {
      kind: "transistor",
      name: `Q${n}`,
      collector: `Q${n}.collector`,
      base: `Q${n}.base`,
      emitter: `Q${n}.emitter`,
      model: germanium ? GERMANIUM_PNP : SILICON_NPN,
    },
    { kind: "capacitor", name: `C${n}`, a: from, b: `Q${n}.base`, farads: 1e-5 },
    resistor(`R${n}1`, rail, `Q${n}.base`, 10 ** (4.3 + 0.5 * chance())),
    resistor(`R${n}2`, `Q${n}.base`, "gnd", 10 ** (3.7 + 0.4 * chance())),
    resistor(`R${n}3`, `Q${n}.emitter`, "gnd", 10 ** (2.7 + 0.6 * chance())),
    resistor(`R${n}4`, rail, `Q${n}.collector`, 10 ** (3 + 0.7 * chance())),
  ];
}

/** A set of one to four stages on a supply of some kind. */
export function randomNet(seed: number): Net {
  const chance = chanceFrom(seed);
  const stages = 1 + Math.floor(chance() * 4);
  const net: Element[] = [{ kind: "volts", name: "V_in", a: "in", b: "gnd", volts: 0, ac: 1 }];
  const solid = chance() < 0.25;
  if (solid)
    net.push(
      { kind: "volts", name: "V_low", a: "B+low", b: "gnd", volts: 6 + 10 * chance() },
      { kind: "volts", name: "V_minus", a: "B-", b: "gnd", volts: -6 - 6 * chance() },
      resistor("R_low", "B+low", "gnd", 1e5),
      resistor("R_minus", "B-", "gnd", 1e5),
    );
  else if (chance() < 0.5) {
    const diode = diodeModel(
      tubeType(chance() < 0.5 ? "5Y3GT" : "6X4") ??
        (() => {
          throw new Error("no rectifier");
        })(),
    );
    net.push(
      {
        kind: "supply",
        name: "supply",
        a: "reservoir",
        b: "gnd",
        model: {
          rectifier: chance() < 0.5 ? "full-wave" : "half-wave",
          rms: 150 + 200 * chance(),
          ohms: 50 + 150 * chance(),
          diode: diode ?? { law: "vacuum", perveance: 1e-3 },
        },
      },
      resistor("R_choke", "reservoir", "B+", 200 + 1000 * chance()),
    );
    if (chance() < 0.4)
      net.push(
        { kind: "gas", name: "OA2", a: "regulated", b: "gnd", model: { volts: 150, ohms: 80 } },
        resistor("R_reg", "B+", "regulated", 5000),
      );
  } else net.push({ kind: "volts", name: "V_b", a: "B+", b: "gnd", volts: 90 + 250 * chance() });
  if (chance() < 0.3)
    net.push(
      { kind: "lamp", name: "lamp", a: solid ? "B+low" : "B+", b: "lampend", model: { volts: 6.3, amps: 0.05 } },
      resistor("R_lamp", "lampend", "gnd", 10 ** (2 + 3 * chance())),
    );
  let from = "in";
  for (let n = 1; n <= stages; n += 1) {
    net.push(
      ...(solid
        ? transistorStage(n, from, chance)
        : chance() < 0.5
          ? triodeStage(n, from, chance)
          : pentodeStage(n, from, chance)),
    );
    from = solid ? `Q${n}.collector` : `V${n}.plate`;
  }
  return net;
}
