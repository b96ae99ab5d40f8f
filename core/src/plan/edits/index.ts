export * from './arms';
export * from './asked';
export * from './bench';
export * from './measures';
export * from './moveUnit';
export * from './plan';
export * from './restorePlan';
