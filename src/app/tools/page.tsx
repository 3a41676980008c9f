import type { Metadata } from "next";
import { Crystals, LoopChange, TrackingDesign } from "@/features/frequencies/later";
import { ColourBands } from "@/features/tools/ColourBands";
import { BenchBox, HighVoltage, Levels, OtherTube, Tank } from "@/features/tools/later";
import { MeterLoading } from "@/features/tools/MeterLoading";
import { BodyEndDot, MicaDots } from "@/features/tools/OldCodes";
import { SeriesLamp } from "@/features/tools/SeriesLamp";
import { ValueReader } from "@/features/tools/ValueReader";
import { database } from "@/db/client";
import { shopAir, shopOf } from "@/db/shop";
import { Discharge } from "@/ui/Discharge";
import { Tabs } from "@/ui/Tabs";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Tools" };

/** Tools side by side, in two columns. */
function Columns({ left, right }: { left: React.ReactNode; right: React.ReactNode }) {
  return (
    <div className="grid items-start gap-4 xl:grid-cols-2">
      <div className="flex flex-col gap-4">{left}</div>
      <div className="flex flex-col gap-4">{right}</div>
    </div>
  );
}

export default async function ToolsPage() {
  await enter("/tools");
  const [shop, { air }] = [await shopOf(database()), await shopAir(database())];
  const markings = (
    <Columns
      left={
        <>
          <ValueReader />
          <BodyEndDot />
          <MeterLoading />
          <SeriesLamp lineVolts={shop.lineVolts} lamps={shop.lamps} />
        </>
      }
      right={
        <>
          <ColourBands />
          <MicaDots />
          <section className="rounded-box border border-base-300 p-4">
            <h2 className="text-lg font-bold">How long to discharge?</h2>
            <Discharge volts={400} farads={32e-6} />
          </section>
        </>
      }
    />
  );
  const transmitters = (
    <Columns
      left={<Tank />}
      right={
        <>
          <Levels />
          <OtherTube />
        </>
      }
    />
  );
  return (
    <main className="p-4">
      <h1 className="sr-only">Tools</h1>
      <Tabs
        label="Tools"
        tabs={[
          { key: "markings", name: "Markings, meters, lamps", body: markings },
          {
            key: "supplies",
            name: "Supplies and batteries",
            body: <Columns left={<BenchBox />} right={<HighVoltage />} />,
          },
          { key: "rf", name: "Levels and transmitters", body: transmitters },
          {
            key: "tracking",
            name: "Tracking and loops",
            body: <Columns left={<TrackingDesign />} right={<LoopChange />} />,
          },
          { key: "crystals", name: "Crystals", body: <Crystals air={air} /> },
        ]}
      />
    </main>
  );
}
