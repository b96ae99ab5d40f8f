/** What to ask for where a hypothesis does not say it. */
export const hypothesisAsks = {
  plant: (plant: string) => `Which plant? You plan it for ${plant}.`,
  treatment: (name: string | undefined) => `What is done to them?${name === undefined ? '' : ` The plan has “${name}”.`}`,
  comparison: 'Compared with what? “… than with …”.',
  measure: (name: string | undefined) => `What would one count, measure or weigh?${name === undefined ? '' : ` The plan reads “${name}”.`}`,
  direction: 'Which way: more, less, or just different?',
  time: (day: number | undefined) => `When? ${day === undefined ? 'Say the day or the week.' : `It is read last on day ${day}.`}`,
};
