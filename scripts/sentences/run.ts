import { analyse } from '@fern/core';
import { faultsOf } from './grammar';
import { formOf, sentencesOf } from './sentencesOf';
import { plainStudies, roughStudies, TODAY } from './studies';
import { contradictionsIn } from './values';

// Prints every sentence that the product says of all demos, all questions (three truths each) and 200 runs in which things go wrong, one of
// each form, for people to read; then what is wrong with them by rule.
const ROUGH = 200;
interface Form {
  readonly where: string;
  readonly text: string;
  readonly name: string;
  times: number;
}
const forms = new Map<string, Form>();
const wrong: string[] = [];
for (const { name, make } of [...plainStudies, ...roughStudies(Number(process.argv[2] ?? ROUGH))]) {
  const study = make();
  const result = analyse(study, { today: TODAY });
  const said = sentencesOf(study, result);
  wrong.push(...contradictionsIn(said, study, result).map((what) => `${what}\t[${name}]`));
  for (const { where, text } of said) {
    const form = formOf(text, study);
    const known = forms.get(form);
    if (known) known.times++;
    else {
      forms.set(form, { where, text, name, times: 1 });
      wrong.push(...faultsOf(text, study).map((fault) => `${fault}: ${text}\t[${name}]`));
    }
  }
}
const rows = [...forms.values()].sort((a, b) => a.where.localeCompare(b.where) || a.text.localeCompare(b.text));
let heading = '';
for (const { where, text, name, times } of rows) {
  if (where !== heading) console.log(`\n== ${where}`);
  heading = where;
  console.log(`${text}\t[${name}, ${times}]`);
}
console.log(`\n== what is wrong by rule\n${wrong.join('\n')}`);
console.log(`\nsentences: ${rows.length} forms, ${wrong.length} wrong`);
if (wrong.length > 0) process.exitCode = 1;
