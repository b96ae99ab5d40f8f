export interface WaterHeld {
  /** mL held after draining. */
  readonly held: number;
  /** g water per g dry mix; null without a dry mass. */
  readonly perDryMass: number | null;
}

/** Water held by a mix: added − drained, mL. Null where more drained than was added. */
export function waterHeld(added: number, drained: number, dryMass: number): WaterHeld | null {
  const held = added - drained;
  return held < 0 ? null : { held, perDryMass: dryMass > 0 ? held / dryMass : null };
}

/** Share of the held water still there: (mass now − dry container and mix) / held. Null where nothing was held. */
export function shareKept(massNow: number, dryMass: number, held: number): number | null {
  return held > 0 ? (massNow - dryMass) / held : null;
}

/** Infiltration, mm per hour: depth of water over time. Null without time. */
export function infiltration(depthMm: number, minutes: number): number | null {
  return minutes > 0 ? (depthMm * 60) / minutes : null;
}
