declare module '*.R?raw' {
  const text: string;
  export default text;
}
