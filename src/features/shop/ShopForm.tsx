"use client";

import type { Shop } from "@/db/shop";
import { SettingsForm } from "@/ui/form";
import { changeShop } from "./actions";
import { problemsOf } from "./form-read";
import { readShop, typedShop } from "./typed";

/** What the shop says of itself: the line that every plan of a power-up starts from. */
export function ShopForm({ shop }: { shop: Shop }) {
  return (
    <SettingsForm
      asks="change shop"
      label="The shop"
      initial={typedShop(shop)}
      settings={[
        {
          key: "name",
          label: "Name of the shop, for printed records",
          example: "Saltmarsh Wireless Repair",
          words: true,
          className: "md:col-span-3",
        },
        { key: "lineVolts", label: "Line at the bench, V", example: "230" },
        { key: "lineHz", label: "Line frequency, Hz", example: "50" },
        { key: "currency", label: "Currency", example: "EUR" },
        {
          key: "lamps",
          label: "Series lamps in the box, W",
          example: "25, 40, 60, 100, 150",
          className: "md:col-span-3",
        },
        {
          key: "lockMinutes",
          label: "Lock a screen that nobody touches after, min",
          example: "10",
          className: "md:col-span-3",
        },
        {
          key: "loads",
          label: "Dummy loads, with ; between them",
          example: "oil load 1500 W 5 min; fan load 100 W",
          className: "md:col-span-6",
        },
      ]}
      check={(typed) => problemsOf(readShop(typed))}
      onSave={(typed) => changeShop(typed, shop.version)}
      save="Save the shop"
      saved="Saved."
      className="md:grid-cols-6"
    />
  );
}
