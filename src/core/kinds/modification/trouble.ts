import type { ModBody } from "./body";

/** What does not go together in a description. */
export function bodyTrouble(body: ModBody, there: boolean): { path: string; message: string }[] {
  const names = body.parts.map((part) => part.designator);
  const twice = names.find((name, index) => names.indexOf(name) !== index);
  return [
    ...(body.chassis === "drilled" && body.reversible
      ? [{ path: "reversible", message: "A drilled hole cannot be undone: it is not reversible." }]
      : []),
    ...(body.reversible && !body.undo && there ? [{ path: "undo", message: "Say what it takes to put it back." }] : []),
    ...(twice ? [{ path: "parts", message: `${twice} is in its parts twice: each part needs its own place.` }] : []),
  ];
}
