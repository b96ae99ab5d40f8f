declare module 'svgcanvas' {
  /** A canvas context that keeps what is drawn as SVG; needs a browser's document. */
  export class Context {
    constructor(width: number, height: number);
    getSerializedSvg(): string;
  }
}
