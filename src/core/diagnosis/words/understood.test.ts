import { describe, expect, it } from "vitest";
import { topologyOf } from "../circuit";
import { said } from "./said";

const radio = topologyOf("superhet")?.circuit;
const read = (text: string) => {
  if (!radio) throw new Error("no superhet");
  return said(text, radio).outcomes.map(({ test, outcome }) => `${test} ${outcome}`);
};

describe("that all is well is read only where every word was understood", () => {
  it.each([
    "works if the rear tube is wedged",
    "plays once a match is under the switch",
    "a good ground does not help",
    "works after wedging the tube",
    "the tubes light with a bodged resistor",
    "the dial is right in a mirror",
    "works only with the lid off",
    "just one tube glows",
    "plays on one of its two speakers only",
  ])("“%s” is not read as good", (text) =>
    expect(read(text).filter((one) => / (fine|works|all|right|none|quiet|whole|steady|free)$/.test(one))).toEqual([]),
  );

  it.each([
    ["plays well again", ["play fine"]],
    ["everything works as it should", ["play fine"]],
    ["no hum since the new capacitor", ["hum none"]],
    ["not a trace of hum now", ["hum none"]],
    ["all the tubes glow", ["glow all"]],
  ])("“%s” is", (text, means) => expect(read(text)).toEqual(means));
});

describe("a thing that no list has says nothing of the set", () => {
  it.each(["the band scope is dead", "my alarm clock does not work", "the jukebox was silent", "its heron is weak"])(
    "“%s”",
    (text) => expect(read(text)).toEqual([]),
  );
  it.each([
    ["it is dead", ["play dead"]],
    ["the whole thing is dead", ["play dead"]],
    ["the sensitivity is poor", ["play weak"]],
    ["everything is silent", ["play dead"]],
  ])("“%s” does", (text, means) => expect(read(text)).toEqual(means));
});
