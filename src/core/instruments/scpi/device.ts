import { errorText, eventBit, type ErrorNumber, type ScpiError } from "./errors";
import { matches, patternOf, type Pattern } from "./header";
import { readMessage, type Parameter, type Unit } from "./message";

/** What every instrument keeps beside its own settings: registers and queue of IEEE 488.2, 11. */
export type Status = {
  /** event status and its mask; service request mask */
  esr: number;
  ese: number;
  sre: number;
  errors: ScpiError[];
};

/** An answer that a query gives, or what is wrong with a command. */
export type Done<S> = { state: S; answer?: string } | { error: ErrorNumber; about?: string };

/** A command or query of an instrument. `numbers` are those of the numbered words of its header. */
export type Command<S> = {
  header: string;
  /** how many parameters it takes, at least and at most */
  takes?: [number, number];
  run: (state: S, parameters: readonly Parameter[], numbers: readonly number[]) => Done<S>;
};

/** An instrument that understands SCPI. */
export type Device<S> = {
  /** maker, model, serial number, version: the four fields of `*IDN?` */
  identity: string;
  /** as it is after `*RST` */
  initial: S;
  /** what `*RST` leaves as it is: the hand that holds a stand-in's probe */
  keeps?: (state: S) => Partial<S>;
  commands: readonly Command<S>[];
};

export type Powered<S> = { status: Status; state: S };

/** So many errors are kept; of more only the first and "Queue overflow" stay (SCPI-1999, volume 1, 21.8.1). */
const LONGEST_QUEUE = 20;

const CLEAN: Status = { esr: 0, ese: 0, sre: 0, errors: [] };
/** Bits of the event status register and the status byte. */
const [OPERATION_COMPLETE, POWER_ON] = [1, 128];
const [QUEUE_BIT, MESSAGE_BIT, EVENT_BIT, SERVICE_BIT] = [4, 16, 32, 64];

/** An instrument that was just switched on. */
export const switchedOn = <S>({ initial }: Device<S>): Powered<S> => ({
  status: { ...CLEAN, esr: POWER_ON },
  state: initial,
});

function withError(status: Status, error: ScpiError): Status {
  const full = status.errors.length >= LONGEST_QUEUE;
  const errors = full
    ? [...status.errors.slice(0, LONGEST_QUEUE - 1), { number: -350 } as ScpiError]
    : [...status.errors, error];
  return { ...status, errors, esr: status.esr | eventBit(error.number) };
}

const statusByte = ({ esr, ese, sre, errors }: Status, answering: boolean): number => {
  const byte =
    (errors.length > 0 ? QUEUE_BIT : 0) | (answering ? MESSAGE_BIT : 0) | ((esr & ese) !== 0 ? EVENT_BIT : 0);
  return (byte & sre & ~SERVICE_BIT) !== 0 ? byte | SERVICE_BIT : byte;
};

type Common<S> = (
  now: Powered<S>,
  parameters: readonly Parameter[],
  device: Device<S>,
  answering: boolean,
) => { now: Powered<S>; answer?: string } | { error: ErrorNumber };

/** A mask of eight bits. */
const maskIn = ([one]: readonly Parameter[]): number | undefined =>
  one?.kind === "number" && Number.isInteger(Math.round(one.value)) && one.value >= 0 && one.value <= 255
    ? Math.round(one.value)
    : undefined;

const setsMask =
  <S>(name: "ese" | "sre"): Common<S> =>
  (now, parameters) => {
    if (parameters.length === 0) return { error: -109 };
    const mask = maskIn(parameters);
    if (mask === undefined) return { error: parameters[0]?.kind === "number" ? -222 : -104 };
    return { now: { ...now, status: { ...now.status, [name]: mask } } };
  };
const tells =
  <S>(what: (status: Status) => string | number): Common<S> =>
  (now) => ({ now, answer: String(what(now.status)) });

