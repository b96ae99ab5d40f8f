export { eventWords } from './eventFindings';
export { tell, withWords, type Finding, type ToldFinding } from './finding';
