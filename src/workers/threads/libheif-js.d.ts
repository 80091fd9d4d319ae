/** What is used of libheif-js, which ships no types for this entry. */
declare module 'libheif-js/wasm-bundle.js' {
  interface HeifImage {
    is_primary(): boolean;
    get_width(): number;
    get_height(): number;
    display(
      into: { width: number; height: number; data: Uint8ClampedArray },
      then: (shown: { data: Uint8ClampedArray } | null) => void,
    ): void;
    free(): void;
  }
  const libheif: { HeifDecoder: new () => { decode(content: Uint8Array): HeifImage[] } };
  export default libheif;
}
