import { afterEdits } from './thirtyEdits.fixture';

afterEdits(40, 31);
