import { formOf, sentencesOf } from './sentencesOf';
import { plainStudies, roughStudies } from './studies';

// Prints every sentence that the product says of all demos, all questions (three truths each) and 200 runs in which things go wrong, one of
// each form: for people to read.
const ROUGH = 200;
const forms = new Map<string, { readonly where: string; readonly text: string; readonly name: string; times: number }>();
for (const { name, make } of [...plainStudies, ...roughStudies(Number(process.argv[2] ?? ROUGH))]) {
  const study = make();
  for (const { where, text } of sentencesOf(study)) {
    const form = formOf(text, study);
    const known = forms.get(form);
    if (known) known.times++;
    else forms.set(form, { where, text, name, times: 1 });
  }
}
const rows = [...forms.values()].sort((a, b) => a.where.localeCompare(b.where) || a.text.localeCompare(b.text));
let heading = '';
for (const { where, text, name, times } of rows) {
  if (where !== heading) console.log(`\n== ${where}`);
  heading = where;
  console.log(`${text}\t[${name}, ${times}]`);
}
console.log(`\nsentences: ${rows.length} forms`);
