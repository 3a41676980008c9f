import type { PartState } from "../components";
import { format } from "../quantity";

/** What is known of a node: what the net gives, V, and what was read, V. */
export type AtNode = {
  net?: number;
  read?: number;
  /** within the tolerance of the chart; undefined where nothing judges it */
  fits?: boolean;
};

const volts = (value: number) => format(Math.abs(value) < 0.05 ? 0 : value, "voltage", 3);

/** The lines under the name of a node. */
export function nodeLines({ net, read, fits }: AtNode): string[] {
  return [
    ...(net === undefined ? [] : [`net ${volts(net)}`]),
    ...(read === undefined ? [] : [`${fits === undefined ? "" : fits ? "● " : "▲ "}read ${volts(read)}`]),
  ];
}

/** The name of a node as it is said: `V3.plate` is `V3 plate`. */
export const spoken = (node: string): string => node.replace(".", " ");

/** A node with all that is known of it, in words. */
export const sayNode = (node: string, { net, read, fits }: AtNode): string =>
  [
    spoken(node),
    net === undefined ? undefined : `by the net ${volts(net)}`,
    read === undefined ? undefined : `read ${volts(read)}`,
    fits === false ? "out" : undefined,
  ]
    .filter(Boolean)
    .join(", ");

/** The sign of a part's state on paper, where there is no colour. */
export const STATE_SIGNS: Record<PartState, string> = {
  original: "",
  serviced: "✓",
  left: "!",
  replaced: "■",
  restuffed: "■",
  substituted: "~",
  disconnected: "×",
  modified: "△",
  removed: "×",
};
