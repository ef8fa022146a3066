import { Refusal } from '$core/error.ts';
import { placeKind } from '$core/house/index.ts';
import { lengthText, readLength, type System } from '$core/measure/index.ts';
import type { Row } from '$core/facts/index.ts';
import { placePath, placesInOrder } from '$core/account/index.ts';
import { placeByPath, updatePlace, type PlaceInput } from '../../stores/house/places.ts';
import { nameCell } from '../columns.ts';
import { eachRow, readRows, type SheetKind } from '../import-plan.ts';

type Key = 'place' | 'kind' | 'length' | 'width' | 'height' | 'floor';
const LENGTHS = ['length', 'width', 'height', 'floor'] as const;
const KINDS: readonly Row<'place'>['kind'][] = ['room', 'furniture', 'shelf', 'box'];

type Planned = { readonly path: readonly string[]; readonly input: PlaceInput; readonly changes: boolean };

/** Places by their path from the room down, in walking order. */
export const PLACES: SheetKind<Key> = {
	id: 'places',
	name: 'places',
	columns: [
		{ key: 'place', title: 'place', also: ['path', 'location', 'name', 'where'] },
		{ key: 'kind', title: 'kind', also: ['type'] },
		{ key: 'length', title: 'inner length', also: ['length', 'long', 'depth'] },
		{ key: 'width', title: 'inner width', also: ['width', 'wide'] },
		{ key: 'height', title: 'inner height', also: ['height', 'high'] },
		{ key: 'floor', title: 'above floor', also: ['floor', 'height above floor'] }
	],
	needs: ['place', 'kind'],

	write({ snapshot }) {
		const order = placesInOrder(snapshot.places);
		// Millimetres: an inch to the eighth would not read back as what it was.
		const mm = (value: number | null) => (value === null ? '' : `${value} mm`);
		return snapshot.places
			.toSorted((a, b) => order.get(a.id)! - order.get(b.id)!)
			.map((place) => [
				placePath(snapshot.places, place.id),
				place.kind,
				mm(place.length_mm),
				mm(place.width_mm),
				mm(place.height_mm),
				mm(place.floor_mm)
			]);
	},

	async plan({ snapshot }, rows) {
		const { measures } = snapshot.household;
		const known = new Map(
			snapshot.places.map((place) => [placePath(snapshot.places, place.id).toLowerCase(), place])
		);
		const planned: Planned[] = [];
		const read = await readRows(rows, (cells) => {
			const path = cells.place
				.split(/\s*[›>]\s*/)
				.map((part) => part.trim())
				.filter(Boolean);
			if (path.length === 0) throw new Refusal('the place is missing.');
			for (const part of path) nameCell(part, 'place');
			if (path.length > 8) throw new Refusal('a place can be at most eight places deep.');
			const here = known.get(path.join(' › ').toLowerCase());
			const input: PlaceInput = {
				name: here?.name ?? path.at(-1)!,
				kind: kindCell(cells.kind) ?? here?.kind ?? placeKind(path.at(-1)!, path.length === 1),
				length_mm: lengthCell(cells.length, measures),
				width_mm: lengthCell(cells.width, measures),
				height_mm: lengthCell(cells.height, measures),
				floor_mm: lengthCell(cells.floor, measures)
			};
			const said = [
				path.join(' › '),
				input.kind,
				...LENGTHS.flatMap((key) => {
					const mm = input[`${key}_mm`];
					return mm === null ? [] : [`${key === 'floor' ? 'above floor' : key} ${lengthText(mm, measures)}`];
				})
			].join(', ');
			const changes =
				here === undefined ||
				here.kind !== input.kind ||
				LENGTHS.some((key) => here[`${key}_mm`] !== input[`${key}_mm`]);
			planned.push({ path, input, changes });
			return { status: here ? (changes ? 'changed' : 'same') : 'new', text: said, value: null };
		});
		return {
			rows: read.map((one) => one.planned),
			apply(trx, progress) {
				return eachRow(planned, progress, async ({ path, input, changes }) => {
					if (changes) await updatePlace(trx, await placeByPath(trx, path), input);
				});
			}
		};
	}
};

function kindCell(text: string): Row<'place'>['kind'] | null {
	if (!text) return null;
	const kind = KINDS.find((one) => one === text.toLowerCase());
	if (!kind) throw new Refusal(`“${text.slice(0, 40)}” isn’t a kind. Use room, furniture, shelf, or box.`);
	return kind;
}

function lengthCell(text: string, system: System): number | null {
	if (!text) return null;
	const mm = readLength(text, system);
	if (mm === null || mm > 10_000)
		throw new Refusal(`“${text.slice(0, 40)}” isn’t a length. Try 32 cm, 12 1/2 in, or 320 mm.`);
	return mm;
}
