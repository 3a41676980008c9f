import { randomUUID } from "node:crypto";
import { connect } from "@/db/client";
import { shopIdentity } from "@/db/schema";

/** A copy of a database is the same shop: this makes another one of it. */
export async function becomeAnother(url: string): Promise<void> {
  const { db, close } = connect(url, 1);
  try {
    await db.update(shopIdentity).set({ uid: randomUUID() });
  } finally {
    await close();
  }
}
