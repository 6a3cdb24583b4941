import type { components } from './schema';

type Schemas = components['schemas'];
type ActionKinds = Schemas['action.schema']['$defs'];

/** One thing a person does; told apart by its "do". */
export type Action = ActionKinds[keyof ActionKinds];
export type Answer = Schemas['Answer'];
export type Attempt = Omit<Schemas['Attempt'], 'steps'> & { steps: Step[] };
export type AttemptRow = Schemas['AttemptRow'];
export type BayState = Schemas['BayState'];
export type Car = Schemas['Car'];
export type CaseFields = Schemas['CaseFields'];
export type CaseRecord = Schemas['Case'];
export type Channel = Schemas['Channel'];
export type DataSheet = Schemas['DataSheet'];
export type FaultKind = Schemas['FaultKind'];
export type FaultPortrait = Schemas['FaultPortrait'];
export type FaultSetting = Schemas['FaultSetting'];
export type JobRow = Schemas['JobRow'];
export type LabFormula = Schemas['LabFormula'];
export type LabOptions = Schemas['LabOptions'];
export type LabReadings = Schemas['LabReadings'];
export type LabSetting = Schemas['LabSetting'];
export type Mark = Schemas['Mark'];
export type Observation = Schemas['Observation'];
export type Pad = Schemas['Pad'];
export type Preview = Schemas['Preview'];
export type PreviewCell = Schemas['PreviewCell'];
export type PreviewValue = Schemas['PreviewValue'];
export type Problem = Schemas['Problem'];
export type Report = Omit<Schemas['Report'], 'steps'> & { steps: Step[] };
export type ShownNumber = Schemas['ShownNumber'];
export type ShownSeries = Schemas['ShownSeries'];
export type ShownTrace = Schemas['ShownTrace'];
export type Step = Omit<Schemas['Step'], 'action'> & { action: Action };
export type User = Schemas['User'];
