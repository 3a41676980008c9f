import { GRID_BEGINS, GRID_ROUND, type PentodeModel, type SpaceModel } from "../laws/tube";
import { THERMAL, type DiodeModel } from "../laws/diode";
import { supplyAt, peakOf, type SupplyModel } from "../laws/supply";
import { conditionOf, LEAST_OHMS, type Conditions } from "../compile";
import { GROUND, nodesOf, type Element, type Net } from "../net";

/**
 * A net as a SPICE netlist: elements, tubes as subcircuits of behavioural sources, so that any simulator that knows
 * B-sources computes what we compute. What a node is called here stands in a comment.
 */

const number = (value: number): string => Number(value.toPrecision(12)).toString();

/** Names that a simulator takes: letters, digits and underscores, each one once. */
export function spiceNames(net: Net): Map<string, string> {
  const names = new Map([[GROUND, "0"]]);
  const taken = new Set(["0"]);
  for (const node of net.flatMap(nodesOf)) {
    if (names.has(node)) continue;
    const plain = node
      .toLowerCase()
      .replaceAll("+", "p")
      .replaceAll("−", "m")
      .replaceAll("-", "m")
      .replaceAll(/[^a-z0-9]+/g, "_")
      .replace(/^(?=\d)/, "n");
    let free = plain === "" ? "n" : plain;
    for (let count = 2; taken.has(free); count += 1) free = `${plain}_${count}`;
    taken.add(free);
    names.set(node, free);
  }
  return names;
}

/** A letter in front, as SPICE wants it, and no second one where the name has it: `R7`, `C14`, `VV1`. */
const named = (letter: string, name: string) => {
  const plain = name.replaceAll(/[^A-Za-z0-9]+/g, "_");
  return plain.toUpperCase().startsWith(letter) ? plain : `${letter}_${plain}`;
};

const soft = (z: string) => `(${z} > 30 ? ${z} : ln(1+exp(${z})))`;

/** The equations of laws/tube.ts as behavioural sources. */
function space({ mu, ex, kg, kp, kvb, contact, gridPerveance }: SpaceModel, pull: string): string[] {
  return [
    `Bz z 0 V=${number(kp)}*(1/${number(mu)}+(v(g,k)+${number(contact)})/sqrt(${number(kvb)}+v(${pull},k)*v(${pull},k)))`,
    `Be e 0 V=v(${pull},k) > 0 ? v(${pull},k)/${number(kp)}*${soft("v(z)")} : 0`,
    `Bi i 0 V=2/${number(kg)}*pwr(v(e),${number(ex)})`,
    `Bx x 0 V=(v(g,k)+${GRID_BEGINS})/${GRID_ROUND}`,
    `Bg g k I=${number(gridPerveance)}*pwr(${GRID_ROUND}*${soft("v(x)")},1.5)`,
  ];
}

const triodeText = (model: SpaceModel) => [...space(model, "p"), "Bp p k I=v(i)+1e-12*v(p,k)"];
const pentodeText = (model: PentodeModel) => [
  ...space(model, "s"),
  `Ba a 0 V=v(p,k) > 0 ? ${number((model.plateShare * 2) / Math.PI)}*atan(v(p,k)/${number(model.plateKnee)}) : 0`,
  "Bp p k I=v(i)*v(a)+1e-12*v(p,k)",
  "Bs s k I=v(i)*(1-v(a))+1e-12*v(s,k)",
];

const diodeText = ({ perveance }: Extract<DiodeModel, { law: "vacuum" }>) => [
  "Bx x 0 V=v(a,k)/0.15",
  `Bd a k I=${number(perveance)}*pwr(0.15*${soft("v(x)")},1.5)+1e-12*v(a,k)`,
];

/** A supply by points that lie close enough for straight lines between them. */
function supplyText(model: SupplyModel, a: string, b: string): string {
  const top = peakOf(model);
  const points = Array.from({ length: 401 }, (_, at) => (at * top) / 400);
  const list = [[-top, supplyAt(model, 0).amps - supplyAt(model, 0).slope * top] as const].concat(
    points.map((v) => [v, supplyAt(model, v).amps] as const),
    [[3 * top, 0] as const],
  );
  return `I=-pwl(v(${a},${b}),${list.map(([v, i]) => `${number(v)},${number(i)}`).join(",")})`;
}

/**
 * Writes a net.
 * @param title first line @param conditions of tubes, by position
 * @returns text without analyses: `.op` and the like are the reader's
 */
