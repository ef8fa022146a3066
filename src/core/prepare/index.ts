export { prep, type PrepInput, type PrepJob, type PrepPlan, type PrepSitting } from './prep.ts';
