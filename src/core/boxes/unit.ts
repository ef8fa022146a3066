import { above } from './drawing.ts';
import { goesIn } from './fill.ts';
import { pack, type BoxKind, type ItemKind, type Packing, type Progress } from './pack.ts';
import { HEAVY_KG } from './measures.ts';

/** All loose supplies of a unit, as one soft thing. */
export const LOOSE = 'supplies';

/** What gives way and fills gaps: cloth, yarn, small supplies. Its room in liters, its weight in kg. */
export type Soft = { readonly item: string; readonly liters: number; readonly kg: number };

/** What has to go into which boxes when a unit is put away. */
export type UnitQuestion = {
	readonly boxes: readonly BoxKind[];
	readonly items: readonly ItemKind[];
	readonly soft: readonly Soft[];
};

export type UnitPacking = Packing & {
	/** Where the soft things go, boxes by name and copy. */
	readonly soft: readonly { readonly item: string; readonly box: string; readonly copy: number }[];
	/** Soft things for which no gap is left. */
	readonly softLeft: readonly string[];
	/** Whether what is needed first lies on top; else it would have taken more room. */
	readonly isFirstOnTop: boolean;
};

/** So much of what stays free between stiff things can be filled (common practice, no source). */
export const FILLABLE = 0.6;
const NOISE = 1e-9;
const litersOf = (box: Pick<BoxKind, 'length' | 'width' | 'height'>) =>
	(box.length * box.width * box.height) / 1e6;

/**
 * Packs a unit: stiff things first, what is needed first on top as long as that takes no more room, then soft things
 * into the gaps, or into a box of their own.
 *
 * @throws CoreError as `pack` does
 */
export function packUnit(question: UnitQuestion, progress?: Progress, most?: number): UnitPacking {
	const { boxes, items, soft } = question;
	const inOrder = pack({ boxes, items }, progress, most);
	const isOrdered = items.some((one) => one.late);
	const counts = ({ used, left }: Packing) => [left.reduce((sum, one) => sum + one.count, 0), used.length];
	const free = isOrdered
		? pack({ boxes, items: items.map((one) => ({ ...one, late: 0 })) }, progress, most)
		: inOrder;
	const [a, b] = [counts(inOrder), counts(free)];
	const isNoWorse = a[0] < b[0] || (a[0] === b[0] && a[1] <= b[1]);
	const packing = isNoWorse ? inOrder : free;
	return { ...withSoft(packing, boxes, soft), isFirstOnTop: !isOrdered || isOnTop(packing, items) };
}

/** Whether nothing that is needed later lies on what is needed first. */
function isOnTop({ used }: Packing, items: readonly ItemKind[]): boolean {
	const late = new Map(items.map((one) => [one.item, one.late ?? 0]));
	return used.every((box) =>
		box.items.every((one) =>
			above(box.items, one).every((over) => late.get(over.item)! >= late.get(one.item)!)
		)
	);
}

function withSoft(
	packing: Packing,
	boxes: readonly BoxKind[],
	soft: readonly Soft[]
): Omit<UnitPacking, 'isFirstOnTop'> {
	const kindOf = new Map(boxes.map((one) => [one.box, one]));
	const used = packing.used.map((one) => {
		const kind = kindOf.get(one.box)!;
		return { ...one, room: litersOf(kind) * (1 - one.fill) * FILLABLE, carries: kind.maxKg - one.kg };
	});
	const where: { item: string; box: string; copy: number }[] = [];
	const softLeft: string[] = [];
	for (const one of soft.toSorted((a, b) => b.liters - a.liters)) {
		const takes = (box: { room: number; carries: number }) =>
			box.room + NOISE >= one.liters && box.carries + NOISE >= one.kg;
		let best = used.filter(takes).toSorted((a, b) => b.room - a.room)[0];
		if (!best) {
			// A box that is still empty takes all of its room.
			const spare = boxes
				.filter((kind) => used.filter((box) => box.box === kind.box).length < kind.count)
				.map((kind) => ({ kind, room: litersOf(kind), carries: kind.maxKg }))
				.filter(takes)
				.toSorted((a, b) => a.room - b.room)[0];
			if (!spare) {
				softLeft.push(one.item);
				continue;
			}
			const copy = used.filter((box) => box.box === spare.kind.box).length + 1;
			best = {
				box: spare.kind.box,
				copy,
				kg: 0,
				fill: 0,
				items: [],
				room: spare.room,
				carries: spare.carries
			};
			used.push(best);
		}
		best.room -= one.liters;
		best.carries -= one.kg;
		best.kg = Math.round((best.kg + one.kg) * 1e6) / 1e6;
		where.push({ item: one.item, box: best.box, copy: best.copy });
	}
	return {
		left: packing.left,
		used: used.map(({ box, copy, kg, fill, items }) => ({ box, copy, kg, fill, items })),
		soft: where,
		softLeft
	};
}

