export { cutOut, frame, labelPlaces, labelSheets, setEven, type Label, type LabelSheet } from './labels.ts';
export { coilFor, ringsFor, thickness, type Layer, type Stack, type StackInput } from './thickness.ts';
export {
	bursts,
	copiesOf,
	emptyKg,
	holdsOf,
	split,
	WAY_TEXT,
	wayOf,
	WAYS,
	type BinderWay,
	type Container,
	type Filed,
	type FiledLesson,
	type Part,
	type Section,
	type WayResult
} from './ways.ts';
