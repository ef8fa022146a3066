import type { Migration } from 'kysely';
import { first } from './0001-first.ts';
import { house } from './0002-house.ts';
import { evening } from './0003-evening.ts';
import { calendar } from './0004-calendar.ts';
import { plan } from './0005-plan.ts';
import { children } from './0006-children.ts';
import { library } from './0007-library.ts';
import { lending } from './0008-lending.ts';
import { buying } from './0009-buying.ts';
import { gathering } from './0010-gathering.ts';
import { occasions } from './0011-occasions.ts';
import { sameForAll } from './0012-same-for-all.ts';
import { ages } from './0013-ages.ts';
import { homeFirst } from './0014-home-first.ts';
import { bookLists } from './0015-book-lists.ts';
import { print } from './0016-print.ts';
import { placeKeepers } from './0017-place-keepers.ts';
import { prepare } from './0018-prepare.ts';
import { binders } from './0019-binders.ts';
import { boxes } from './0020-boxes.ts';
import { boxPlaces } from './0021-box-places.ts';
import { setOut } from './0022-set-out.ts';
import { posters } from './0023-posters.ts';
import { checks } from './0024-checks.ts';
import { spots } from './0025-spots.ts';
import { printSheets } from './0026-print-sheets.ts';
import { series } from './0027-series.ts';
import { oneThing } from './0028-one-thing.ts';

/** All migrations by name, run in the order of their names. */
export const MIGRATIONS: Readonly<Record<string, Migration>> = {
	'0001-first': first,
	'0002-house': house,
	'0003-evening': evening,
	'0004-calendar': calendar,
	'0005-plan': plan,
	'0006-children': children,
	'0007-library': library,
	'0008-lending': lending,
	'0009-buying': buying,
	'0010-gathering': gathering,
	'0011-occasions': occasions,
	'0012-same-for-all': sameForAll,
	'0013-ages': ages,
	'0014-home-first': homeFirst,
	'0015-book-lists': bookLists,
	'0016-print': print,
	'0017-place-keepers': placeKeepers,
	'0018-prepare': prepare,
	'0019-binders': binders,
	'0020-boxes': boxes,
	'0021-box-places': boxPlaces,
	'0022-set-out': setOut,
	'0023-posters': posters,
	'0024-checks': checks,
	'0025-spots': spots,
	'0026-print-sheets': printSheets,
	'0027-series': series,
	'0028-one-thing': oneThing
};
