/** Speed of preparing, boxes and the shelf; boxes against a general-purpose packing package in the same run. */
import { pack3D } from 'binpackingjs/3d';
import { pack, type ItemKind } from '../src/core/boxes/index.ts';
import { addDays } from '../src/core/calendar/index.ts';
import { planShelf, type ShelfInput } from '../src/core/setout/index.ts';
import { prep, type PrepInput } from '../src/core/prepare/index.ts';

type Sides = { readonly length: number; readonly width: number; readonly height: number };
const SIDES = ['length', 'width', 'height'] as const;
const TOTE = { length: 400, width: 300, height: 240 };

/** The same numbers each time, from 0 to 1. */
function numbers(seed: number): () => number {
	let state = seed;
	return () => (state = (state * 1_103_515_245 + 12_345) % 2_147_483_648) / 2_147_483_648;
}

/** A tote that was cut into pieces: one tote takes all of them again. */
function cutTote(random: () => number): Sides[] {
	let pieces: Sides[] = [TOTE];
	for (let cuts = 2 + Math.floor(random() * 5); cuts > 0; cuts--) {
		const volume = (one: Sides) => one.length * one.width * one.height;
		const largest = pieces.reduce((a, b) => (volume(a) >= volume(b) ? a : b));
		const side = SIDES[Math.floor(random() * 3)];
		const first = Math.round(largest[side] * (0.3 + 0.4 * random()));
		pieces = [
			...pieces.filter((one) => one !== largest),
			{ ...largest, [side]: first },
			{ ...largest, [side]: largest[side] - first }
		];
	}
	return pieces;
}

const things = (pieces: readonly Sides[], kg: () => number): ItemKind[] =>
	pieces.map((one, at) => ({ ...one, item: `i${at}`, kg: kg(), keepUpright: false, count: 1 }));

/** Boxes that the peer needs. It turns things as it likes and lets them float. */
function peerBoxes(items: readonly ItemKind[], maxKg: number, most: number): number {
	const { packedBins } = pack3D({
		bins: Array.from({ length: most }, (_, at) => ({
			name: `b${at}`,
			width: TOTE.length,
			height: TOTE.height,
			depth: TOTE.width,
			maxWeight: maxKg
		})),
		items: items.map((one) => ({
			name: one.item,
			width: one.length,
			height: one.height,
			depth: one.width,
			weight: one.kg
		}))
	});
	return packedBins.filter((one) => one.items.length > 0).length;
}

/** Measures packing and planning; answers whether boxes were never more than the peer's. */
export function preparing(report: (name: string, ms: number, wanted?: number) => void): boolean {
	const random = numbers(5);
	const cases = [
		...Array.from({ length: 60 }, () => ({ items: things(cutTote(random), () => 0.1), maxKg: 100 })),
		...Array.from({ length: 20 }, () => ({
			items: things(
				Array.from({ length: 10 + Math.floor(random() * 60) }, () => ({
					length: 40 + Math.floor(random() * 260),
					width: 30 + Math.floor(random() * 200),
					height: 5 + Math.floor(random() * 100)
				})),
				() => Math.round(random() * 10) / 10
			),
			maxKg: 12
		}))
	];
	let [ours, theirs, more] = [0, 0, 0];
	for (const { items, maxKg } of cases) {
		const { used } = pack({ boxes: [{ ...TOTE, box: 'tote', maxKg, count: 30 }], items });
		const peer = peerBoxes(items, maxKg, 30);
		ours += used.length;
		theirs += peer;
		if (used.length > peer) more++;
	}
	console.log(
		`boxes: ${cases.length} units in ${ours} boxes, the peer in ${theirs}; more than the peer in ${more} (wanted: 0)`
	);

	const many = things(
		Array.from({ length: 200 }, () => ({
			length: 40 + Math.floor(random() * 200),
			width: 30 + Math.floor(random() * 150),
			height: 4 + Math.floor(random() * 60)
		})),
		() => random()
	);
	const start = performance.now();
	pack({ boxes: [{ ...TOTE, box: 'tote', maxKg: 15, count: 40 }], items: many });
	report('boxes: 200 things', performance.now() - start, 2000);

	const input: PrepInput = {
		jobs: Array.from({ length: 60 }, (_, at) => ({
			id: `j${at}`,
			minutes: 5 + Math.floor(random() * 20),
			after: at % 3 === 2 ? [`j${at - 1}`] : [],
			readyBy: addDays('2027-01-12', Math.floor(at / 2)),
			setUp: at % 4 === 0 ? 'laminator' : null
		})),
		sittings: Array.from({ length: 12 }, (_, at) => ({
			id: `s${at}`,
			date: addDays('2027-01-05', 3 * at),
			minutes: 75
		})),
		setUpMinutes: { laminator: 5 }
	};
	const from = performance.now();
	prep(input);
	report('prep: 60 jobs × 12 sittings', performance.now() - from, 2000);
	report(
		'shelf: 60 trays × 16 places × 10 weeks × 4 children',
		best(() => planShelf(shelf(random))),
		3000
	);
	report(
		'shelf: one week again',
		best(() => planShelf({ ...shelf(random), weeks: 1 })),
		300
	);
	return more === 0;
}

function best(work: () => unknown): number {
	let least = Infinity;
	for (let i = 0; i < 3; i++) {
		const start = performance.now();
		work();
		least = Math.min(least, performance.now() - start);
	}
	return least;
}

/** A full shelf: four boards with room for four trays each. */
function shelf(random: () => number): ShelfInput {
	const children = [740, 940, 1100, 1290].map((easy, at) => ({
		id: `c${at}`,
		name: `child ${at}`,
		uses: true,
		easy,
		most: Math.round(easy * 1.45),
		isUnderThree: at === 0
	}));
	const week = () => Math.floor(random() * 10);
	return {
		boards: [150, 500, 850, 1200].map((high, at) => ({
			id: `b${at}`,
			name: `board ${at}`,
			high,
			along: 1700,
			deep: 350,
			clear: 300
		})),
		trays: Array.from({ length: 60 }, (_, at) => ({
			id: `t${at}`,
			title: `tray ${at}`,
			along: 380 + Math.floor(random() * 40),
			deep: 300,
			high: 80,
			skill: `skill ${at % 5}`,
			isDangerous: random() < 0.2,
			children: children.filter(() => random() < 0.4).map((one) => one.id),
			weeks: random() < 0.5 ? null : [week(), week()],
			isLoved: random() < 0.2
		})),
		children,
		weeks: 10,
		changes: 4,
		habit: 'weekly'
	};
}
