// What stands on two pages says one thing. Answers what differs, a sentence each.

/** The first number of a text; null where it has none. */
const numberIn = (text) => (/\d[\d,]*/.exec(text)?.[0] ?? null)?.replace(',', '') ?? null;

/** How a day’s lesson stands, as its sentence says it. */
const standOf = (sentence) =>
	/^Not ready/.test(sentence) ? 'not ready' : /^All of it is at home/.test(sentence) ? 'at home' : 'ready';

/** Compares the pages of a house as they stand now. */
export async function doubled(house) {
	const said = [];
	const differ = (what, a, b) => {
		if (a !== b) said.push(`${what}: ${a} / ${b}`);
	};
	const [home, trips, { runs }, shops, all] = await Promise.all(
		['/', '/lists/library', '/units', '/lists/shops', '/lists/have'].map((path) => house.page(path))
	);
	const { acts } = home.next;
	for (const act of acts.filter((one) => one.kind === 'pick up' || one.kind === 'return')) {
		const on = trips.view.trips.filter((trip) =>
			(act.kind === 'return' ? trip.bring : trip.fetch).some((one) =>
				one.keys.some((key) => act.keys.includes(key))
			)
		);
		if (on.length) differ(`${act.title}, Next / trips`, act.actBy, on[0].day);
	}
	for (const act of acts.filter((one) => one.kind === 'place')) {
		const hold = trips.view.holds.find((one) => one.keys.some((key) => act.keys.includes(key)));
		if (hold) differ(`${act.title}, late on Next / trips`, act.verdict === 'late', hold.isLate);
	}
	const toBuy = new Set(shops.buying.things.flatMap((one) => one.keys));
	for (const act of acts.filter((one) => one.kind === 'buy' || one.kind === 'order'))
		differ(
			`${act.title}, in Shopping`,
			act.keys.every((key) => toBuy.has(key)),
			true
		);
	if (home.next.sentence?.verdict === 'late')
		differ(
			'late at the top of Next / a late task',
			true,
			acts.some((one) => one.verdict === 'late')
		);
	let toLook = 0;
	for (const run of runs.filter((one) => one.state !== 'put away')) {
		const at = `/units/${run.id}`;
		const [gather, print, prepare, boxes, have, board] = await Promise.all(
			[`${at}/gather`, `${at}/print`, `${at}/prepare`, `${at}/boxes`, `/lists/have?unit=${run.id}`, at].map(
				(path) => house.page(path)
			)
		);
		const tab = Object.fromEntries(gather.tabs.map((one) => [one.label, one.detail]));
		const { counts } = gather.list;
		const named = (what) => `${run.name}: ${what}`;
		differ(named('missing, Units / Gather'), run.missing, counts.missing);
		differ(named('to look for, Units / Gather'), run.toLook, counts.toLook);
		differ(named('to look for, Do we have it? / Gather'), have.questions.toLook, counts.toLook);
		differ(
			named('to ask about, Do we have it? / Gather'),
			have.questions.open.length + have.after.length,
			counts.toAsk
		);
		if (/missing$/.test(tab.Gather) && /^\d/.test(tab.Gather))
			differ(named('missing, tab / Gather'), numberIn(tab.Gather), String(counts.missing));
		if (/to print$/.test(tab.Print))
			differ(named('to print, tab / sentence'), numberIn(tab.Print), numberIn(print.view.sentence));
		if (/to place$/.test(tab.Prepare))
			differ(named('to place, tab / sentence'), numberIn(tab.Prepare), numberIn(prepare.view.sentence));
		if (/things?$/.test(tab.Boxes))
			differ(named('things, tab / Boxes'), numberIn(tab.Boxes), String(boxes.count));
		const next = board.board.lessons.find((one) => one.isNext);
		const ready = home.ready?.value;
		if (
			next &&
			ready &&
			next.date === ready.day &&
			board.board.lessons.filter((one) => one.date === next.date).length === 1
		)
			if (runs.filter((one) => one.state === 'running').length === 1)
				differ(
					named('how the next lesson stands, Next / tab'),
					standOf(ready.sentence),
					tab.Board.replace(/^.*: /, '')
				);
		toLook += have.questions.toLook;
		for (const act of board.board.acts) {
			const same = acts.find((one) => one.id === act.id);
			if (same) differ(named(`${act.title}, day on Next / Board`), same.actBy, act.actBy);
		}
	}
	if (runs.filter((one) => one.state !== 'put away').length === 1)
		differ('to look for, all / by unit', all.questions.toLook, toLook);
	return said;
}
