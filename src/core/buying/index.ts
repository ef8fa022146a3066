/**
 * What to buy where: packs of given sizes and prices, stores with fees and thresholds for free delivery, and
 * the least that everything can cost. Exact, by going through sets of stores. And what one looks out for.
 */
export { packsWithBundles, type Bundle, type BundledPurchase } from './bundles.ts';
export { withTax, withoutTax } from './tax.ts';
export { cheapestWholePacks, mostSecondHand } from './whole-packs.ts';
export { splitCents } from './split.ts';
export { readWanted, type TypedWanted } from './wanted.ts';
export { packs, type Offer, type PacksInput, type Purchase, type Store } from './packs.ts';
