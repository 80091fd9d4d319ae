import { expose } from 'comlink';
import { grayOf, prepareScreen } from '@/core/pictures';

/** Makes a photo of a screen ready to be read, away from the page. */
const api = {
  prepare: (rgba: Uint8ClampedArray, width: number, height: number) =>
    prepareScreen(grayOf(rgba, width, height)),
};
export type PictureApi = typeof api;

expose(api);
