import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exact, ZERO } from '../measure/index.ts';
import {
	afterMaking,
	kitOrSingles,
	kitState,
	lastDayBeforeFrost,
	nextRung,
	rankSubstitutes,
	readKitParts,
	readLadder,
	rungOf,
	RUNGS,
	walkingOrder,
	type Substitute
} from './index.ts';

describe('the ladder of sources', () => {
	it('goes down rung by rung and ends', () => {
		const order = [...RUNGS];
		let now: (typeof RUNGS)[number] | null = order[0];
		const seen: string[] = [];
		while (now) {
			seen.push(now);
			now = nextRung(order, now);
		}
		expect(seen).toEqual([...RUNGS]);
	});

	it('a rung chosen by hand that the ladder lacks is followed by the ladder from its top', () => {
		expect(nextRung(['free', 'bought'], 'gift')).toBe('free');
	});

	it('what was decided for the one need goes before the thing’s own ladder, and that before the usual', () => {
		expect(rungOf('gift', ['free'], 'bought')).toBe('gift');
		expect(rungOf(null, ['free', 'bought'], 'bought')).toBe('free');
		expect(rungOf(null, null, 'borrowed')).toBe('borrowed');
		expect(readLadder(['free', 'stolen', 'free', 'bought'])).toEqual(['free', 'bought']);
	});
});

describe('before the ground freezes', () => {
	const frost = { first: '10-15', last: '04-20' };
	it('acorns for February are gathered before the frost of last fall', () => {
		expect(lastDayBeforeFrost('2027-02-02', frost)).toBe('2026-10-14');
		expect(lastDayBeforeFrost('2026-12-01', frost)).toBe('2026-10-14');
	});
	it('while the ground is open the season sets no limit', () => {
		expect(lastDayBeforeFrost('2027-04-21', frost)).toBeNull();
		expect(lastDayBeforeFrost('2026-10-14', frost)).toBeNull();
	});
	it('also where the frost lies within one year, as south of the equator', () => {
		expect(lastDayBeforeFrost('2027-07-01', { first: '06-01', last: '08-31' })).toBe('2027-05-31');
		expect(lastDayBeforeFrost('2027-01-01', { first: '06-01', last: '08-31' })).toBeNull();
	});
});

describe('substitutes', () => {
	const one = (name: string, free: number, cents: number | null): Substitute => ({
		name,
		wanted: exact(4),
		free: exact(free),
		cents
	});

	it('on hand first, then by cost', () => {
		const ranked = rankSubstitutes(500, [one('yarn', 0, 300), one('twine', 4, 900), one('cord', 1, 200)]);
		expect(ranked.map((each) => [each.name, each.isOnHand, each.cents])).toEqual([
			['twine', true, 0],
			['cord', false, 200],
			['yarn', false, 300]
		]);
	});

	it('never raise the cost, whatever is offered', () => {
		const money = fc.option(fc.integer({ min: 0, max: 2000 }), { nil: null });
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: 2000 }),
				fc.array(fc.record({ free: fc.integer({ min: 0, max: 6 }), cents: money }), { maxLength: 8 }),
				(own, offered) => {
					const ranked = rankSubstitutes(
						own,
						offered.map(({ free, cents }, i) => one(String(i), free, cents))
					);
					for (const each of ranked) expect(each.cents).toBeLessThanOrEqual(own);
					// Nothing that at home in full is kept from the parent.
					expect(ranked.filter((each) => each.isOnHand)).toHaveLength(
						offered.filter(({ free }) => free >= 4).length
					);
				}
			)
		);
	});
});

describe('kits', () => {
	it('a kit for 25 used by 3 leaves 22 makings', () => {
		const { parts } = readKitParts('1 felt heart\n2 googly eyes', exact(25));
		const left = afterMaking(parts, exact(3));
		expect(left.map((part) => part.there.valueOf())).toEqual([22, 44]);
		expect(kitState(exact(22), left)).toMatchObject({ scarcest: null, missing: [], over: [] });
		expect(kitState(exact(22), left).makings.valueOf()).toBe(22);
	});

	it('a lost piece is named and sets what can be made', () => {
		const { parts } = readKitParts('2 eyes, 41 there\n1 heart, 23 left', exact(22));
		const state = kitState(exact(22), parts);
		expect(state.makings.valueOf()).toBe(20);
		expect(state.scarcest).toBe('eyes');
		expect(state.missing.map((one) => [one.name, one.pieces.valueOf()])).toEqual([['eyes', 3]]);
		expect(state.over.map((one) => [one.name, one.pieces.valueOf()])).toEqual([['heart', 1]]);
	});

	it('a line that is none is given back, not guessed', () => {
		expect(readKitParts('2 eyes\n17', exact(4)).wrong).toEqual(['17']);
	});

	it('pieces are never made: used and left are what was there', () => {
		const count = fc.integer({ min: 0, max: 60 });
		fc.assert(
			fc.property(count, fc.array(fc.tuple(count, count), { maxLength: 5 }), (made, raw) => {
				const parts = raw.map(([each, there], i) => ({
					name: String(i),
					each: exact(each),
					there: exact(there)
				}));
				afterMaking(parts, exact(made)).forEach((part, i) => {
					expect(part.there.compare(ZERO)).toBeGreaterThanOrEqual(0);
					expect(part.there.compare(parts[i].there)).toBeLessThanOrEqual(0);
				});
			})
		);
	});
});

describe('a class kit or single kits', () => {
	it('worked by hand: a kit of 25 for $30 against $4 a child pays from the third run of three on', () => {
		// 3 children: 30 against 12; 6: 30 against 24; 9: 30 against 36.
		expect(kitOrSingles({ classCents: 3000, classSize: 25, singleCents: 400, runs: [3, 3, 3] })).toEqual({
			classKits: 1,
			classTotal: 3000,
			singlesTotal: 3600,
			unused: 16,
			paysFrom: 3
		});
	});
	it('a second kit can undo the gain again', () => {
		expect(
			kitOrSingles({ classCents: 1000, classSize: 3, singleCents: 400, runs: [3, 1] }).paysFrom
		).toBeNull();
	});
	it('says what is missing', () => {
		expect(() => kitOrSingles({ classCents: 1, classSize: 0, singleCents: 1, runs: [1] })).toThrow(
			'at least one'
		);
		expect(() => kitOrSingles({ classCents: 1, classSize: 5, singleCents: 1, runs: [0] })).toThrow(
			'how many'
		);
	});
});

describe('walking order', () => {
	it('follows the last walks, also against the alphabet', () => {
		const walks = [
			['fruit', 'baking', 'till'],
			['fruit', 'baking', 'dairy', 'till']
		];
		expect(walkingOrder(['baking', 'dairy', 'fruit', 'till'], walks)).toEqual([
			'fruit',
			'baking',
			'dairy',
			'till'
		]);
	});
	it('one odd walk does not turn it around; what nobody has ticked comes last', () => {
		const usual = ['a', 'b', 'c'];
		expect(walkingOrder(['new', 'c', 'b', 'a'], [usual, usual, ['c', 'a', 'b']])).toEqual([
			'a',
			'b',
			'c',
			'new'
		]);
	});
	it('gives every stop back once, and the walk itself where there was only one', () => {
		const names = fc.uniqueArray(fc.constantFrom(...'abcdefgh'), { minLength: 1 });
		fc.assert(
			fc.property(names, names, (stops, walk) => {
				expect(walkingOrder(stops, [walk]).toSorted()).toEqual(stops.toSorted());
				expect(walkingOrder(walk.toSorted(), [walk])).toEqual(walk);
			})
		);
	});
});
