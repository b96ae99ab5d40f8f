import type { ReadyQuestion } from '../ReadyQuestion';
import { airOrNone } from './airOrNone';
import { amendmentDose } from './amendmentDose';
import { anyClaim } from './anyClaim';
import { anyHeight } from './anyHeight';
import { anySprouting } from './anySprouting';
import { buriedBags } from './buriedBags';
import { buriedScraps } from './buriedScraps';
import { clearOrCovered } from './clearOrCovered';
import { coldWetStart } from './coldWetStart';
import { companionPlant } from './companionPlant';
import { hardCoat, heatAndAcid } from './hardCoat';
import { hoursOfLight } from './hoursOfLight';
import { howOften } from './howOften';
import { kitchenTonic } from './kitchenTonic';
import { lampHeight } from './lampHeight';
import { lifeCount } from './lifeCount';
import { lightColour } from './lightColour';
import { metalCoils } from './metalCoils';
import { moonOrDate } from './moonOrDate';
import { musicOrSpeech } from './musicOrSpeech';
import { oneSidedLight } from './oneSidedLight';
import { saltDose, saltOrQuality } from './saltOrQuality';
import { soakOrDry } from './soakOrDry';
import { storeCupboard } from './storeCupboard';
import { suspectCompost } from './suspectCompost';
import { treatingSolution } from './treatingSolution';
import { trimRoots } from './trimRoots';
import { waterOrMix } from './waterOrMix';
import { whatHoldsWater } from './whatHoldsWater';
import { whatSeedsNeed } from './whatSeedsNeed';
import { whereToGrow } from './whereToGrow';
import { whichPiece } from './whichPiece';
import { batchesInRail } from './batchesInRail';
import { howMuchFeed } from './howMuchFeed';
import { leafCuttings } from './leafCuttings';
import { plantingDeep } from './plantingDeep';
import { plantsInAPot } from './plantsInAPot';
import { rootingAid } from './rootingAid';
import { sowingDepth } from './sowingDepth';
import { warmthAndSpeed } from './warmthAndSpeed';
import { whereToGrowFruit } from './whereToGrowFruit';
import { whichWayIsDown } from './whichWayIsDown';

/** Every ready-made question, in the order of its theme. */
export const questions: readonly ReadyQuestion[] = [
  anySprouting,
  anyHeight,
  soakOrDry,
  treatingSolution,
  hardCoat,
  heatAndAcid,
  storeCupboard,
  coldWetStart,
  whatSeedsNeed,
  sowingDepth,
  warmthAndSpeed,
  whichWayIsDown,
  hoursOfLight,
  lampHeight,
  oneSidedLight,
  lightColour,
  whatHoldsWater,
  howOften,
  saltOrQuality,
  saltDose,
  amendmentDose,
  suspectCompost,
  buriedScraps,
  buriedBags,
  lifeCount,
  anyClaim,
  metalCoils,
  musicOrSpeech,
  kitchenTonic,
  moonOrDate,
  companionPlant,
  waterOrMix,
  leafCuttings,
  rootingAid,
  whichPiece,
  whereToGrow,
  whereToGrowFruit,
  plantsInAPot,
  plantingDeep,
  howMuchFeed,
  airOrNone,
  clearOrCovered,
  trimRoots,
  batchesInRail,
];
