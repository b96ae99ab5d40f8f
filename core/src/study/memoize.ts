/** A function that remembers what it made of an object, for as long as the object lives: pages and checks all ask for the same. */
export interface Memoized<Input extends object, Output> {
  (input: Input): Output;
  /** Gives an answer that was made in another, quicker way. */
  readonly keep: (input: Input, output: Output) => void;
}

/** @param make what is made of the object when it is first asked for */
export function memoize<Input extends object, Output>(make: (input: Input) => Output): Memoized<Input, Output> {
  const known = new WeakMap<Input, { readonly made: Output }>();
  const ask = (input: Input) => {
    const found = known.get(input) ?? { made: make(input) };
    known.set(input, found);
    return found.made;
  };
  return Object.assign(ask, { keep: (input: Input, output: Output) => void known.set(input, { made: output }) });
}
