/**
 * From this age on, in months, a child gets pages to fill in. At four a crayon is held between fingers and thumb (CDC,
 * Learn the Signs. Act Early., milestones by 4 years, 2022; from memory); younger ones scribble. Between three and five
 * it differs, so the household may say otherwise for each child.
 */
export const WRITES_FROM_MONTHS = 48;
