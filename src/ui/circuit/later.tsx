"use client";

import { later } from "../later";

/** The circuit is loaded when a plate asks for it. */
export const Explains = later(async () => (await import("./Explains")).Explains);
export const WhatIf = later(async () => (await import("./WhatIf")).WhatIf);
export const WhatIfHere = later(async () => (await import("./WhatIfHere")).WhatIfHere, null);
