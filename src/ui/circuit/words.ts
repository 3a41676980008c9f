import type { Cause, Fault } from "@/core/circuit";
import { format } from "@/core/quantity";

const part = (name: string): string => (name === "supply" ? "The supply" : name);
const about = ({ severity }: Fault): string =>
  severity === undefined ? "" : `about ${format(severity, "resistance", 2)}`;

/** What is wrong, in a few words: `C14 leaks, about 2.4 MΩ`; two parts where one alone does not explain it. */
export const causeText = (cause: Cause): string =>
  cause.also ? `${faultText(cause)}; and ${faultText(cause.also)}` : faultText(cause);

function faultText(cause: Fault): string {
  const name = part(cause.part);
  switch (cause.way) {
    case "leaks":
      return `${name} leaks, ${about(cause)}`;
    case "shorted":
      return `${name} is shorted`;
    case "open":
      return `${name} is open, or a joint at its end`;
    case "high":
    case "low":
      return `${name} has drifted to ${about(cause)}`;
    case "weak":
      return cause.part === "supply"
        ? `The supply gives ${Math.round(100 * (cause.severity ?? 1))} % of its current: rectifier or reservoir`
        : `${name} is weak: ${Math.round(100 * (cause.severity ?? 1))} % of its current`;
    case "dead":
      return cause.part === "supply"
        ? "The supply gives nothing: rectifier, winding or fuse"
        : `${name} draws nothing: heater, cathode or socket`;
    case "heater to cathode":
      return `${name} leaks from heater to cathode, ${about(cause)}`;
    case "to case":
      return `${name}: its base leaks to the can, ${about(cause)}: whiskers`;
    case "gas":
      return `The grid of ${name} is driven up: gas, or a leak from its plate, ${about(cause)}`;
  }
}

/** A node as it is said: `V3.plate` is `V3 plate`. */
export const nodeText = (node: string): string => node.replace(".", " ");

/** The cause that a key names, in words. */
export const keyText = (key: string, causes: readonly Cause[]): string => {
  const cause = causes.find((one) => one.key === key);
  return cause ? causeText(cause) : key;
};