/** A size of box that one can get, by its inner measures in mm. */
export type BoxSize = {
	readonly name: string;
	readonly length: number;
	readonly width: number;
	readonly height: number;
};

/** Sizes that stores usually have, inner measures (common practice, from memory; measure before you buy). */
export const USUAL_BOXES: readonly BoxSize[] = [
	{ name: 'shoebox', length: 300, width: 180, height: 110 },
	{ name: 'small box', length: 380, width: 260, height: 150 },
	{ name: 'file box', length: 380, width: 310, height: 250 },
	{ name: 'medium tub', length: 430, width: 320, height: 250 },
	{ name: 'under-the-bed box', length: 720, width: 400, height: 150 },
	{ name: 'large tub', length: 560, width: 390, height: 290 }
];

/** How a unit would go into boxes of one size. */
export type SizeAnswer = BoxSize & {
	/** How many of them hold all that goes into one at all. */
	readonly count: number;
	readonly liters: number;
	/** Share of the boxes that is filled by stiff things. */
	readonly fill: number;
	readonly heaviestKg: number;
	/** What is too large for it. */
	readonly left: readonly string[];
};

/** Looks for each size; there are several of them. */
const WORK_A_SIZE = 1_000_000;

/**
 * Which box to get: the unit packed into each size by itself, no box over `maxKg` (usually what is still light). The
 * first one is the advice: fewest boxes up to two, then the least room.
 *
 * @example whichBox({ items: [atlas], soft: [] })[0].name // 'small box'
 */
export function whichBox(
	{ items, soft }: Omit<UnitQuestion, 'boxes'>,
	progress: Progress = () => undefined,
	sizes: readonly BoxSize[] = USUAL_BOXES,
	maxKg = HEAVY_KG
): SizeAnswer[] {
	const limit = Math.max(maxKg, ...items.map((one) => one.kg), ...soft.map((one) => one.kg));
	const pieces = items.reduce((sum, one) => sum + one.count, 0) + soft.length;
	return sizes
		.map((size, at): SizeAnswer => {
			// A size is judged by what it holds of all things; what is too large for it is named.
			const fitting = items.filter((one) => goesIn(one, size));
			const boxes = [{ ...size, box: size.name, maxKg: limit, count: Math.max(1, pieces) }];
			const packing = packUnit({ boxes, items: fitting, soft }, undefined, WORK_A_SIZE);
			progress((at + 1) / sizes.length);
			return {
				...size,
				count: packing.used.length,
				liters: litersOf(size),
				fill: packing.used.reduce((sum, one) => sum + one.fill, 0) / Math.max(1, packing.used.length),
				heaviestKg: Math.max(0, ...packing.used.map((one) => one.kg)),
				left: [
					...items.filter((one) => !fitting.includes(one)).map((one) => one.item),
					...packing.left.map((one) => one.item),
					...packing.softLeft
				]
			};
		})
		.toSorted(
			(a, b) =>
				a.left.length - b.left.length ||
				// One large box and two small ones are both fine; a row of shoeboxes is not.
				Number(a.count > 2) - Number(b.count > 2) ||
				a.count * a.liters - b.count * b.liters
		);
}
