import { describe, expect, it } from "vitest";
import { wellSpelled } from "./line-words";

describe("the words of a line", () => {
  it.each([
    ["C14 relpaced with 47n/630", "C14 replaced with 47n/630"],
    ["V4 cathdoe 12", "V4 cathode 12"],
    ["measrued B+ 248", "measured B+ 248"],
    ["test sensitivty at 1 MHz 25 µV", "test sensitivity at 1 MHz 25 µV"],
    ["C14 leakgae 5 µA at 200 V", "C14 leakage 5 µA at 200 V"],
  ])("“%s” is “%s”", (typed, meant) => expect(wellSpelled(typed)).toBe(meant));

  it.each([
    "note relpaced nothing",
    "? crakcles",
    "todo relpace C14",
    "C14 -> 47n/630: relpaced twice",
    "told Marguerite Osei by letetr",
    "C14 from JP2K7QX4A",
    "V4 6V6GT",
    "the dial cord is of taping thread",
  ])("“%s” stays as it is typed", (line) => expect(wellSpelled(line)).toBe(line));
});