/** The common commands that IEEE 488.2 wants of every instrument, and the three that SCPI adds. */
function commonCommands<S>(): { pattern: Pattern; takes: number; run: Common<S> }[] {
  const list: [string, number, Common<S>][] = [
    ["*IDN?", 0, (now, _none, { identity }) => ({ now, answer: identity })],
    [
      "*RST",
      0,
      (now, _none, { initial, keeps }) => ({ now: { ...now, state: { ...initial, ...keeps?.(now.state) } } }),
    ],
    ["*CLS", 0, (now) => ({ now: { ...now, status: { ...now.status, esr: 0, errors: [] } } })],
    ["*ESE", 1, setsMask("ese")],
    ["*ESE?", 0, tells(({ ese }) => ese)],
    ["*SRE", 1, setsMask("sre")],
    ["*SRE?", 0, tells(({ sre }) => sre & ~SERVICE_BIT)],
    // Reading it empties it.
    ["*ESR?", 0, (now) => ({ now: { ...now, status: { ...now.status, esr: 0 } }, answer: String(now.status.esr) })],
    ["*STB?", 0, (now, _none, _device, answering) => ({ now, answer: String(statusByte(now.status, answering)) })],
    ["*OPC", 0, (now) => ({ now: { ...now, status: { ...now.status, esr: now.status.esr | OPERATION_COMPLETE } } })],
    ["*OPC?", 0, tells(() => 1)],
    ["*TST?", 0, tells(() => 0)],
    ["*WAI", 0, (now) => ({ now })],
    [
      "SYSTem:ERRor[:NEXT]?",
      0,
      (now) => {
        const [first = { number: 0 } as ScpiError, ...errors] = now.status.errors;
        return { now: { ...now, status: { ...now.status, errors } }, answer: errorText(first) };
      },
    ],
    ["SYSTem:ERRor:COUNt?", 0, tells(({ errors }) => errors.length)],
    ["SYSTem:VERSion?", 0, tells(() => "1999.0")],
  ];
  return list.map(([header, takes, run]) => ({ pattern: patternOf(header), takes, run }));
}

/**
 * Makes the way in which an instrument answers a message.
 * @returns from the instrument as it is and a line to the instrument as it is then, and the answers of the line's
 * queries between semicolons. A line never throws, and after the first unit that is wrong the rest is not done.
 */
export function answering<S>(
  device: Device<S>,
): (now: Powered<S>, line: string) => { now: Powered<S>; answer?: string } {
  const common = commonCommands<S>();
  const own = device.commands.map((command) => ({ ...command, pattern: patternOf(command.header) }));

  const one = (now: Powered<S>, unit: Unit, answers: boolean): { now: Powered<S>; answer?: string } | ScpiError => {
    const { path, query, parameters } = unit;
    const header = path.join(":");
    for (const { pattern, takes, run } of common) {
      if (!matches(pattern, path, query)) continue;
      if (parameters.length > takes) return { number: -108, about: header };
      const done = run(now, parameters, device, answers);
      return "error" in done ? { number: done.error, about: header } : done;
    }
    for (const { pattern, takes: [least, most] = [0, 0], run } of own) {
      const numbers = matches(pattern, path, query);
      if (!numbers) continue;
      if (parameters.length < least) return { number: -109, about: header };
      if (parameters.length > most) return { number: -108, about: header };
      const done = run(now.state, parameters, numbers);
      if ("error" in done) return { number: done.error, about: done.about ?? header };
      return { now: { ...now, state: done.state }, ...(done.answer === undefined ? {} : { answer: done.answer }) };
    }
    return { number: -113, about: header };
  };

  return (before, line) => {
    const { units, error } = readMessage(line);
    let now = before;
    const answers: string[] = [];
    let failed: ScpiError | undefined;
    for (const unit of units) {
      const done = one(now, unit, answers.length > 0);
      if ("number" in done) {
        failed = done;
        break;
      }
      now = done.now;
      if (done.answer !== undefined) answers.push(done.answer);
    }
    const wrong = failed ?? error;
    if (wrong) now = { ...now, status: withError(now.status, wrong) };
    return { now, ...(answers.length > 0 ? { answer: answers.join(";") } : {}) };
  };
}
