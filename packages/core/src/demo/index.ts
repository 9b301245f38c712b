import type { DesignDocument } from '../document/design-document.ts';
import {
  boatTote,
  caliperSleeve,
  flaskBag,
  loggerPouch,
  netSack,
  probeRoll,
  reelBag,
  sieveBag,
  slateCarrier,
} from './bags.ts';
import {
  doubleTube,
  fieldOrganizer,
  landingOrganizer,
  lensPouch,
  loggerBag,
  receiptsAccordion,
  refractometerCase,
} from './boxes.ts';
import { crossingFolio, surveyFolio, tallyTrifold, tideJacket } from './folios.ts';
import { ferryPocket, juniorBifold, loggerPocket, permitBifold, permitBifoldLens } from './wallets.ts';

/** The designs that ship: all invented, in the workshop of Saltmarsh Bench. */
export const demoDesigns: readonly DesignDocument[] = [
  permitBifold,
  juniorBifold,
  permitBifoldLens,
  caliperSleeve,
  flaskBag,
  probeRoll,
  netSack,
  boatTote,
  reelBag,
  slateCarrier,
  sieveBag,
  tallyTrifold,
  surveyFolio,
  crossingFolio,
  tideJacket,
  ferryPocket,
  loggerPocket,
  loggerPouch,
  lensPouch,
  loggerBag,
  refractometerCase,
  receiptsAccordion,
  doubleTube,
  landingOrganizer,
  fieldOrganizer,
];
export { demoShelves } from './shelves.ts';
