/** A function that remembers what it made of an object, for as long as the object lives: the checks all ask for the same. */
export function remembered<Input extends object, Output>(make: (input: Input) => Output): (input: Input) => Output {
  const known = new WeakMap<Input, { readonly made: Output }>();
  return (input) => {
    const found = known.get(input) ?? { made: make(input) };
    known.set(input, found);
    return found.made;
  };
}
