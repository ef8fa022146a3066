/** What the household's other windows are told: which revision the data stands at. */
export type News = { readonly revision: number };

const listeners = new Set<(news: News | null) => void>();

/** Tells every open window, after the change is kept. */
export function announce(news: News): void {
	for (const listener of listeners) listener(news);
}

/** Calls back for every change; with null when the server ends. Answers how to stop. */
export function listen(listener: (news: News | null) => void): () => void {
	listeners.add(listener);
	return () => listeners.delete(listener);
}

/** Ends all streams, so that the server can stop. */
export function endNews(): void {
	for (const listener of listeners) listener(null);
	listeners.clear();
}
