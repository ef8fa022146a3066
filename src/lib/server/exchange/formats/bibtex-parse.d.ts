declare module '@orcid/bibtex-parse-js' {
	export type BibEntry = {
		readonly citationKey?: string;
		readonly entryType: string;
		readonly entryTags?: Readonly<Record<string, string>>;
	};
	/** @throws TypeError when an entry cannot be read. */
	export function toJSON(text: string): BibEntry[];
}
