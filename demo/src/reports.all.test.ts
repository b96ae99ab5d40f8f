import { describe } from 'vitest';
import { everyStudy } from './everyStudy.fixture';
import { testReport } from './testReport.fixture';

describe.each(everyStudy)('the report of %s', (_, make) => testReport(make()));
