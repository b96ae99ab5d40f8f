import { describe } from 'vitest';
import { coveringStudies } from './everyStudy.fixture';
import { testReport } from './testReport.fixture';

describe.each(coveringStudies())('the report of %s', (_, study) => testReport(study));
