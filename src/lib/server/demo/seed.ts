import { exact, exactText } from '$core/measure/index.ts';
import { nameKey, readPack, readSupplyLine, readSupplyList, usualUse } from '$core/supplies/index.ts';
import {
	BREAD,
	COLLECTED,
	HOUSEHOLD,
	KITES,
	MAPS,
	PEOPLE,
	PLACES,
	SUPPLIERS,
	TODAY,
	type DemoPlace
} from '../../../../demo/household.ts';
import {
	BREAD_USES,
	CONTENT,
	KITE_USES,
	CONTENT_POLICY,
	LENT_PIECES,
	LENT,
	LOANS,
	RESOURCES,
	USES
} from '../../../../demo/library.ts';
import { ACTIVITIES, DETAILS, GOALS, LEVELS, READS, LIMITS, SPINES, TASKS } from '../../../../demo/plan.ts';
import { readKitParts } from '$core/gathering/index.ts';
import { readLevels } from '$core/house/index.ts';
import { titleKey } from '$core/library/index.ts';
import { readActivity, readFlag } from '$core/plan/index.ts';
import type { Db } from '../database/open.ts';
import type { Row } from '../database/tables.ts';
import { readWanted } from '$core/buying/index.ts';
import { addWanted } from '../stores/buying/wanted.ts';
import { DRAGON_KIT, INSTEAD, MADE, PRICES, RETURNS, TERMS, WANTED } from '../../../../demo/prices.ts';
import { addOffer, setOfferStanding } from '../stores/buying/offers.ts';
import { addSubstitute } from '../services/gathering/instead.ts';
import { addLot, setKit } from '../stores/stash/lots.ts';
import { addActivity } from '../stores/plan/activities.ts';
import { addResource, addUse } from '../stores/library/resources.ts';
import { addRange, addSpine, setReached } from '../stores/plan/spines.ts';
import { typedUse } from '../services/library/uses.ts';
import { typedActivity } from '../services/plan/activity-typed.ts';
import type { Trx } from '../history/changes.ts';
import { itemNamed } from '../stores/stash/items.ts';
import { patchNeed } from '../stores/readiness/needs.ts';
import { addOccasion } from '../stores/house/occasions.ts';
import { addLine } from '../stores/gathering/supply-lines.ts';
import { addLesson, addTask, setGoal, setLimits, setOutcome } from '../stores/plan/units.ts';
import { computeSituation } from '../services/readiness/situation.ts';
import { readSnapshot } from '../snapshot/snapshot.ts';

type DemoLesson = { readonly title: string; readonly note: string; readonly supplies: string };

/** Fills an empty database with the invented household of demo/. */
export async function seedDemo(db: Db): Promise<void> {
	await db.transaction().execute(async (trx) => {
		await trx
			.insertInto('household')
			.values({
				id: 1,
				name: HOUSEHOLD.name,
				zone: HOUSEHOLD.zone,
				week_start: HOUSEHOLD.weekStart,
				fixed_today: TODAY,
				measures: 'metric',
				country: 'US',
				evening: JSON.stringify({ over: 'done' }),
				habit: 'a week ahead',
				habit_date: null,
				count_age_days: 120
			})
			.execute();
		for (const person of PEOPLE) {
			await trx
				.insertInto('person')
				.values({
					...person,
					allergies: JSON.stringify(person.allergies),
					weekdays: person.weekdays ? JSON.stringify(person.weekdays) : null
				})
				.execute();
		}
		for (const [i, supplier] of SUPPLIERS.entries()) {
			await trx
				.insertInto('supplier')
				.values({
					name: supplier.name,
					kind: supplier.kind,
					weekdays: JSON.stringify(supplier.weekdays),
					lead_days: supplier.leadDays,
					...('loanDays' in supplier ? { loan_days: supplier.loanDays, renewals: supplier.renewals } : {}),
					position: i + 1
				})
				.execute();
		}
		const places = new Map<string, number>();
		await seedPlaces(trx, PLACES, null, places);
		const maps = await seedRun(trx, MAPS, places, 'running');
		const kites = await seedRun(trx, KITES, places, 'collecting');
		const bread = await seedRun(trx, BREAD, places, 'put away');
		for (const [name, days] of MAPS.perishable) await patchItem(trx, name, { keeps_days: days });
		for (const [name, amount, unit] of MAPS.keepBack) {
			await patchItem(trx, name, { keep_back: String(amount), keep_back_unit: unit });
		}
		for (const [name, supplier] of MAPS.suppliers) {
			const { id } = await trx
				.selectFrom('supplier')
				.select('id')
				.where('name', '=', supplier)
				.executeTakeFirstOrThrow();
			await patchItem(trx, name, { supplier_id: id });
		}
		for (const line of COLLECTED) await seedLot(trx, line, places.get(MAPS.box)!, '2027-01-20');
		await seedOlderOnly(trx, maps);
		await seedPlan(trx, maps);
		await seedLibrary(trx, { maps, kites, bread }, places);
		await seedPrices(trx);
		for (const text of WANTED) {
			const read = readWanted(text, [MAPS.name, KITES.name, BREAD.name], ['Odile', 'Perrin', 'Tamsin']);
			const run = { [MAPS.name]: maps, [KITES.name]: kites, [BREAD.name]: bread }[read.unit ?? ''] ?? null;
			const person = await trx
				.selectFrom('person')
				.select('id')
				.where('name', '=', read.person ?? '')
				.executeTakeFirst();
			const { what, mostCents: most_cents, where: look_at } = read;
			await addWanted(
				trx,
				{ what, run_id: run, person_id: person?.id ?? null, most_cents, look_at },
				'2026-11-14'
			);
		}
	});
	await seedArranged(db);
}

