/** Orders: what all sets and drawers lack, divided among suppliers, and what has come of it. */
export {
  ARRIVED,
  arrivedRight,
  given,
  outstanding,
  standsWith,
  usable,
  type Arrival,
  type Arrived,
  type OrderedLine,
  type OrderWant,
} from "./arrivals";
export { findIn } from "./find";
export {
  inPacks,
  postageOf,
  split,
  type Basket,
  type BasketLine,
  type Split,
  type SupplierTerms,
  type Wanted,
} from "./split";
export { offersFor, readLists, type ReadList } from "./suits";
export {
  awaitedByHand,
  bySoonest,
  drawerKey,
  drawerWants,
  FILL_UP,
  notOnOrder,
  placeKey,
  setWants,
  type Awaited,
  type Drawer,
  type OrderingSet,
  type SetPlace,
  type Want,
} from "./wants";
