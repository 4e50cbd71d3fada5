/** A picture that is drawn for a shop, as an SVG document. */
export interface MadePicture {
  kind: string;
  svg: string;
  width: number;
  height: number;
}