async function seedPlaces(
	trx: Trx,
	places: readonly DemoPlace[],
	parent: number | null,
	ids: Map<string, number>
) {
	for (const [i, place] of places.entries()) {
		const { id } = await trx
			.insertInto('place')
			.values({
				parent_id: parent,
				name: place.name,
				kind: place.kind,
				position: i + 1,
				floor_mm: place.floorMm ?? null
			})
			.returning('id')
			.executeTakeFirstOrThrow();
		ids.set(place.name, id);
		// The shelf above the desk was counted last summer, everything else since.
		for (const thing of place.things ?? [])
			await seedLot(trx, thing, id, place.name === 'game shelf' ? '2026-07-03' : '2026-12-28');
		await seedPlaces(trx, place.inside ?? [], id, ids);
	}
}

async function seedLot(trx: Trx, text: string, place: number, counted: string) {
	const [read] = readSupplyLine(text);
	const item = await itemNamed(trx, read.item);
	await trx
		.insertInto('lot')
		.values({
			item_id: item.id,
			amount: exactText(exact(read.quantity ?? 1)),
			unit: read.unit,
			place_id: place,
			good_until: null,
			counted_on: counted
		})
		.execute();
}

async function seedRun(
	trx: Trx,
	plan: {
		name: string;
		run: string;
		box: string;
		lessons: readonly DemoLesson[];
		start?: string;
		end?: string;
		weekdays?: readonly number[];
		blocked?: readonly { from: string; to: string; reason: string }[];
		/** The days on which the first lessons were held. */
		taughtOn?: readonly string[];
	},
	places: ReadonlyMap<string, number>,
	state: 'collecting' | 'running' | 'put away'
): Promise<number> {
	const unit = await trx
		.insertInto('unit')
		.values({ name: plan.name })
		.returning('id')
		.executeTakeFirstOrThrow();
	const { id: run } = await trx
		.insertInto('run')
		.values({
			unit_id: unit.id,
			name: plan.run,
			state,
			start_on: plan.start ?? null,
			end_on: plan.end ?? null,
			weekdays: JSON.stringify(plan.weekdays ?? []),
			keep_free: 0,
			habit: null,
			habit_date: null,
			collecting_place_id: places.get(plan.box) ?? null,
			copied_from: null
		})
		.returning('id')
		.executeTakeFirstOrThrow();
	const children = await trx.selectFrom('person').select('id').where('kind', '!=', 'adult').execute();
	for (const child of children)
		await trx.insertInto('run_participant').values({ run_id: run, person_id: child.id }).execute();
	for (const blocked of plan.blocked ?? []) {
		await trx
			.insertInto('blocked')
			.values({ run_id: run, from_on: blocked.from, to_on: blocked.to, reason: blocked.reason })
			.execute();
	}
	for (const [i, lesson] of plan.lessons.entries()) {
		const id = await addLesson(trx, run, {
			title: lesson.title,
			note: lesson.note,
			optional: 0,
			sessions: 1
		});
		for (const { read, written } of readSupplyList(lesson.supplies, []).lines) {
			await addLine(trx, { ...read, lesson: id, written, use: usualUse(read.item) });
		}
		const heldOn = plan.taughtOn?.[i];
		if (heldOn) await setOutcome(trx, id, 1, 'taught', heldOn);
	}
	return run;
}

