import { LEAST_SLOPE, sigmoid, softplus, type Law } from "./law";

/**
 * Triodes and pentodes by Koren's equations (N. Koren, “Improved vacuum tube models for SPICE simulations”, Glass Audio 8/5,
 * 1996), with two changes: the space current of a pentode is divided between plate and screen, so that what the plate does
 * not take the screen takes; and a grid draws current.
 */
export type SpaceModel = {
  /** amplification factor: of a pentode from the screen */
  mu: number;
  /** exponent, near 1.4 */
  ex: number;
  /** divides the current: I = 2·E^ex/kg, V^ex/A */
  kg: number;
  /** sharpness of the cutoff: 10 a remote one, 300 a sharp one */
  kp: number;
  /** rounds the knee of a triode, V² */
  kvb: number;
  /** the grid acts as if it stood so much higher: contact potential, V */
  contact: number;
  /** perveance of the grid as a diode, A/V^1.5 */
  gridPerveance: number;
};
export type TriodeModel = SpaceModel;
export type PentodeModel = SpaceModel & {
  /** the plate takes this share of the space current at high plate volts … */
  plateShare: number;
  /** … and half of that at these, V */
  plateKnee: number;
};

/** Grid current begins below zero: electrons arrive with some tenths of a volt, V (contact potential). */
export const GRID_BEGINS = 0.5;
/** … and grows e-fold in about this much, V. */
export const GRID_ROUND = 0.12;

/** Space current of a triode, or of the triode that cathode, grid and screen make: A, and its slopes. */
export function spaceAt({ mu, ex, kg, kp, kvb, contact }: SpaceModel, pull: number, volts: number) {
  if (pull <= 0) return { amps: 0, byPull: 0, byGrid: 0 };
  const grid = volts + contact;
  const s = Math.sqrt(kvb + pull * pull);
  const z = kp * (1 / mu + grid / s);
  const soft = softplus(z);
  const e = (pull / kp) * soft;
  if (e <= 1e-12) return { amps: 0, byPull: 0, byGrid: 0 };
  const open = sigmoid(z);
  const byGrid = (pull / s) * open;
  const byPull = soft / kp - (pull * pull * open * grid) / (s * s * s);
  const amps = (2 * e ** ex) / kg;
  const slope = (ex * amps) / e;
  return { amps, byPull: slope * byPull, byGrid: slope * byGrid };
}

/** Current of a grid that is not far enough below its cathode: A and S. */
export function gridAt(perveance: number, grid: number): { amps: number; slope: number } {
  const x = (grid + GRID_BEGINS) / GRID_ROUND;
  const e = GRID_ROUND * softplus(x);
  return { amps: perveance * e ** 1.5, slope: 1.5 * perveance * Math.sqrt(e) * sigmoid(x) };
}

/** The share of the space current that the plate takes, and its slope. */
export function plateTakes({ plateShare, plateKnee }: PentodeModel, plate: number): { share: number; slope: number } {
  if (plate <= 0) return { share: 0, slope: 0 };
  const most = (plateShare * 2) / Math.PI;
  return {
    share: most * Math.atan(plate / plateKnee),
    slope: (most * plateKnee) / (plateKnee * plateKnee + plate * plate),
  };
}

/** Condition of a tube: 1 is a new one; gas is the share of its plate current that flows into the grid as ions. */
export type Condition = { strength: number; gas: number };
export const NEW: Condition = { strength: 1, gas: 0 };

/** Below zero a plate draws nothing and gives no slope to come back by: it is led there in steps. */
function holdBack(v: Float64Array, before: Float64Array, end: number, cathode: number): void {
  const was = (before[end] as number) - (before[cathode] as number);
  const is = (v[end] as number) - (v[cathode] as number);
  if (was > 0.5 && is < 0.2 * was) v[end] = (v[cathode] as number) + 0.2 * was;
}

/** Ends: plate, grid, cathode. */
export function triodeLaw(nodes: readonly number[], model: TriodeModel, { strength, gas } = NEW): Law {
  return {
    nodes,
    at: (v, i, g) => {
      const k = v[2] as number;
      const space = spaceAt(model, (v[0] as number) - k, (v[1] as number) - k);
      const grid = gridAt(model.gridPerveance * strength, (v[1] as number) - k);
      const ip = strength * space.amps + LEAST_SLOPE * ((v[0] as number) - k);
      const pp = strength * space.byPull + LEAST_SLOPE;
      const pg = strength * space.byGrid;
      // Ions drive the grid up: their current leaves it into the circuit.
      const ig = grid.amps - gas * ip;
      const gp = -gas * pp;
      const gg = grid.slope - gas * pg;
      i[0] = ip;
      i[1] = ig;
      i[2] = -ip - ig;
      g[0] = pp;
      g[1] = pg;
      g[2] = -pp - pg;
      g[3] = gp;
      g[4] = gg;
      g[5] = -gp - gg;
      g[6] = -pp - gp;
      g[7] = -pg - gg;
      g[8] = pp + pg + gp + gg;
    },
    limit: (v, before) => holdBack(v, before, 0, 2),
  };
}

/** Ends: plate, screen, grid, cathode. */
export function pentodeLaw(nodes: readonly number[], model: PentodeModel, { strength, gas } = NEW): Law {
  return {
    nodes,
    at: (v, i, g) => {
      const k = v[3] as number;
      const space = spaceAt(model, (v[1] as number) - k, (v[2] as number) - k);
      const plate = plateTakes(model, (v[0] as number) - k);
      const grid = gridAt(model.gridPerveance * strength, (v[2] as number) - k);
      const all = strength * space.amps;
      const ip = all * plate.share + LEAST_SLOPE * ((v[0] as number) - k);
      const pp = all * plate.slope + LEAST_SLOPE;
      const ps = strength * space.byPull * plate.share;
      const pg = strength * space.byGrid * plate.share;
      const is = all * (1 - plate.share) + LEAST_SLOPE * ((v[1] as number) - k);
      const sp = -all * plate.slope;
      const ss = strength * space.byPull * (1 - plate.share) + LEAST_SLOPE;
      const sg = strength * space.byGrid * (1 - plate.share);
      const ig = grid.amps - gas * ip;
      const gp = -gas * pp;
      const gs = -gas * ps;
      const gg = grid.slope - gas * pg;
      i[0] = ip;
      i[1] = is;
      i[2] = ig;
      i[3] = -ip - is - ig;
      const rows = [pp, ps, pg, sp, ss, sg, gp, gs, gg];
      for (let row = 0; row < 3; row += 1) {
        let sum = 0;
        for (let column = 0; column < 3; column += 1) {
          const one = rows[row * 3 + column] as number;
          g[row * 4 + column] = one;
          sum += one;
        }
        g[row * 4 + 3] = -sum;
      }
      for (let column = 0; column < 4; column += 1)
        g[12 + column] = -((g[column] as number) + (g[4 + column] as number) + (g[8 + column] as number));
    },
    limit: (v, before) => {
      holdBack(v, before, 0, 3);
      holdBack(v, before, 1, 3);
    },
  };
}
