/** Small words that stand in every list of a language, and in few English ones. */
const SMALL_WORDS: Readonly<Record<string, string>> = {
	German:
		'und oder mit für der die das den dem ein eine einen pro je kind aus zum zur stück etwas blatt schere kleber wasser',
	French:
		'et ou avec pour les des du un une au aux par enfant de le la en feuille feuilles ciseaux colle eau peinture',
	Spanish:
		'y o con para los las el un una unos unas por niño de la hoja hojas tijeras pegamento agua pintura lápices',
	Portuguese: 'e ou com para os as um uma por criança de da do folha folhas tesoura cola água tinta lápis',
	Italian: 'e o con per il lo gli le un una dei delle di del della foglio fogli forbici colla acqua bambino',
	Dutch: 'en of met voor het een de per kind van stuk vel schaar lijm water papier'
};
const ENGLISH = new Set(
	'and or with for the a an of per each child to in on from if you cup cups sheet sheets paper water glue scissors tape pencil tbsp tsp oz lb inch feet plus small large optional'.split(
		' '
	)
);
const TABLES = Object.entries(SMALL_WORDS).map(([name, words]) => [name, new Set(words.split(' '))] as const);

/**
 * The language of a text where it plainly is not English; null where it is, or where that cannot be told.
 *
 *     foreignLanguage('2 Blatt Papier pro Kind\nSchere und Kleber')   // 'German'
 */
export function foreignLanguage(text: string): string | null {
	const sample = text.slice(0, 20_000).toLowerCase();
	const letters = sample.match(/\p{L}/gu)?.length ?? 0;
	const latin = sample.match(/\p{Script=Latin}/gu)?.length ?? 0;
	if (letters > 20 && latin < letters / 2) return 'another alphabet';
	const words = sample.match(/\p{L}+/gu) ?? [];
	const hits = (table: ReadonlySet<string>) => words.filter((word) => table.has(word)).length;
	const english = hits(ENGLISH);
	const [best, count] = TABLES.map(([name, table]) => [name, hits(table)] as const).sort(
		(a, b) => b[1] - a[1]
	)[0];
	return count >= 4 && count > 2 * english && count * 12 > words.length ? best : null;
}