async function patchItem(
	trx: Trx,
	name: string,
	patch: { keeps_days?: number; keep_back?: string; keep_back_unit?: 'g'; supplier_id?: number }
) {
	await itemNamed(trx, name);
	await trx.updateTable('item').set(patch).where('name_key', '=', nameKey(name)).execute();
}

/** For some lines only the two older children take part. */
async function seedOlderOnly(trx: Trx, run: number) {
	const older = await trx
		.selectFrom('person')
		.select('id')
		.where('name', 'in', ['Odile', 'Perrin'])
		.execute();
	for (const [number, word] of MAPS.olderOnly) {
		const lines = await trx
			.selectFrom('supply_line')
			.innerJoin('lesson', 'lesson.id', 'supply_line.lesson_id')
			.select(['supply_line.id', 'written'])
			.where('lesson.run_id', '=', run)
			.where('lesson.position', '=', number)
			.execute();
		for (const line of lines.filter((one) => one.written.includes(word))) {
			await trx
				.updateTable('supply_line')
				.set({ participants: JSON.stringify(older.map((child) => child.id)) })
				.where('id', '=', line.id)
				.execute();
		}
	}
}

/** Books, extras, tasks, goals and limits of the running unit. */
async function seedPlan(trx: Trx, run: number) {
	const people = await trx.selectFrom('person').selectAll().where('kind', '!=', 'adult').execute();
	const names = people.map((person) => person.name);
	const idOf = (name: string) => people.find((person) => person.name === name)!.id;
	const lessons = await trx
		.selectFrom('lesson')
		.select('id')
		.where('run_id', '=', run)
		.orderBy('position')
		.execute();
	const lessonAt = (number: number) => lessons[number - 1].id;
	for (const [name, level] of Object.entries(LEVELS))
		await trx.updateTable('person').set({ level }).where('name', '=', name).execute();
	for (const [name, text] of Object.entries(READS))
		await trx
			.updateTable('person')
			.set({ reads: JSON.stringify(readLevels(text)) })
			.where('name', '=', name)
			.execute();
	await setLimits(trx, run, LIMITS);
	for (const [number, { extension = '', ...details }] of Object.entries(DETAILS)) {
		await trx
			.updateTable('lesson')
			.set({ ...details, extension, extension_for: JSON.stringify(extension ? [idOf('Odile')] : []) })
			.where('id', '=', lessonAt(Number(number)))
			.execute();
	}
	for (const book of SPINES) {
		const spine = await addSpine(trx, run, {
			title: book.title,
			counted: book.counted,
			first_page: book.first,
			last_page: book.last,
			words_per_page: book.words
		});
		await setReached(trx, run, spine, book.reached);
		for (const [number, text] of book.flags) {
			const { pages, way, who, minutes, note } = readFlag(text, names);
			await addRange(trx, run, spine, lessonAt(number), {
				...pages!,
				way,
				minutes,
				note,
				participants: who.length ? who.map(idOf) : null
			});
		}
	}
	for (const more of ACTIVITIES) {
		const id = await addActivity(
			trx,
			run,
			{
				...typedActivity(people, readActivity(more.text, names)),
				worth: more.worth,
				standing: more.required ? 'required' : 'extra',
				supplies: more.supplies ?? '',
				subjects: more.subjects ?? '',
				weather: more.weather ?? '',
				instead: more.instead ?? '',
				instead_minutes: more.insteadMinutes ?? null,
				helper_id: more.helper ? idOf(more.helper) : null
			},
			{ lesson: more.lesson ? lessonAt(more.lesson) : null, day: more.day ?? null }
		);
		if (more.done) await trx.updateTable('activity').set({ done: more.done }).where('id', '=', id).execute();
	}
	for (const [number, name, text, minutes] of TASKS)
		await addTask(trx, lessonAt(number), idOf(name), text, minutes);
	for (const [name, text] of Object.entries(GOALS)) await setGoal(trx, run, idOf(name), text);
}

