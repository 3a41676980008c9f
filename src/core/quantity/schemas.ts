import { z } from "zod";
import { BEYOND, isMeant, LARGEST, SMALLEST } from "./bounds";

/** A figure above zero. @param message what is said of zero and below */
export const positive = (message = "That is not above zero.") => z.number().min(SMALLEST, message).max(LARGEST, BEYOND);

/** A figure of any sign. */
export const signed = () => z.number("A number is needed.").refine(isMeant, BEYOND);
