/** Entries on their way to the server: kept on the device, sent in order by one tab, told to all. */
export { deviceOutbox } from "./device";
export { makeOutbox, type Channel, type Delivery, type Message, type Outbox, type OutboxState } from "./outbox";
export { makeDraft, send, type Problem, type Sent } from "./send";
export { deviceStore, pageStore, type OutboxStore, type Refused, type Waiting } from "./store";
