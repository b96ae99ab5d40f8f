export type UnitStatus = 'active' | 'lost' | 'excluded' | 'ended';

/** The experimental unit: the smallest thing to which an arm was given separately. Only units are replicates. */
export interface Unit {
  readonly unit: string;
  readonly arm: string;
  readonly block: string | null;
  /** Units that share a reservoir, tray or lamp share this name. */
  readonly container: string | null;
  readonly row: number | null;
  readonly column: number | null;
  /** Seeds or cuttings put in. */
  readonly sown: number | null;
  /** Seed lot or mother plant. */
  readonly lot: string | null;
  readonly startedOn: string | null;
  readonly status: UnitStatus;
  readonly statusReason: string | null;
}
