import { needText } from "@/core/components";
import type { Want } from "@/core/orders";

/** What a want is for, in words. */
export const forWords = ({ for: of }: Pick<Want, "for">): string =>
  of.to === "set"
    ? `${of.place} of ${of.job}`
    : of.to === "shop"
      ? "the shop"
      : of.bin
        ? `bin ${of.bin}`
        : `line ${of.code}`;

/** What is wanted, for a supplier's clerk. */
export const askWords = ({ ask }: Pick<Want, "ask">): string =>
  "window" in ask ? needText(ask) : `${ask.marking}, ${ask.kind}`;
