import { groupBy } from '../group-by.ts';
import { waysToLie, isSupported, type Lying, type Piece, type Space, type Work } from './fill.ts';

/** Free room in a box: as large a block as goes between what lies there; blocks overlap. */
type Room = {
	readonly x: number;
	readonly y: number;
	readonly z: number;
	readonly toX: number;
	readonly toY: number;
	readonly toZ: number;
};

/** How one box is filled: which room first, and what is best in it. */
export type Habit = {
	/** The order in which rooms are taken: from the floor up, from a wall on, or out of a corner. */
	readonly from: 'floor' | 'wall' | 'side' | 'corner';
	/** What counts most for a piece in a room: sides that fit exactly, its volume, or the least room left beside it. */
	readonly best: 'exact' | 'volume' | 'snug';
	/** How much chance there is in it, 0 for none. */
	readonly chance: number;
};

const NOISE = 1e-6;
const KG_NOISE = 1e-9;

/** Pieces that are alike, with the ways in which they can lie and the step in which they go in: the earliest first. */
export type Ready = {
	readonly pieces: readonly Piece[];
	readonly ways: readonly (readonly [number, number, number])[];
	/** Its sides, the shortest first. */
	readonly sides: readonly [number, number, number];
	readonly volume: number;
	readonly kg: number;
	readonly step: number;
};

/** Pieces as a search takes them, those of one item together. */
export function readied(pieces: readonly Piece[], stepOf: (piece: Piece) => number): Ready[] {
	return [...groupBy(pieces, (piece) => piece.item).values()].map((own) => {
		const [first] = own;
		return {
			pieces: own,
			ways: waysToLie(first),
			sides: sorted(first.length, first.width, first.height),
			volume: first.length * first.width * first.height,
			kg: first.kg,
			step: stepOf(first)
		};
	});
}

/**
 * Fills one box room by room: the first room that can take something gets the piece that suits it best. Where pieces
 * were cut out of a full box this finds its way back, which one fixed order of pieces seldom does.
 */
export function fillRooms(
	box: Space,
	groups: readonly Ready[],
	{ from, best, chance }: Habit,
	random: () => number,
	work: Work
): { readonly lying: Lying[]; readonly left: Ready[]; readonly kg: number } {
	const lying: Lying[] = [];
	const counts = groups.map((one) => one.pieces.length);
	const steps = [...new Set(groups.map((one) => one.step))].sort((a, b) => a - b);
	let rooms: Room[] = [{ x: 0, y: 0, z: 0, toX: box.length, toY: box.width, toZ: box.height }];
	let kg = 0;
	for (const step of steps) {
		const isLast = step === steps.at(-1);
		for (let at = 0; at < rooms.length;) {
			const room = rooms[at];
			const [length, width, height] = [room.toX - room.x, room.toY - room.y, room.toZ - room.z];
			const size = length * width * height;
			let chosen = -1;
			let way: readonly [number, number, number] | null = null;
			let most = -Infinity;
			let isOfUse = false;
			const [least, middle, longest] = sorted(length, width, height);
			work.done += groups.length;
			for (let index = 0; index < groups.length; index++) {
				const group = groups[index];
				if (counts[index] === 0 || group.step !== step) continue;
				const { sides } = group;
				if (sides[0] > least + NOISE || sides[1] > middle + NOISE || sides[2] > longest + NOISE) continue;
				work.done += 4;
				for (const one of group.ways) {
					const [dx, dy, dz] = [length - one[0], width - one[1], height - one[2]];
					if (dx < -NOISE || dy < -NOISE || dz < -NOISE) continue;
					isOfUse = true;
					if (kg + group.kg > box.maxKg + KG_NOISE) break;
					const exact = nearly(dx, length) + nearly(dy, width) + nearly(dz, height);
					const base =
						best === 'exact'
							? exact + group.volume / size
							: best === 'volume'
								? group.volume / 1e6
								: exact + group.volume / size - Math.min(dx / length, dy / width, dz / height) * 4;
					const score = chance === 0 ? base : base * (1 - chance * random()) + chance * random() * 0.5;
					if (score <= most) continue;
					work.done += lying.length;
					if (
						room.z > NOISE &&
						!isSupported(lying, { x: room.x, y: room.y, z: room.z, length: one[0], width: one[1] })
					)
						continue;
					[most, chosen, way] = [score, index, one];
				}
			}
			if (way === null) {
				// Nothing that is left is small enough for it: it is of no use any more.
				if (!isOfUse && isLast) rooms.splice(at, 1);
				else at++;
				continue;
			}
			counts[chosen]--;
			const one: Lying = {
				piece: groups[chosen].pieces[counts[chosen]],
				x: room.x,
				y: room.y,
				z: room.z,
				length: way[0],
				width: way[1],
				height: way[2]
			};
			lying.push(one);
			kg += groups[chosen].kg;
			rooms = cutRooms(rooms, one).sort(ORDER[from]);
			work.done += rooms.length * rooms.length;
			at = 0;
		}
	}
	return {
		lying,
		kg,
		left: groups.flatMap((one, index) =>
			counts[index] === one.pieces.length
				? [one]
				: counts[index] > 0
					? [{ ...one, pieces: one.pieces.slice(0, counts[index]) }]
					: []
		)
	};
}

