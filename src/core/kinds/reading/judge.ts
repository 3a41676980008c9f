import { judge, type Judgement } from "../../readings";
import type { Reading } from "./payload";

/** The verdict of a reading, against the expectation that it carries. */
export function judgeReading(reading: Reading): Judgement {
  const { expected, lineVolts, tapVolts, meterOhms, inCircuit, quantity, measured } = reading;
  return judge({ quantity, measured: measured.value, expected, lineVolts, tapVolts, meterOhms, inCircuit });
}
