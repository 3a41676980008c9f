import { transistorModel } from "../circuit";
import { tubeType } from "../tubes";
import type { Device } from "./panels";

/** Where an end of a device comes out of its symbol, from its middle; the wire goes on in that direction. */
export type Lead = { electrode: string; x: number; y: number; way: "up" | "down" | "left" | "right" };
export type DeviceSymbol = { paths: string[]; leads: Lead[] };

const TRANSISTOR = ["M24 0A24 24 0 1 1 -24 0A24 24 0 1 1 24 0", "M-9 -14V14M-9 -7L10 -19V-52M-9 7L10 19V52M-40 0H-9"];
const ARROW_OUT = "M1.5 17.5L9 18.3L4.6 11.8";
const ARROW_IN = "M5.5 11.2L-3 10.8L2.4 17.6";

function transistor(pnp: boolean): DeviceSymbol {
  return {
    paths: [...TRANSISTOR, pnp ? ARROW_IN : ARROW_OUT],
    leads: [
      { electrode: "collector", x: 10, y: -52, way: "up" },
      { electrode: "emitter", x: 10, y: 52, way: "down" },
      { electrode: "base", x: -40, y: 0, way: "left" },
    ],
  };
}

const regulator: DeviceSymbol = {
  paths: [
    "M22 0A22 22 0 1 1 -22 0A22 22 0 1 1 22 0",
    "M-10 -9H10M0 -9V-52M-10 9H10M0 9V52M12 2a2 2 0 1 0 4 0a2 2 0 1 0 -4 0",
  ],
  leads: [
    { electrode: "plate", x: 0, y: -52, way: "up" },
    { electrode: "cathode", x: 0, y: 52, way: "down" },
  ],
};

/** A grid as a row of dashes at a height. */
const dashes = (y: number) => `M-15 ${y}H-8M-3.5 ${y}H3.5M8 ${y}H15`;
/** Heights between the cathode and the plate for one grid, two, and so on. */
const HEIGHTS: Record<number, number[]> = { 1: [4], 2: [10, -4], 3: [12, 1, -10] };

/**
 * A tube with its grids. Grids beyond the third of a converter are not drawn one by one: it has the same ends.
 * @param named electrodes that the net joins to something
 */
function vacuumTube(type: string, named: ReadonlySet<string>): DeviceSymbol {
  const ends = tubeType(type)?.pinout.pins.flatMap(({ electrodes }) => electrodes) ?? [];
  const filament = ends.includes("f");
  const screen = named.has("screen") || ends.some((one) => one === "g2");
  const third = named.has("suppressor") || ends.some((one) => one === "g3" || one === "bp");
  const grids = ["grid", ...(screen ? ["screen"] : []), ...(screen && third ? ["suppressor"] : [])];
  const heights = HEIGHTS[grids.length] ?? [4];
  const paths = ["M-27 -12A27 27 0 0 1 27 -12V12A27 27 0 0 1 -27 12Z", "M-14 -23H14M0 -23V-52"];
  paths.push(filament ? "M-11 52V30L0 22L11 30V36" : "M-11 52V26A11 6 0 0 1 11 26V30");
  const leads: Lead[] = [
    { electrode: "plate", x: 0, y: -52, way: "up" },
    { electrode: "cathode", x: -11, y: 52, way: "down" },
  ];
  grids.forEach((electrode, at) => {
    const y = heights[at] ?? 0;
    paths.push(dashes(y));
    if (electrode === "grid") {
      paths.push(`M-40 ${y}H-15`);
      leads.push({ electrode, x: -40, y, way: "left" });
    } else if (electrode === "screen" || named.has("suppressor")) {
      paths.push(`M15 ${y}H40`);
      leads.push({ electrode, x: 40, y, way: "right" });
    } else {
      // The third grid is joined to the cathode inside.
      paths.push(`M15 ${y}H20V26H11`);
    }
  });
  return { paths, leads };
}

/** Diodes of a duo-diode, and whatever else the net names of a device, come out at the left below its grid. */
function others(symbol: DeviceSymbol, named: ReadonlySet<string>): DeviceSymbol {
  const there = new Set(symbol.leads.map(({ electrode }) => electrode));
  const more = [...named].filter((electrode) => !there.has(electrode));
  return {
    paths: [...symbol.paths, ...more.map((_, at) => `M-40 ${20 + 10 * at}H-19M-19 ${16 + 10 * at}V${24 + 10 * at}`)],
    leads: [
      ...symbol.leads,
      ...more.map((electrode, at): Lead => ({ electrode, x: -40, y: 20 + 10 * at, way: "left" })),
    ],
  };
}

/** The symbol of a device and where its ends come out. */
export function symbolOf({ position, type, electrodes }: Device): DeviceSymbol {
  const named = new Set(electrodes.keys());
  if (/^(Q|TR)/.test(position)) return others(transistor(transistorModel(type).polarity === "pnp"), named);
  if (tubeType(type)?.regulator) return others(regulator, named);
  return others(vacuumTube(type, named), named);
}
