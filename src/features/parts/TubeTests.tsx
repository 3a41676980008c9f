"use client";

import { useRouter } from "next/navigation";
import { v7 } from "uuid";
import { electrodePairs } from "@/core/model";
import { figuresOf } from "@/core/quantity";
import type { StockItem, StockTest } from "@/core/stock";
import { judgeStored, nominalGm, tubeType } from "@/core/tubes";
import { Form, FormEnd, SelectField, TextField, useForm, type Problems } from "@/ui/form";
import { Time } from "@/ui/Time";
import { VerdictMark } from "@/ui/VerdictMark";
import { testTube } from "./actions";

type TypedTest = { shorts: string; between: string; gas: string; measured: string; nominal: string; setup: string };

/** A figure that reads in one way. */
const figure = (text: string): number | undefined => {
  const [value, other] = figuresOf(text.trim());
  return other === undefined ? value : undefined;
};

function problemsOf({ shorts, between, gas, measured, nominal }: TypedTest): Problems {
  if (!shorts) return { shorts: "Shorts come first: none, or shorted." };
  if (shorts === "found")
    return between.trim() && !electrodePairs(between)
      ? { between: "Name pairs of electrodes, like g1-k or heater to cathode." }
      : {};
  if (!gas) return { gas: "Gas and leakage come before strength." };
  const [is, of] = [figure(measured), figure(nominal)];
  return {
    ...(is !== undefined && is >= 0 ? {} : { measured: "The measured value is one number." }),
    ...(of !== undefined && of > 0 ? {} : { nominal: "The nominal is one number above zero." }),
  };
}

/** A stocked tube on the tester: shorts, gas, strength, in the order that spares the tester. */
export function TubeTestForm({ item, onSaid }: { item: StockItem; onSaid?: (said: string) => void }) {
  const router = useRouter();
  const type = tubeType(item.marking);
  const gm = type ? nominalGm(type) : undefined;
  const form = useForm<TypedTest>({
    asks: "test tube",
    initial: {
      shorts: "",
      between: "",
      gas: "",
      measured: "",
      nominal: gm ? String(Math.round(gm * 1e6)) : "100",
      setup: item.tests.at(-1)?.setup ?? "",
    },
    check: problemsOf,
    save: async ({ shorts, between, gas, measured, nominal, setup }) => {
      const shorted = shorts === "found";
      const answer = await testTube({
        id: v7(),
        partId: item.id,
        test: gm ? "gm" : "emission",
        shorts,
        between: shorted ? (electrodePairs(between) ?? []).join(", ") : "",
        gas: shorted ? null : gas,
        measured: shorted ? null : (figure(measured) ?? null),
        nominal: shorted ? null : (figure(nominal) ?? null),
        unit: gm ? "µS" : "%",
        setup,
      });
      if (answer.ok) {
        if (answer.said) onSaid?.(answer.said);
        router.refresh();
      }
      return answer;
    },
    next: (tested) => ({ ...tested, shorts: "", between: "", gas: "", measured: "" }),
  });
  const { shorts, gas } = form.fields;
  return (
    <Form form={form} label="Test this tube" className="mt-2 flex flex-wrap items-end gap-2">
      <SelectField
        label="1. Shorts"
        inputClass="w-32"
        options={[
          ["", "…"],
          ["none", "none"],
          ["found", "shorted"],
        ]}
        {...form.field("shorts")}
      />
      {shorts === "found" ? (
        <TextField label="Between" placeholder="g1-k" inputClass="w-32" {...form.field("between")} />
      ) : null}
      {shorts === "none" ? (
        <SelectField
          label="2. Gas, leakage"
          inputClass="w-32"
          options={[
            ["", "…"],
            ["none", "none"],
            ["slight", "a trace"],
            ["gassy", "gassy"],
          ]}
          {...form.field("gas")}
        />
      ) : null}
      {shorts === "none" && gas ? (
        <>
          <TextField
            label={gm ? "3. gm, µS" : "3. Emission, %"}
            inputClass="w-28 font-mono"
            numeric
            {...form.field("measured")}
          />
          <TextField label="of" inputClass="w-28 font-mono" numeric {...form.field("nominal")} />
        </>
      ) : null}
      <TextField label="Tester and its settings" className="grow" inputClass="w-full" {...form.field("setup")} />
      <FormEnd form={form} save="Write the test" saveClass="" />
    </Form>
  );
}

/** What a test of a stocked tube found, in figures. */
function found({ test, measured, nominal, unit, shorts, between, gas }: StockTest): string {
  if (shorts === "found") return between ? `shorted ${between}` : "shorted";
  const traces = gas === "slight" ? ", a trace of gas" : gas === "gassy" ? ", gassy" : "";
  return `${test} ${measured ?? "–"}${nominal ? ` / ${nominal}` : ""} ${unit}${traces}`;
}

/** Tests of a stocked tube, the newest first, and a new one. */
export function TubeTests({ item }: { item: StockItem }) {
  return (
    <section aria-label="Tests">
      <h2 className="text-xl font-bold">Tests</h2>
      <ul>
        {item.tests.toReversed().map((test) => {
          const judged = judgeStored(test);
          return (
            <li key={test.at} className="grid grid-cols-[8rem_14rem_1fr] gap-2 border-b border-base-300 py-1">
              <Time iso={test.at} as="day" />
              <span className="font-mono">{found(test)}</span>
              <span>
                {judged.verdict !== "none" ? <VerdictMark mark={judged.verdict} /> : null} {judged.reasons.join(" ")}{" "}
                <span className="dim">{test.setup}</span>
              </span>
            </li>
          );
        })}
      </ul>
      {item.tests.length === 0 ? <p className="dim">Not tested yet. Shorts first, then gas, then strength.</p> : null}
      <TubeTestForm item={item} />
    </section>
  );
}
