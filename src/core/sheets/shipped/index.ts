import type { TestSheet } from "../schemas/sheet";
import { RADIO } from "./radio";
import { SOUND } from "./sound";
import { SUPPLY } from "./supply";
import { TRANSMIT } from "./transmit";

/** The sheets that ship with it. A shop copies one and changes it; a test holds them to the schema. */
export const SHIPPED: readonly TestSheet[] = [...SOUND, ...RADIO, ...TRANSMIT, ...SUPPLY];