/** The books and things, which lessons want them, and what the library has lent. */
async function seedLibrary(
	trx: Trx,
	runs: Readonly<Record<'maps' | 'kites' | 'bread', number>>,
	places: ReadonlyMap<string, number>
) {
	const suppliers = await trx.selectFrom('supplier').selectAll().execute();
	const supplierId = (kind: string) => suppliers.find((one) => one.kind === kind)!.id;
	const van = suppliers.find((one) => one.name === 'The book van')!.id;
	const people = await trx.selectFrom('person').selectAll().where('kind', '!=', 'adult').execute();
	const ids = new Map<string, number>();
	for (const [i, one] of RESOURCES.entries()) {
		const away = ['library', 'friend', 'van'].includes(one.where);
		const isRead = ['book', 'picture book', 'magazine', 'printable'].includes(one.kind);
		const id = await addResource(
			trx,
			{
				title: one.title,
				authors: one.authors,
				kind: one.kind as Row<'resource'>['kind'],
				isbn13: one.kind.endsWith('book') ? inventedIsbn(i) : null,
				pages: isRead ? one.count : null,
				pieces: isRead ? null : one.count,
				from_age: one.fromAge,
				to_age: one.toAge,
				grade: one.grade,
				language: one.grade === null ? '' : 'English',
				topics: one.topics,
				owned: away ? 0 : 1,
				place_id: places.get(one.where) ?? null,
				supplier_id: away ? (one.where === 'van' ? van : supplierId(one.where)) : null,
				hardcover: one.kind === 'picture book' ? 1 : 0,
				small_parts: one.kind === 'kit' ? 1 : 0,
				players_from: one.kind === 'game' ? 2 : null,
				players_to: one.kind === 'game' ? 4 : null,
				minutes: one.kind === 'link' ? 20 : null,
				address:
					one.kind === 'link' ? `https://films.example.org/${titleKey(one.title).replaceAll(' ', '-')}` : '',
				service: one.kind === 'link' ? 'the library’s film shelf' : '',
				device: one.kind === 'link' ? 'laptop' : '',
				rights: one.kind === 'printable' ? 'one class' : 'own family',
				content: JSON.stringify(CONTENT[one.title] ?? [])
			},
			'2026-09-01'
		);
		ids.set(one.title, id);
	}
	const idOf = (title: string) => ids.get(title)!;
	for (const book of SPINES)
		await trx
			.updateTable('spine')
			.set({ resource_id: idOf(book.title) })
			.where('run_id', '=', runs.maps)
			.where('title', '=', book.title)
			.execute();
	for (const [own, uses] of [
		[runs.maps, USES],
		[runs.kites, KITE_USES],
		[runs.bread, BREAD_USES]
	] as const) {
		const ofRun = await trx
			.selectFrom('lesson')
			.select('id')
			.where('run_id', '=', own)
			.orderBy('position')
			.execute();
		for (const [number, title, text] of uses)
			await addUse(trx, own, {
				...typedUse(people, text),
				resource_id: idOf(title),
				lesson_id: ofRun[number - 1].id
			});
	}
	const activities = await trx
		.selectFrom('activity')
		.select(['id', 'title'])
		.where('run_id', '=', runs.maps)
		.execute();
	const activityId = (title: string) => activities.find((one) => one.title === title)!.id;
	for (const { text, takes = [] } of ACTIVITIES)
		for (const title of takes)
			await trx
				.insertInto('activity_resource')
				.values({ activity_id: activityId(text.split(', ')[0]), resource_id: idOf(title) })
				.execute();
	for (const { set, piece, to, on } of LENT_PIECES)
		await trx
			.insertInto('lent_piece')
			.values({ resource_id: idOf(set), piece, activity_id: activityId(to), lent_to: to, lent_on: on })
			.execute();
	await trx
		.updateTable('household')
		.set({ content_policy: JSON.stringify(CONTENT_POLICY) })
		.execute();
	for (const loan of LOANS)
		await trx
			.insertInto('loan')
			.values({
				resource_id: idOf(loan.title),
				direction: 'in',
				supplier_id: supplierId('library'),
				state: loan.state,
				placed_on: loan.placed,
				expected_on: loan.expected ?? null,
				ready_on: loan.ready ?? null,
				fetched_on: loan.fetched ?? null,
				due_on: loan.due ?? null,
				back_on: loan.state === 'back' ? '2027-01-19' : null,
				hold_number: loan.number
			})
			.execute();
	await trx
		.insertInto('loan')
		.values({
			resource_id: idOf(LENT.title),
			direction: 'out',
			borrower: LENT.to,
			state: 'on loan',
			fetched_on: LENT.since,
			due_on: LENT.due
		})
		.execute();
}

