import type { Metadata } from "next";
import { ColourBands } from "@/features/tools/ColourBands";
import { BodyEndDot, MicaDots } from "@/features/tools/OldCodes";
import { ValueReader } from "@/features/tools/ValueReader";

export const metadata: Metadata = { title: "Tools" };

export default function ToolsPage() {
  return (
    <main className="grid items-start gap-4 p-4 xl:grid-cols-2">
      <h1 className="sr-only">Tools</h1>
      <div className="flex flex-col gap-4">
        <ValueReader />
        <BodyEndDot />
      </div>
      <div className="flex flex-col gap-4">
        <ColourBands />
        <MicaDots />
      </div>
    </main>
  );
}
