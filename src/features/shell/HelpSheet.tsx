"use client";

const KEYS: [string, string][] = [
  ["/", "to the bench line (on a bench page)"],
  ["g, then b s p r t h n", "go to Board, Sets, Parts, Reference, Tools, Shop, New job"],
  ["[ and ]", "the step before, the step after (on a bench page)"],
  ["Enter", "in the bench line: write the entry; in a table: next row; in a power-up: on"],
  ["PageDown", "in a power-up: on, as a foot-switch sends it"],
  ["↑ ↓ ← →", "in the bench line: lines typed before; in a table: rows and cells"],
  ["Enter, S, U", "working through a plan: it is done, later, take the last one back"],
  ["Ctrl Delete", "in a grid of the reference sheet: takes the row away"],
  ["Alt with 1 to 4", "answers a question of the bench line"],
  ["Esc", "leaves the field; nothing typed is lost"],
  ["?", "this sheet"],
];

const LINES: [string, string][] = [
  ["C14 .05/400 leaky -> 0.047/630", "a part replaced: what it was, what was found, what went in"],
  ["C1 restuffed -> 22µ/450 old in shell", "restuffed; also cleaned, reflowed, adjusted, removed …"],
  ["C1 2x16µ -> C1A 16µ/450 + C1B 16µ/450", "one original by several new parts"],
  ["R9 left: within twice the tolerance", "left, and why"],
  ["R7 470k = 612k", "a part measured in circuit; add lifted when one end is off"],
  ["B+ 248 @ 230 with digital meter", "a reading at a point, with the line voltage and the meter"],
  ["V4 gm 3700/4100", "a tube against its nominal"],
  ["tube V4 shorts none; gas none; gm 3700/4100 µS", "a tube on the tester, in the order of testing"],
  ["V4 6V6 substituted -> 6F6: put back a 6V6", "found with another in its place, and how to put it back"],
  ["measure C14 52 nF; leak 8.5 µA at 85 V; out", "a part measured: also esr, tan; in circuit, lifted, out"],
  ["plan C14 keep: new in 2019", "a decision on the recap plan"],
  ["C14 -> 0.047/630 from JP00001A7", "a part out of stock, by its label"],
  ["test output 2.1 W min 3 on dummy load", "a test of the set against a limit (min or max)"],
  ["? hum worse when warm", "a symptom; gone #12 when it is gone"],
  [
    "inject AF = loud",
    "a test to find the fault; also trace, tap, look, swap, check, works; hum = double, bands = one",
  ],
  ["found C14: leaks, grid falls with it lifted", "the fault is found; found #12 mended: …; gone #18; reopen #12 why"],
  ["todo … / wait parts … / note …", "an open point, something waited for, a note"],
  ["settled #12 new lead fitted", "an open point is settled"],
  ["safe residual 0.3 V", "a line of the make-safe list; safe lead wrong: cracked, safe fuse na: none"],
  ["T1 primary, 1 to 2 24.5", "a cold check; open where there is no path"],
  ["power variac rectifier-in 50 %; amps 0.15; B+ 12", "a step of a power-up; then, heaters, held, seen"],
  ["setup baseline: as found; meter Bench digital; line 231 V", "the set-up that readings carry along"],
  ["test output at 80 m 62 W min 50", "a test under a condition: band, level, mode"],
  [
    "mod found Zener regulator: two zeners; part D901 110V zener; reversible; undo …",
    "a modification: found, fitted, kept, put back, not done; also tap, existing hole, drilled, verify, use, about #12",
  ],
  ["tick #12 step 3 done; out 6", "a line of a modification: prerequisite 2 done: what was seen, step 4 skipped: why"],
  ["loan spare board; at AF socket / back #12", "in for a test only, and out again"],
  ["soak start 4 h at 230 V", "a soak; soak pause, resume, end; B+ 251 soak is a reading in it"],
  ["labour fix 1 h 20 min: recapping", "time that went into a step"],
  ["estimate 310 EUR; labour 4 h; parts 18 EUR", "what the owner was told; approved 340 EUR; by whom; how phone"],
  ["final fuse ok: T 0.5 A", "a line of the last look before it goes out"],
  ["done find: C14 leaks", "a step is done; pass baseline: why when it is passed over"],
  ["amend #12 R7 = 471k because misread", "correct an entry; withdraw #12 because …"],
];

function Rows({ rows, mono }: { rows: [string, string][]; mono?: boolean }) {
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
      {rows.map(([left, right]) => (
        <div key={left} className="contents">
          <dt className={mono ? "font-mono text-[0.95rem]" : "font-semibold"}>{left}</dt>
          <dd className="dim">{right}</dd>
        </div>
      ))}
    </dl>
  );
}

export function HelpSheet({ ref }: { ref: React.Ref<HTMLDialogElement> }) {
  return (
    <dialog ref={ref} className="modal" aria-labelledby="help-title">
      <div className="modal-box max-w-5xl">
        <h2 id="help-title" className="text-xl font-bold">
          Keyboard and bench line
        </h2>
        <h3 className="mt-4 mb-1 font-bold">Keys, outside fields</h3>
        <Rows rows={KEYS} />
        <h3 className="mt-4 mb-1 font-bold">The bench line</h3>
        <Rows rows={LINES} mono />
        <form method="dialog" className="modal-action">
          <button className="btn btn-primary">Close</button>
        </form>
      </div>
      <form method="dialog" className="modal-backdrop">
        <button aria-label="Close the help sheet">close</button>
      </form>
    </dialog>
  );
}
