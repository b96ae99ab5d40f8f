import { v7 as uuid } from 'uuid';

/** A key for each thing that is sent, the same when it is sent again: after a lost reply the server knows that it has it already. */
export function useIdempotencyKeys() {
  const keys = new Map<string, string>();
  return {
    keyFor(content: string): string {
      const key = keys.get(content) ?? uuid();
      keys.set(content, key);
      return key;
    },
    /** It is stored: the same content again is another thing. */
    stored: (content: string) => void keys.delete(content),
  };
}
