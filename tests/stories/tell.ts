import { knownOf } from "@/core/diagnosis";
import type { Search } from "@/core/visit";
import { follow, sheetOf, type Followed } from "./follow";
import { KEPT } from "./kept";
import { STORIES } from "./stories";

export type Story = {
  topology: string;
  complaint: string;
  causes: string[];
  /** which way of the signal suffers, from which stage, and how; of a supply: all of it */
  where: { path?: string; stage: string; effect: string } | undefined;
  tells: { test: string; outcome: string; of?: string }[];
};

export function readStory(line: string): Story {
  const [topology = "", complaint = "", cause = "", where = "", tells = ""] = line
    .split("|")
    .map((cell) => cell.trim());
  const [, path, stage = "", effect = ""] = /^(?:(\w+): )?(\S+) (\S+)$/.exec(where) ?? [];
  return {
    topology,
    complaint,
    causes: cause.split("+").map((one) => one.trim()),
    where: where === "-" ? undefined : { ...(path ? { path } : {}), stage, effect },
    tells: tells
      .split(";")
      .map((one) => one.trim())
      .filter(Boolean)
      .map((one) => {
        const [test = "", outcome = "", of] = one.split(" ");
        return { test, outcome, ...(of ? { of: of.slice(1) } : {}) };
      }),
  };
}

const read = (text: string): Story[] =>
  text
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean)
    .map(readStory);

export const stories = (): Story[] => read(STORIES);
/** Those that were kept aside. */
export const kept = (): Story[] => read(KEPT);

/** Tests of the signal: what comes of them follows from where it suffers. */
const SIGNAL = /^(play|inject|trace|phono|phones|finger)(?:-(fm|tx|mod))?(?::(.+))?$/;
const KEYS: Record<string, string> = { fm: "fm", tx: "transmit", mod: "modulation" };

/** What a test of the signal shows, from where the signal suffers; undefined where it is none, or passes by. */
function signalOf(test: string, { where }: Story, { circuit }: Search): string | undefined {
  const found = SIGNAL.exec(test);
  if (!found || !where) return undefined;
  const [, act = "", suffix, at] = found;
  const key = suffix ? KEYS[suffix] : "receive";
  const path = circuit.paths.find((one) => one.key === key);
  if (!path || (where.path && where.path !== key)) return undefined;
  if (where.stage === "all")
    // No supply is needed by a voice coil, nor by the coils of the antenna.
    return /^(inject(-\w+)?:speaker|trace(-\w+)?:antenna)$/.test(test) ? undefined : where.effect;
  const { chain } = path;
  // An oscillator is heard from its mixer on.
  const controlled = circuit.feeds.filter(({ from }) => from === where.stage).flatMap(({ to }) => to);
  const bad = chain.includes(where.stage) ? where.stage : (chain.find((id) => controlled.includes(id)) ?? "");
  const place = chain.indexOf(bad);
  if (place < 0) return undefined;
  const af = chain.findIndex((id) => circuit.stages.some((stage) => stage.id === id && stage.kind === "af"));
  const speaker = chain.findIndex((id) => circuit.stages.some((stage) => stage.id === id && stage.kind === "speaker"));
  const from = act === "inject" ? chain.indexOf(at ?? "") : act === "phono" || act === "finger" ? af : 0;
  const to = act === "trace" ? chain.indexOf(at ?? "") : act === "phones" ? speaker - 1 : chain.length - 1;
  return place >= from && place <= to ? where.effect : undefined;
}

/** Noise with the way in grounded stays where it enters from there on; another supply cures what the old one does. */
function fromPlace(test: string, story: Story, { circuit }: Search): string | undefined {
  const at = (cause: string) => cause.split(".")[0] ?? "";
  const [, suffix = "", grounded] = /^ground(-fm)?:(.+)$/.exec(test) ?? [];
  if (grounded) {
    if (!story.tells.some((told) => told.test === `noise${suffix}` && told.outcome === "noisy")) return undefined;
    const chain = circuit.paths.find(({ key }) => key === (suffix ? "fm" : "receive"))?.chain ?? [];
    const from = chain.indexOf(grounded);
    // What an oscillator does is heard from its mixer on; a supply is heard everywhere.
    const enters = (id: string) => {
      if (chain.includes(id)) return chain.indexOf(id);
      const controls = circuit.feeds.flatMap((feed) => (feed.kind === "control" && feed.from === id ? feed.to : []));
      const places = controls.map((one) => chain.indexOf(one)).filter((place) => place >= 0);
      return places.length > 0 ? Math.max(...places) : Infinity;
    };
    return story.causes.some((cause) => enters(at(cause)) >= from) ? "noisy" : "quiet";
  }
  const supply = /^supply:(.+)$/.exec(test)?.[1];
  return supply && story.causes.every((cause) => at(cause) === supply) ? "cured" : undefined;
}

/** A plate, a screen or a cathode follows the rail that feeds it. */
function fromRail(test: string, { tells }: Story, { circuit }: Search): string | undefined {
  const [, stage = "", electrode = ""] = /^volts:([^:]+):(plate|screen|cathode)$/.exec(test) ?? [];
  if (!electrode) return undefined;
  const feeds = (from: string, to: string, depth = 0): boolean =>
    depth < 6 &&
    circuit.feeds.some(
      (feed) =>
        feed.kind === "supply" &&
        feed.from === from &&
        (feed.to.includes(to) ||
          (feed.to.includes("*") && circuit.paths.some(({ chain }) => chain.includes(to))) ||
          feed.to.some((next) => next !== "*" && feeds(next, to, depth + 1))),
    );
  const rail = tells.find(
    ({ test: told }) =>
      /^rail:/.test(told) && !/heaters|bias|agc/.test(told) && feeds(told.slice("rail:".length), stage),
  );
  return rail?.outcome;
}

/** Lets the board search for what a story tells. A cause that is mended answers no more. */
export function tell(story: Story, sheet = sheetOf(story.topology), most = 40): Followed {
  // Where the sheet names the part, the cause has it: `output.coupling-leaky@C14`.
  const { faults } = knownOf(sheet).system;
  const left = new Set(
    story.causes.flatMap((cause) => faults.find(({ id }) => id === cause || id.startsWith(`${cause}@`))?.id ?? []),
  );
  if (left.size < story.causes.length)
    throw new Error(`${story.complaint}: this set has no ${story.causes.join(", ")}`);
  const there = (stage: string | undefined) =>
    stage === undefined || story.causes.length === 1 || [...left].some((cause) => cause.startsWith(`${stage}.`));
  return follow(
    { sheet, complaint: story.complaint, most },
    {
      answer: ({ id, outcomes }, search) => {
        const sound = outcomes[0]?.key ?? "";
        if (left.size === 0) return sound;
        const [act] = id.split(":");
        if (act === "check") {
          const test = search.system.testById.get(id);
          const bad = search.system.faults.some(({ id: fault }, at) => left.has(fault) && test?.response[at]);
          return bad ? "bad" : sound;
        }
        const told = story.tells.find(
          ({ test, of }) => there(of) && (test === id || (test.endsWith("*") && id.startsWith(test.slice(0, -1)))),
        );
        const signal = there(story.where?.stage) ? signalOf(id, story, search) : undefined;
        const outcome = told?.outcome ?? signal ?? fromPlace(id, story, search) ?? fromRail(id, story, search) ?? sound;
        return outcomes.some(({ key }) => key === outcome) ? outcome : sound;
      },
      mend: (faults) => {
        const wasBad = faults.some((fault) => left.has(fault));
        for (const fault of faults) left.delete(fault);
        return { well: left.size === 0, wasBad };
      },
    },
  );
}
