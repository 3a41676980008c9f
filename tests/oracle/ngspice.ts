import { execFileSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { nodesOf, writeSpice, type Net } from "@/core/circuit";
import { GROUND } from "@/core/circuit";
import { spiceNames } from "@/core/circuit/spice/write";

/** Lets ngspice run our own netlist with some commands, and gives back what it prints. The oracle of the solver’s tests. */
export function ngspice(netlist: string, commands: readonly string[]): string {
  const folder = mkdtempSync(path.join(tmpdir(), "oracle-"));
  try {
    const file = path.join(folder, "circuit.cir");
    const control = [".control", "set numdgt=12", "set noaskquit", ...commands, "quit 0", ".endc"].join("\n");
    writeFileSync(file, netlist.replace(/\.end\n$/, `${control}\n.end\n`));
    return execFileSync("ngspice", ["-b", file], {
      encoding: "utf8",
      stdio: ["ignore", "pipe", "pipe"],
      timeout: 60_000,
    });
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

const OPTIONS = ".options reltol=1e-7 abstol=1e-13 vntol=1e-8 gmin=1e-13 itl1=500\n.temp 27\n";
const withOptions = (netlist: string) => netlist.replace(/\n/, `\n${OPTIONS}`);

/** Volts of every node at the operating point. */
export function oraclePoint(net: Net): Map<string, number> {
  const names = spiceNames(net);
  const nodes = [...new Set(net.flatMap(nodesOf))].filter((node) => node !== GROUND);
  const text = ngspice(withOptions(writeSpice(net, "oracle")), [
    "op",
    ...nodes.map((node) => `print v(${names.get(node)})`),
  ]);
  return new Map(
    nodes.map((node) => {
      const escaped = (names.get(node) ?? "").replaceAll("_", "_");
      const found = new RegExp(`^v\\(${escaped}\\) = (\\S+)`, "m").exec(text);
      if (!found) throw new Error(`ngspice gave no volts for ${node}:\n${text}`);
      return [node, Number(found[1])];
    }),
  );
}

/** Signal of one node at frequencies: size and degrees. */
export function oracleSweep(net: Net, node: string, hertz: readonly number[]): { size: number; degrees: number }[] {
  const name = spiceNames(net).get(node);
  return hertz.map((f) => {
    const text = ngspice(withOptions(writeSpice(net, "oracle")), [
      `ac lin 1 ${f} ${f}`,
      `let size = mag(v(${name}))`,
      `let turn = 180/pi*cph(v(${name}))`,
      "print size",
      "print turn",
    ]);
    const value = (key: string) => Number(new RegExp(`^${key} = (\\S+)`, "m").exec(text)?.[1]);
    return { size: value("size"), degrees: value("turn") };
  });
}

/** A wave in time: seconds and volts of a node. */
export function oracleWave(net: Net, node: string, step: number, seconds: number): { t: number; v: number }[] {
  const name = spiceNames(net).get(node);
  const folder = mkdtempSync(path.join(tmpdir(), "oracle-"));
  try {
    const file = path.join(folder, "wave.txt");
    const text = withOptions(writeSpice(net, "oracle")).replace("reltol=1e-7", "reltol=1e-5 method=trap");
    ngspice(text, [`tran ${step} ${seconds} 0 ${step} uic`, `wrdata ${file} v(${name})`]);
    return execFileSync("cat", [file], { encoding: "utf8" })
      .trim()
      .split("\n")
      .map((line) => {
        const [t = 0, v = 0] = line.trim().split(/\s+/).map(Number);
        return { t, v };
      });
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
