/** What may be wrong with a reading, in words for its line, so that a person knows what to look at. */
export const DOUBT = {
	amount: 'The list doesn’t say how much.',
	leftOver: 'The list doesn’t say how much is left over.',
	groupSize: 'How many children make a group?',
	each: 'Does “each” mean each child?',
	orPair: 'One for each child, or one for each pair?',
	howMany: 'How many of each?',
	oneThing: (name: string) => `Is it all one thing, “${name}”?`,
	set: (words: string) => `Is “${words}” one set, or several things to count?`,
	spread: (lessons: number) => `Is that enough for all ${lessons} lessons, or is it one for each?`,
	odd: 'This is hard to read. Is it a thing to gather?',
	long: 'This is too long for one line of a list.',
	star: 'The list doesn’t say what its * means.',
	lesson: 'The unit has no such lesson.',
	language: 'This isn’t in English, so it was not read. Type it in.',
	shared: (word: string, other: string) => `Does “${word}” go with “${other}”, too?`,
	purpose: (words: string) => `Does “${words}” only say what it is for, or are there more things to gather?`,
	anyOne: (things: readonly string[]) =>
		`Is any one of ${things.slice(0, -1).join(', ')} or ${things.at(-1)} enough?`,
	size: (size: string, thing: string) => `Is “${size}” the size of the ${thing}?`,
	perWhat: (what: string) => `How many is that in all, per ${what}?`,
	unread: (words: string) => `“${words}” was left out.`
} as const;
