/**
 * A circuit as plain data: elements with their ends joined to named nodes. Node names are the trade's: `gnd` (chassis or
 * B−), `B+`, `V3.plate`. Values in SI base units.
 */
import type { DiodeModel } from "./laws/diode";
import type { LampModel } from "./laws/lamp";
import type { GasModel } from "./laws/gas";
import type { SupplyModel } from "./laws/supply";
import type { TransistorModel } from "./laws/transistor";
import type { PentodeModel, TriodeModel } from "./laws/tube";

/** Chassis, or B− of a set with a live chassis: everything is measured against it. */
export const GROUND = "gnd";

type Two = { name: string; a: string; b: string };

export type Element =
  | (Two & { kind: "resistor"; ohms: number })
  | (Two & {
      kind: "capacitor";
      farads: number;
      /** its leakage, Ω; without one it is perfect at DC */
      leakOhms?: number;
    })
  | (Two & { kind: "inductor"; henries: number; ohms: number })
  /** an ideal source of `volts` at DC and `ac` volts at signal, or a sine of `peak` at `hz` in time */
  | (Two & { kind: "volts"; volts: number; ac?: number; sine?: { peak: number; hz: number; degrees?: number } })
  /** current from a to b through the source, A */
  | (Two & { kind: "amps"; amps: number; ac?: number })
  | (Two & { kind: "diode"; model: DiodeModel; type?: string })
  | (Two & { kind: "lamp"; model: LampModel })
  | (Two & { kind: "gas"; model: GasModel })
  /** windings on one core; `k` couples each pair */
  | {
      kind: "transformer";
      name: string;
      k: number;
      windings: { a: string; b: string; henries: number; ohms: number }[];
    }
  /** a rectifier with its winding, as one: a gives plus, b is minus */
  | (Two & { kind: "supply"; model: SupplyModel })
  | { kind: "triode"; name: string; type?: string; plate: string; grid: string; cathode: string; model: TriodeModel }
  | {
      kind: "pentode";
      name: string;
      type?: string;
      plate: string;
      screen: string;
      grid: string;
      cathode: string;
      model: PentodeModel;
    }
  | { kind: "transistor"; name: string; collector: string; base: string; emitter: string; model: TransistorModel };

export type ElementKind = Element["kind"];
export type ElementOf<K extends ElementKind> = Extract<Element, { kind: K }>;

export type Net = readonly Element[];

/** The nodes that an element is joined to, in the order of its ends. */
export function nodesOf(element: Element): string[] {
  switch (element.kind) {
    case "triode":
      return [element.plate, element.grid, element.cathode];
    case "pentode":
      return [element.plate, element.screen, element.grid, element.cathode];
    case "transistor":
      return [element.collector, element.base, element.emitter];
    case "transformer":
      return element.windings.flatMap(({ a, b }) => [a, b]);
    default:
      return [element.a, element.b];
  }
}
