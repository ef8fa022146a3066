// What goes wrong in a household, each on its day; the application has to have a way on.

/** Does what goes wrong on the so-manieth day. Answers null where all forms were accepted, else what was refused. */
export async function badLuck(house, day) {
	const what = LUCK[day];
	return what ? what(house) : null;
}

const LUCK = {
	/** “Have it” was tapped for the wrong thing, and taken back. */
	2: async (house) => {
		const { questions } = await house.page('/lists/have');
		const [one] = questions.open;
		if (!one) return null;
		const before = questions.open.length;
		const wrong =
			(await house.post('/lists/have?/answer', { item: one.item, answer: 'have' })) ?? (await house.undo());
		const after = (await house.page('/lists/have')).questions.open.length;
		return (
			wrong ?? (after === before ? null : `Have it, undone: asked about ${before} things, then ${after}`)
		);
	},
	/** A run was checked off that never was printed. */
	3: async (house) => {
		for (const unit of (await house.page('/units')).runs) {
			const { view } = await house.page(`/units/${unit.id}/print`);
			const run = view.runs.find((one) => one.left > 0);
			if (!run) continue;
			const at = `/units/${unit.id}/print/runs/${run.id}`;
			const wrong =
				(await house.post(`${at}?/printed`, { what: 'all' })) ?? (await house.post(`${at}?/unprinted`, {}));
			const { left } = (await house.page(`/units/${unit.id}/print`)).view.runs.find(
				(one) => one.id === run.id
			);
			return wrong ?? (left === run.left ? null : `printed, undone: ${run.left} left, then ${left}`);
		}
		return null;
	},
	/** The printer jams. */
	4: async (house) => {
		for (const unit of (await house.page('/units')).runs) {
			const { view } = await house.page(`/units/${unit.id}/print`);
			if (view.runs[0])
				return house.post(`/units/${unit.id}/print/runs/${view.runs[0].id}?/spoiled`, {
					sheets: 2,
					stock: 'plain20'
				});
		}
		return null;
	},
	/** What was said to be there is not. */
	6: async (house) => {
		const { walk } = await house.page('/lists/walk?span=all&show=all');
		const row = walk.places.flatMap((one) => one.rows)[0];
		return row ? house.post('/lists/walk?/there', { lot: row.lot, amount: 0 }) : null;
	},
	/** Whoever has the next book keeps it ten days longer. */
	7: async (house) => {
		const account = await (await fetch(`${house.library.said}/account`)).json();
		const hold = account.holds.find((one) => one.state === 'waiting');
		if (hold)
			await fetch(`${house.library.said}/holds/${hold.number}`, {
				method: 'PUT',
				body: JSON.stringify({ later: 10 })
			});
		return null;
	},
	/** The shop is out of what is wanted next. */
	8: async (house) => {
		const { next } = await house.page('/');
		for (const act of next.acts.filter((one) => one.kind === 'buy' || one.kind === 'order')) {
			const of = act.parts.find((one) => one.ways.length > 0) ?? act;
			const [way] = of.ways;
			if (!way) return `${act.title} has no way to say that it is out of stock`;
			return house.post(`/?/${way.to}`, {
				keys: of.keys.join(' '),
				...(way.source === null ? {} : { source: way.source }),
				...(way.to === 'without' ? { without: true } : {})
			});
		}
		return null;
	},
	/** A tray breaks, and is taken off the shelf for good. */
	9: async (house) => {
		const { view } = await house.page('/week/shelf');
		const tray = view.trays.find((one) => one.board !== null);
		return tray ? house.post('/week/shelf?/remove', { id: tray.id }) : null;
	},
	/** A sick week. */
	12: (house) => house.post('/?/pause', {}),
	/** One child is away for the next lesson: its supplies are for the others. */
	20: async (house) => {
		const unit = (await house.page('/units')).runs.find((one) => one.state === 'running');
		const { lines, lessons, children } = await house.page(`/units/${unit.id}/gather`);
		const next = lessons.find((one) => !one.booked);
		for (const line of lines.filter((one) => one.lesson === next?.id && one.per === 'child')) {
			const wrong = await house.post(`/units/${unit.id}/gather?/edit`, {
				...line,
				item: line.item,
				...Object.fromEntries(children.slice(1).map((one) => [`child${one.id}`, 'on']))
			});
			if (wrong) return wrong;
		}
		return null;
	}
};
