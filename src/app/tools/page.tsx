import type { Metadata } from "next";
import { BenchBox } from "@/features/tools/BenchBox";
import { ColourBands } from "@/features/tools/ColourBands";
import { HighVoltage } from "@/features/tools/HighVoltage";
import { Levels } from "@/features/tools/Levels";
import { MeterLoading } from "@/features/tools/MeterLoading";
import { BodyEndDot, MicaDots } from "@/features/tools/OldCodes";
import { OtherTube } from "@/features/tools/OtherTube";
import { SeriesLamp } from "@/features/tools/SeriesLamp";
import { Tank } from "@/features/tools/Tank";
import { ValueReader } from "@/features/tools/ValueReader";
import { database } from "@/db/client";
import { shopOf } from "@/db/shop";
import { Discharge } from "@/ui/Discharge";

export const metadata: Metadata = { title: "Tools" };

export default async function ToolsPage() {
  const shop = await shopOf(database());
  return (
    <main className="grid items-start gap-4 p-4 xl:grid-cols-2">
      <h1 className="sr-only">Tools</h1>
      <div className="flex flex-col gap-4">
        <ValueReader />
        <BodyEndDot />
        <MeterLoading />
        <SeriesLamp lineVolts={shop.lineVolts} lamps={shop.lamps} />
        <BenchBox />
        <Tank />
      </div>
      <div className="flex flex-col gap-4">
        <ColourBands />
        <Levels />
        <MicaDots />
        <section className="rounded-box border border-base-300 p-4">
          <h2 className="text-lg font-bold">How long to discharge?</h2>
          <Discharge volts={400} farads={32e-6} />
        </section>
        <HighVoltage />
        <OtherTube />
      </div>
    </main>
  );
}