export function writeSpice(net: Net, title: string, conditions: Conditions = {}): string {
  const names = spiceNames(net);
  const at = (node: string) => names.get(node) ?? "0";
  const lines: string[] = [];
  const models = new Map<string, string[]>();
  const sub = (name: string, ends: string, body: string[]): string => {
    const plain = `T_${name.replaceAll(/[^A-Za-z0-9]+/g, "_")}`;
    models.set(plain, [`.subckt ${plain} ${ends}`, ...body, `.ends ${plain}`]);
    return plain;
  };
  const worn = <M extends SpaceModel>(element: { name: string; model: M; type?: string }) => {
    const { strength } = conditionOf(conditions, element.name);
    return {
      model: {
        ...element.model,
        kg: element.model.kg / strength,
        gridPerveance: element.model.gridPerveance * strength,
      },
      type: strength === 1 && element.type ? element.type : element.name,
    };
  };
  const write = (element: Element): string => {
    const ends = nodesOf(element).map(at).join(" ");
    switch (element.kind) {
      case "resistor":
        return `${named("R", element.name)} ${ends} ${number(Math.max(LEAST_OHMS, element.ohms))}`;
      case "capacitor":
        return [
          `${named("C", element.name)} ${ends} ${number(element.farads)}`,
          ...(element.leakOhms ? [`R_leak_${named("C", element.name)} ${ends} ${number(element.leakOhms)}`] : []),
        ].join("\n");
      case "inductor": {
        const middle = `${named("L", element.name).toLowerCase()}_r`;
        const plain = named("L", element.name);
        return `${plain} ${at(element.a)} ${middle} ${number(element.henries)}\nR_${plain} ${middle} ${at(element.b)} ${number(Math.max(LEAST_OHMS, element.ohms))}`;
      }
      case "transformer": {
        const plain = element.windings.map((_, w) => `${named("L", element.name)}_${w + 1}`);
        return [
          ...element.windings.flatMap(({ a, b, henries, ohms }, w) => [
            `${plain[w]} ${at(a)} ${plain[w]?.toLowerCase()}_r ${number(henries)}`,
            `R_${plain[w]} ${plain[w]?.toLowerCase()}_r ${at(b)} ${number(Math.max(LEAST_OHMS, ohms))}`,
          ]),
          ...plain.flatMap((one, first) =>
            plain
              .slice(first + 1)
              .map((other, second) => `K_${one}_${first + second + 2} ${one} ${other} ${number(element.k)}`),
          ),
        ].join("\n");
      }
      case "volts": {
        const wave = element.sine
          ? ` SIN(${number(element.volts)} ${number(element.sine.peak)} ${number(element.sine.hz)} 0 0 ${number(element.sine.degrees ?? 0)})`
          : "";
        return `${named("V", element.name)} ${ends} DC ${number(element.volts)}${element.ac ? ` AC ${number(element.ac)}` : ""}${wave}`;
      }
      case "amps":
        return `${named("I", element.name)} ${ends} DC ${number(element.amps)}${element.ac ? ` AC ${number(element.ac)}` : ""}`;
      case "diode": {
        if (element.model.law === "vacuum")
          return `${named("X", element.name)} ${ends} ${sub(element.type ?? element.name, "a k", diodeText(element.model))}`;
        const model = `D_${element.name.replaceAll(/[^A-Za-z0-9]+/g, "_")}`;
        models.set(model, [
          `.model ${model} D(IS=${number(element.model.saturation)} N=${number(element.model.knee / THERMAL)})`,
        ]);
        return `${named("D", element.name)} ${ends} ${model}`;
      }
      case "lamp": {
        const { volts, amps } = element.model;
        const [a, b] = [at(element.a), at(element.b)];
        const cold = number((0.1 ** 0.6 / 0.1) * (amps / volts));
        return `${named("B", element.name)} ${ends} I=abs(v(${a},${b})) < ${number(volts * 0.1)} ? ${cold}*v(${a},${b}) : ${number(amps / volts ** 0.6)}*pwr(v(${a},${b}),0.6)`;
      }
      case "gas": {
        const { volts, ohms } = element.model;
        const x = `((v(${at(element.a)},${at(element.b)})-${number(volts)})/0.5)`;
        return `${named("B", element.name)} ${ends} I=0.5/${number(ohms)}*${soft(x)}`;
      }
      case "supply":
        return `${named("B", element.name)} ${ends} ${supplyText(element.model, at(element.a), at(element.b))}`;
      case "triode": {
        const { model, type } = worn(element);
        return `${named("X", element.name)} ${ends} ${sub(type, "p g k", triodeText(model))}`;
      }
      case "pentode": {
        const { model, type } = worn(element);
        return `${named("X", element.name)} ${ends} ${sub(type, "p s g k", pentodeText(model))}`;
      }
      case "transistor": {
        const { polarity, saturation, beta, reverseBeta, early, leakage } = element.model;
        const model = `Q_${element.name.replaceAll(/[^A-Za-z0-9]+/g, "_")}`;
        models.set(model, [
          `.model ${model} ${polarity.toUpperCase()}(IS=${number(saturation)} BF=${number(beta)} BR=${number(reverseBeta)} VAF=${number(early)})`,
          ...(leakage > 0 ? [`.model DL_${model} D(IS=${number(leakage)} N=1)`] : []),
        ]);
        const [collector, base] = [at(element.collector), at(element.base)];
        const leak = polarity === "npn" ? `${base} ${collector}` : `${collector} ${base}`;
        return [
          `${named("Q", element.name)} ${ends} ${model}`,
          ...(leakage > 0 ? [`D_leak_${model} ${leak} DL_${model}`] : []),
        ].join("\n");
      }
    }
  };
  for (const element of net) lines.push(write(element));
  const legend = [...names].filter(([node, name]) => node !== GROUND && node.toLowerCase() !== name);
  return [
    `* ${title.replaceAll(/\s+/g, " ")}`,
    ...legend.map(([node, name]) => `* node ${name} is ${node}`),
    ...lines,
    ...[...models.values()].flat(),
    ".end",
    "",
  ].join("\n");
}
