import {
	OPENING_KINDS,
	OPENING_LITERS,
	OPENING_TEXT,
	openingStanding,
	type OpeningKind
} from '$core/boxes/index.ts';
import { dayText, type Day } from '$core/calendar/index.ts';
import { counted, listText, money } from '$core/words/index.ts';
import { parsed, type Row, usedIn, byId } from '$core/facts/index.ts';
import { type RunSituation, placeOptions, placePath, type Situation } from '$core/account/index.ts';

export type OpeningRow = Row<'opening_thing'> & { readonly room: number; readonly kindText: string };

export type OpeningView = {
	readonly sentence: string;
	readonly place: number | null;
	readonly placeName: string;
	readonly opensOn: Day | null;
	readonly isOpen: boolean;
	readonly kinds: readonly OpeningKind[];
	readonly rows: readonly OpeningRow[];
	readonly standing: ReturnType<typeof openingStanding>;
	readonly cost: string;
	readonly places: readonly { readonly value: string; readonly label: string }[];
	/** Ours, by topic of the unit, that are not in it yet. */
	readonly proposed: readonly { readonly id: number; readonly title: string; readonly kind: OpeningKind }[];
};

/** Every kind but "something else" belongs in it until the family says otherwise. */
const USUAL_KINDS = OPENING_KINDS.filter((kind) => kind !== 'other');
const PROPOSED = 6;
const KIND_OF: Readonly<Partial<Record<Row<'resource'>['kind'], OpeningKind>>> = {
	book: 'fiction',
	'picture book': 'picture book',
	game: 'game',
	kit: 'craft',
	puzzle: 'game',
	disc: 'film'
};

/** The box that is given on a unit's first day. */
export function openingView(now: Situation, run: RunSituation): OpeningView {
	const { snapshot, today } = now;
	const box = snapshot.openingBoxes.find((one) => one.run_id === run.row.id) ?? null;
	const place = box?.place_id ?? null;
	const row = place === null ? null : (byId(snapshot.places).get(place) ?? null);
	const kinds = box ? parsed(box.kinds) : USUAL_KINDS;
	const own = snapshot.openingThings.filter((one) => one.run_id === run.row.id);
	const room =
		row?.length_mm && row.width_mm && row.height_mm
			? (row.length_mm * row.width_mm * row.height_mm) / 1e6
			: null;
	const standing = openingStanding(
		own.map((one) => ({
			kind: one.kind,
			liters: one.liters,
			cents: one.cents,
			isInside: one.inside === 1
		})),
		kinds,
		room
	);
	const first = run.lessons.flatMap((one) => one.dates).toSorted()[0] ?? null;
	const opensOn = box?.opens_on ?? first;
	const isOpen = opensOn !== null && opensOn <= today;
	const inside = own.filter((one) => one.inside === 1).length;
	const sentence =
		own.length === 0
			? 'Nothing for it yet.'
			: isOpen
				? `It was opened on ${dayText(opensOn)}; now it holds the children’s work.`
				: [
						`${inside} of ${counted(own.length, 'thing')} in it`,
						standing.fill === null ? '' : `${Math.round(standing.fill * 100)} % full`,
						standing.cents ? `${money(standing.cents)} so far` : ''
					]
						.filter(Boolean)
						.join(', ') +
					`.${standing.lacks.length ? ` Nothing yet of ${listText(standing.lacks.map((kind) => OPENING_TEXT[kind].toLowerCase()))}.` : ''}`;
	return {
		sentence,
		place,
		placeName: placePath(snapshot.places, place),
		opensOn,
		isOpen,
		kinds,
		rows: own
			.map((one) => ({
				...one,
				room: one.liters ?? OPENING_LITERS[one.kind],
				kindText: OPENING_TEXT[one.kind]
			}))
			.toSorted(
				(a, b) =>
					OPENING_KINDS.indexOf(a.kind) - OPENING_KINDS.indexOf(b.kind) || (a.title < b.title ? -1 : 1)
			),
		standing,
		cost: money(standing.cents),
		places: [
			{ value: '', label: 'no box yet' },
			...placeOptions(now).filter((one) => byId(snapshot.places).get(Number(one.value))?.kind === 'box')
		],
		proposed: isOpen ? [] : proposedFor(now, run, own)
	};
}

/** What the Boxes page says of it. */
export const openingSentence = (now: Situation, run: RunSituation): string => {
	const { rows, standing, isOpen } = openingView(now, run);
	const inside = rows.filter((one) => one.inside === 1).length;
	if (rows.length === 0) return 'nothing yet';
	if (isOpen) return 'opened';
	return [
		`${inside} of ${counted(rows.length, 'thing')} in it`,
		standing.fill === null ? '' : `${Math.round(standing.fill * 100)} % full`
	]
		.filter(Boolean)
		.join(', ');
};

/** Ours whose topics name the unit's, and that no lesson uses. */
function proposedFor(
	{ snapshot }: Situation,
	run: RunSituation,
	own: readonly Row<'opening_thing'>[]
): OpeningView['proposed'] {
	const there = new Set(own.map((one) => one.resource_id));
	const lessons = new Set(run.lessons.map((one) => one.lesson.id));
	const used = usedIn(snapshot, lessons);
	const words = run.unit.name
		.toLowerCase()
		.split(/[^a-z]+/)
		.filter((word) => word.length > 3);
	return snapshot.resources
		.filter((one) => {
			const kind = KIND_OF[one.kind];
			if (one.owned === 0 || !kind || there.has(one.id) || used.has(one.id)) return false;
			const topics = `${one.topics} ${one.title}`.toLowerCase();
			return words.some((word) => topics.includes(word.replace(/s$/, '')));
		})
		.slice(0, PROPOSED)
		.map((one) => ({ id: one.id, title: one.title, kind: KIND_OF[one.kind]! }));
}
