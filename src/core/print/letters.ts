/**
 * How wide the letters of what is printed are: the advance widths of the project's font from the space (U+0020) to the
 * tilde (U+007E), in thousandths of its size, as its file (Atkinson Hyperlegible Next, hmtx table) has them.
 */
const WIDTHS = {
	regular: `280 286 301 651 592 919 731 160 299 299 485 606 210 362 210 387 648 407 548
	 576 614 588 598 510 615 595 210 210 553 628 553 480 778 626 613 645 669 569
	 552 694 694 392 512 631 541 824 693 714 592 724 614 592 558 690 593 856 623
	 575 607 317 387 344 552 372 243 525 566 485 564 538 314 558 550 252 245 492
	 262 845 550 548 566 574 349 471 326 540 461 684 481 449 460 344 237 344 555`,
	bold: `312 303 390 765 610 969 725 210 335 335 485 595 271 373 272 440 659 440 579
	 600 624 607 626 537 624 571 272 272 569 612 569 547 781 678 643 658 688 597
	 566 718 701 424 561 663 552 858 717 746 629 756 650 610 607 686 644 886 685
	 650 618 340 440 344 582 400 288 552 596 510 596 563 365 593 571 300 259 555
	 318 882 571 576 596 599 376 508 376 567 530 740 539 521 505 381 254 381 537`
};
const TABLE = {
	regular: WIDTHS.regular.split(/\s+/).map(Number),
	bold: WIDTHS.bold.split(/\s+/).map(Number)
};
/** Signs outside of it that are used as well; what is not here is taken as wide as an em, which is never too narrow. */
const OTHERS: Readonly<Record<string, number>> = {
	'–': 560,
	'’': 272,
	'‘': 272,
	'“': 485,
	'”': 485,
	'…': 816,
	'·': 300,
	'°': 400,
	'×': 606
};
const FIRST = 32;
const LAST = 126;
const POINT = 25.4 / 72;

/**
 * The width of a text in mm, set in so many points.
 *
 * @example textWidth('iii', 10, false) // 2.6
 */
export function textWidth(text: string, points: number, isBold: boolean): number {
	const widths = isBold ? TABLE.bold : TABLE.regular;
	let sum = 0;
	// An accent takes no room beside its letter.
	for (const sign of text.normalize('NFD').replace(/\p{M}/gu, '')) {
		const code = sign.codePointAt(0)!;
		sum += code >= FIRST && code <= LAST ? widths[code - FIRST] : (OTHERS[sign] ?? 1000);
	}
	return (sum / 1000) * points * POINT;
}

/**
 * A text in lines no wider than `width` mm, broken between words; a word that is wider alone is broken within.
 *
 * @example wrapText('The round earth, flattened', 30, 12, true) // ['The round', 'earth,', 'flattened']
 */
export function wrapText(text: string, width: number, points: number, isBold: boolean): string[] {
	const lines: string[] = [];
	const fits = (line: string) => textWidth(line, points, isBold) <= width;
	for (const word of text.split(/\s+/).filter(Boolean)) {
		const last = lines.at(-1);
		if (last !== undefined && fits(`${last} ${word}`)) {
			lines[lines.length - 1] = `${last} ${word}`;
			continue;
		}
		let rest = '';
		for (const sign of word) {
			if (rest === '' || fits(rest + sign)) rest += sign;
			else {
				lines.push(rest);
				rest = sign;
			}
		}
		lines.push(rest);
	}
	return lines;
}
