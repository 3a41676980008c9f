"use client";

import { createContext } from "react";

/** Where whoever is here may not save, the fields are to be read alone. */
export const ReadAloneContext = createContext(false);

type ReadAloneProps = { refusal: string | undefined; children: React.ReactNode };

/** Fields that can be read and not be changed, under the sentence that says why; as they are, where nothing is refused. */
export function ReadAlone({ refusal, children }: ReadAloneProps) {
  if (!refusal) return children;
  return (
    <ReadAloneContext value={true}>
      <div data-read-alone className="contents">
        <p className="dim">{refusal}</p>
        {children}
      </div>
    </ReadAloneContext>
  );
}
