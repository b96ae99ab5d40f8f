import { afterEdits } from './thirtyEdits.fixture';

afterEdits(400, 311);
