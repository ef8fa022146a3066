import { describe, expect, it } from 'vitest';
import { freest, type Box } from './free-place.ts';

/** A button of that width and height at a corner. */
const button = (left: number, top: number, wide = 120, high = 44): Box => ({
	left,
	top,
	right: left + wide,
	bottom: top + high
});

describe('where a message stands', () => {
	it('at the foot of a laptop and at the head of a phone, where nothing is there', () => {
		expect(freest(1280, 800, [])).toBe('bottom-center');
		expect(freest(390, 844, [])).toBe('top-center');
	});
	it('steps aside of what it would cover', () => {
		expect(freest(1280, 800, [button(600, 740)])).toBe('bottom-right');
		expect(freest(1280, 800, [button(600, 740), button(1100, 740)])).toBe('bottom-left');
		expect(freest(1280, 800, [button(0, 740, 1280)])).toBe('top-right');
		expect(freest(390, 844, [button(260, 20)])).toBe('bottom-center');
		// Right beside it is not under it.
		expect(freest(1280, 800, [button(330, 740)])).toBe('bottom-center');
	});
	it('covers the least where everything is full', () => {
		const foot = button(0, 740, 1280);
		const head = button(0, 20, 1280, 30);
		expect(freest(1280, 800, [foot, head, button(900, 20, 300, 64)])).toBe('top-center');
	});
});
