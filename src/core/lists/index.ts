export { groupedBy } from "./grouped";
