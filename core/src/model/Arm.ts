export type Role = 'control' | 'treatment' | 'reference';

/** One condition that is compared. */
export interface Arm {
  readonly arm: string;
  readonly name: string;
  readonly role: Role;
  readonly dose: number | null;
  readonly doseUnit: string | null;
  /** Level of each crossed factor, by factor name; empty outside factorial designs. */
  readonly factors: Readonly<Record<string, string>>;
}
