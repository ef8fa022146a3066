/** Some 400 invented titles by their numbers, for the stand-ins of a catalogue and a library. */
const SUBJECTS = [
	['River', 'rivers'],
	['Lantern', 'light'],
	['Beetle', 'insects'],
	['Harbor', 'ships'],
	['Meadow', 'plants'],
	['Comet', 'stars'],
	['Loom', 'making'],
	['Glacier', 'ice'],
	['Fiddle', 'music'],
	['Orchard', 'plants'],
	['Thunder', 'weather'],
	['Badger', 'animals'],
	['Canal', 'towns'],
	['Kiln', 'making'],
	['Heron', 'birds'],
	['Quarry', 'rocks'],
	['Ledger', 'numbers'],
	['Saddle', 'animals'],
	['Signal', 'towns'],
	['Tide', 'sea']
];
const FORMS = [
	(word) => `The ${word} at the End of the Lane`,
	(word) => `A Small History of the ${word}`,
	(word) => `${word} Weather`,
	(word) => `How the ${word} Works`,
	(word) => `My ${word} and Yours`,
	(word) => `The ${word} Keeper`,
	(word) => `Nine Days with a ${word}`,
	(word) => `${word} Songs`,
	(word) => `What the ${word} Said`,
	(word) => `The Last ${word} of Winter`,
	(word) => `${word} for Beginners`,
	(word) => `Under the ${word}`,
	(word) => `The ${word} Alphabet`,
	(word) => `A ${word} of One’s Own`,
	(word) => `Drawing the ${word}`,
	(word) => `The ${word} Question`,
	(word) => `Letters about a ${word}`,
	(word) => `The Night ${word}`,
	(word) => `${word}, Step by Step`,
	(word) => `The Paper ${word}`
];
const AUTHORS = [
	'Ottilie Brandt',
	'Jasper Nye',
	'Corwen Hale',
	'Mirela Stone',
	'Anselm Grove',
	'Tamar Lisle',
	'Peregrine Ash'
];
const PUBLISHERS = ['Candlewick Lane', 'Two Ponds Press', 'Hollow Oak'];

/** A number of a range that is given to nobody, with its right check digit. */
function isbn(index) {
	const body = `97999${String(5000 + index).padStart(7, '0')}`;
	const sum = [...body].reduce((all, digit, i) => all + Number(digit) * (i % 2 ? 3 : 1), 0);
	return body + ((10 - (sum % 10)) % 10);
}

export const TITLES = new Map(
	SUBJECTS.flatMap(([word, topic], s) =>
		FORMS.map((form, f) => {
			const i = s * FORMS.length + f;
			const from = 3 + (i % 8);
			return [
				isbn(i),
				{
					index: i,
					title: form(word),
					authors: AUTHORS[i % AUTHORS.length],
					publisher: PUBLISHERS[i % PUBLISHERS.length],
					year: 1998 + (i % 27),
					language: 'English',
					pages: 24 + ((i * 37) % 190),
					kind: from < 6 ? 'picture book' : 'book',
					fromAge: from,
					toAge: from + 4,
					grade: Math.max(0, from - 5),
					topics: topic
				}
			];
		})
	)
);
