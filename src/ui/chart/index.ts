export { Band, Chart, HeightAxis, Limit, WidthAxis, type Paper } from "./Chart";
export { WIDEST, wideFor } from "./wide";
