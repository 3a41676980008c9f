"use client";

import { Link } from "@/ui/Link";
import { useState } from "react";
import { CAPACITOR_RULES, KIND_WORDS, MAINS_ROLES, type RatedFrom, type ShopRules } from "@/core/components";
import { roleWord } from "@/core/model";
import { ErrorText, Form, FormEnd, TextField, useForm } from "@/ui/form";
import { changeRules, effectsOf, type Effect } from "./actions";
import { readRules, typedOf, type TypedRule, type TypedRules } from "./typed";

const BASE: Record<RatedFrom, string> = {
  "no-load": "no-load B+",
  "b-plus": "B+",
  bias: "the bias",
  rail: "the rail",
  original: "the original’s",
  mains: "mains class",
  fixed: "",
};

/** The shop's rules for what may take a part's place; what a change would do to the open plans is shown before it is kept. */
export function RulesForm({ rules, version }: { rules: ShopRules; version: number }) {
  const [effects, setEffects] = useState<Effect[]>();
  const [unknown, setUnknown] = useState<string>();
  const form = useForm<TypedRules>({
    asks: "change rules",
    initial: typedOf(rules),
    check: (typed) => {
      const read = readRules(typed);
      return read.ok ? {} : { "": read.message };
    },
    save: async (typed) => {
      const read = readRules(typed);
      return read.ok ? changeRules(read.value, version) : read;
    },
  });
  const typed = form.fields;
  const read = readRules(typed);
  const usual = typedOf({ roles: [] });
  const put = (part: Partial<TypedRules>) => {
    setEffects(undefined);
    setUnknown(undefined);
    form.change(part);
  };
  const change = (role: string, part: Partial<TypedRule>) => {
    const before = typed.roles[role];
    if (before) put({ roles: { ...typed.roles, [role]: { ...before, ...part } } });
  };
  const look = async () => {
    if (!read.ok) return;
    const answer = await effectsOf(read.value).catch(
      () => ({ ok: false, message: "The server cannot be reached." }) as const,
    );
    if (answer.ok) setEffects(answer.effects);
    else setUnknown(answer.message);
  };
  return (
    <Form form={form} className="flex flex-col gap-4">
      <div className="overflow-x-auto rounded-box border border-base-300">
        <table className="table">
          <thead>
            <tr className="text-base text-base-content">
              <th scope="col">Capacitor’s role</th>
              <th scope="col">from, %</th>
              <th scope="col">to, %</th>
              <th scope="col">rating, ×</th>
              <th scope="col">of</th>
              <th scope="col">at least, V</th>
              <th scope="col">Kind and note</th>
            </tr>
          </thead>
          <tbody>
            {CAPACITOR_RULES.map(({ role, ratedFrom, kind, note, orientation }) => {
              const fields = typed.roles[role];
              const fixed = MAINS_ROLES.includes(role);
              const cell = (key: keyof TypedRule, label: string) => (
                <td className="py-1">
                  {fixed ? (
                    <span className="font-mono">{key === "low" || key === "high" ? fields?.[key] : "–"}</span>
                  ) : (
                    <input
                      className={`input h-10 w-20 font-mono ${fields?.[key] === usual.roles[role]?.[key] ? "" : "border-primary font-bold"}`}
                      aria-label={`${roleWord(role)}: ${label}`}
                      value={fields?.[key] ?? ""}
                      disabled={form.refusal !== undefined}
                      onChange={(event) => change(role, { [key]: event.target.value })}
                    />
                  )}
                </td>
              );
              return (
                <tr key={role} className="text-base">
                  <th scope="row" className="py-1">
                    {roleWord(role)}
                  </th>
                  {cell("low", "from, percent")}
                  {cell("high", "to, percent")}
                  {cell("factor", "rating factor")}
                  <td className="py-1 whitespace-nowrap">{BASE[ratedFrom]}</td>
                  {cell("least", "at least, volts")}
                  <td className="py-1">
                    {KIND_WORDS[kind]}
                    {orientation ? `, ${orientation}` : ""}
                    {note ? <span className="dim block text-sm">{note}</span> : null}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <div className="flex flex-wrap gap-4">
        <TextField
          label="Resistors: window, ± %"
          className="w-56"
          value={typed.resistorWindow}
          onChange={(resistorWindow) => put({ resistorWindow })}
        />
        <TextField
          label="Resistors: wattage over dissipation, ×"
          className="w-72"
          value={typed.wattMargin}
          onChange={(wattMargin) => put({ wattMargin })}
        />
      </div>
      <p className="dim">
        Across the mains and from mains to chassis the rules are not the shop’s to change: only safety-rated parts go
        there. Figures in bold are the shop’s own; the others are the trade’s.
      </p>
      {unknown ? <ErrorText>{unknown}</ErrorText> : null}
      <FormEnd form={form} save="Keep these rules" saved="Kept: every open plan follows them now.">
        <button type="button" className="btn btn-outline h-11" disabled={!read.ok} onClick={() => void look()}>
          What would it change?
        </button>
        <button type="button" className="btn btn-ghost h-11" onClick={() => put(usual)}>
          Back to the trade’s rules
        </button>
      </FormEnd>
      {effects ? (
        <section aria-label="What it would change">
          <h2 className="text-xl font-bold">Open plans that would change</h2>
          {effects.length === 0 ? <p>None.</p> : null}
          <ul>
            {effects.map(({ job, set, lines }) => (
              <li key={job} className="border-b border-base-300 py-2">
                <Link href={`/bench/${job}?step=fix&tab=plan`} className="link font-bold">
                  {set}, job {job}
                </Link>
                <span className="dim">: {lines.map(({ designator, text }) => `${designator} ${text}`).join("; ")}</span>
              </li>
            ))}
          </ul>
        </section>
      ) : null}
    </Form>
  );
}
