import { describe, expect, it } from "vitest";
import { readHeaterRails, writeHeaterRails } from ".";

describe("heater windings as they are typed", () => {
  it("have a name, volts and what they give", () => {
    const text = "receiver 6.3 V 3 A; rectifier 5 V 2 A; pilot 2.5 V";
    expect(readHeaterRails(text)).toEqual({
      rails: [
        { name: "receiver", volts: 6.3, amps: 3 },
        { name: "rectifier", volts: 5, amps: 2 },
        { name: "pilot", volts: 2.5 },
      ],
    });
    expect(writeHeaterRails([{ name: "receiver", volts: 6.3, amps: 3 }])).toBe("receiver 6.3 V 3 A");
    expect(readHeaterRails("6.3 V 3A; 5 V")).toMatchObject({ rails: [{ name: "winding A" }, { name: "winding B" }] });
    expect(readHeaterRails("")).toEqual({ rails: [] });
  });
  it("that do not read, or that nobody could tell apart, get a sentence", () => {
    expect(readHeaterRails("rectifier five volts")).toMatchObject({
      problem: expect.stringContaining("is no winding"),
    });
    expect(readHeaterRails("a 5 V; A 6.3 V")).toMatchObject({ problem: expect.stringContaining("Two windings") });
    expect(readHeaterRails("a 5000 V")).toHaveProperty("problem");
  });
});
