/** What a finding says: what is so and why it matters, and what to do. */
export interface FindingText {
  readonly message: string;
  readonly remedy: string;
}

/** A name at the beginning gets a capital; what is spelt otherwise, as pH or 2,4-D, stays. */
const begun = (text: string) => (/^\p{Ll}{2}/u.test(text) ? `${text.charAt(0).toUpperCase()}${text.slice(1)}` : text);

export const says = (message: string, remedy: string): FindingText => ({ message: begun(message), remedy });