/** What packs cost, for the things that the household knows by name. */
async function seedPrices(trx: Trx) {
	const items = new Map(
		(await trx.selectFrom('item').select(['id', 'name_key']).execute()).map((one) => [one.name_key, one.id])
	);
	const shops = new Map(
		(await trx.selectFrom('supplier').select(['id', 'name']).execute()).map((one) => [one.name, one.id])
	);
	for (const [shop, { fee, freeOver }] of Object.entries(TERMS))
		await trx
			.updateTable('supplier')
			.set({ fee_cents: Math.round(fee * 100), free_over_cents: freeOver === null ? null : freeOver * 100 })
			.where('name', '=', shop)
			.execute();
	for (const [name, shop, pack, dollars, aisle, standing, why] of PRICES) {
		const item = items.get(nameKey(name));
		if (item === undefined) continue;
		const { size, unit } = readPack(pack)!;
		const id = await addOffer(
			trx,
			{
				item,
				supplier: shops.get(shop)!,
				size,
				unit,
				cents: Math.round(dollars * 100),
				aisle
			},
			'2027-01-09'
		);
		if (standing) await setOfferStanding(trx, id, standing, why ?? '');
	}
	for (const [shop, days] of Object.entries(RETURNS))
		await trx.updateTable('supplier').set({ return_days: days }).where('name', '=', shop).execute();
	for (const [name, for_, other, otherName] of INSTEAD) {
		const asked = readPack(for_)!;
		const item = await itemNamed(trx, name);
		const instead = readPack(other)!;
		await addSubstitute(
			trx,
			item,
			{ amount: asked.size, unit: asked.unit },
			{ name: otherName, amount: instead.size, unit: instead.unit }
		);
	}
	for (const [name, dollars, minutes] of MADE)
		await trx
			.updateTable('item')
			.set({ make_cents: Math.round(dollars * 100), make_minutes: minutes })
			.where('name_key', '=', nameKey(name))
			.execute();
	// The paper-dragon kit of an earlier fall: three were made, two eyes got lost.
	const kit = await itemNamed(trx, DRAGON_KIT.name);
	const cart = await trx
		.selectFrom('place')
		.select('id')
		.where('name', '=', DRAGON_KIT.place)
		.executeTakeFirstOrThrow();
	const lot = await addLot(
		trx,
		{ item_id: kit.id, amount: exact(DRAGON_KIT.left), unit: 'each', place_id: cart.id, good_until: null },
		'2027-01-09'
	);
	await setKit(trx, lot, DRAGON_KIT.of, readKitParts(DRAGON_KIT.parts, exact(DRAGON_KIT.left)).parts);
}

/** A number of a range that is given to nobody, with its right check digit. */
export function inventedIsbn(index: number): string {
	const body = `97999${String(1000 + index).padStart(7, '0')}`;
	const sum = [...body].reduce((all, digit, i) => all + Number(digit) * (i % 2 ? 3 : 1), 0);
	return body + ((10 - (sum % 10)) % 10);
}

/** What friends have promised, what is wished for, and when. */
async function seedArranged(db: Db) {
	const situation = computeSituation(await readSnapshot(db), TODAY);
	await db.transaction().execute(async (trx) => {
		for (const { item, promised } of MAPS.arranged) {
			for (const one of situation.needs.filter((need) => need.item.name === item)) {
				await patchNeed(trx, one.run.run.id, one.need.key, {
					arranged: exactText(one.amount),
					unit: one.unit,
					promised
				});
			}
		}
		for (const text of MAPS.occasions) await addOccasion(trx, text);
		for (const [item, rung] of MAPS.otherwise)
			for (const one of situation.needs.filter((need) => need.item.name === item))
				await patchNeed(trx, one.run.run.id, one.need.key, { rung, unit: one.unit });
	});
}