const ORDER: Readonly<Record<Habit['from'], (a: Room, b: Room) => number>> = {
	floor: (a, b) => a.z - b.z || a.y - b.y || a.x - b.x,
	wall: (a, b) => a.x - b.x || a.z - b.z || a.y - b.y,
	side: (a, b) => a.y - b.y || a.z - b.z || a.x - b.x,
	corner: (a, b) => a.x + a.y + a.z - b.x - b.y - b.z || a.z - b.z
};

function sorted(a: number, b: number, c: number): [number, number, number] {
	if (a > b) [a, b] = [b, a];
	if (b > c) [b, c] = [c, b];
	return a > b ? [b, a, c] : [a, b, c];
}

/** How well a side fits: 1 where nothing is left beside it, 0 from a twelfth on. */
const nearly = (left: number, side: number) => (left < NOISE ? 1 : Math.max(0, 0.9 - (left / side) * 10.8));

/** What is left of rooms once a piece lies in one of them: every room that it touches is cut, none lies within another. */
function cutRooms(rooms: readonly Room[], one: Lying): Room[] {
	const [toX, toY, toZ] = [one.x + one.length, one.y + one.width, one.z + one.height];
	const kept: Room[] = [];
	const fresh: Room[] = [];
	for (const room of rooms) {
		if (
			toX <= room.x + NOISE ||
			room.toX <= one.x + NOISE ||
			toY <= room.y + NOISE ||
			room.toY <= one.y + NOISE ||
			toZ <= room.z + NOISE ||
			room.toZ <= one.z + NOISE
		) {
			kept.push(room);
			continue;
		}
		if (room.toX - toX > NOISE) fresh.push({ ...room, x: toX });
		if (one.x - room.x > NOISE) fresh.push({ ...room, toX: one.x });
		if (room.toY - toY > NOISE) fresh.push({ ...room, y: toY });
		if (one.y - room.y > NOISE) fresh.push({ ...room, toY: one.y });
		// What lies below a piece can’t be reached any more.
		if (room.toZ - toZ > NOISE) fresh.push({ ...room, z: toZ });
	}
	for (const room of fresh) {
		if (kept.some((other) => isWithin(room, other))) continue;
		for (let at = kept.length - 1; at >= 0; at--) if (isWithin(kept[at], room)) kept.splice(at, 1);
		kept.push(room);
	}
	return kept;
}

const isWithin = (a: Room, b: Room) =>
	a.x >= b.x - NOISE &&
	a.y >= b.y - NOISE &&
	a.z >= b.z - NOISE &&
	a.toX <= b.toX + NOISE &&
	a.toY <= b.toY + NOISE &&
	a.toZ <= b.toZ + NOISE;
