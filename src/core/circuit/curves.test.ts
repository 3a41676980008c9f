import { expect, it } from "vitest";
import { tubeType } from "../tubes";
import { plateAmps, plateCurves } from "./curves";
import { tubeModel } from "./tube-model";

const modelOf = (name: string) => {
  const type = tubeType(name);
  const model = type && tubeModel(type);
  if (!model) throw new Error(name);
  return model;
};

it("gives a family of curves that rise with the plate, fall with the grid, and meet the published point", () => {
  for (const name of ["6V6", "12AX7", "6K7", "EL84", "DL96"]) {
    const model = modelOf(name);
    const { curves, mostVolts, mostAmps } = plateCurves(model);
    const { point } = model.source;
    expect(curves[0]?.grid).toBe(0);
    curves.forEach(({ points, grid }, at) => {
      expect(points[0]).toEqual({ volts: 0, amps: 0 });
      points.slice(1).forEach(({ amps }, k) => expect(amps).toBeGreaterThanOrEqual((points[k]?.amps ?? 0) - 1e-12));
      if (at > 0) {
        expect(grid).toBeLessThan(curves[at - 1]?.grid ?? 0);
        expect(points.at(-1)?.amps).toBeLessThan(curves[at - 1]?.points.at(-1)?.amps ?? 0);
      }
    });
    expect(mostVolts).toBeGreaterThan(point.plate);
    expect(mostAmps).toBeGreaterThan(point.amps ?? 0);
    expect(plateAmps(model, point.plate, point.grid) / (point.amps ?? 1)).toBeCloseTo(1, 3);
  }
});
