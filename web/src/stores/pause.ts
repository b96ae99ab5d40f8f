/** Lets the page answer before what comes next. */
export function pause(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve));
}
