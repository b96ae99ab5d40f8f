/** What a finding says: what is so and why it matters, and what to do. */
export interface Told {
  readonly message: string;
  readonly remedy: string;
}

export const told = (message: string, remedy: string): Told => ({ message, remedy });
