"use client";

import type { Shop } from "@/db/shop";
import { later } from "@/ui/later";

// Shown once in the life of a shop: no other page loads its forms.
const FirstDay = later(async () => (await import("@/features/shop/FirstDay")).FirstDay);
const RestoreForm = later(async () => (await import("@/features/exchange/RestoreForm")).RestoreForm);

export const FirstDayPage = ({ shop }: { shop: Shop }) => <FirstDay shop={shop} restore={<RestoreForm />} />;
