/* Single files of the package: its front door brings every curve and arc. */
declare module "d3-shape/src/area.js" {
  import { area } from "d3-shape";
  export default area;
}
declare module "d3-shape/src/line.js" {
  import { line } from "d3-shape";
  export default line;
}
