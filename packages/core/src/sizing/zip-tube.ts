import { half } from '../derived/constants.ts';
import { minus, product, sum, times, type Derived } from '../derived/derived.ts';

export interface ZipTubeSeams {
  zipSeam: Derived;
  /** Of the zipper that shows between its seams. */
  zipExposed: Derived;
  endSeam: Derived;
  /** Across each of the four corners; 0 leaves it flat. */
  boxing: Derived;
}
export interface ZipTubePanels {
  /** Round the tube, and along it. */
  panelLength: Derived;
  panelWidth: Derived;
}
export interface ZipTubeSizes {
  length: Derived;
  width: Derived;
  height: Derived;
}

/** What a zipped tube with boxed corners measures. All mm. */
export function zipTube({
  panelLength,
  panelWidth,
  zipSeam,
  zipExposed,
  endSeam,
  boxing,
}: ZipTubePanels & ZipTubeSeams): ZipTubeSizes {
  const round = sum('round the tube', [panelLength, times(-2, zipSeam), zipExposed]);
  return {
    length: sum('length', [panelWidth, times(-2, endSeam), minus(boxing)]),
    width: sum('width', [product('half the round', [round, half]), minus(boxing)]),
    height: sum('height', [boxing]),
  };
}

/** The inverse: the panel for a pouch of a length and width, boxed to a height. All mm. */
export function zipTubeCut({
  length,
  width,
  zipSeam,
  zipExposed,
  endSeam,
  boxing,
}: Omit<ZipTubeSizes, 'height'> & ZipTubeSeams): ZipTubePanels {
  return {
    panelLength: sum('panel, round the tube', [
      times(2, width),
      times(2, boxing),
      times(2, zipSeam),
      minus(zipExposed),
    ]),
    panelWidth: sum('panel, along the tube', [length, boxing, times(2, endSeam)]),
  };
}
