PRAGMA foreign_keys=OFF;
BEGIN TRANSACTION;
CREATE TABLE IF NOT EXISTS "kysely_migration" ("name" varchar(255) not null primary key, "timestamp" varchar(255) not null);
INSERT INTO kysely_migration VALUES('0001-first','2026-12-02T02:28:22.574Z');
INSERT INTO kysely_migration VALUES('0002-house','2026-12-02T02:28:22.584Z');
INSERT INTO kysely_migration VALUES('0003-evening','2026-12-02T02:28:22.593Z');
INSERT INTO kysely_migration VALUES('0004-calendar','2026-12-02T02:28:22.597Z');
INSERT INTO kysely_migration VALUES('0005-plan','2026-12-02T02:28:22.620Z');
INSERT INTO kysely_migration VALUES('0006-children','2026-12-02T02:28:22.624Z');
INSERT INTO kysely_migration VALUES('0007-library','2026-12-02T02:28:22.637Z');
INSERT INTO kysely_migration VALUES('0008-lending','2026-12-02T02:28:22.643Z');
INSERT INTO kysely_migration VALUES('0009-buying','2026-12-02T02:28:22.651Z');
INSERT INTO kysely_migration VALUES('0010-gathering','2026-12-02T02:28:22.684Z');
INSERT INTO kysely_migration VALUES('0011-occasions','2026-12-02T02:28:22.685Z');
INSERT INTO kysely_migration VALUES('0012-same-for-all','2026-12-02T02:28:22.686Z');
INSERT INTO kysely_migration VALUES('0013-ages','2026-12-02T02:28:22.689Z');
INSERT INTO kysely_migration VALUES('0014-home-first','2026-12-02T02:28:22.715Z');
INSERT INTO kysely_migration VALUES('0015-book-lists','2026-12-02T02:28:22.722Z');
INSERT INTO kysely_migration VALUES('0016-print','2026-12-02T02:28:22.735Z');
INSERT INTO kysely_migration VALUES('0017-place-keepers','2026-12-02T02:28:22.740Z');
INSERT INTO kysely_migration VALUES('0018-prepare','2026-12-02T02:28:22.753Z');
INSERT INTO kysely_migration VALUES('0019-binders','2026-12-02T02:28:22.756Z');
INSERT INTO kysely_migration VALUES('0020-boxes','2026-12-02T02:28:22.758Z');
INSERT INTO kysely_migration VALUES('0021-box-places','2026-12-02T02:28:22.766Z');
INSERT INTO kysely_migration VALUES('0022-set-out','2026-12-02T02:28:22.775Z');
INSERT INTO kysely_migration VALUES('0023-posters','2026-12-02T02:28:22.780Z');
INSERT INTO kysely_migration VALUES('0024-checks','2026-12-02T02:28:22.788Z');
INSERT INTO kysely_migration VALUES('0025-spots','2026-12-02T02:28:22.793Z');
INSERT INTO kysely_migration VALUES('0026-print-sheets','2026-12-02T02:28:22.821Z');
INSERT INTO kysely_migration VALUES('0027-series','2026-12-02T02:28:22.829Z');
CREATE TABLE IF NOT EXISTS "kysely_migration_lock" ("id" varchar(255) not null primary key, "is_locked" integer default 0 not null);
INSERT INTO kysely_migration_lock VALUES('migration_lock',0);
CREATE TABLE household (
	id integer primary key check (id = 1), name text not null, zone text not null,
	week_start integer not null check (week_start between 1 and 7), fixed_today text,
	measures text not null check (measures in ('us', 'metric')),
	habit text not null, habit_date text, count_age_days integer not null
, paper text not null default 'letter' check (paper in ('letter', 'A4')), evening text not null default '{}', country text, region text, feed_secret text, frame text, content_policy text not null default '[]', sales_tax text not null default '0', ladder text, rung_days text not null default '{}', first_frost text, last_frost text, printing text not null default '{}', prep_rates text not null default '{}', prep_habit text not null default 'batch', binders text not null default '{}', set_out text not null default '{}', child_links text not null default '{}', lift_grams real) strict;
INSERT INTO household VALUES(1,'The Marrow household','America/Chicago',1,'2027-01-22','metric','a week ahead',NULL,120,'letter','{"over":"done"}','US',NULL,NULL,NULL,'["sensitive matter"]','0',NULL,'{}',NULL,NULL,'{}','{}','batch','{}','{"shelf":28,"basketSince":"2027-01-05","dayStart":"09:00","ledge":900,"basketSize":{"length":400,"width":300,"height":250}}','{}',NULL);
CREATE TABLE person (
	id integer primary key autoincrement, name text not null,
	kind text not null check (kind in ('child', 'guest', 'adult')), born text,
	allergies text not null default '[]', weekdays text
, reach_mm integer, level text not null default '', reads text not null default '[]', born_within integer not null default 0, writes integer check (writes in (0, 1))) strict;
INSERT INTO person VALUES(1,'Juno','adult',NULL,'[]',NULL,NULL,'','[]',0,NULL);
INSERT INTO person VALUES(2,'Ferris','adult',NULL,'[]',NULL,NULL,'','[]',0,NULL);
INSERT INTO person VALUES(3,'Odile','child','2016-09-14','[]',NULL,NULL,'fifth grade','[{"language":"English","grade":6},{"language":"Spanish","grade":1}]',0,NULL);
INSERT INTO person VALUES(4,'Perrin','child','2019-06-02','["tree nuts"]',NULL,NULL,'second grade','[{"language":"English","grade":2}]',0,NULL);
INSERT INTO person VALUES(5,'Tamsin','child','2024-05-19','[]',NULL,NULL,'','[]',0,NULL);
INSERT INTO person VALUES(6,'Lark','guest','2018-11-27','[]','[5]',NULL,'third grade','[{"language":"English","grade":3}]',0,NULL);
CREATE TABLE place (
	id integer primary key autoincrement, parent_id integer references place(id), name text not null,
	kind text not null check (kind in ('room', 'furniture', 'shelf', 'box')), position integer not null
, length_mm integer, width_mm integer, height_mm integer, floor_mm integer) strict;
INSERT INTO place VALUES(1,NULL,'Kitchen','room',1,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(2,1,'pantry','furniture',1,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(3,2,'top shelf','shelf',1,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(4,2,'middle shelf','shelf',2,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(5,1,'drawer by the stove','furniture',2,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(6,1,'under the sink','furniture',3,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(7,1,'cupboard','furniture',4,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(8,NULL,'School room','room',2,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(9,8,'desk','furniture',1,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(10,9,'drawer 1','shelf',1,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(11,9,'drawer 2','shelf',2,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(12,8,'paper shelf','furniture',2,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(13,8,'art cart','furniture',3,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(14,8,'box for Maps','box',4,600,400,300,NULL);
INSERT INTO place VALUES(15,8,'window shelf','shelf',5,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(16,NULL,'Hall closet','room',3,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(17,16,'sewing basket','box',1,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(18,16,'game shelf','shelf',2,NULL,NULL,NULL,700);
INSERT INTO place VALUES(19,NULL,'Garage','room',4,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(20,19,'workbench','furniture',1,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(21,19,'garden shelf','shelf',2,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(22,19,'recycling corner','box',3,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(23,NULL,'Basement','room',5,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(24,23,'storage shelf','shelf',1,1000,620,420,600);
INSERT INTO place VALUES(25,23,'opening box','box',2,400,300,200,NULL);
INSERT INTO place VALUES(26,23,'box for Kites','box',3,420,310,250,NULL);
INSERT INTO place VALUES(27,23,'box for Bread','box',4,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(28,8,'tray shelf','furniture',6,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(29,28,'floor board','shelf',1,1250,360,280,80);
INSERT INTO place VALUES(30,28,'second board','shelf',2,1250,360,260,400);
INSERT INTO place VALUES(31,28,'third board','shelf',3,1250,360,400,700);
INSERT INTO place VALUES(32,28,'top board','shelf',4,1250,360,300,1150);
CREATE TABLE lot (
	id integer primary key autoincrement, item_id integer not null references item(id), amount text not null,
	unit text not null, place_id integer references place(id), good_until text, counted_on text not null
, opened_on text, kit_of integer, picture text) strict;
INSERT INTO lot VALUES(1,1,'2','kg',3,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(2,2,'3','lb',3,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(3,3,'2','lb',3,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(4,4,'1','box',3,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(5,5,'500','g',3,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(6,6,'1','bottle',3,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(7,7,'1','bottle',3,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(8,8,'12','oz',3,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(9,9,'2','lb',4,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(10,10,'1','lb',4,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(11,11,'2','bag',4,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(12,12,'1','jar',4,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(13,13,'1','jar',4,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(14,14,'3','pack',4,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(15,15,'1','can',4,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(16,16,'1','lb',4,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(17,17,'2','box',4,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(18,18,'40','each',5,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(19,19,'1','roll',5,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(20,20,'1','roll',5,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(21,21,'1','roll',5,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(22,22,'24','each',5,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(23,23,'2','each',5,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(24,24,'18','each',5,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(25,25,'2','box',5,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(26,26,'5','each',6,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(27,27,'8','each',6,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(28,28,'1','bottle',6,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(29,29,'3','each',6,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(30,30,'20','each',6,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(31,31,'14','each',6,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(32,32,'6','each',7,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(33,33,'4','each',7,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(34,34,'3','each',7,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(35,35,'2','each',7,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(36,36,'12','each',7,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(37,37,'3','each',7,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(38,38,'1','each',7,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(39,39,'1','each',7,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(40,40,'30','each',10,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(41,41,'6','each',10,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(42,42,'4','each',10,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(43,43,'3','each',10,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(44,44,'2','each',10,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(45,45,'12','each',10,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(46,46,'6','each',10,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(47,47,'1','roll',10,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(48,48,'1','each',10,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(49,49,'60','each',11,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(50,50,'1','box',11,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(51,51,'25','each',11,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(52,52,'9','sheet',11,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(53,53,'40','each',11,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(54,54,'3','each',11,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(55,55,'2','each',11,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(56,56,'600','sheet',12,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(57,57,'22','sheet',12,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(58,58,'35','sheet',12,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(59,59,'12','sheet',12,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(60,60,'4','sheet',12,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(61,61,'6','sheet',12,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(62,62,'1','roll',12,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(63,63,'8','sheet',12,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(64,64,'10','each',12,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(65,65,'3','each',13,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(66,66,'8','each',13,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(67,67,'1','bottle',13,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(68,68,'24','each',13,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(69,69,'18','each',13,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(70,70,'2','lb',13,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(71,71,'1','bottle',13,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(72,72,'1','bottle',13,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(73,73,'60','each',13,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(74,74,'30','each',13,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(75,75,'1','bottle',13,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(76,76,'1','bottle',13,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(77,77,'1','each',15,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(78,78,'1','each',15,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(79,79,'2','each',15,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(80,80,'1','each',15,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(81,81,'1','each',15,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(82,82,'2','each',15,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(83,83,'3','each',15,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(84,84,'14','each',17,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(85,85,'6','spool',17,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(86,86,'3','yd',17,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(87,87,'2','yd',17,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(88,88,'40','each',17,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(89,89,'1','ball',17,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(90,90,'25','each',17,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(91,91,'4','each',18,NULL,'2026-07-03',NULL,NULL,NULL);
INSERT INTO lot VALUES(92,92,'30','each',18,NULL,'2026-07-03',NULL,NULL,NULL);
INSERT INTO lot VALUES(93,93,'50','each',18,NULL,'2026-07-03',NULL,NULL,NULL);
INSERT INTO lot VALUES(94,94,'2','each',18,NULL,'2026-07-03',NULL,NULL,NULL);
INSERT INTO lot VALUES(95,95,'1','each',18,NULL,'2026-07-03',NULL,NULL,NULL);
INSERT INTO lot VALUES(96,96,'60','ft',20,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(97,97,'1','roll',20,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(98,98,'1','roll',20,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(99,99,'4','each',20,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(100,100,'12','each',20,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(101,101,'1','each',20,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(102,102,'3','sheet',20,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(103,103,'1','each',20,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(104,104,'2','each',20,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(105,105,'1','bag',21,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(106,106,'8','each',21,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(107,107,'3','each',21,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(108,108,'1','bag',21,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(109,109,'2','each',21,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(110,110,'40','each',21,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(111,111,'9','each',22,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(112,112,'5','each',22,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(113,113,'6','each',22,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(114,114,'4','each',22,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(115,115,'3','each',22,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(116,116,'7','each',22,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(117,117,'4','each',22,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(118,118,'12','each',22,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(119,119,'2','yd',26,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(120,99,'6','each',26,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(121,120,'1','each',27,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(122,121,'2','lb',27,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(123,122,'3','each',27,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(124,123,'1','each',27,NULL,'2026-12-28',NULL,NULL,NULL);
INSERT INTO lot VALUES(125,96,'9','ft',14,NULL,'2027-01-20',NULL,NULL,NULL);
INSERT INTO lot VALUES(126,58,'3','sheet',14,NULL,'2027-01-20',NULL,NULL,NULL);
INSERT INTO lot VALUES(127,49,'3','each',14,NULL,'2027-01-20',NULL,NULL,NULL);
INSERT INTO lot VALUES(128,97,'1','roll',14,NULL,'2027-01-20',NULL,NULL,NULL);
INSERT INTO lot VALUES(129,40,'3','each',14,NULL,'2027-01-20',NULL,NULL,NULL);
INSERT INTO lot VALUES(130,153,'22','each',13,NULL,'2027-01-09',NULL,25,NULL);
INSERT INTO lot VALUES(131,157,'60','sheet',12,NULL,'2027-01-16',NULL,NULL,NULL);
INSERT INTO lot VALUES(132,162,'45','each',12,NULL,'2027-01-16',NULL,NULL,NULL);
CREATE TABLE unit (id integer primary key autoincrement, name text not null) strict;
INSERT INTO unit VALUES(1,'Maps and Wayfinding');
INSERT INTO unit VALUES(2,'Kites and Wind');
INSERT INTO unit VALUES(3,'Bread and Grain');
CREATE TABLE run (
	id integer primary key autoincrement, unit_id integer not null references unit(id), name text not null,
	state text not null check (state in ('collecting', 'running', 'put away')), start_on text, end_on text,
	weekdays text not null, keep_free integer not null default 0, habit text, habit_date text,
	collecting_place_id integer references place(id), copied_from integer references run(id)
, rhythm text not null default 'fixed days'
	check (rhythm in ('fixed days', 'topics', 'reading between', 'fast', 'checklist')), rhythm_days integer not null default 1, limits text not null default '{}') strict;
INSERT INTO run VALUES(1,1,'2027','running','2027-01-05','2027-03-11','[2,4]',0,NULL,NULL,14,NULL,'fixed days',1,'{"minutes":230,"handsOn":3,"prepareMinutes":null,"cents":1500,"mess":5,"adultMinutes":120,"budget":6000,"projects":null}');
INSERT INTO run VALUES(2,2,'this spring','collecting',NULL,NULL,'[]',0,NULL,NULL,26,NULL,'fixed days',1,'{}');
INSERT INTO run VALUES(3,3,'2025','put away',NULL,NULL,'[]',0,NULL,NULL,27,NULL,'fixed days',1,'{}');
CREATE TABLE run_participant (
	id integer primary key autoincrement, run_id integer not null references run(id),
	person_id integer not null references person(id), unique (run_id, person_id)
) strict;
INSERT INTO run_participant VALUES(1,1,3);
INSERT INTO run_participant VALUES(2,1,4);
INSERT INTO run_participant VALUES(3,1,5);
INSERT INTO run_participant VALUES(4,1,6);
INSERT INTO run_participant VALUES(5,2,3);
INSERT INTO run_participant VALUES(6,2,4);
INSERT INTO run_participant VALUES(7,2,5);
INSERT INTO run_participant VALUES(8,2,6);
INSERT INTO run_participant VALUES(9,3,3);
INSERT INTO run_participant VALUES(10,3,4);
INSERT INTO run_participant VALUES(11,3,5);
INSERT INTO run_participant VALUES(12,3,6);
CREATE TABLE blocked (
	id integer primary key autoincrement, run_id integer not null references run(id),
	from_on text not null, to_on text not null, reason text not null
) strict;
INSERT INTO blocked VALUES(1,1,'2027-01-14','2027-01-14','Co-op day');
INSERT INTO blocked VALUES(2,1,'2027-01-18','2027-01-18','Public holiday');
INSERT INTO blocked VALUES(3,1,'2027-02-04','2027-02-04','Co-op day');
INSERT INTO blocked VALUES(4,1,'2027-02-15','2027-02-19','Winter break');
CREATE TABLE lesson (
	id integer primary key autoincrement, run_id integer not null references run(id), position integer not null,
	title text not null, note text not null default '', optional integer not null default 0,
	sessions integer not null default 1 check (sessions >= 1)
, topic text not null default '', objective text not null default '', vocabulary text not null default '', questions text not null default '', minutes integer, extension text not null default '', extension_for text not null default '[]', first_page integer) strict;
INSERT INTO lesson VALUES(1,1,1,'A map of the table','Draw what you see, then from above',0,1,'','','','',NULL,'','[]',NULL);
INSERT INTO lesson VALUES(2,1,2,'From above','Bird’s-eye blocks',0,1,'','','','',NULL,'','[]',NULL);
INSERT INTO lesson VALUES(3,1,3,'Scale and distance','Pace out the yard',0,1,'','','','',NULL,'','[]',NULL);
INSERT INTO lesson VALUES(4,1,4,'Symbols and legends','Make our own key',0,1,'','','','',NULL,'','[]',NULL);
INSERT INTO lesson VALUES(5,1,5,'Hills on paper: contour lines','Salt-dough island, 3 makers',0,1,'','','','',NULL,'','[]',NULL);
INSERT INTO lesson VALUES(6,1,6,'The round earth, flattened','Orange-peel globe; net of a globe',0,1,'The globe','see why no flat map can be right everywhere',replace('projection\nglobe\nequator','\n',char(10)),replace('What tears when you flatten the peel?\nWhich lands look too large?','\n',char(10)),50,'Compare the size of two islands on two world maps','[3]',NULL);
INSERT INTO lesson VALUES(7,1,7,'Latitude and longitude','String grid on the floor',0,1,'The globe','find a place by two numbers',replace('latitude\nlongitude\nmeridian','\n',char(10)),replace('Where is zero?\nWhy do the lines meet at the poles?','\n',char(10)),45,'Find five towns by their degrees and minutes','[3]',NULL);
INSERT INTO lesson VALUES(8,1,8,'A needle that knows north','Floating compass',0,1,'Finding the way','make a needle point north and say why it does',replace('magnet\nneedle\nnorth','\n',char(10)),'What happens when the bowl turns?',45,'Chart how far true north and the needle differ here','[3]',NULL);
INSERT INTO lesson VALUES(9,1,9,'Bearings from sun and shadow','Shadow stick, clear day wanted',0,1,'Finding the way','tell directions from a shadow',replace('bearing\nshadow\nnoon','\n',char(10)),'When is the shadow shortest?',60,'','[]',NULL);
INSERT INTO lesson VALUES(10,1,10,'Streets and lines: town and transit maps','Outing by bus',0,1,'Maps people use','plan a way by bus with one change',replace('line\nstop\ntransfer','\n',char(10)),'What does this map leave out?',90,'','[]',NULL);
INSERT INTO lesson VALUES(11,1,11,'Old maps and sea monsters','Age a chart with tea',0,1,'Maps people use','read an old chart and its pictures',replace('chart\ncompass rose\ncartouche','\n',char(10)),'Why did they draw monsters?',45,'Write the log of a ship for one week','[3]',NULL);
INSERT INTO lesson VALUES(12,1,12,'Treasure hunt','Pace and bearing through the park',0,1,'Finding the way','follow bearings and paces to a spot',replace('pace\nlandmark','\n',char(10)),'How far off were we, and why?',75,'','[]',NULL);
INSERT INTO lesson VALUES(13,1,13,'Our own atlas','Bind the maps, show the family',0,1,'Our atlas','show the family what we know',replace('atlas\nindex','\n',char(10)),'Which map are you proudest of?',60,'','[]',NULL);
INSERT INTO lesson VALUES(14,2,1,'What lifts a kite','',0,1,'','','','',NULL,'','[]',NULL);
INSERT INTO lesson VALUES(15,2,2,'A sled kite each','',0,1,'','','','',NULL,'','[]',NULL);
INSERT INTO lesson VALUES(16,2,3,'Measuring the wind','',0,1,'','','','',NULL,'','[]',NULL);
INSERT INTO lesson VALUES(17,3,1,'From field to flour','Grind a cup of wheat by hand',0,1,'','','','',NULL,'','[]',NULL);
INSERT INTO lesson VALUES(18,3,2,'Yeast is alive','Three jars, three temperatures',0,1,'','','','',NULL,'','[]',NULL);
CREATE TABLE session (
	id integer primary key autoincrement, lesson_id integer not null references lesson(id),
	ordinal integer not null, outcome text not null check (outcome in ('taught', 'partly taught', 'skipped')),
	held_on text not null, unique (lesson_id, ordinal)
) strict;
INSERT INTO session VALUES(1,1,1,'taught','2027-01-05');
INSERT INTO session VALUES(2,2,1,'taught','2027-01-07');
INSERT INTO session VALUES(3,3,1,'taught','2027-01-12');
INSERT INTO session VALUES(4,4,1,'taught','2027-01-19');
INSERT INTO session VALUES(5,5,1,'taught','2027-01-21');
INSERT INTO session VALUES(6,17,1,'taught','2025-02-04');
INSERT INTO session VALUES(7,18,1,'taught','2025-02-06');
CREATE TABLE need_state (
	id integer primary key autoincrement, key text not null unique, run_id integer not null references run(id),
	decision text check (decision in ('do without')), supplier_id integer references supplier(id),
	unit text, arranged text not null default '0', found text not null default '0', prepared text not null default '0',
	out text not null default '0', promised text, note text
, person_id integer references person(id), rung text) strict;
INSERT INTO need_state VALUES(1,'1/supplies/61/-/1',1,NULL,NULL,'each','2','0','0','0','2027-02-21',NULL,NULL,NULL);
INSERT INTO need_state VALUES(2,'1/supplies/46/-/1',1,NULL,NULL,'each','1','0','0','0','2027-02-10',NULL,NULL,NULL);
INSERT INTO need_state VALUES(3,'1/supplies/50/-/1',1,NULL,NULL,'cm','0','0','0','0',NULL,NULL,NULL,'gift');
INSERT INTO need_state VALUES(4,'1/supplies/74/-/1',1,NULL,NULL,'cm','0','0','0','0',NULL,NULL,NULL,'gift');
INSERT INTO need_state VALUES(5,'1/supplies/97/-/1',1,NULL,NULL,'each','0','0','0','0',NULL,NULL,NULL,'free');
INSERT INTO need_state VALUES(6,'1/copies/print-1/3/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(7,'1/copies/print-1/4/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(8,'1/copies/print-1/5/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(9,'1/copies/print-2/-/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(10,'1/copies/print-3/-/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(11,'1/copies/print-4/3/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(12,'1/copies/print-4/4/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(13,'1/copies/print-4/5/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(14,'1/copies/print-5/-/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(15,'1/copies/print-6/-/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(16,'1/copies/print-7/3/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(17,'1/copies/print-7/4/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(18,'1/copies/print-7/5/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(19,'1/copies/print-8/3/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(20,'1/copies/print-8/4/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(21,'1/copies/print-8/5/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(22,'1/copies/print-9/-/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(23,'1/copies/print-10/3/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(24,'1/copies/print-10/4/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(25,'1/copies/print-10/5/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(26,'1/copies/print-11/-/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(27,'1/copies/print-12/3/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(28,'1/copies/print-12/4/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(29,'1/copies/print-12/5/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(30,'1/copies/print-13/-/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(31,'1/copies/print-14/3/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(32,'1/copies/print-14/4/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(33,'1/copies/print-14/5/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(34,'1/copies/print-15/-/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(35,'1/copies/print-16/3/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(36,'1/copies/print-17/-/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(37,'1/copies/print-18/3/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(38,'1/copies/print-18/4/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(39,'1/copies/print-18/5/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(40,'1/copies/print-19/-/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(41,'1/copies/print-20/3/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(42,'1/copies/print-20/4/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(43,'1/copies/print-21/-/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(44,'1/copies/print-22/3/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(45,'1/copies/print-22/4/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(46,'1/copies/print-22/5/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(47,'1/copies/print-23/3/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(48,'1/copies/print-23/4/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(49,'1/copies/print-23/5/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(50,'1/copies/print-24/-/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(51,'1/copies/print-25/3/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(52,'1/copies/print-25/4/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(53,'1/copies/print-25/5/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(54,'1/copies/print-26/-/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
INSERT INTO need_state VALUES(55,'1/copies/print-27/4/1',1,NULL,NULL,NULL,'0','1','1','1',NULL,NULL,NULL,NULL);
CREATE TABLE sitting (id integer primary key autoincrement, held_on text not null, minutes integer not null, starts text not null default '', bars text not null default '[]', series integer, over integer not null default 0) strict;
INSERT INTO sitting VALUES(1,'2027-01-26',60,'20:00','[]',1,0);
INSERT INTO sitting VALUES(2,'2027-01-28',60,'20:00','[]',1,0);
INSERT INTO sitting VALUES(3,'2027-02-02',60,'20:00','[]',1,0);
INSERT INTO sitting VALUES(4,'2027-02-04',60,'20:00','[]',1,0);
INSERT INTO sitting VALUES(5,'2027-02-09',60,'20:00','[]',1,0);
INSERT INTO sitting VALUES(6,'2027-02-11',60,'20:00','[]',1,0);
INSERT INTO sitting VALUES(7,'2027-02-16',60,'20:00','[]',1,0);
INSERT INTO sitting VALUES(8,'2027-02-18',60,'20:00','[]',1,0);
INSERT INTO sitting VALUES(9,'2027-02-23',60,'20:00','[]',1,0);
INSERT INTO sitting VALUES(10,'2027-02-25',60,'20:00','[]',1,0);
CREATE TABLE change (
	id integer primary key autoincrement, revision integer not null,
	kind text not null check (kind in ('do', 'undo', 'redo')), target_id integer, label text not null,
	actor text, device text not null, at text not null, undone integer not null default 0
) strict;
CREATE TABLE change_row (
	id integer primary key autoincrement, change_id integer not null references change(id) on delete cascade,
	table_name text not null, row_id integer not null, before text, after text
) strict;
CREATE TABLE operation (id text primary key, device text not null, result text not null, at text not null) strict;
CREATE TABLE state (id integer primary key check (id = 1), revision integer not null, current_change integer) strict;
INSERT INTO state VALUES(1,0,NULL);
CREATE TABLE quiet (
	id integer primary key autoincrement, from_on text not null, to_on text not null, reason text not null
) strict;
CREATE TABLE item_alias (
	id integer primary key autoincrement, item_id integer not null references item(id), name text not null,
	name_key text not null unique
) strict;
CREATE TABLE lot_event (
	id integer primary key autoincrement, item_id integer not null references item(id), lot_id integer,
	on_day text not null, kind text not null, amount text not null, unit text not null, place text not null
) strict;
INSERT INTO lot_event VALUES(1,153,130,'2027-01-09','added','22','each','art cart');
INSERT INTO lot_event VALUES(2,56,56,'2027-01-16','added','420','sheet','paper shelf');
INSERT INTO lot_event VALUES(3,157,131,'2027-01-16','added','60','sheet','paper shelf');
INSERT INTO lot_event VALUES(4,162,132,'2027-01-16','added','45','each','paper shelf');
CREATE TABLE stream_habit (
	id integer primary key autoincrement, run_id integer references run(id),
	stream text not null check (stream in ('books', 'copies', 'supplies', 'setting')),
	kind text not null, date text
) strict;
CREATE TABLE IF NOT EXISTS "supplier" (
	id integer primary key autoincrement, name text not null,
	kind text not null check (kind in ('shop', 'order', 'friend', 'library')), weekdays text not null,
	lead_days integer not null, position integer not null
, loan_days integer not null default 21, renewals integer not null default 1, shelf_days integer not null default 7, fee_cents integer not null default 0, free_over_cents integer, return_days integer) strict;
INSERT INTO supplier VALUES(1,'Corner Grocer','shop','[1,2,3,4,5,6]',0,1,21,1,7,0,NULL,NULL);
INSERT INTO supplier VALUES(2,'Hobby & Hardware','shop','[2,3,4,5,6]',0,2,21,1,7,150,NULL,30);
INSERT INTO supplier VALUES(3,'Mail order','order','[1,2,3,4,5]',7,3,21,1,7,595,3500,14);
INSERT INTO supplier VALUES(4,'Friends and family','friend','[1,2,3,4,5,6,7]',4,4,21,1,7,0,NULL,NULL);
INSERT INTO supplier VALUES(5,'Fernhill Library','library','[2,3,4,5,6]',11,5,21,1,7,0,NULL,NULL);
INSERT INTO supplier VALUES(6,'Bookmobile','library','[5]',3,6,14,0,7,0,NULL,NULL);
CREATE TABLE import_draft (
	id integer primary key autoincrement, name text not null, text text not null, note text not null, at text not null
) strict;
CREATE TABLE activity (
	id integer primary key autoincrement, run_id integer not null references run(id),
	lesson_id integer references lesson(id), day text, title text not null, kind text not null,
	standing text not null default 'extra' check (standing in ('required', 'extra', 'do without')),
	minutes integer not null, adult integer not null default 0, mess integer not null default 0,
	cents integer not null default 0, worth integer not null default 3, participants text, from_age integer,
	to_age integer, subjects text not null default '', weather text not null default '',
	start_days_before integer not null default 0, instead text not null default '', instead_minutes integer,
	times integer not null default 1, daily integer not null default 0, done integer not null default 0,
	note text not null default ''
, helper_id integer references person(id)) strict;
INSERT INTO activity VALUES(1,1,10,NULL,'Floor map of our street','project','extra',50,0,1,300,4,NULL,NULL,NULL,'geography, art','',0,'',NULL,1,0,0,'',NULL);
INSERT INTO activity VALUES(2,1,6,NULL,'Globe snack: orange slices','snack','extra',20,0,1,200,3,NULL,NULL,NULL,'','',0,'',NULL,1,0,0,'',NULL);
INSERT INTO activity VALUES(3,1,9,NULL,'Papier-mâché globe','craft','extra',70,1,3,600,3,NULL,NULL,NULL,'','',4,'Watch: how a globe is made',25,1,0,0,'',NULL);
INSERT INTO activity VALUES(4,1,8,NULL,'Compass dance','game','extra',15,0,0,0,2,'[4,5]',NULL,NULL,'music','',0,'',NULL,1,0,0,'',NULL);
INSERT INTO activity VALUES(5,1,9,NULL,'Shadow clock','experiment','extra',40,1,0,0,4,NULL,NULL,NULL,'','a clear day',0,'',NULL,1,0,0,'',NULL);
INSERT INTO activity VALUES(6,1,6,NULL,'Map puzzle tray','shelf tray','extra',15,0,0,0,4,'[5]',NULL,NULL,'','',0,'',NULL,1,0,0,'',4);
INSERT INTO activity VALUES(7,1,11,NULL,'Sorting ships and whales','shelf tray','extra',15,0,0,0,3,'[5]',NULL,NULL,'','',0,'',NULL,1,0,0,'',NULL);
INSERT INTO activity VALUES(8,1,11,NULL,'Tea-stained sea chart','craft','required',60,1,2,400,5,NULL,NULL,NULL,'art, history','',2,'',NULL,1,0,0,'',NULL);
INSERT INTO activity VALUES(9,1,NULL,'2027-02-12','Museum of seafaring','outing','extra',180,1,0,1800,4,NULL,NULL,NULL,'','',0,'',NULL,1,0,0,'',NULL);
INSERT INTO activity VALUES(10,1,1,NULL,'Weather and wind log','project','extra',5,0,0,0,3,NULL,NULL,NULL,'','',0,'',NULL,24,1,13,'',NULL);
INSERT INTO activity VALUES(11,1,2,NULL,'Big wall atlas','project','extra',30,0,1,0,4,NULL,NULL,NULL,'','',0,'',NULL,8,0,3,'',NULL);
INSERT INTO activity VALUES(12,1,NULL,NULL,'Movie: across the ice','film','extra',55,0,0,0,2,NULL,NULL,NULL,'','',0,'',NULL,1,0,0,'',NULL);
INSERT INTO activity VALUES(13,1,NULL,NULL,'Rice bin with buried landmarks','sensory bin','extra',25,0,2,0,4,'[5]',NULL,NULL,'','',0,'',NULL,1,0,0,'',NULL);
INSERT INTO activity VALUES(14,1,NULL,NULL,'Geocache with the cousins','outing','extra',90,1,0,0,4,NULL,NULL,NULL,'','dry',0,'',NULL,1,0,0,'',NULL);
INSERT INTO activity VALUES(15,1,NULL,NULL,'Edible contour map','snack','extra',45,1,2,500,3,'[3,4]',NULL,NULL,'','',0,'',NULL,1,0,0,'',NULL);
INSERT INTO activity VALUES(16,1,NULL,NULL,'Lacing maps','hands-busy work','extra',20,0,0,0,3,'[5]',NULL,NULL,'','',0,'',NULL,1,0,0,'',NULL);
INSERT INTO activity VALUES(17,1,NULL,NULL,'Street map bingo','game','extra',25,0,0,100,2,NULL,NULL,NULL,'','',0,'',NULL,1,0,0,'',NULL);
INSERT INTO activity VALUES(18,1,NULL,NULL,'Sextant from cardboard','project','extra',55,0,1,0,3,NULL,8,NULL,'','',0,'',NULL,1,0,0,'',NULL);
CREATE TABLE spine (
	id integer primary key autoincrement, run_id integer not null references run(id), position integer not null,
	title text not null, counted text not null check (counted in ('pages', 'chapters')), first_page integer not null,
	last_page integer not null, words_per_page integer, state text not null default 'in use'
	check (state in ('in use', 'set aside')), reached integer,
	read_on text not null default 'lessons' check (read_on in ('lessons', 'weekdays', 'every day'))
, resource_id integer references resource(id)) strict;
INSERT INTO spine VALUES(1,1,1,'The Patient Mapmaker','pages',1,188,210,'in use',64,'lessons',1);
INSERT INTO spine VALUES(2,1,2,'Picture Atlas of Small Places','pages',1,64,60,'in use',NULL,'lessons',2);
CREATE TABLE page_range (
	id integer primary key autoincrement, spine_id integer not null references spine(id),
	lesson_id integer not null references lesson(id), from_page integer not null, to_page integer not null,
	way text not null check (way in ('read aloud', 'read alone', 'look at', 'skip')), participants text,
	minutes integer, note text not null default ''
) strict;
INSERT INTO page_range VALUES(1,1,1,1,12,'read aloud',NULL,NULL,'');
INSERT INTO page_range VALUES(2,1,2,13,26,'read aloud',NULL,NULL,'');
INSERT INTO page_range VALUES(3,1,3,27,40,'read aloud',NULL,NULL,'');
INSERT INTO page_range VALUES(4,1,4,41,52,'read aloud',NULL,NULL,'');
INSERT INTO page_range VALUES(5,1,5,53,64,'read aloud',NULL,NULL,'');
INSERT INTO page_range VALUES(6,1,6,65,79,'read aloud',NULL,14,'the peeled orange');
INSERT INTO page_range VALUES(7,1,7,80,94,'read aloud',NULL,NULL,'lines on the sea');
INSERT INTO page_range VALUES(8,1,8,95,108,'read aloud',NULL,NULL,'the needle');
INSERT INTO page_range VALUES(9,1,9,109,121,'read aloud',NULL,NULL,'');
INSERT INTO page_range VALUES(10,1,10,122,135,'read aloud',NULL,NULL,'');
INSERT INTO page_range VALUES(11,1,11,136,150,'read aloud',NULL,NULL,'here be monsters');
INSERT INTO page_range VALUES(12,1,12,151,164,'read aloud',NULL,NULL,'');
INSERT INTO page_range VALUES(13,2,6,10,13,'look at','[5]',NULL,'turn the globe pages');
INSERT INTO page_range VALUES(14,2,7,14,17,'read alone','[4]',10,'');
INSERT INTO page_range VALUES(15,2,8,22,25,'look at',NULL,NULL,'');
INSERT INTO page_range VALUES(16,2,10,30,35,'read alone','[3]',15,'transit maps');
INSERT INTO page_range VALUES(17,2,11,40,43,'look at',NULL,NULL,'');
CREATE TABLE task (
	id integer primary key autoincrement, lesson_id integer not null references lesson(id),
	person_id integer not null references person(id), text text not null, minutes integer, done integer not null default 0
, activity_id integer references activity(id)) strict;
INSERT INTO task VALUES(1,8,4,'draws the compass rose',15,0,NULL);
INSERT INTO task VALUES(2,10,5,'threads buses on the ribbon',10,0,NULL);
INSERT INTO task VALUES(3,12,5,'finds the big red arrows with Odile',20,0,NULL);
CREATE TABLE goal (
	id integer primary key autoincrement, run_id integer not null references run(id),
	person_id integer not null references person(id), text text not null
) strict;
INSERT INTO goal VALUES(1,1,3,'plans a way by map and leads us there');
INSERT INTO goal VALUES(2,1,4,'reads a legend alone');
INSERT INTO goal VALUES(3,1,5,'knows over, under and beside');
CREATE TABLE resource (
	id integer primary key autoincrement, title text not null, authors text not null default '',
	kind text not null, isbn13 text, publisher text not null default '', year integer,
	language text not null default '', pages integer, about text not null default '', topics text not null default '',
	from_age integer, to_age integer, grade real, content text not null default '[]',
	charter integer not null default 0, owned integer not null default 1, copies integer not null default 1,
	place_id integer references place(id), supplier_id integer references supplier(id),
	condition text not null default '', cents integer, came_from text not null default '',
	rights text not null default 'own family', players_from integer, players_to integer, pieces integer,
	pieces_missing text not null default '', small_parts integer not null default 0, width_mm real,
	hardcover integer not null default 0, address text not null default '', service text not null default '',
	device text not null default '', minutes integer, notes text not null default '',
	liked text not null default '', added_on text not null
, picture text, alike text not null default '', get_by text not null default '' check (get_by in ('', 'borrow', 'buy')), document_id integer references document(id)) strict;
INSERT INTO resource VALUES(1,'The Patient Mapmaker','Ilse Tarrow','book','9799900010004','',NULL,'English',188,'','maps',7,12,4.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(2,'Picture Atlas of Small Places','Bram Odell','picture book','9799900010011','',NULL,'English',64,'','maps, places',3,9,2.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(3,'Shadows and Stars','Wren Halloway','book','9799900010028','',NULL,'English',96,'','maps, sun, stars',8,12,5.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(4,'The Sun Is a Compass Needle','Petra Voss','picture book','9799900010035','',NULL,'English',40,'','maps, sun',5,9,3.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(5,'Lines That Are Not There','Otto Brandl','book','9799900010042','',NULL,'English',120,'','maps, globe',9,13,6.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(6,'Where the River Bends','Maeve Carrow','picture book','9799900010059','',NULL,'English',32,'','maps, rivers',4,8,2.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(7,'A Mouse Draws the House','Lena Fisk','picture book','9799900010066','',NULL,'English',28,'','maps, houses',3,6,1.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(8,'From the Roof of the Barn','Lena Fisk','picture book','9799900010073','',NULL,'English',28,'','maps, birds',3,6,1.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(9,'The Island That Was Drawn Twice','Corin Ashby','book','9799900010080','',NULL,'English',144,'','maps, islands',8,12,5.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(10,'Sea Serpents of the Margin','Tilda Rowe','picture book','9799900010097','',NULL,'English',48,'','maps, old maps',6,11,4.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(11,'The Chart Room','Edmund Quill','book','9799900010103','',NULL,'English',210,'','maps, ships',10,14,7.0,'["sensitive matter"]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(12,'Maps in a Suitcase','Dora Plum','picture book','9799900010110','',NULL,'English',36,'','maps, travel',5,9,3.0,'[]',0,0,1,NULL,6,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(13,'Bus Number Nine','Hana Pryce','picture book','9799900010127','',NULL,'English',32,'','maps, towns',3,7,1.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(14,'Under the Street','Hana Pryce','book','9799900010134','',NULL,'English',72,'','maps, towns',7,11,3.0,'[]',0,0,1,NULL,4,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(15,'Ten Thousand Paces','Silas Oake','book','9799900010141','',NULL,'English',112,'','maps, walking',8,12,4.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(16,'The Girl Who Counted Her Steps','Rosalind Tey','picture book','9799900010158','',NULL,'English',40,'','maps, walking',5,9,3.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(17,'North Is That Way','Gideon Marsh','book','9799900010165','',NULL,'English',64,'','maps, compass',6,10,3.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(18,'What the Needle Knows','Gideon Marsh','book','9799900010172','',NULL,'English',80,'','maps, compass, magnets',8,12,5.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(19,'Little Book of Signs','Anouk Delve','picture book','9799900010189','',NULL,'English',24,'','maps, signs',2,5,1.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(20,'Signs and Symbols of the World','Anouk Delve','book','9799900010196','',NULL,'English',160,'','maps, signs',9,14,6.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(21,'The Paper Mountain','Sorrel Finch','picture book','9799900010202','',NULL,'English',36,'','maps, mountains',5,9,3.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(22,'How High Is a Hill?','Sorrel Finch','book','9799900010219','',NULL,'English',88,'','maps, mountains',7,11,4.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(23,'Maps for Rainy Days','Ivo Kestrel','book','9799900010226','',NULL,'English',96,'','maps, crafts',6,12,4.0,'[]',0,1,1,12,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(24,'The Cartographer’s Daughter’s Notebook','Nell Arkwright','book','9799900010233','',NULL,'English',176,'','maps, history',9,13,6.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(25,'Old Roads','Nell Arkwright','book','9799900010240','',NULL,'English',132,'','maps, history',9,13,5.0,'["secular"]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(26,'Treasure at Low Tide','Barnaby Stroud','book','9799900010257','',NULL,'English',156,'','maps, treasure',8,12,4.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(27,'The Very Long Coast','Juniper Dale','picture book','9799900010264','',NULL,'English',32,'','maps, sea',4,8,2.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(28,'Globe in a Nutshell','Felix Amory','book','9799900010271','',NULL,'English',48,'','maps, globe',6,10,3.0,'[]',0,0,1,NULL,4,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(29,'Latitude for Breakfast','Felix Amory','book','9799900010288','',NULL,'English',104,'','maps, globe',8,12,5.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(30,'My First Atlas of Rooms','Dora Plum','picture book','9799900010295','',NULL,'English',20,'','maps, houses',2,4,1.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(31,'The Pocket Surveyor','Alaric Stone','book','9799900010301','',NULL,'English',140,'','maps, measuring',10,15,7.0,'[]',0,1,1,20,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(32,'Old World wall map','','poster',NULL,'',NULL,'',NULL,'','maps',NULL,NULL,NULL,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(33,'Compass rose poster','','poster',NULL,'',NULL,'',NULL,'','maps, compass',NULL,NULL,NULL,'[]',0,1,1,12,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(34,'Topo puzzle of the valley','','puzzle',NULL,'',NULL,'',NULL,'','maps, mountains',6,12,NULL,'[]',0,1,1,18,NULL,'',NULL,'','own family',NULL,NULL,120,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(35,'Find the Way','Marrow Games','game',NULL,'',NULL,'',NULL,'','maps, towns',7,12,NULL,'[]',0,1,1,18,NULL,'',NULL,'','own family',2,4,64,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(36,'Bearings, a card game','Marrow Games','game',NULL,'',NULL,'',NULL,'','maps, compass',8,14,NULL,'[]',0,1,1,18,NULL,'',NULL,'','own family',2,4,54,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(37,'Wooden continents tray','','puzzle',NULL,'',NULL,'',NULL,'','maps, globe',2,5,NULL,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,9,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(38,'Needle compass kit','','kit',NULL,'',NULL,'',NULL,'','maps, compass, magnets',8,14,NULL,'[]',0,1,1,13,NULL,'',NULL,'','own family',NULL,NULL,18,'',1,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(39,'Symbol cards, three-part','','card set',NULL,'',NULL,'',NULL,'','maps, signs',4,9,NULL,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,36,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(40,'Little ships and sea animals','','model',NULL,'',NULL,'',NULL,'','maps, ships, sea',3,9,NULL,'[]',0,1,1,18,NULL,'',NULL,'','own family',NULL,NULL,24,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(41,'Sea chart cards, three-part','','card set',NULL,'',NULL,'',NULL,'','maps, ships, sea',4,9,NULL,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,20,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(42,'Blank maps of everywhere','','printable',NULL,'',NULL,'',40,'','maps',NULL,NULL,NULL,'[]',0,1,1,12,NULL,'',NULL,'','one class',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(43,'Contour journal pages','','printable',NULL,'',NULL,'',12,'','maps, mountains',NULL,NULL,NULL,'[]',0,1,1,12,NULL,'',NULL,'','one class',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(44,'Globe net to cut out','','printable',NULL,'',NULL,'',2,'','maps, globe',NULL,NULL,NULL,'[]',0,1,1,12,NULL,'',NULL,'','one class',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(45,'Street map bingo boards','','printable',NULL,'',NULL,'',8,'','maps, towns',NULL,NULL,NULL,'[]',0,1,1,12,NULL,'',NULL,'','one class',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(46,'Movie: across the ice','','link',NULL,'',NULL,'',NULL,'','maps, cold',NULL,NULL,NULL,'[]',0,1,1,NULL,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'https://films.example.org/movie-across-the-ice','the library’s movie shelf','laptop',20,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(47,'Movie: how a globe is made','','link',NULL,'',NULL,'',NULL,'','maps, globe',NULL,NULL,NULL,'[]',0,1,1,NULL,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'https://films.example.org/movie-how-a-globe-is-made','the library’s movie shelf','laptop',20,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(48,'Live view of a harbor','','link',NULL,'',NULL,'',NULL,'','maps, ships',NULL,NULL,NULL,'[]',0,1,1,NULL,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'https://films.example.org/live-view-of-a-harbor','the library’s movie shelf','laptop',20,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(49,'A recording of a lighthouse keeper','','link',NULL,'',NULL,'',NULL,'','maps, sea',NULL,NULL,NULL,'[]',0,1,1,NULL,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'https://films.example.org/recording-of-a-lighthouse-keeper','the library’s movie shelf','laptop',20,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(50,'Magazine: Rivers of the World','','magazine',NULL,'',NULL,'English',52,'','maps, rivers',7,13,4.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(51,'Old tide tables','','magazine',NULL,'',NULL,'',30,'','maps, sea',10,16,NULL,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(52,'The Kite Loft','Piers Lark','book','9799900010516','',NULL,'English',66,'','kites, wind',7,12,4.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'kites','',NULL);
INSERT INTO resource VALUES(53,'What the Wind Carries','Amity Reeve','picture book','9799900010523','',NULL,'English',32,'','wind',3,8,2.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(54,'A Kite for Every Child','Amity Reeve','picture book','9799900010530','',NULL,'English',36,'','kites',4,8,2.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(55,'The Wind Measurers','Joss Tarn','book','9799900010547','',NULL,'English',120,'','wind, weather',8,12,5.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(56,'Seven Knots','Piers Lark','book','9799900010554','',NULL,'English',90,'','kites, knots',8,12,4.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(57,'String and Sky','Orla Fenn','picture book','9799900010561','',NULL,'English',40,'','kites',3,7,1.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(58,'The Weather Sisters','Orla Fenn','book','9799900010578','',NULL,'English',148,'','weather',8,12,5.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(59,'Cloud Book for Pockets','Theo Brisk','book','9799900010585','',NULL,'English',80,'','weather, clouds',6,12,4.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(60,'Gale!','Theo Brisk','book','9799900010592','',NULL,'English',112,'','wind, weather',9,13,6.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(61,'Festival of Paper Fish','Mina Sato-Grey','picture book','9799900010608','',NULL,'English',32,'','kites, festivals',4,9,2.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(62,'Bridles, Tails and Spars','Rufus Pell','book','9799900010615','',NULL,'English',72,'','kites, making',9,14,6.0,'[]',0,1,1,20,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'kites','',NULL);
INSERT INTO resource VALUES(63,'The Boy Who Flew the Line','Rufus Pell','book','9799900010622','',NULL,'English',134,'','kites, history',8,12,5.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(64,'Wind in the Wheat','Amity Reeve','picture book','9799900010639','',NULL,'English',30,'','wind, grain',3,7,1.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(65,'Breath, Breeze, Storm','Joss Tarn','book','9799900010646','',NULL,'English',60,'','wind',5,9,3.0,'[]',0,0,1,NULL,4,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(66,'Flying with a Feather','Linnet Moss','picture book','9799900010653','',NULL,'English',28,'','birds, wind',2,5,1.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(67,'Feathers and Sails','Linnet Moss','book','9799900010660','',NULL,'English',94,'','birds, wind, ships',8,12,5.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(68,'Windmills of Long Ago','Caspar Thwaite','book','9799900010677','',NULL,'English',76,'','wind, grain',8,12,5.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(69,'How to Read the Sky','Caspar Thwaite','book','9799900010684','',NULL,'English',128,'','weather, stars',10,15,7.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(70,'Wind socks and pinwheels','','printable',NULL,'',NULL,'',10,'','wind',NULL,NULL,NULL,'[]',0,1,1,12,NULL,'',NULL,'','one class',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(71,'Kite log pages','','printable',NULL,'',NULL,'',6,'','kites',NULL,NULL,NULL,'[]',0,1,1,12,NULL,'',NULL,'','one class',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(72,'Anemometer kit','','kit',NULL,'',NULL,'',NULL,'','wind',8,14,NULL,'[]',0,1,1,13,NULL,'',NULL,'','own family',NULL,NULL,12,'',1,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(73,'Weather cards, three-part','','card set',NULL,'',NULL,'',NULL,'','weather',4,9,NULL,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,24,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(74,'Wind rose poster','','poster',NULL,'',NULL,'',NULL,'','wind',NULL,NULL,NULL,'[]',0,1,1,12,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(75,'Catch the Breeze','Marrow Games','game',NULL,'',NULL,'',NULL,'','wind',5,10,NULL,'[]',0,1,1,18,NULL,'',NULL,'','own family',2,4,40,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(76,'Movie: kites over the beach','','link',NULL,'',NULL,'',NULL,'','kites',NULL,NULL,NULL,'[]',0,1,1,NULL,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'https://films.example.org/movie-kites-over-the-beach','the library’s movie shelf','laptop',20,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(77,'Wind map of today','','link',NULL,'',NULL,'',NULL,'','wind, weather',NULL,NULL,NULL,'[]',0,1,1,NULL,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'https://films.example.org/wind-map-of-today','the library’s movie shelf','laptop',20,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(78,'Dandelion seed head','','live specimen',NULL,'',NULL,'',NULL,'','wind, plants',NULL,NULL,NULL,'[]',0,1,1,NULL,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(79,'A jar of feathers','','model',NULL,'',NULL,'',NULL,'','birds, wind',3,12,NULL,'[]',0,1,1,18,NULL,'',NULL,'','own family',NULL,NULL,20,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(80,'Parachute puzzle','','puzzle',NULL,'',NULL,'',NULL,'','wind',5,9,NULL,'[]',0,1,1,18,NULL,'',NULL,'','own family',NULL,NULL,60,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(81,'The Cloud Atlas for Children','Theo Brisk','book','9799900010806','',NULL,'English',104,'','weather, clouds',7,12,4.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(82,'A Sail for the Bathtub','Dora Plum','picture book','9799900010813','',NULL,'English',24,'','wind, ships',2,5,1.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(83,'Storm Watch','Joss Tarn','book','9799900010820','',NULL,'English',118,'','weather',9,13,6.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(84,'The Balloonist’s Cat','Rosalind Tey','picture book','9799900010837','',NULL,'English',36,'','wind, history',5,9,3.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(85,'Up with the Larks','Piers Lark','book','9799900010844','',NULL,'English',58,'','kites, birds',6,10,3.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(86,'The Mill on the Marsh','Edda Crane','book','9799900010851','',NULL,'English',152,'','bread, grain, history',8,12,5.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(87,'Loaf by Loaf','Edda Crane','picture book','9799900010868','',NULL,'English',32,'','bread',3,7,2.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(88,'From Field to Flour','Harlan Beck','book','9799900010875','',NULL,'English',68,'','grain',6,10,3.0,'[]',0,1,1,27,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(89,'A Grain of Wheat Tells All','Harlan Beck','picture book','9799900010882','',NULL,'English',40,'','grain, plants',5,9,3.0,'[]',0,1,1,27,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(90,'The Sourdough Letters','Viola Wick','book','9799900010899','',NULL,'English',124,'','bread, history',9,13,6.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(91,'Yeast Is Alive!','Viola Wick','book','9799900010905','',NULL,'English',56,'','bread, science',7,11,4.0,'[]',0,1,1,27,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(92,'Breads of Many Tables','Noor Calder','book','9799900010912','',NULL,'English',144,'','bread, countries',8,14,5.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(93,'My Grandmother’s Oven','Noor Calder','picture book','9799900010929','',NULL,'English',32,'','bread',4,8,2.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(94,'The Baker Gets Up First','Dora Plum','picture book','9799900010936','',NULL,'English',24,'','bread',2,5,1.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(95,'Threshing Day','Alder Wren','book','9799900010943','',NULL,'English',98,'','grain, history',8,12,4.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(96,'Seeds That Feed the World','Alder Wren','book','9799900010950','',NULL,'English',132,'','grain, plants',9,13,6.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(97,'The Little Red Mill','Lena Fisk','picture book','9799900010967','',NULL,'English',28,'','grain',3,6,1.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(98,'Hardtack and Honey','Barnaby Stroud','book','9799900010974','',NULL,'English',110,'','bread, ships',8,12,4.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(99,'Kneading Time','Sorrel Finch','picture book','9799900010981','',NULL,'English',36,'','bread, time',5,9,3.0,'[]',0,0,1,NULL,4,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(100,'Flour Power for Young Cooks','Ivo Kestrel','book','9799900010998','',NULL,'English',80,'','bread, cooking',7,13,4.0,'[]',0,1,1,7,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(101,'The Granary Mystery','Corin Ashby','book','9799900011001','',NULL,'English',166,'','grain',9,13,5.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(102,'Rye, Oats and Barley','Alder Wren','book','9799900011018','',NULL,'English',64,'','grain, plants',6,10,3.0,'[]',0,1,1,27,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(103,'Grain cards, three-part','','card set',NULL,'',NULL,'',NULL,'','grain',4,9,NULL,'[]',0,1,1,27,NULL,'',NULL,'','own family',NULL,NULL,20,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(104,'Parts of a wheat plant','','poster',NULL,'',NULL,'',NULL,'','grain, plants',NULL,NULL,NULL,'[]',0,1,1,27,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(105,'Wheat life cycle','','model',NULL,'',NULL,'',NULL,'','grain, plants',3,9,NULL,'[]',0,1,1,27,NULL,'',NULL,'','own family',NULL,NULL,6,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(106,'Bread map of the world','','poster',NULL,'',NULL,'',NULL,'','bread, maps',NULL,NULL,NULL,'[]',0,1,1,12,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(107,'Mill gears kit','','kit',NULL,'',NULL,'',NULL,'','grain, machines',8,14,NULL,'[]',0,1,1,27,NULL,'',NULL,'','own family',NULL,NULL,26,'',1,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(108,'Harvest, a board game','Marrow Games','game',NULL,'',NULL,'',NULL,'','grain',7,12,NULL,'[]',0,1,1,18,NULL,'',NULL,'','own family',2,4,72,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(109,'Sorting grains tray','','puzzle',NULL,'',NULL,'',NULL,'','grain',2,5,NULL,'[]',0,1,1,27,NULL,'',NULL,'','own family',NULL,NULL,5,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(110,'Bread journal pages','','printable',NULL,'',NULL,'',14,'','bread',NULL,NULL,NULL,'[]',0,1,1,27,NULL,'',NULL,'','one class',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(111,'Label the loaf','','printable',NULL,'',NULL,'',3,'','bread',NULL,NULL,NULL,'[]',0,1,1,27,NULL,'',NULL,'','one class',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(112,'Movie: a night at the bakery','','link',NULL,'',NULL,'',NULL,'','bread',NULL,NULL,NULL,'[]',0,1,1,NULL,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'https://films.example.org/movie-a-night-at-the-bakery','the library’s movie shelf','laptop',20,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(113,'Movie: the water mill','','link',NULL,'',NULL,'',NULL,'','grain, machines',NULL,NULL,NULL,'[]',0,1,1,NULL,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'https://films.example.org/movie-the-water-mill','the library’s movie shelf','laptop',20,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(114,'Recording: the miller’s song','','link',NULL,'',NULL,'',NULL,'','grain, music',NULL,NULL,NULL,'[]',0,1,1,NULL,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'https://films.example.org/recording-the-miller-s-song','the library’s movie shelf','laptop',20,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(115,'Sourdough starter','','live specimen',NULL,'',NULL,'',NULL,'','bread, science',NULL,NULL,NULL,'[]',0,1,1,NULL,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(116,'Wheat sprouts','','live specimen',NULL,'',NULL,'',NULL,'','grain, plants',NULL,NULL,NULL,'[]',0,1,1,NULL,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(117,'Seed catalog of last year','','magazine',NULL,'',NULL,'',90,'','plants',8,16,NULL,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(118,'The Clockmaker’s Apprentice','Nell Arkwright','book','9799900011179','',NULL,'English',192,'','history, machines',9,13,6.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(119,'Rain on a Tin Roof','Maeve Carrow','picture book','9799900011186','',NULL,'English',32,'','weather',3,7,1.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(120,'Pond in a Jar','Linnet Moss','book','9799900011193','',NULL,'English',72,'','ponds, animals',6,10,3.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(121,'The Frog Who Stayed','Linnet Moss','picture book','9799900011209','',NULL,'English',28,'','ponds, animals',3,6,1.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(122,'Beetles by Lamplight','Gideon Marsh','book','9799900011216','',NULL,'English',116,'','insects',8,12,5.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(123,'Ants Have No Kings','Gideon Marsh','book','9799900011223','',NULL,'English',88,'','insects',7,11,4.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(124,'Moss, Fern, Tree','Sorrel Finch','book','9799900011230','',NULL,'English',96,'','plants',7,12,4.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(125,'The Night Garden Club','Orla Fenn','book','9799900011247','',NULL,'English',138,'','plants, stars',8,12,4.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(126,'Numbers Go for a Walk','Theo Brisk','picture book','9799900011254','',NULL,'English',36,'','numbers',4,7,1.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(127,'The Fraction Bakery','Viola Wick','book','9799900011261','',NULL,'English',64,'','numbers, bread',7,10,3.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(128,'Knights of the Kitchen Table','Barnaby Stroud','book','9799900011278','',NULL,'English',174,'','history',8,12,5.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(129,'Three Queens and a Goat','Rosalind Tey','book','9799900011285','',NULL,'English',160,'','history',8,12,5.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(130,'Songs for a Slow Morning','Mina Sato-Grey','book','9799900011292','',NULL,'',80,'','music',2,12,NULL,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(131,'A Poem for Each Week','Wren Halloway','book','9799900011308','',NULL,'',112,'','poems',5,12,NULL,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(132,'The Listening Walk Home','Wren Halloway','picture book','9799900011315','',NULL,'English',32,'','music, walking',4,8,2.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(133,'Stars You Can Count','Wren Halloway','picture book','9799900011322','',NULL,'English',40,'','stars',4,9,2.0,'[]',0,1,1,15,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(134,'Constellation cards','','card set',NULL,'',NULL,'',NULL,'','stars',6,12,NULL,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,30,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(135,'Marble run','','kit',NULL,'',NULL,'',NULL,'','machines',5,12,NULL,'[]',0,1,1,18,NULL,'',NULL,'','own family',NULL,NULL,80,'',1,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(136,'Fraction circles','','kit',NULL,'',NULL,'',NULL,'','numbers',6,11,NULL,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,51,'',1,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(137,'Word tiles','Marrow Games','game',NULL,'',NULL,'',NULL,'','words',6,12,NULL,'[]',0,1,1,18,NULL,'',NULL,'','own family',2,4,100,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(138,'Beetle in a Box','Marrow Games','game',NULL,'',NULL,'',NULL,'','insects',4,8,NULL,'[]',0,1,1,18,NULL,'',NULL,'','own family',2,4,36,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(139,'Pond life cards','','card set',NULL,'',NULL,'',NULL,'','ponds, animals',4,9,NULL,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,28,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(140,'Insect hotel plans','','printable',NULL,'',NULL,'',4,'','insects',NULL,NULL,NULL,'[]',0,1,1,12,NULL,'',NULL,'','one class',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(141,'Poem pages to illustrate','','printable',NULL,'',NULL,'',20,'','poems',NULL,NULL,NULL,'[]',0,1,1,12,NULL,'',NULL,'','one class',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(142,'Movie: a year at the pond','','link',NULL,'',NULL,'',NULL,'','ponds, animals',NULL,NULL,NULL,'[]',0,1,1,NULL,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'https://films.example.org/movie-a-year-at-the-pond','the library’s movie shelf','laptop',20,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(143,'Tuning fork and strings','','kit',NULL,'',NULL,'',NULL,'','music',6,12,NULL,'[]',0,1,1,13,NULL,'',NULL,'','own family',NULL,NULL,9,'',1,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(144,'Hundred board','','puzzle',NULL,'',NULL,'',NULL,'','numbers',4,8,NULL,'[]',0,1,1,18,NULL,'',NULL,'','own family',NULL,NULL,101,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(145,'The Beekeeper’s Calendar','Alder Wren','book','9799900011445','',NULL,'English',108,'','insects, plants',8,12,5.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(146,'Owl Light','Mina Sato-Grey','picture book','9799900011452','',NULL,'English',32,'','birds',3,7,2.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,1,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(147,'A Field Guide to Our Street','Hana Pryce','book','9799900011469','',NULL,'English',90,'','towns, plants',7,12,4.0,'[]',0,1,1,9,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(148,'Lantern Bearers of Fernhill','Edmund Quill','book','9799900011476','',NULL,'English',186,'','history, towns',9,13,6.0,'[]',0,0,1,NULL,5,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(149,'Clay, Wheel, Fire','Rufus Pell','book','9799900011483','',NULL,'English',84,'','making',9,14,6.0,'[]',0,1,1,20,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-09-01',NULL,'','',NULL);
INSERT INTO resource VALUES(150,'Finding Our Way, the guide’s pages','','printable',NULL,'',NULL,'',53,'','maps',NULL,NULL,NULL,'[]',0,1,1,12,NULL,'',NULL,'','own family',NULL,NULL,NULL,'',0,NULL,0,'','','',NULL,'','','2026-11-20',NULL,'','',1);
PRAGMA writable_schema=ON;
INSERT INTO sqlite_schema(type,name,tbl_name,rootpage,sql)VALUES('table','resource_words','resource_words',0,'CREATE VIRTUAL TABLE resource_words using fts5(
	title, authors, topics, notes, content='''', contentless_delete=1,
	tokenize="unicode61 remove_diacritics 2", prefix=''2 3''
)');
CREATE TABLE IF NOT EXISTS 'resource_words_data'(id INTEGER PRIMARY KEY, block BLOB);
INSERT INTO resource_words_data VALUES(1,X'8116844a8147820000');
INSERT INTO resource_words_data VALUES(10,X'00000000ff000001030881160007120101810181100000100201018111811100000103010181128112000001040101811381130000010501018114811400000106010181158115000001070101811681160000010000000101010401810000008100');
INSERT INTO resource_words_data VALUES(137438953473,X'00000eca0230610402050302020502040a02050602040802030b0204010205010402050502020c02040d02020302020702020f0204040203040203070204010204060205020563726f73732e02030202676f44020502056c617269631f0601010203036465725f060101020106010102060601010203036976655b020403016c59020702046d697479350601010201060101020a0601010203036f72791c06010103010601010302026e640302031102031402041102030502040502030302041c02030402040308656d6f6d657465724802020305696d616c732802065006010203010601020303036f756b13060101020106010102030274737b02020209707072656e746963657602050202726505020403076b777269676874180601010301060101035d0601010302047368627909060101035c060101030201741a020356020503036c61730202031c0204330204010562616b65725e02030601797002070f020403086c6c6f6f6e6973745402030304726c657966020504016e08020705036162791a0601010248060101021e06010102030574687475625202060204656163684c0206040572696e67732402020302636b58060101030106010103030565746c65737a020203036e64730602050204696e676f2d0204030372647308060102033a0601020201060102020c06010202060601020302046c616e6b2a020202046f6172646c02040601732d020503026f6b1302032802030301793f0203020372616d020601010204036e646c0506010103030365616456060102020106010202030601020201060102020106010202010601020201060102020406010202010601020201060102020608020102020408020102020106010202010601020203060102020c060102030601735c020205056b666173741d0204050274684102020403657a654102030a0204030569646c65733e02020402736b3b06010103010601010315060101032d06010103020275730d0202020179570203230203010663616c6465725c060101030106010103030272642402040501732702030202042002031e020304047269657335020505026f77060601010371060101030409746f67726170686572180203030473706172440601010201060101020301745402050404616c6f67750203040263684b02020204686172740b02031e02030303696c64360206060372656e51020602096c6f636b6d616b6572760203040275643b02021602030601733b060102031606010203030275627d020502046f6173741b020503026c642e0601020303056d706173730402060d0601020301060102030f0802010203030601020302080301020303086e74696e656e747325020305036f75722b020203056f6b696e676406010203050173640206030372696e09060101025c060101020305756e7465641002050604726965735c0601020302057261667473170601020304026e6556060101030106010103020275742c0205020479636c65690204010464616c651b0601010303076e64656c696f6e4e020203067567687465721802050301795f02030401731702050204656c76651306010103010601010302036f72610c06010102120601010234060101020c0601010202047261776e0902060501730702040104656464615606010102010601010203046d756e640b06010102020476657279360205060577686572652a02050107666561746865724202050801734302020c02050302656460020403036c69781c06010102010601010203026e6e3906010103010601010343060101030302726e7c0203030673746976616c3d02020901733d06010203020469656c6458020303036e6368150601010301060101034d06010103190601010304016423020203037273741e0203400206030273683d020504016b07060101030106010103590601010302036c65773f020503036f75725802050c0202030479696e6742020202026f721702030602031902040502041602050102041202041a0204020772616374696f6e7f020303026f6779020304016d080202500202010467616c653c020203026d65240205480205050173230601010301060101032706010103210601010303047264656e7d02040204656172736b0203030274735e020402056964656f6e11060101020106010102680601010201060101020302726c10020302046c6f626505060102031708020102030106010203080601020307080201020303080501020302016f7e020302047261696e400601020304060102031206010203020601020201080301020206060102020106010202010601020204060102020106010202010802010202010601020201060102020206010202010601020201060102020406010202010601020202060102020601736d020304046e6172796502030507646d6f746865725d0203030265793d06010104010868616c6c6f776179030601010303026e610d060101020106010102030472626f723002060405647461636b62020204036c616e580601010201060101020404766573746c0202030276657b020302036561644e0204030172100206020369676816020303026c6c160206030573746f7279180601020301060102032606010203150601020302060102040406010203050601020317060102020a0601020202046f6e657962020403037573650702060601730706010203170601020303017716020219020316020201036963652e020502036c7365010601010202016e0c0203100203240203380203030573656374737a0601020201060102020201730402040d02030502041902062c020303046c616e6409020307017309060102030202766f17060101024d0601010201036a61724f020329020502036f737337060101020a060101021206010102030575726e616c2b02034302030206756e697065721b0601010201066b65657065723102070305737472656c17060101034d060101030204696e67737b020503017426020422020323020404046368656e8100020504016534020302020311020205017334060102020206010202020601020201060102020406010202010601020201060102020806010202050803010202090601020202076e656164696e67630202030569676874738100020203036f74733808030102030402777312020501056c6162656c6f020203076d706c696768747a02040302726b340601010304060101031d060101030501735502050302737475020503067469747564651d02020203656e61070601010201060101025906010102030574746572735a020402036966656902030308676874686f75736531020603026e653f020705017305020204036e65744206010102010601010235060101020106010102030474746c651302021502023902030302766530020202036f6166570402041802040302667434020403016747020303026e671b02042902040301771a020401086d616368696e65736b0601020306060102030506010203030264652f0207030365766506060101027106010102030667617a696e6532020204046e6574731206010204140601020403046b696e673e0601020303026e795c02040301702002050d02032002031d020304056d616b657201020404017301060102020106010202010601020201060102020106010202010601020201060102020106010202010601020201080102020401060102020108020102020106010202010601020201060102020106010202010601020201060102020106010202010601020201060102020106010202010802010202010601020201060102020106010202010601020201060102020106010202010601020201060102020106010202010601020201060102020106010202010601020201060102020106010202010601020201060102020106010202010803010202010601020201060102020106010202010601020201060102020106010202010601020201060102020106010202370601020303047267696e0a02060403726f772306010102010601010227060101022106010102040273681106010103010601010344020624060101030106010103020865617375726572733702040703696e671f060102030203696c6c5602030b02050a02020602050502657272020403026e613d0601010202036f737342060101030106010103350601010301060101030302020306756e7461696e150204090173150601020301060102030c0601020309060102030402736507020303037669652e02020102021d020224020201020202047573696372060102030201791e02023f02020305737465727965020401066e6565646c650402070e020414020203026c6c180601010201060101025d060101020301742c02030204696768747002040d020303026e650d020402016f7b020403026f725c0601010201060101020303727468110202030174050205040565626f6f6b1802070205756d6265720d02030701737e080201020201060102020306747368656c6c1c020501046f616b650f0601010303027473660203020464656c6c02060101030201660202040602050202040902040102050a02050402040802040602040102040102040b02030702030902040202040a02040302030c02030202040b02040b020302026c640a060102030f020207020213020202016e5602042102030203726c61390601010201060101024306010102020374746f0506010102020275742c0206020376656e5d02050401724c0204010570616365730f020403036765732b02041c020427020403037065721502032802040307726163687574655002020401742702050202062002051e020505017368020203057469656e740102030203656c6c3e0601010301060101030303747261040601010202066963747572650202020303657273340601010204060101021d0601010203076e776865656c7346020502056c6163657302080601020304026e746802060601734e060102030b0601020307060102030606010203020601020301060102030b060102030106010202070601020201060102020302756d0c06010103120601010334060101030c0601010302056f636b65741f02030701733b020503026e647802020501737806010202010601020203047374657221020429020403037765726402030204727963650d0601010301060101030205757a7a6c652202032e020301057175696c6c0b0604400a070c140806150f1f0d140f070e071810090e0a090d0906140a090a0e0a08091e0909060a060a0a57060a070b0a18070912070f090e0e100609070c08080e0a0d070909250d080c060f0a0b0c0e07090b0c0b060610190906100b090a0c09070f13070b080919060b0712080b091c0c0709090a170909071b0727066706090c090f0e090a0f0907080608073409080d0c080a0f111209080e0b140d0d0b11090c0a0c360c0b0b070a0c1306070b140a080d0706190f070c07060a0619070f0b100b070f0a820b09191b0d0a1107091c0b1707140b090a1113060c07060e08060a0a0e0b0b070b421209140a0708060a0e0b0c0f060a0f0a0b140c0d0735180a06070d0c08100d');
INSERT INTO resource_words_data VALUES(137438953474,X'00000f1501010305307261696e77020205017917020402036561644502040307636f7264696e673102034102020301646102040303657665350601010301060101030a0601010302046976657206020406017306060102032c080301020302046f61647319020303026f660802046f020604016d0b02040501731e0206030673616c696e6410060101024406010102040165210203290203030277650a060101030204756675733e06010102010601010202027965660202010173180404043c0204090204150205040204020361696c5202030501734302040302746f3d0601010302066369656e63655b060102031806010203020265610a020211060102030d080501020401080201020408060102030206010203030265644e020327020205017360020203067270656e74730a0203030376656e38020202066861646f777303020203036970730b060102031d08030102030106010203070601020313060102040f060102031006010203020469676e73130805010203010802010203130601020303036c61730f06010102030573746572733a020402026b793902040c020602046d616c6c02020502046f636b7346020303026e6772020603047272656c150601010201060101024d060101021906010102040474696e676d020203077572646f7567685a02031902020204706172733e02050305726f7574737402030204746172730308040102044206010203380601020305037465727302030403796564790205030365707310020703036f6e651f060101030402726d4102041202020304726565740e02041f02020403696e6739020204036f75641a0601010348060101031e060101030207756974636173650c020503016e03060102030108030102030306727665796f721f02040205796d626f6c27020207017314020401057461626c65810002060601733302042902050303696c733e02030302726e37060101030a0601010312060101030403726f7701060101030204656c6c7359020603016e0f02020301791006010103440601010302036861740502030402040802044f0203030165010202030202020203010205010403050102020102050102020302030202020202030202060102020302020302020402020302050102030b0204040205020202010203020202030202050402060102040502050602030102050502020102050202020102040104020504020204020202020501020204020205020505020301020601020301020304020203020204020202020201020404016f3b06010102010601010215060101022d060101020402726505020603066f7573616e640f020303037265652702040202052002041e020405057368696e675f0202030577616974654406010103010601010302036964651a020519020303036c64610a0601010203026d6563080301020303016e77020502016f2c020419020313020403036461794d02050302706f2202020303776e730d06010203010601020315060102030a060102030205726176656c0c0601020304017925020448020403066561737572651a08020102030401657c02040204776963650902070105756e6465720e0202020170550202090205010676616c6c657922020602036572791b0203020369657730020303036f6c615a060101020106010102240601010202036f73730406010103010477616c6b7e02060503696e670f06010203010601020304016c200204030173090205030374636853020304026572710204030179110205120204020665617468657237060102030308030102020106010202010601020309060102020408020102020406010203040601020202060102022406010202020368617412020223020203036561744002051902050f02050102020b02020402726506020203016f1002042f02043a0204020369636b5a060101030106010103240601010303026e64340601020301080401020202080301020205060102020408020102020106010202010601020301060102030106010202020802010202020601020202080201020201060102020208020102020106010202010601020301060102020206010202020601020205056d696c6c734402020302746842020313020302056f6f64656e2502020303726c641402070c02031202062e02060a0206020372656e03060101025c0601010301060101030606010103010479656172750206040273745b020202046f756e6764020500033161632e020302016744020502016c1f060101023a020702020404060101020106010102060601010202016d1c060101030106010103180601010201060101020a0601010202016e0302031006010102010803010102140404041102030502040502030302040202021a020304020412060102030106010203020202020170760205020172050204130601010301060101035d0601010302017309060101035c060101030201740202031802030402043302041f02050102626108020712060101023802060202030a020304060101020402050a02070f020401060101020201650602051e02022802060c0601010301060101032102020201690806010203250204150601020201060102020c06010202060601020302016c2a020202016f1302031a02050e02030402032d0204020172020601010203060101031802041e060101030106010103020202030402030a020406060101030506010202010601020203060102020106010202010802010202010601020201060102020406010202010601020201060102020608020102020408020102020106010202010601020203060102020b0601010301060102030201750d02020201795702032302030102636106060101031202030c02040302030202040c02050f060101020106010102040203020202090205080601010301060101030a02030e020302060101030201680b02031e02030d02061b020602016c3b080201020316080301020325020307020502016f040206050601010207020501060102030106010203090205060802010203030601020301020301080301020305020203060102032e06010203080806010203010601010202017217060102033f0601010301060101030201752c02050201796902040102646117020501020503060101033302021102030201651306010103010601010302016f0c06010102120601010234060101020c06010102020172070204020206010265640b060101024b0601010201060101020201762a02050c0205010266651c0601010201060101021c0601010301060101030308020102030502050102020c02051102041c02030106010103020169070601010301060101030d0601010301060101030802030502021a02051b020306020603060101030206010103190601010302016c3f02050302021602050c020202016f1702030602031902040502041602050102041202041a02040201720802025002022102030602030102676123060101030108050101031802020f060101032108050101031102040201655e02040d0203020169100203010601010201060101026806010102010601010202016c05060102031708020102030106010203080601020307080201020303080501020302016f7e02030201723d060101040306010203040601020312060102030206010202010803010202040203020601020201060102020106010202040803010202010601020201080201020201060102020106010202020601020201060102020108030102020406010202010601020202060102020102686103060101030a060101020106010102220206280601010201060101020902020a02020f02030201651002063e020402016916040305020601020301060102032606010203150601020302060102040406010203050601020317060102020a0601020202016f0708060102030f020208060102031102031602021d0204010269632e020502016c010601010202016e0c0203100203240203380203020601020201060102020201730402040508030102030802030502041902062c020302017617060101024d0601010201026a614f020329020502016f2b02030c060101020a0601010212060101021b02030201751b0601010201026b6517060101031a020733060101030201692602040e080301020202080301020202060102020106010202040601020201060102020106010202080802010202010203040803010202090601020216020410020505020502016e1202052608030102032b02021d020201026c611d0202170601010304060101031d08050101031a02020602050502040201650706010102010601010252020407060101020201690502020e02021502020802020102060e0207030601010201060101021e02030802030f06010102010601010202016f1a02040102041902041002040302031004020418020401026d610108040102020106010202010601020201060102020106010202010c010102010202010601020201060102020106010202010a060102020401060102020108020102020106010202010601020201060102020106010202010c010103010202010e0101030102020401060102020106010202010601020201060102020108020102020106010202010601020201060102020106010202010601020201060102020106010202010601020201080501020201060102020106010202010c010102010202010c01010201020201060102020108010202040106010202010601020201060102020108030102020106010202010601020201080301020201060102020108070102020106010202010601020201080201020201060102020b060102030d060101020202030902060602040e080301020301060102030106010102050601020305060102030106010102030601010301060101030201651f060102031802040201693d060101021902030b02050a020206020501020402016f0702030e080401020301060102030c060102030906010203030202010202130601010301060101030902022402020102020706010103010601010303020202017572060102030201791e02023f020208020401026e650402070e0204060601010201060101020d02020602034a060101020201690d02046302040d020302016f0502050c0202070207440601010201060101021e02040201750d02030f0205620802010202010601020201026f610f0601010357020302016402060101030201660202040602050202040902040102050a02050402040802040602040102040102040b02030702030902040202040a02040302030c02030202040b02040b0203070906080f0614090e090a060612090910071308060912220a060b080b29170a0a0a0909071a090f090a160808080a0a0c08140c0e0b0a060b0908130a09060d11811917070b110a110b0a0a060c0807190c090e06090a090b0808140a090f06060807093c0b14070c14690a0a0a141909070908061d1c3706150d1228191f061281010609400f1547120606150d1709130932350f1b0f20091a24066e2909341a070819180d0a180811481220152f19825a0b1741080c1f0c19140c08');
INSERT INTO resource_words_data VALUES(137438953475,X'00000f0003316f6c0a060102030f020207020213020202016e56020421020302017239060101020106010102430601010202017405060101020201752c02060201764c0204110205010270610102030e02040602031202050202060202041202040a020402020507020217020501020206020402016504060101023a060101030106010103020169020202320601010204060101020e02050f0601010202016c0208060102030a06010103120601010330060102030406010103070601020305060101030206010203060601020302080601020301060102030b0601020301060102020706010202010601020202016f1f02030202041a02050f02041a020314080201020201060102020201720d0601010301060101030201752202032e0203010271750b0601010301027261170204600202020165310203040601010301060101030a060101030502041c02041102020201690608040102032c080301020302016f080204020601010301020405060101020902030502060302032902030a060101022302060201753e060101020106010102020179660202010273613d060101030602040f02030201635b0601020318060102030201650a04020311060102030d08050102040108020102040806010203020601020305020216020312020215020202016803020208060102031d08030102030106010203070601020313060102040f0601020310060102030201690f06010102040805010203010802010203130601020313020402016b3902040c020602016d02020502016f1506010102010601010230020314020309060101020a020205020601020209060101020201703e02053602030201740308040102040b02040202070a0601010305060101030e02020c020208020404060102030e02020f060101031102030602050406010203030601010302017503060102030108030102030802051302040201791402041302020102746101060101033202040406010103070203030601010312060101030902052402060201650f02020106010103440601010305020602016801020203020201040305010203010205010403050104020401020501020203020301020301020201020401020302020601020203020203020204020203020501020304020402020505020404020502020201020302020203020201060101020106010102030402060102040406010103010805010103040204020203010205050802010102010205020202010204010402050402020402020102020104030401020204020202020403020505020301020601020301020304020203020204020201060101020102020102040201690a0601010210020519020330080301020314020502016f0d060102030106010203140202010601020309020401060102031802030802050b02040201720c060102030e08020102030b02044802040f02040201770902070102756e0e0202020170550202090205010276612202060201651b02030201693002032a060101020106010102240601010202016f040601010301027761090205060601020301060102030102050f02040302043002031e02040d0206020165370601020303080301020201060102020106010203090601020204080201020204060102030406010202020601020224060102020201680602020a02040202022302020a02040102051902050f02050102020b02020502040201693406010203010804010202020803010202050601020204080201020201060102020108030102030106010203010802010202020802010202020601020202080201020201060102020208020102020106010202010601020301060102020206010202020601020201020305060101030106010103240601010302016f1402070c02030502020d02062e02060a020602017203060101025c0601010301060101030606010103010279655b02021a020602016f6402050004326163722e02030202676f44020502026c611f060101020301645f06010102010601010206060101020301695b020403016c59020702026d69350601010201060101020a0601010203016f1c06010103010601010302026e640302031102031402041102030502040502030302041c02030402040301654802020301692802065006010203010601020303016f130601010201060101020301747b0202020270707602050202726505020403016b180601010301060101035d060101030202736809060101035c060101030202746c0202031c0204330204010362616b5e02031202070f020403016c540203030172080207120601010248060101020402051a0601010203017452020602026561240202280206030163580601010301060101030301657a020203016e0602050202696e2d020403017208060102033a0601020201060102020c06010202060601020302026c612a020202026f612d02053f020403016f1302032802030301793f020302027261020601010203060101030301651d0204240402030a02040b06010202010601020203060102020106010202010802010202010601020201060102020406010202010601020201060102020608020102020408020102020106010202010601020203060102020c060102030301693b06010103010601010302020213060101032d06010103020275730d0202010363616c5c06010103010601010303017206060101031202030c02040302030202040c02051402031e02031006010103030173440601010201060101020301744b0202090205210203020268610b02031e02030301693602061b020602026c6f3b08020102031608030102032502030301757d020502026f611b020503016c2e0601020303016d0402060d0601020301060102030f0802010203030601020302080301020303016e25020306020203016f64080601020303017209060101025c060101020301751002054c060102030202726117060102033f060101030106010103020275742c020502027963690204010364616c1b0601010303016e4e02020301751802050301791702054802030202656c1306010103010601010302026f720c06010102120601010234060101020c060101020202726107020402020601036564645606010102010601010203016d0b06010102020276652a02050c020501036665614202050102020c020503016560020403016c1c06010102010601010203016e3906010103010601010343060101030301727c02030301733d08020102030202696558020303016e150601010301060101030d0202400601010319060101030301721e020340020603017307060101030106010103350205240601010302026c653f020503016f5802050c020203017942020202026f721702030602031902040502041602050102041202041a0204020272617f020303016f080202500202210203010367616c3c020203016d230601010301080501010327060101032108050101030301727d0204020265616b02030301745e020402026964110601010201060101026806010102010601010203017210020302026c6f050601020317080201020301060102030806010203070802010203030805010203020272614006010203040601020312060102030206010202010803010202040203020601020201060102020106010202040803010202010601020201080201020201060102020106010202020601020201060102020108030102020406010202010601020202060102020301653d06010104010368616c030601010303016e0d060101020106010102030172300206280601010201060101020902020a02020301767b0203020265614e02040301721002060202696716020303016c160206030173180601020301060102032606010203150601020302060102040406010203050601020317060102020a0601020202026f6e620204030175070806010203170601020303017716020219020316020201036963652e020502026c73010601010202026e737a0601020201060102020202736c0908030102030202766f17060101024d0601010201036a61724f020329020502026f7337060101020a0601010212060101020301752b02034302030202756e1b0601010201036b656531020703017317060101034d060101030202696e7b02050301742602040e080301020202080301020202060102020106010202040601020201060102020106010202080802010202010203040803010202090601020216020415020502026e656302020301698100020203016f12020526080301020301036c61626f020203016d7a0204030172340601010304060101031d08050101030301737502050301741d02020202656e0706010102010601010259060101020301745a02040202696669020303016731020603016e0502023a0207030601010201060101023506010102010601010203017413020215020239020303017630020202026f615704020418020403016634020403016747020303016e1b02042902040301771a020401036d61636b06010203060601020305060102030301642f020703016506060101027106010102030167120601020414060102040c020203016b3e0601020303016e5c0204030170010804010202010601020201060102020106010202010601020201060102020106010202010601020201060102020108010202040106010202010802010202010601020201060102020106010202010601020201060102020106010202010601020201060102020106010202010601020201080201020201060102020106010202010601020201060102020106010202010601020201060102020106010202010805010202010601020201060102020106010202010601020201060102020106010202010601020201060102020106010202010803010202010601020201060102020108030102020106010202010601020201060102020106010202010601020201060102021a02031d08030102030301720a0206070601010301060101031106010102010601010227060101020b020616060101020e060101030106010103020265611f060102031802040202696c5602030b02050a020206020501020403016e3d0601010202026f7342060101030106010103350601010301060101030302020301750702030e080401020301060102030c0601020309060102030301762e02020102021d02022402020102020202757372060102030202797365020401036e65650402070e020414020203016c180601010201060101025d060101020301742c020302026967700204041209120806092b1218501d0d09090a1e0f270d060f0d2e2a1c090626093f14092413814e172617060709070615082337247c15170a06090709120606130d1f06100d060707120e0d0e0618060a0d0606071c070a09060e601a070f220d0c0a09130607082109090d0b1307070a0606090e180a0f080a0e060d120609071a09150709061c070c08190607061806256a080a0d16060706070630070e0c08090e0a0e0b130909080d074507070c0806130606130607061d0c060b0606090614060d1008068212310c13081b1b1209070e1206');
INSERT INTO resource_words_data VALUES(137438953476,X'000406b77d020304326e696e0d020402026f6f5c0601010201060101020301721102020301740502051302070202756d0d020371080201020201060102020301741c020501036f616b0f0601010303017466020302026465020601010302026c640a060102030f02020702021302020202726c390601010201060101024306010102020274740506010102020275742c0206020276654c020411020501037061630f02040301672b02041c02042702040301701502032802040301722702050202062002050702021702050102020301740102030202656c3e060101030106010103030174040601010202026963020202030165340601010204060101021d0601010203016e46020502026c610208060102034c060102030b060102030706010203060601020302080601020301060102030b060102030106010202070601020201060102020301750c06010103120601010334060101030c0601010302026f631f02031c020503016e7808020102020106010202030173210204290204030177640203020272790d0601010301060101030202757a2202032e020301037175690b06010103010372616917020460020202026561450204030163310203410202030164610204030165350601010301060101030a06010103020269760608040102032c080301020302026f6119020303016f08020403020413020659020603017310060101021102032902030a060101020301770a06010103020275663e0601010201060101020202796566020201037361694302040f02030301743d06010103020263695b060102031806010203020265610a020211060102030d0805010204010802010204080601020302060102030301654e02031202021502020301720a0203030176380202020268610302020301690b060102031d08030102030106010203070601020313060102040f06010203100601020302026967130805010203010802010203130601020303016c0f060101020301733a020402026b793902040c020602026d6102020502026f6346020303016e720206030172150601010201060101024d060101020a02020f060101020301755a0203190202020270613e02050301727402030202746103080401020442060102032e0203060205040601020303016510020703016f1f060101032202041202020301720e02040c060101031302020c020229060101031e06010103020275690c020503016e03060102030108030102030301721f02040202796d14020413020201037461623302042902052402060301693e0203030172010601010336060101030a0601010312060101030202656c59020603016e0f020203017910060101034406010103020268610502030402040802044f0203030165010202030202010206010203010205010403050102020102050102020302030202020202030202060102020302020302020402020302050102030b0204040205020202010203020202030202010601010201060101020304020601020405020506020301020505080201010201020502020201020401040205040202040202020205010202040202050205050203010206010203010203040202030202040202010601010201020201020403016f0f020303017227020402020520020416020208020403017744060101030106010103020269641a020519020303016c0a0601010203016d63080301020303016e77020502026f644d02050301702202020301770d06010203010601020315060102030a06010203020272610c060102031902044802040301651a0802010203620204020277690902070103756e640e0202010376616c220206020265721b02030202696530020303016f5a060101020106010102240601010202026f730406010103010377616c0f0601020301060102031002045e02060301730902050301745302031e02040301791102051202040202656137060102030308030102020106010202010601020309060102020408020102020406010203040601020202060102022406010202020268611202022302020301650602023a02051902050f02050102020b020203016f1002042f02043a0204020269635a060101030106010103240601010303016e34060102030108040102020208030102020506010202040802010202010601020201060102030106010203010802010202020802010202020601020202080201020201060102020208020102020106010202010601020301060102020206010202020601020203017442020313020302026f6f2502020301721402070c02031202062e02060a02060202726503060101025c060101030106010103060601010301037965615b02021a020602026f7564020507080e060912060a0609121309070a080c0915060e080712063d170a0e09060e0a0a0b0709061210070f13080e070b080e220c060607271508060a0707061a0907061a060e1b070e060a0e061707060d10812e06120d0a0809060706170f0c0708080707120915060909380a150c1369090712180b');
INSERT INTO resource_words_data VALUES(274877906945,X'000000f00630616c64657281110601010201096265656b656570657281110203010863616c656e646172811102050107696e73656374738111060102020106706c616e74738111060102030101738111020401037468658111020201047772656e811106010103000331616c811106010102010262658111020301026361811102050102696e8111060102020102706c811106010203010274688111020201027772811106010103000432616c64811106010102010362656581110203010363616c811102050103696e738111060102020103706c618111060102030103746865811102020103777265811106010103040d0f0e0f0e07090c0b08080a0a080a0c09090b0b09');
INSERT INTO resource_words_data VALUES(412316860417,X'000000c10630626972647381120601020201046772657981120601010401056c696768748112020301046d696e6181120601010201036f776c8112020201047361746f81120601010300033162698112060102020102677281120601010401026c698112020301026d6981120601010201026f778112020201027361811206010103000432626972811206010202010367726581120601010401036c69678112020301036d696e81120601010201036f776c811202020103736174811206010103040d0c0b0c090c0b0a080a080a0c0b090b09');
INSERT INTO resource_words_data VALUES(549755813889,X'000001080230618113020201056669656c64811302030105677569646581130204010468616e6181130601010201036f7572811302060106706c616e74738113060102030204727963658113060101030106737472656574811302070102746f811302050303776e7381130601020200033166698113020301026775811302040102686181130601010201026f75811302060102706c81130601020302017281130601010301027374811302070102746f8113080501020200043266696581130203010367756981130204010368616e81130601010201036f7572811302060103706c61811306010203020272798113060101030103737472811302070103746f7781130601020204070b0b0c090e0c0c080b09080a080a09080b0a090b090b0a09');
INSERT INTO resource_words_data VALUES(687194767361,X'000000fc08306265617265727381140203010665646d756e6481140601010201086665726e68696c6c811402050107686973746f727981140601020201076c616e7465726e8114020201026f668114020401057175696c6c8114060101030105746f776e738114060102030003316265811402030102656481140601010201026665811402050102686981140601020201026c618114020201026f6681140204010271758114060101030102746f81140601020300043262656181140203010365646d811406010102010366657281140205010368697381140601020201036c616e8114020201037175698114060101030103746f77811406010203040d0e0e0f0d080d0d090a080a08080a0a0a0b090b090b');
INSERT INTO resource_words_data VALUES(824633720833,X'000000be0530636c6179811502020104666972658115020401066d616b696e67811506010202010470656c6c811506010103010572756675738115060101020105776865656c81150203000331636c81150202010266698115020401026d6181150601020201027065811506010103010272758115060101020102776881150203000432636c618115020201036669728115020401036d616b811506010202010370656c8115060101030103727566811506010102010377686581150203040a0a0e0c0d0b09080a0a0a080a090b0b0b');
INSERT INTO resource_words_data VALUES(962072674305,X'000000d2083066696e64696e6781160202010567756964658116020601046d61707381160601020201036f757281160203010570616765738116020801017381160207010374686581160205010377617981160204000331666981160202010267758116020601026d6181160601020201026f758116020301027061811602080102746881160205010277618116020400043266696e8116020201036775698116020601036d617081160601020201036f757281160203010370616781160208010374686581160205010377617981160204040d0b0c090b07090909080a080808080a090b090909');
INSERT INTO resource_words_data VALUES(2473901162497,X'000007630230618101020501020401020207020404020302026e64810102040e02040305696d616c73810b060102030306010203020174810e02050106626565746c65810a020202046f61726481100203030178810a0205010363616e8105020403037264738106020305020402066972636c657381080203020c6f6e7374656c6c6174696f6e810602020303756e7481050205010465616368810302050103666f728102020301020404016b810f0203020772616374696f6e81080202010567616d6573810906010103010601010302036f6174810102060203726579810206010104010868616c6c6f7761798103060101030106010103010601010302066973746f727981010601020202036f6d6581040205030374656c810c02030206756e6472656481100202010a696c6c75737472617465810d020502016e810a0203030473656374810c0202070173810a06010202020601020201046c696665810b020303077374656e696e678104020301086d616368696e6573810706010202030472626c65810702020403726f7781090601010201060101020203696e6181020601010202066f726e696e67810202060303766965810e020202047573696381020601020202060102020b0601020201076e756d62657273810806010202080601020201057061676573810d020302046c616e73810c020402036f656d810302030a02020501738103060102020a0601020203026e64810b0202030207050173810b0601020203060102020106717565656e73810102030108726f73616c696e648101060101020202756e8107020301047361746f81020601010302036c6f778102020502046f6e677381020202020474617273810508020102020106010202030572696e6773810f0205010374657981010601010302026865810402020a02060303726565810102020204696c65738109020302016f810d02040205756e696e67810f0202010477616c6b810402040503696e67810406010203020365656b8103020602036f726481090202050173810906010202020372656e81030601010201060101020106010102010479656172810e020402026f7581050203000331616e810102040a060102030306010203010204020174810e020501026265810a020202016f810a020506020301026361810502040102030502040201698108020302016f8105020501020201026561810302050102666f810202030102040c02030201728108020201026761810906010103010601010302016f81010206020172810206010104010268618103060101030106010103010601010302016981010601020202016f81040205080203020175811002020102696c810d020502016e810a080301020202080201020201026c698104020307020301026d61810708020102020206010102010601010202016981020601010202016f810202060c020202017581020601020202060102020b0601020201026e75810806010202080601020201027061810d020302016c810c020402016f8103080301020208080201020202080201020201080701020201027175810102030102726f810106010102020175810702030102736181020601010302016c8102020502016f8102020202017481050802010202010601020209020501027465810106010103020168810102020302020a02060201698109020302016f810d0204020175810f020201027761810408040102030201658103020602016f810908020102020201728103060101020106010102010601010201027965810e020402016f81050203000432616e64810102040e0204030169810b0601020303060102030103626565810a020202026f6181100203030178810a0205010363616e8105020403017281060203050204020269728108020302026f6e81060202030175810502050103656163810302050103666f72810202030102040c02030202726181080202010367616d810906010103010601010302026f618101020602027265810206010104010368616c810306010103010601010301060101030202697381010601020202026f6d81040205030174810c02030202756e811002020103696c6c810d020502026e73810a0601020202080201020201036c6966810b02030301738104020301036d616381070601020203017281070202020601010201060101020202696e81020601010202026f7281020206030176810e02020202757381020601020202060102020b0601020201036e756d81080601020208060102020103706167810d020302026c61810c020402026f65810308030102020a080201020203016e810b08020102020308070102020103717565810102030103726f738101060101020202756e81070203010373617481020601010302026c6f8102020502026f6e8102020202027461810508020102020106010202030172810f0205010374657981010601010302026865810402020a0206030172810102020202696c810902030202756e810f0202010377616c81040804010203020265658103020602026f728109080201020202027265810306010102010601010201060101020103796561810e020402026f758105020304130b12070c0a07090c0c12090a0c070d12090b1a0e09090c10070a0e0a0d100a100b0c0916140b0a0c0e0b0e0c10080c090a120b0b0b090a070b0a0b090909150a081607080a0e070a080e070f070914090a0708100b15090a130f08071c080a070a0707120a0d0707070b070a1308070d0e090807090a080807090f0810080a150a080708091009070b110a0807141009081110090b080b080810070b0b0708080c080b1409');
CREATE TABLE IF NOT EXISTS 'resource_words_idx'(segid, term, pgno, PRIMARY KEY(segid, term)) WITHOUT ROWID;
INSERT INTO resource_words_idx VALUES(1,X'',2);
INSERT INTO resource_words_idx VALUES(1,X'3072',4);
INSERT INTO resource_words_idx VALUES(1,X'316f6c',6);
INSERT INTO resource_words_idx VALUES(1,X'326e696e',8);
INSERT INTO resource_words_idx VALUES(2,X'',2);
INSERT INTO resource_words_idx VALUES(3,X'',2);
INSERT INTO resource_words_idx VALUES(4,X'',2);
INSERT INTO resource_words_idx VALUES(5,X'',2);
INSERT INTO resource_words_idx VALUES(6,X'',2);
INSERT INTO resource_words_idx VALUES(7,X'',2);
INSERT INTO resource_words_idx VALUES(18,X'',2);
CREATE TABLE IF NOT EXISTS 'resource_words_docsize'(id INTEGER PRIMARY KEY, sz BLOB, origin INTEGER);
INSERT INTO resource_words_docsize VALUES(1,X'03020100',1);
INSERT INTO resource_words_docsize VALUES(2,X'05020200',2);
INSERT INTO resource_words_docsize VALUES(3,X'03020300',3);
INSERT INTO resource_words_docsize VALUES(4,X'06020200',4);
INSERT INTO resource_words_docsize VALUES(5,X'05020200',5);
INSERT INTO resource_words_docsize VALUES(6,X'04020200',6);
INSERT INTO resource_words_docsize VALUES(7,X'05020200',7);
INSERT INTO resource_words_docsize VALUES(8,X'06020200',8);
INSERT INTO resource_words_docsize VALUES(9,X'06020200',9);
INSERT INTO resource_words_docsize VALUES(10,X'05020300',10);
INSERT INTO resource_words_docsize VALUES(11,X'03020200',11);
INSERT INTO resource_words_docsize VALUES(12,X'04020200',12);
INSERT INTO resource_words_docsize VALUES(13,X'03020200',13);
INSERT INTO resource_words_docsize VALUES(14,X'03020200',14);
INSERT INTO resource_words_docsize VALUES(15,X'03020200',15);
INSERT INTO resource_words_docsize VALUES(16,X'06020200',16);
INSERT INTO resource_words_docsize VALUES(17,X'04020200',17);
INSERT INTO resource_words_docsize VALUES(18,X'04020300',18);
INSERT INTO resource_words_docsize VALUES(19,X'04020200',19);
INSERT INTO resource_words_docsize VALUES(20,X'06020200',20);
INSERT INTO resource_words_docsize VALUES(21,X'03020200',21);
INSERT INTO resource_words_docsize VALUES(22,X'05020200',22);
INSERT INTO resource_words_docsize VALUES(23,X'04020200',23);
INSERT INTO resource_words_docsize VALUES(24,X'06020200',24);
INSERT INTO resource_words_docsize VALUES(25,X'02020200',25);
INSERT INTO resource_words_docsize VALUES(26,X'04020200',26);
INSERT INTO resource_words_docsize VALUES(27,X'04020200',27);
INSERT INTO resource_words_docsize VALUES(28,X'04020200',28);
INSERT INTO resource_words_docsize VALUES(29,X'03020200',29);
INSERT INTO resource_words_docsize VALUES(30,X'05020200',30);
INSERT INTO resource_words_docsize VALUES(31,X'03020200',31);
INSERT INTO resource_words_docsize VALUES(32,X'04000100',32);
INSERT INTO resource_words_docsize VALUES(33,X'03000200',33);
INSERT INTO resource_words_docsize VALUES(34,X'05000200',34);
INSERT INTO resource_words_docsize VALUES(35,X'03020200',35);
INSERT INTO resource_words_docsize VALUES(36,X'04020200',36);
INSERT INTO resource_words_docsize VALUES(37,X'03000200',37);
INSERT INTO resource_words_docsize VALUES(38,X'03000300',38);
INSERT INTO resource_words_docsize VALUES(39,X'04000200',39);
INSERT INTO resource_words_docsize VALUES(40,X'05000300',40);
INSERT INTO resource_words_docsize VALUES(41,X'05000300',41);
INSERT INTO resource_words_docsize VALUES(42,X'04000100',42);
INSERT INTO resource_words_docsize VALUES(43,X'03000200',43);
INSERT INTO resource_words_docsize VALUES(44,X'05000200',44);
INSERT INTO resource_words_docsize VALUES(45,X'04000200',45);
INSERT INTO resource_words_docsize VALUES(46,X'04000200',46);
INSERT INTO resource_words_docsize VALUES(47,X'06000200',47);
INSERT INTO resource_words_docsize VALUES(48,X'05000200',48);
INSERT INTO resource_words_docsize VALUES(49,X'06000200',49);
INSERT INTO resource_words_docsize VALUES(50,X'05000200',50);
INSERT INTO resource_words_docsize VALUES(51,X'03000200',51);
INSERT INTO resource_words_docsize VALUES(52,X'03020200',52);
INSERT INTO resource_words_docsize VALUES(53,X'04020100',53);
INSERT INTO resource_words_docsize VALUES(54,X'05020100',54);
INSERT INTO resource_words_docsize VALUES(55,X'03020200',55);
INSERT INTO resource_words_docsize VALUES(56,X'02020200',56);
INSERT INTO resource_words_docsize VALUES(57,X'03020100',57);
INSERT INTO resource_words_docsize VALUES(58,X'03020100',58);
INSERT INTO resource_words_docsize VALUES(59,X'04020200',59);
INSERT INTO resource_words_docsize VALUES(60,X'01020200',60);
INSERT INTO resource_words_docsize VALUES(61,X'04030200',61);
INSERT INTO resource_words_docsize VALUES(62,X'04020200',62);
INSERT INTO resource_words_docsize VALUES(63,X'06020200',63);
INSERT INTO resource_words_docsize VALUES(64,X'04020200',64);
INSERT INTO resource_words_docsize VALUES(65,X'03020100',65);
INSERT INTO resource_words_docsize VALUES(66,X'04020200',66);
INSERT INTO resource_words_docsize VALUES(67,X'03020300',67);
INSERT INTO resource_words_docsize VALUES(68,X'04020200',68);
INSERT INTO resource_words_docsize VALUES(69,X'05020200',69);
INSERT INTO resource_words_docsize VALUES(70,X'04000100',70);
INSERT INTO resource_words_docsize VALUES(71,X'03000100',71);
INSERT INTO resource_words_docsize VALUES(72,X'02000100',72);
INSERT INTO resource_words_docsize VALUES(73,X'04000100',73);
INSERT INTO resource_words_docsize VALUES(74,X'03000100',74);
INSERT INTO resource_words_docsize VALUES(75,X'03020100',75);
INSERT INTO resource_words_docsize VALUES(76,X'05000100',76);
INSERT INTO resource_words_docsize VALUES(77,X'04000200',77);
INSERT INTO resource_words_docsize VALUES(78,X'03000200',78);
INSERT INTO resource_words_docsize VALUES(79,X'04000200',79);
INSERT INTO resource_words_docsize VALUES(80,X'02000100',80);
INSERT INTO resource_words_docsize VALUES(81,X'05020200',81);
INSERT INTO resource_words_docsize VALUES(82,X'05020200',82);
INSERT INTO resource_words_docsize VALUES(83,X'02020100',83);
INSERT INTO resource_words_docsize VALUES(84,X'04020200',84);
INSERT INTO resource_words_docsize VALUES(85,X'04020200',85);
INSERT INTO resource_words_docsize VALUES(86,X'05020300',86);
INSERT INTO resource_words_docsize VALUES(87,X'03020100',87);
INSERT INTO resource_words_docsize VALUES(88,X'04020100',88);
INSERT INTO resource_words_docsize VALUES(89,X'06020200',89);
INSERT INTO resource_words_docsize VALUES(90,X'03020200',90);
INSERT INTO resource_words_docsize VALUES(91,X'03020200',91);
INSERT INTO resource_words_docsize VALUES(92,X'04020200',92);
INSERT INTO resource_words_docsize VALUES(93,X'04020100',93);
INSERT INTO resource_words_docsize VALUES(94,X'05020100',94);
INSERT INTO resource_words_docsize VALUES(95,X'02020200',95);
INSERT INTO resource_words_docsize VALUES(96,X'05020200',96);
INSERT INTO resource_words_docsize VALUES(97,X'04020100',97);
INSERT INTO resource_words_docsize VALUES(98,X'03020200',98);
INSERT INTO resource_words_docsize VALUES(99,X'02020200',99);
INSERT INTO resource_words_docsize VALUES(100,X'05020200',100);
INSERT INTO resource_words_docsize VALUES(101,X'03020100',101);
INSERT INTO resource_words_docsize VALUES(102,X'04020200',102);
INSERT INTO resource_words_docsize VALUES(103,X'04000100',103);
INSERT INTO resource_words_docsize VALUES(104,X'05000200',104);
INSERT INTO resource_words_docsize VALUES(105,X'03000200',105);
INSERT INTO resource_words_docsize VALUES(106,X'05000200',106);
INSERT INTO resource_words_docsize VALUES(107,X'03000200',107);
INSERT INTO resource_words_docsize VALUES(108,X'04020100',108);
INSERT INTO resource_words_docsize VALUES(109,X'03000100',109);
INSERT INTO resource_words_docsize VALUES(110,X'03000100',110);
INSERT INTO resource_words_docsize VALUES(111,X'03000100',111);
INSERT INTO resource_words_docsize VALUES(112,X'06000100',112);
INSERT INTO resource_words_docsize VALUES(113,X'04000200',113);
INSERT INTO resource_words_docsize VALUES(114,X'05000200',114);
INSERT INTO resource_words_docsize VALUES(115,X'02000200',115);
INSERT INTO resource_words_docsize VALUES(116,X'02000200',116);
INSERT INTO resource_words_docsize VALUES(117,X'05000100',117);
INSERT INTO resource_words_docsize VALUES(118,X'04020200',118);
INSERT INTO resource_words_docsize VALUES(119,X'05020100',119);
INSERT INTO resource_words_docsize VALUES(120,X'04020200',120);
INSERT INTO resource_words_docsize VALUES(121,X'04020200',121);
INSERT INTO resource_words_docsize VALUES(122,X'03020100',122);
INSERT INTO resource_words_docsize VALUES(123,X'04020100',123);
INSERT INTO resource_words_docsize VALUES(124,X'03020100',124);
INSERT INTO resource_words_docsize VALUES(125,X'04020200',125);
INSERT INTO resource_words_docsize VALUES(126,X'05020100',126);
INSERT INTO resource_words_docsize VALUES(127,X'03020200',127);
INSERT INTO resource_words_docsize VALUES(128,X'05020100',128);
INSERT INTO resource_words_docsize VALUES(129,X'05020100',129);
INSERT INTO resource_words_docsize VALUES(130,X'05030100',130);
INSERT INTO resource_words_docsize VALUES(131,X'05020100',131);
INSERT INTO resource_words_docsize VALUES(132,X'04020200',132);
INSERT INTO resource_words_docsize VALUES(133,X'04020100',133);
INSERT INTO resource_words_docsize VALUES(134,X'02000100',134);
INSERT INTO resource_words_docsize VALUES(135,X'02000100',135);
INSERT INTO resource_words_docsize VALUES(136,X'02000100',136);
INSERT INTO resource_words_docsize VALUES(137,X'02020100',137);
INSERT INTO resource_words_docsize VALUES(138,X'04020100',138);
INSERT INTO resource_words_docsize VALUES(139,X'03000200',139);
INSERT INTO resource_words_docsize VALUES(140,X'03000100',140);
INSERT INTO resource_words_docsize VALUES(141,X'04000100',141);
INSERT INTO resource_words_docsize VALUES(142,X'06000200',142);
INSERT INTO resource_words_docsize VALUES(143,X'04000100',143);
INSERT INTO resource_words_docsize VALUES(144,X'02000100',144);
INSERT INTO resource_words_docsize VALUES(145,X'04020200',145);
INSERT INTO resource_words_docsize VALUES(146,X'02030100',146);
INSERT INTO resource_words_docsize VALUES(147,X'06020200',147);
INSERT INTO resource_words_docsize VALUES(148,X'04020200',148);
INSERT INTO resource_words_docsize VALUES(149,X'03020100',149);
INSERT INTO resource_words_docsize VALUES(150,X'07000100',150);
CREATE TABLE IF NOT EXISTS 'resource_words_config'(k PRIMARY KEY, v) WITHOUT ROWID;
INSERT INTO resource_words_config VALUES('version',4);
INSERT INTO sqlite_schema(type,name,tbl_name,rootpage,sql)VALUES('table','resource_terms','resource_terms',0,'CREATE VIRTUAL TABLE resource_terms using fts5vocab(resource_words, row)');
CREATE TABLE resource_use (
	id integer primary key autoincrement, resource_id integer not null references resource(id),
	lesson_id integer not null references lesson(id), role text not null, from_page integer, to_page integer,
	participants text, minutes integer, preview_minutes integer, required integer not null default 1,
	note text not null default ''
) strict;
INSERT INTO resource_use VALUES(1,5,6,'read aloud',12,18,NULL,15,NULL,1,'why every map lies a little');
INSERT INTO resource_use VALUES(2,44,6,'one activity',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(3,37,6,'one activity',NULL,NULL,'[5]',NULL,NULL,1,'');
INSERT INTO resource_use VALUES(4,47,6,'listen or watch',NULL,NULL,NULL,20,NULL,1,'');
INSERT INTO resource_use VALUES(5,12,9,'look at',NULL,NULL,'[4]',10,NULL,1,'');
INSERT INTO resource_use VALUES(6,12,13,'read aloud',NULL,NULL,NULL,15,NULL,1,'');
INSERT INTO resource_use VALUES(7,29,7,'read alone',20,34,'[3]',20,NULL,1,'');
INSERT INTO resource_use VALUES(8,27,7,'look at',NULL,NULL,'[4,5]',10,NULL,1,'');
INSERT INTO resource_use VALUES(9,18,8,'read aloud',8,19,NULL,15,20,1,'');
INSERT INTO resource_use VALUES(10,38,8,'one activity',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(11,3,9,'read aloud',30,41,NULL,20,NULL,1,'the shadow stick');
INSERT INTO resource_use VALUES(12,4,9,'look at',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(13,13,10,'look at',NULL,NULL,'[5]',NULL,NULL,1,'');
INSERT INTO resource_use VALUES(14,14,10,'read alone',5,20,'[4]',15,NULL,1,'');
INSERT INTO resource_use VALUES(15,35,10,'one activity',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(16,10,11,'look at',4,21,NULL,15,NULL,1,'');
INSERT INTO resource_use VALUES(17,11,11,'read alone',40,58,'[3]',25,NULL,1,'');
INSERT INTO resource_use VALUES(18,26,12,'read aloud',1,12,NULL,15,NULL,1,'');
INSERT INTO resource_use VALUES(19,36,12,'one activity',NULL,NULL,'[3,4]',NULL,NULL,1,'');
INSERT INTO resource_use VALUES(20,25,13,'reference',90,101,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(21,54,14,'look at',NULL,NULL,NULL,10,NULL,1,'');
INSERT INTO resource_use VALUES(22,66,14,'look at',NULL,NULL,'[5]',10,NULL,1,'');
INSERT INTO resource_use VALUES(23,67,14,'read aloud',8,19,NULL,20,NULL,1,'what holds a wing up');
INSERT INTO resource_use VALUES(24,79,14,'one activity',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(25,76,14,'listen or watch',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(26,52,15,'read aloud',1,14,NULL,20,NULL,1,'');
INSERT INTO resource_use VALUES(27,62,15,'reference',20,27,NULL,NULL,NULL,1,'where the bridle sits');
INSERT INTO resource_use VALUES(28,56,15,'read alone',12,24,'[3]',20,NULL,1,'');
INSERT INTO resource_use VALUES(29,71,15,'one activity',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(30,69,16,'read alone',30,41,'[3]',25,NULL,1,'');
INSERT INTO resource_use VALUES(31,72,16,'one activity',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(32,74,16,'look at',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(33,73,16,'one activity',NULL,NULL,'[4,5]',NULL,NULL,1,'');
INSERT INTO resource_use VALUES(34,70,16,'one activity',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(35,77,16,'listen or watch',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(36,88,17,'read aloud',1,24,NULL,25,NULL,1,'');
INSERT INTO resource_use VALUES(37,89,17,'look at',NULL,NULL,NULL,10,NULL,1,'');
INSERT INTO resource_use VALUES(38,95,17,'read alone',5,20,'[3]',20,NULL,1,'');
INSERT INTO resource_use VALUES(39,103,17,'one activity',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(40,105,17,'one activity',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(41,104,17,'look at',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(42,107,17,'one activity',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(43,91,18,'read aloud',3,16,NULL,20,NULL,1,'');
INSERT INTO resource_use VALUES(44,87,18,'look at',NULL,NULL,NULL,10,NULL,1,'');
INSERT INTO resource_use VALUES(45,99,18,'read alone',NULL,NULL,'[4]',15,NULL,1,'');
INSERT INTO resource_use VALUES(46,110,18,'one activity',NULL,NULL,NULL,NULL,NULL,1,'');
INSERT INTO resource_use VALUES(47,112,18,'listen or watch',NULL,NULL,NULL,NULL,NULL,1,'');
CREATE TABLE loan (
	id integer primary key autoincrement, resource_id integer not null references resource(id),
	direction text not null check (direction in ('in', 'out')), supplier_id integer references supplier(id),
	borrower text not null default '', state text not null
	check (state in ('hold placed', 'ready', 'on loan', 'back')), placed_on text, expected_on text, ready_on text,
	fetched_on text, due_on text, renewed integer not null default 0, back_on text, note text not null default ''
, hold_number text) strict;
INSERT INTO loan VALUES(1,5,'in',5,'','on loan','2026-12-29',NULL,NULL,'2027-01-09','2027-01-30',0,NULL,'','H-4102');
INSERT INTO loan VALUES(2,29,'in',5,'','ready','2027-01-08',NULL,'2027-01-20',NULL,NULL,0,NULL,'','H-4117');
INSERT INTO loan VALUES(3,27,'in',5,'','on loan','2026-12-22',NULL,NULL,'2027-01-05','2027-01-26',0,NULL,'','H-4088');
INSERT INTO loan VALUES(4,18,'in',5,'','hold placed','2027-01-15','2027-01-27',NULL,NULL,NULL,0,NULL,'','H-4125');
INSERT INTO loan VALUES(5,21,'in',5,'','on loan','2026-12-28',NULL,NULL,'2027-01-08','2027-01-29',0,NULL,'','H-4097');
INSERT INTO loan VALUES(6,6,'in',5,'','back','2026-12-20',NULL,NULL,'2026-12-30','2027-01-20',0,'2027-01-19','','H-4079');
INSERT INTO loan VALUES(7,26,'out',NULL,'the Aldens','on loan',NULL,NULL,NULL,'2026-12-12','2027-02-14',0,NULL,'',NULL);
CREATE TABLE activity_resource (
	id integer primary key autoincrement, activity_id integer not null references activity(id),
	resource_id integer not null references resource(id), unique (activity_id, resource_id)
) strict;
INSERT INTO activity_resource VALUES(1,6,37);
INSERT INTO activity_resource VALUES(2,7,40);
INSERT INTO activity_resource VALUES(3,7,41);
INSERT INTO activity_resource VALUES(4,17,45);
CREATE TABLE lent_piece (
	id integer primary key autoincrement, resource_id integer not null references resource(id), piece text not null,
	activity_id integer references activity(id), lent_to text not null, lent_on text not null
) strict;
INSERT INTO lent_piece VALUES(1,40,'narwhal and two sailing ships',7,'Sorting ships and whales','2027-01-20');
CREATE TABLE offer (
	id integer primary key autoincrement, item_id integer not null references item(id),
	supplier_id integer not null references supplier(id), size text not null, unit text not null,
	cents integer not null, seen_on text not null, aisle text not null default '',
	standing text not null default 'usual' check (standing in ('usual', 'preferred', 'excluded')),
	why text not null default '', most_packs integer
) strict;
INSERT INTO offer VALUES(1,125,1,'1','each',79,'2027-01-09','fruit','usual','',NULL);
INSERT INTO offer VALUES(2,125,1,'8','each',499,'2027-01-09','fruit','usual','',NULL);
INSERT INTO offer VALUES(3,125,2,'1','each',129,'2027-01-09','checkout','usual','',NULL);
INSERT INTO offer VALUES(4,127,3,'2','each',640,'2027-01-09','','usual','',NULL);
INSERT INTO offer VALUES(5,127,2,'1','each',425,'2027-01-09','tools','usual','',NULL);
INSERT INTO offer VALUES(6,128,2,'10','each',290,'2027-01-09','crafts','usual','',NULL);
INSERT INTO offer VALUES(7,128,3,'25','each',410,'2027-01-09','','usual','',NULL);
INSERT INTO offer VALUES(8,129,2,'12','stick',349,'2027-01-09','crafts','usual','',NULL);
INSERT INTO offer VALUES(9,129,1,'6','stick',229,'2027-01-09','seasonal','usual','',NULL);
INSERT INTO offer VALUES(10,129,3,'20','stick',320,'2027-01-09','','excluded','crumbles in the damp',NULL);
INSERT INTO offer VALUES(11,137,1,'1','bag',199,'2027-01-09','candy','usual','',NULL);
INSERT INTO offer VALUES(12,137,3,'4','bag',680,'2027-01-09','','usual','',NULL);
INSERT INTO offer VALUES(13,99,2,'4','each',360,'2027-01-09','wood','usual','',NULL);
INSERT INTO offer VALUES(14,147,2,'10','sheet',250,'2027-01-09','crafts','usual','',NULL);
INSERT INTO offer VALUES(15,150,1,'1','each',55,'2027-01-09','fruit','usual','',NULL);
INSERT INTO offer VALUES(16,149,1,'20','each',240,'2027-01-09','party','usual','',NULL);
INSERT INTO offer VALUES(17,86,2,'3','yd',275,'2027-01-09','sewing','usual','',NULL);
CREATE TABLE price (
	id integer primary key autoincrement, offer_id integer not null references offer(id), on_day text not null,
	cents integer not null
) strict;
INSERT INTO price VALUES(1,1,'2027-01-09',79);
INSERT INTO price VALUES(2,2,'2027-01-09',499);
INSERT INTO price VALUES(3,3,'2027-01-09',129);
INSERT INTO price VALUES(4,4,'2027-01-09',640);
INSERT INTO price VALUES(5,5,'2027-01-09',425);
INSERT INTO price VALUES(6,6,'2027-01-09',290);
INSERT INTO price VALUES(7,7,'2027-01-09',410);
INSERT INTO price VALUES(8,8,'2027-01-09',349);
INSERT INTO price VALUES(9,9,'2027-01-09',229);
INSERT INTO price VALUES(10,10,'2027-01-09',320);
INSERT INTO price VALUES(11,11,'2027-01-09',199);
INSERT INTO price VALUES(12,12,'2027-01-09',680);
INSERT INTO price VALUES(13,13,'2027-01-09',360);
INSERT INTO price VALUES(14,14,'2027-01-09',250);
INSERT INTO price VALUES(15,15,'2027-01-09',55);
INSERT INTO price VALUES(16,16,'2027-01-09',240);
INSERT INTO price VALUES(17,17,'2027-01-09',275);
CREATE TABLE purchase (
	id integer primary key autoincrement, item_id integer not null references item(id),
	supplier_id integer references supplier(id), run_id integer references run(id), on_day text not null,
	amount text not null, unit text not null, cents integer not null, reimbursable integer not null default 0
, lesson_id integer references lesson(id), lot_id integer, return_by text, returned_on text) strict;
CREATE TABLE wanted (
	id integer primary key autoincrement, what text not null, run_id integer references run(id),
	person_id integer references person(id), most_cents integer, look_at text not null default '',
	noted_on text not null, found_on text, found_cents integer
) strict;
INSERT INTO wanted VALUES(1,'brass compass',1,NULL,1200,'flea market','2026-11-14',NULL,NULL);
INSERT INTO wanted VALUES(2,'old road maps',1,NULL,NULL,'the Aldens','2026-11-14',NULL,NULL);
INSERT INTO wanted VALUES(3,'bamboo poles',2,NULL,500,'garden sales','2026-11-14',NULL,NULL);
INSERT INTO wanted VALUES(4,'anemometer cups',2,NULL,NULL,'','2026-11-14',NULL,NULL);
INSERT INTO wanted VALUES(5,'hand mill',3,NULL,2500,'estate sales','2026-11-14',NULL,NULL);
INSERT INTO wanted VALUES(6,'rain boots',NULL,4,600,'thrift shop','2026-11-14',NULL,NULL);
CREATE TABLE substitute (
	id integer primary key autoincrement, item_id integer not null references item(id),
	other_id integer not null references item(id), amount text not null, unit text not null,
	other_amount text not null, other_unit text not null
) strict;
INSERT INTO substitute VALUES(1,128,118,'1','each','2','each');
INSERT INTO substitute VALUES(2,129,152,'3','stick','1','each');
CREATE TABLE kit_part (
	id integer primary key autoincrement, lot_id integer not null, name text not null, each text not null,
	there text not null
) strict;
INSERT INTO kit_part VALUES(1,130,'dragon head','1','22');
INSERT INTO kit_part VALUES(2,130,'paper eyes','2','42');
INSERT INTO kit_part VALUES(3,130,'tail strips','3','66');
CREATE TABLE bundle (
	id integer primary key autoincrement, supplier_id integer not null references supplier(id), name text not null,
	cents integer not null, seen_on text not null
) strict;
CREATE TABLE bundle_part (
	id integer primary key autoincrement, bundle_id integer not null references bundle(id),
	item_id integer not null references item(id), amount text not null, unit text not null
) strict;
CREATE TABLE errand (
	id integer primary key autoincrement, offer_id integer references offer(id),
	bundle_id integer references bundle(id), count integer not null,
	keys text not null, cents integer not null, done_on text,
	check ((offer_id is null) <> (bundle_id is null))
) strict;
CREATE TABLE stop (
	id integer primary key autoincrement, supplier_id integer not null references supplier(id), on_day text not null,
	aisle text not null
) strict;
CREATE TABLE occasion (
	id integer primary key autoincrement, name text not null, day text not null
) strict;
INSERT INTO occasion VALUES(1,'Grandma’s visit','02-27');
INSERT INTO occasion VALUES(2,'Midsummer','06-24');
CREATE TABLE place_stop (
	id integer primary key autoincrement, place_id integer not null references place(id), on_day text not null
) strict;
CREATE TABLE IF NOT EXISTS "item" (
	id integer primary key autoincrement, name text not null, name_key text not null unique,
	use text not null check (use in ('consumed', 'kept', 'some')), keep_back text, keep_back_unit text,
	keeps_days integer, supplier_id integer references supplier(id), low_level text, low_unit text, ladder text,
	start_days integer, season text not null default '' check (season in ('', 'open ground')), make_cents integer,
	make_minutes integer
) strict;
INSERT INTO item VALUES(1,'flour','flour','consumed','500','g',NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(2,'salt','salt','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(3,'sugar','sugar','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(4,'cornstarch','cornstarch','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(5,'baking soda','baking soda','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(6,'vinegar','vinegar','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(7,'vegetable oil','vegetable oil','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(8,'cocoa powder','cocoa powder','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(9,'rice','rice','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(10,'dried bean','dried bean','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(11,'mini marshmallow','mini marshmallow','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(12,'honey','honey','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(13,'peanut butter','peanut butter','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(14,'yeast','yeast','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(15,'cooking spray','cooking spray','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(16,'rolled oats','rolled oat','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(17,'raisin','raisin','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(18,'toothpick','toothpick','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(19,'wax paper','wax paper','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(20,'aluminum foil','aluminum foil','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(21,'plastic wrap','plastic wrap','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(22,'drinking straw','drinking straw','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(23,'measuring tape','measuring tape','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(24,'birthday candle','birthday candle','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(25,'match','match','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(26,'sponge','sponge','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(27,'spray bottle','spray bottle','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(28,'dish soap','dish soap','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(29,'tray','tray','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(30,'plastic cup','plastic cup','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(31,'paper plate','paper plate','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(32,'mixing bowl','mixing bowl','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(33,'baking sheet','baking sheet','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(34,'rolling pin','rolling pin','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(35,'pitcher','pitcher','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(36,'spoon','spoon','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(37,'saucepan','saucepan','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(38,'kitchen scale','kitchen scale','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(39,'glass bowl','glass bowl','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(40,'pencil','pencil','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(41,'eraser','eraser','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(42,'ruler','ruler','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(43,'scissors','scissor','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(44,'protractor','protractor','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(45,'marker','marker','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(46,'glue stick','glue stick','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(47,'clear tape','clear tape','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(48,'stapler','stapler','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(49,'index card','index card','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(50,'paper clip','paper clip','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(51,'pushpin','pushpin','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(52,'tracing film','tracing film','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(53,'1-inch brad','1-inch brad','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(54,'fine-tip black marker','fine-tip black marker','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(55,'hole punch','hole punch','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(56,'copy paper','copy paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(57,'white cardstock','white cardstock','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(58,'construction paper','construction paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(59,'graph paper','graph paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(60,'poster board','poster board','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(61,'cardboard','cardboard','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(62,'butcher paper','butcher paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(63,'watercolor paper','watercolor paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(64,'file folder','file folder','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(65,'set of watercolor paints','set of watercolor paint','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(66,'paintbrush','paintbrush','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(67,'white glue','white glue','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(68,'colored pencil','colored pencil','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(69,'crayon','crayon','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(70,'modeling clay','modeling clay','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(71,'blue food coloring','blue food coloring','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(72,'green food coloring','green food coloring','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(73,'craft stick','craft stick','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(74,'pipe cleaner','pipe cleaner','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(75,'green paint','green paint','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(76,'brown paint','brown paint','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(77,'globe','globe','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(78,'compass','compass','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(79,'magnifying glass','magnifying glass','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(80,'wall map','wall map','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(81,'atlas','atlas','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(82,'flashlight','flashlight','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(83,'clipboard','clipboard','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(84,'sewing needle','sewing needle','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(85,'thread','thread','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(86,'ribbon','ribbon','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(87,'felt','felt','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(88,'safety pin','safety pin','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(89,'yarn','yarn','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(90,'button','button','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(91,'die','die','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(92,'counter','counter','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(93,'marble','marble','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(94,'deck of cards','deck of card','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(95,'stopwatch','stopwatch','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(96,'string','string','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(97,'masking tape','masking tape','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(98,'duct tape','duct tape','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(99,'wooden dowel','wooden dowel','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(100,'nail','nail','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(101,'hammer','hammer','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(102,'sandpaper','sandpaper','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(103,'hand drill','hand drill','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(104,'utility knife','utility knife','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(105,'potting soil','potting soil','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(106,'small pot','small pot','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(107,'trowel','trowel','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(108,'sand','sand','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(109,'bucket','bucket','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(110,'smooth stone','smooth stone','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(111,'cardboard tube','cardboard tube','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(112,'egg carton','egg carton','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(113,'newspaper','newspaper','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(114,'glass jar','glass jar','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(115,'shoebox','shoebox','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(116,'cereal box','cereal box','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(117,'empty 2-liter bottle','empty 2-liter bottle','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(118,'bottle cap','bottle cap','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(119,'ripstop fabric','ripstop fabric','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(120,'grain mill','grain mill','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(121,'wheat berry','wheat berry','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(122,'apron','apron','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(123,'bread pan','bread pan','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(124,'water','water','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(125,'orange','orange','consumed',NULL,NULL,7,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(126,'paper towel','paper towel','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(127,'bar magnet','bar magnet','kept',NULL,NULL,NULL,3,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(128,'cork','cork','kept',NULL,NULL,NULL,2,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(129,'sidewalk chalk','sidewalk chalk','consumed',NULL,NULL,NULL,2,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(130,'transit map','transit map','kept',NULL,NULL,NULL,4,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(131,'toy bus','toy bus','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(132,'black tea bag','black tea bag','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(133,'cooler','cooler','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(134,'old sheet','old sheet','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(135,'feather','feather','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(136,'pedometer','pedometer','kept',NULL,NULL,NULL,4,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(137,'chocolate coin','chocolate coin','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',120,25);
INSERT INTO item VALUES(138,'jump rope','jump rope','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(139,'garden trowel','garden trowel','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(140,'small wooden box','small wooden box','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(141,'picnic blanket','picnic blanket','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(142,'whistle','whistle','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(143,'popcorn kernel','popcorn kernel','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(144,'photo album','photo album','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(145,'wrapping paper','wrapping paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(146,'large picture frame','large picture frame','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(147,'tissue paper','tissue paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(148,'kite string','kite string','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(149,'balloon','balloon','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(150,'lemon','lemon','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(151,'candle stub','candle stub','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(152,'charcoal stick','charcoal stick','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(153,'paper dragon kit','paper dragon kit','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(154,'24 lb paper','24 lb paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(155,'28 lb paper','28 lb paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(156,'32 lb paper','32 lb paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(157,'card stock','card stock','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(158,'80 lb card stock','80 lb card stock','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(159,'110 lb card stock','110 lb card stock','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(160,'90 lb watercolor paper','90 lb watercolor paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(161,'140 lb watercolor paper','140 lb watercolor paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(162,'laminating pouch','laminating pouch','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(163,'page protector','page protector','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(164,'dry-erase sleeve','dry-erase sleeve','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(165,'dry-erase marker','dry-erase marker','kept',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(166,'binding coil','binding coil','consumed',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
INSERT INTO item VALUES(167,'printer ink','printer ink','some',NULL,NULL,NULL,NULL,NULL,NULL,NULL,NULL,'',NULL,NULL);
CREATE TABLE IF NOT EXISTS "supply_line" (
	id integer primary key autoincrement, lesson_id integer references lesson(id),
	activity_id integer references activity(id), position integer not null, written text not null,
	item_id integer not null references item(id), quantity text, quantity_to text, unit text not null,
	per text not null check (per in ('family', 'child', 'pair', 'group')), group_size integer,
	optional integer not null default 0, alternatives text not null default '[]', note text, needs_look integer not null default 0,
	use text not null check (use in ('consumed', 'kept', 'some')), out_until text, spare text not null default '0',
	participants text, prepare_minutes integer, prepare_wait_days integer not null default 0,
	session integer not null default 1, claim text check (claim in ('first', 'last')), listed_on text,
	check ((lesson_id is null) <> (activity_id is null))
) strict;
INSERT INTO supply_line VALUES(1,1,NULL,1,'3 sheets of graph paper per child',59,'3',NULL,'sheet','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(2,1,NULL,2,'pencil, eraser and ruler',40,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(3,1,NULL,3,'pencil, eraser and ruler',41,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(4,1,NULL,4,'pencil, eraser and ruler',42,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(5,1,NULL,5,'1 tray',29,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(6,2,NULL,1,'1 sheet construction paper per child',58,'1',NULL,'sheet','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(7,2,NULL,2,'20 counters',92,'20',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(8,2,NULL,3,'1 roll masking tape',97,'1',NULL,'roll','family',NULL,0,'[]',NULL,0,'some',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(9,3,NULL,1,'2 measuring tapes',23,'2',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(10,3,NULL,2,'20 ft of string',96,'20',NULL,'ft','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(11,3,NULL,3,'2 sheets of graph paper per child',59,'2',NULL,'sheet','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(12,3,NULL,4,'clipboard (1 per child)',83,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(13,4,NULL,1,'4 index cards per child',49,'4',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(14,4,NULL,2,'colored pencils',68,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(15,4,NULL,3,'1 glue stick per child',46,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'some',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(16,5,NULL,1,'1 cup flour per child',1,'1',NULL,'cup','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(17,5,NULL,2,'1/2 cup salt per child',2,'1/2',NULL,'cup','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(18,5,NULL,3,'1/3 cup water per child',124,'1/3',NULL,'cup','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(19,5,NULL,4,'1 tray per child',29,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(20,5,NULL,5,'brown and green paint',76,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'some',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(21,5,NULL,6,'brown and green paint',75,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'some',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(22,6,NULL,1,'2 oranges per child',125,'2',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(23,6,NULL,2,'1 fine-tip black marker',54,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(24,6,NULL,3,'1 sheet tracing film per child',52,'1',NULL,'sheet','child',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(25,6,NULL,4,'1 roll clear tape',47,'1',NULL,'roll','family',NULL,0,'[]',NULL,0,'some',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(26,6,NULL,5,'6 paper plates',31,'6',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(27,6,NULL,6,'globe',77,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(28,6,NULL,7,'paper towels (optional)',126,'1',NULL,'each','family',NULL,1,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(29,7,NULL,1,'9 ft of string',96,'9',NULL,'ft','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(30,7,NULL,2,'1 roll masking tape',97,'1',NULL,'roll','family',NULL,0,'[]',NULL,0,'some',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(31,7,NULL,3,'1 index card per child',49,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(32,7,NULL,4,'1 sheet construction paper per child',58,'1',NULL,'sheet','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(33,7,NULL,5,'1 pencil per child',40,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(34,8,NULL,1,'1 bar magnet for every two children',127,'1',NULL,'each','pair',NULL,0,'[]',NULL,0,'kept',NULL,'0','[3,4]',NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(35,8,NULL,2,'1 sewing needle per child',84,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'kept',NULL,'0','[3,4]',NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(36,8,NULL,3,'1 cork per child',128,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(37,8,NULL,4,'1 glass bowl',39,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(38,8,NULL,5,'compass',78,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(39,8,NULL,6,'1 bottle dish soap (optional)',28,'1',NULL,'bottle','family',NULL,1,'[]',NULL,0,'some',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(40,9,NULL,1,'1 wooden dowel',99,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(41,9,NULL,2,'12 smooth stones',110,'12',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(42,9,NULL,3,'1 protractor per pair',44,'1',NULL,'each','pair',NULL,0,'[]',NULL,0,'kept',NULL,'0','[3,4]',NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(43,9,NULL,4,'1 stick of sidewalk chalk per child',129,'1',NULL,'stick','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(44,9,NULL,5,'stopwatch or kitchen timer',95,'1',NULL,'each','family',NULL,0,'[{"quantity":1,"unit":"each","item":"kitchen timer"}]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(45,9,NULL,6,'clipboard (1 per child)',83,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(46,10,NULL,1,'1 transit map',130,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(47,10,NULL,2,'2 sheets of poster board',60,'2',NULL,'sheet','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(48,10,NULL,3,'12 markers',45,'12',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(49,10,NULL,4,'30 1-inch brads',53,'30',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(50,10,NULL,5,'3 yd ribbon',86,'3',NULL,'yd','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(51,10,NULL,6,'1 toy bus',131,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(52,10,NULL,7,'crayons',69,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(53,11,NULL,1,'4 black tea bags',132,'4',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(54,11,NULL,2,'1 sheet watercolor paper per child',63,'1',NULL,'sheet','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(55,11,NULL,3,'1 baking sheet',33,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(56,11,NULL,4,'1 set of watercolor paints per pair',65,'1',NULL,'each','pair',NULL,0,'[]',NULL,0,'some',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(57,11,NULL,5,'1 sponge per child',26,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(58,11,NULL,6,'1 cooler',133,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(59,11,NULL,7,'1 old sheet',134,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(60,11,NULL,8,'6 feathers',135,'6',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(61,12,NULL,1,'1 pedometer per pair',136,'1',NULL,'each','pair',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(62,12,NULL,2,'compass',78,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(63,12,NULL,3,'1 bag of chocolate coins',137,'1',NULL,'bag','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(64,12,NULL,4,'10 index cards',49,'10',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(65,12,NULL,5,'30 ft of string',96,'30',NULL,'ft','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(66,12,NULL,6,'1 jump rope',138,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(67,12,NULL,7,'1 garden trowel',139,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(68,12,NULL,8,'1 small wooden box',140,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(69,12,NULL,9,'1 picnic blanket',141,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(70,12,NULL,10,'1 whistle',142,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(71,13,NULL,1,'6 sheets of white cardstock per child',57,'6',NULL,'sheet','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(72,13,NULL,2,'3 1-inch brads per child',53,'3',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(73,13,NULL,3,'1 file folder per child',64,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(74,13,NULL,4,'1 yd ribbon',86,'1',NULL,'yd','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(75,13,NULL,5,'2 cups popcorn kernels',143,'2',NULL,'cup','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(76,13,NULL,6,'1 photo album',144,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(77,13,NULL,7,'2 sheets of wrapping paper',145,'2',NULL,'sheet','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(78,13,NULL,8,'1 large picture frame',146,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(79,13,NULL,9,'white glue',67,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'some',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(80,14,NULL,1,'2 wooden dowels per child',99,'2',NULL,'each','child',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(81,14,NULL,2,'1 yd ripstop fabric per child',119,'1',NULL,'yd','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(82,14,NULL,3,'1 roll clear tape',47,'1',NULL,'roll','family',NULL,0,'[]',NULL,0,'some',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(83,15,NULL,1,'2 sheets of tissue paper per child',147,'2',NULL,'sheet','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(84,15,NULL,2,'100 ft of kite string per child',148,'100',NULL,'ft','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(85,15,NULL,3,'4 drinking straws per child',22,'4',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(86,16,NULL,1,'4 plastic cups',30,'4',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(87,16,NULL,2,'1 pushpin',51,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(88,16,NULL,3,'1 pencil with eraser',40,'1',NULL,'each','family',NULL,0,'[]','with eraser',0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(89,16,NULL,4,'2 drinking straws',22,'2',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(90,17,NULL,1,'1 cup wheat berries',121,'1',NULL,'cup','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(91,17,NULL,2,'grain mill',120,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(92,18,NULL,1,'2 packs yeast',14,'2',NULL,'pack','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(93,18,NULL,2,'1 cup flour per child',1,'1',NULL,'cup','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(94,NULL,3,1,'1 balloon per child',149,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(95,NULL,3,2,'3 newspapers',113,'3',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(96,NULL,8,1,'2 lemons',150,'2',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(97,NULL,8,2,'1 candle stub',151,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(98,NULL,11,1,'1 roll butcher paper',62,'1',NULL,'roll','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(99,NULL,13,1,'2 lb rice',9,'2',NULL,'lb','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(100,NULL,18,1,'1 protractor',44,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0,1,NULL,NULL);
INSERT INTO supply_line VALUES(101,NULL,18,2,'30 in string',96,'30',NULL,'in','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0,1,NULL,NULL);
CREATE TABLE statement (
	id integer primary key autoincrement, item_id integer not null unique references item(id),
	state text not null check (state in ('enough', 'look', 'none')), place_id integer references place(id),
	said_on text not null, asked text, asked_unit text
) strict;
INSERT INTO statement VALUES(1,69,'enough',13,'2027-01-15','1','each');
INSERT INTO statement VALUES(2,67,'enough',NULL,'2027-01-15','1','each');
INSERT INTO statement VALUES(3,125,'none',NULL,'2027-01-15','6','each');
INSERT INTO statement VALUES(4,126,'none',NULL,'2027-01-15','1','each');
INSERT INTO statement VALUES(5,127,'none',NULL,'2027-01-15','1','each');
INSERT INTO statement VALUES(6,128,'none',NULL,'2027-01-15','3','each');
INSERT INTO statement VALUES(7,129,'none',NULL,'2027-01-15','3','stick');
INSERT INTO statement VALUES(8,130,'none',NULL,'2027-01-15','1','each');
INSERT INTO statement VALUES(9,132,'none',NULL,'2027-01-15','4','each');
INSERT INTO statement VALUES(10,136,'none',NULL,'2027-01-15','2','each');
INSERT INTO statement VALUES(11,137,'none',NULL,'2027-01-15','1','bag');
INSERT INTO statement VALUES(12,143,'none',NULL,'2027-01-15','420','g');
INSERT INTO statement VALUES(13,149,'none',NULL,'2027-01-15','3','each');
INSERT INTO statement VALUES(14,150,'none',NULL,'2027-01-15','2','each');
INSERT INTO statement VALUES(15,151,'none',NULL,'2027-01-15','1','each');
INSERT INTO statement VALUES(16,147,'none',NULL,'2027-01-15','6','sheet');
INSERT INTO statement VALUES(17,148,'none',NULL,'2027-01-15','9144','cm');
INSERT INTO statement VALUES(18,167,'enough',NULL,'2027-01-16','1','each');
INSERT INTO statement VALUES(19,164,'enough',NULL,'2027-01-16','1','each');
INSERT INTO statement VALUES(20,165,'enough',NULL,'2027-01-16','1','each');
INSERT INTO statement VALUES(21,163,'enough',NULL,'2027-01-16',NULL,NULL);
CREATE TABLE not_here (
	id integer primary key autoincrement, item_id integer not null references item(id),
	place_id integer references place(id), kind text not null default '', on_day text not null
) strict;
CREATE TABLE listed_book (
	id integer primary key autoincrement, run_id integer not null references run(id),
	lesson_id integer references lesson(id), position integer not null, written text not null, title text not null,
	authors text not null default '', isbn13 text, kind text not null, role text, from_age integer, to_age integer,
	pages integer, optional integer not null default 0, note text not null default '',
	needs_look integer not null default 0,
	choice text not null default '' check (choice in ('', 'have', 'borrow', 'buy', 'skip')),
	resource_id integer references resource(id), uses text not null default '[]',
	is_other integer not null default 0, at_library text
) strict;
INSERT INTO listed_book VALUES(1,2,NULL,1,'Spine: The Kite Loft by Piers Lark, 66 pp. (ages 7–12)','The Kite Loft','Piers Lark',NULL,'book','spine',7,12,66,0,'',0,'',NULL,'[]',0,NULL);
INSERT INTO listed_book VALUES(2,2,14,2,'* A Kite for Every Child by Amity Reeve (picture book, ages 4–8)','A Kite for Every Child','Amity Reeve',NULL,'picture book',NULL,4,8,NULL,0,'starred',0,'',NULL,'[]',0,NULL);
INSERT INTO listed_book VALUES(3,2,14,3,'How the Thunder Works by Ottilie Brandt (grades 3–5)','How the Thunder Works','Ottilie Brandt',NULL,'book',NULL,8,11,NULL,0,'',0,'',NULL,'[]',0,NULL);
INSERT INTO listed_book VALUES(4,2,14,4,'Breath, Breeze, Storm – Joss Tarn – K-3','Breath, Breeze, Storm','Joss Tarn',NULL,'book',NULL,5,9,NULL,0,'',0,'',NULL,'[]',0,NULL);
INSERT INTO listed_book VALUES(5,2,15,5,'Lark, Piers. Seven Knots. Two Ponds Press, 2009.','Seven Knots','Piers Lark',NULL,'book',NULL,NULL,NULL,NULL,0,'',0,'',NULL,'[]',0,NULL);
INSERT INTO listed_book VALUES(6,2,15,6,'Festival of Paper Fishes (Mina Sato-Grey), picture book','Festival of Paper Fishes','Mina Sato-Grey',NULL,'picture book',NULL,NULL,NULL,NULL,0,'',0,'',NULL,'[]',0,NULL);
INSERT INTO listed_book VALUES(7,2,15,7,'Kites of Many Colors by Alma Verrick – optional','Kites of Many Colors','Alma Verrick',NULL,'book',NULL,NULL,NULL,NULL,1,'',0,'',NULL,'[]',0,NULL);
INSERT INTO listed_book VALUES(8,2,16,8,'The Wind Measurers, by Joss Tarn (independent reading, grades 3-5)','The Wind Measurers','Joss Tarn',NULL,'book','read alone',8,11,NULL,0,'',0,'',NULL,'[]',0,NULL);
INSERT INTO listed_book VALUES(9,2,16,9,'Comet Weather by Anselm Grove (out of print, try your library) Reference: Gale!, pp. 30–33','Comet Weather','Anselm Grove',NULL,'book',NULL,NULL,NULL,NULL,0,'out of print, try your library; Reference: Gale!, pp. 30–33',0,'',NULL,'[]',0,NULL);
CREATE TABLE document (
	id integer primary key autoincrement, sha256 text not null unique, name text not null, bytes integer not null,
	pages integer not null, scripts integer not null default 0, added_on text not null
) strict;
INSERT INTO document VALUES(1,'4771c9b167259646273bb59d3f92d07a20ed0d2174f4151bde2a6274d6d1e67b','finding-our-way.pdf',79960,53,0,'2026-11-20');
CREATE TABLE document_page (
	id integer primary key autoincrement, sha256 text not null, page integer not null, width_mm real not null,
	height_mm real not null, text text, frames text not null default '[]', colored real, ink text, likeness text, heading text,
	unique (sha256, page)
) strict;
CREATE TABLE print_source (
	id integer primary key autoincrement, run_id integer not null references run(id),
	resource_id integer not null references resource(id), position integer not null, kind text not null,
	dropped text not null default '[]', ready_cents integer
, cut_from integer not null default 0) strict;
INSERT INTO print_source VALUES(1,1,150,1,'guide','[]',NULL,0);
CREATE TABLE print (
	id integer primary key autoincrement, run_id integer not null references run(id),
	source_id integer not null references print_source(id), lesson_id integer references lesson(id),
	activity_id integer references activity(id), title text not null, role text not null, pages text not null,
	participants text, again integer not null default 0, from_book integer not null default 0,
	optional integer not null default 0, choices text not null default '{}',
	note text not null default ''
, place_of integer references print(id), page_width_mm real, page_height_mm real, backs text check (backs in ('each', 'last')), fit text not null default '[]') strict;
INSERT INTO print VALUES(1,1,1,NULL,NULL,'Cover and contents','skip','[1,2]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(2,1,1,NULL,NULL,'Planner and supply list','planning','[3,4]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(3,1,1,1,NULL,'Notes: a map of the table','teacher','[5]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(4,1,1,1,NULL,'Journal: a map of the table','journal','[6]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(5,1,1,1,NULL,'Vocabulary cards: map','vocabulary','[7]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(6,1,1,2,NULL,'Notes: from above','teacher','[8]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(7,1,1,2,NULL,'Journal: from above','journal','[9]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(8,1,1,2,NULL,'Match the views','student','[10]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(9,1,1,3,NULL,'Notes: scale','teacher','[11]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(10,1,1,3,NULL,'Journal: scale and distance','journal','[12]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(11,1,1,3,NULL,'Vocabulary cards: scale','vocabulary','[13]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(12,1,1,3,NULL,'String and scale','student','[14]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(13,1,1,4,NULL,'Notes: symbols','teacher','[15]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(14,1,1,4,NULL,'Journal: symbols and legends','journal','[16]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(15,1,1,4,NULL,'Three-part cards: map symbols','three-part','[17,18]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(16,1,1,4,NULL,'A legend for a town of your own','student','[19]','[3]',0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(17,1,1,5,NULL,'Notes: hills on paper','teacher','[20]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(18,1,1,5,NULL,'Journal: contour lines','journal','[21]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(19,1,1,5,NULL,'Vocabulary cards: contour lines','vocabulary','[22]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(20,1,1,5,NULL,'Paper hills to cut out','cut-outs','[23]','[3,4]',0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(21,1,1,6,NULL,'Notes: the round earth','teacher','[24]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(22,1,1,6,NULL,'Journal: the orange peel','journal','[25]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(23,1,1,6,NULL,'The world in two rounds','map','[26]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(24,1,1,7,NULL,'Notes: latitude and longitude','teacher','[27]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(25,1,1,7,NULL,'Journal: latitude and longitude','journal','[28]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(26,1,1,7,NULL,'Vocabulary cards: latitude','vocabulary','[29]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(27,1,1,7,NULL,'Trace the grid','student','[30]','[4]',1,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(28,1,1,8,NULL,'Notes: the needle','teacher','[31]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(29,1,1,8,NULL,'Journal: the needle','journal','[32]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(30,1,1,8,NULL,'Mini-book: the needle','mini-book','[33,34]','[3,4]',0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(31,1,1,9,NULL,'Notes: sun and shadow','teacher','[35]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(32,1,1,9,NULL,'Journal: sun and shadow','journal','[36]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(33,1,1,9,NULL,'Vocabulary cards: bearings','vocabulary','[37]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(34,1,1,10,NULL,'Notes: streets and lines','teacher','[38]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(35,1,1,10,NULL,'Journal: streets and lines','journal','[39]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(36,1,1,10,NULL,'Map of a small town','map','[40]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(37,1,1,11,NULL,'Notes: old maps','teacher','[41]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(38,1,1,11,NULL,'Journal: sea monsters','journal','[42]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(39,1,1,11,NULL,'Poster: the sea as it was told','poster','[43]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(40,1,1,11,NULL,'Mini-book: my monsters','mini-book','[44]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(41,1,1,12,NULL,'Notes: treasure hunt','teacher','[45]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(42,1,1,12,NULL,'Journal: treasure hunt','journal','[46]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(43,1,1,12,NULL,'Board game: to the treasure','game','[47,48]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
INSERT INTO print VALUES(44,1,1,12,NULL,'Map: the hidden bay','map','[49]',NULL,0,0,0,'{}','',NULL,NULL,NULL,NULL,'[]');
CREATE TABLE print_run (
	id integer primary key autoincrement, run_id integer not null references run(id), stock text not null,
	sides integer not null check (sides in (1, 2)), color integer not null, paper text not null, sets text not null,
	piles text not null check (piles in ('child', 'print')), slips integer not null, sheets integer not null,
	made_on text not null, printed_on text, spoiled integer not null default 0, spoiled_stock text
, done text not null default '[]') strict;
INSERT INTO print_run VALUES(1,1,'plain20',1,0,'letter','[{"print":22,"child":3},{"print":25,"child":3},{"print":22,"child":4},{"print":25,"child":4},{"print":27,"child":4},{"print":22,"child":5},{"print":25,"child":5}]','child',1,10,'2027-01-02','2027-01-02',0,NULL,'[]');
CREATE TABLE prep_job (
	id integer primary key autoincrement, key text not null unique, run_id integer not null references run(id),
	sitting_id integer references sitting(id), done_on text, work text, count integer, minutes real
) strict;
INSERT INTO prep_job VALUES(1,'done-1',1,NULL,'2027-01-05','laminate',6,6.0);
INSERT INTO prep_job VALUES(2,'done-2',1,NULL,'2027-01-07','laminate',8,7.0);
INSERT INTO prep_job VALUES(3,'done-3',1,NULL,'2027-01-12','laminate',5,5.0);
INSERT INTO prep_job VALUES(4,'done-4',1,NULL,'2027-01-12','cut',40,4.0);
INSERT INTO prep_job VALUES(5,'done-5',1,NULL,'2027-01-14','cut',30,3.5);
INSERT INTO prep_job VALUES(6,'done-6',1,NULL,'2027-01-19','cut',24,2.5);
INSERT INTO prep_job VALUES(7,'done-7',1,NULL,'2027-01-19','bag',4,5.0);
CREATE TABLE own_job (
	id integer primary key autoincrement, run_id integer not null references run(id), title text not null,
	minutes integer not null, ready_by text, done_on text
) strict;
INSERT INTO own_job VALUES(1,1,'Mix the salt dough for the contour hills',25,'2027-02-02',NULL);
CREATE TABLE binder (
	id integer primary key autoincrement, run_id integer not null unique references run(id), way text not null,
	ring integer, others real not null default 0
) strict;
INSERT INTO binder VALUES(1,1,'protectors',38,0.0);
CREATE TABLE boxed_thing (
	id integer primary key autoincrement, run_id integer references run(id),
	resource_id integer unique references resource(id), title text not null, length_mm real not null,
	width_mm real not null, height_mm real not null, grams real not null, count integer not null default 1,
	upright integer not null default 0, fragile integer not null default 0, place_id integer references place(id)
, soft integer not null default 0, size_said text not null default '', weight_said text not null default '') strict;
INSERT INTO boxed_thing VALUES(1,1,NULL,'Globe',230.0,230.0,240.0,900.0,1,1,1,NULL,0,'','');
INSERT INTO boxed_thing VALUES(2,1,NULL,'Clipboard',315.0,230.0,12.0,250.0,3,0,0,NULL,0,'','');
INSERT INTO boxed_thing VALUES(3,1,NULL,'Compass',90.0,60.0,20.0,80.0,2,0,1,NULL,0,'','');
INSERT INTO boxed_thing VALUES(4,1,NULL,'Felt map with pieces',300.0,250.0,40.0,400.0,1,0,0,NULL,1,'','');
CREATE TABLE box_detail (
	id integer primary key autoincrement, place_id integer not null unique references place(id),
	form text not null default 'box', max_grams real, subject text not null default '', picture text
) strict;
INSERT INTO box_detail VALUES(1,14,'tub',13000.0,'',NULL);
CREATE TABLE box_layout (
	id integer primary key autoincrement, place_id integer not null unique references place(id),
	run_id integer not null references run(id), packed text not null
) strict;
CREATE TABLE moving (
	id integer primary key autoincrement, on_day text not null, title text not null,
	resource_id integer references resource(id), boxed_thing_id integer references boxed_thing(id),
	from_place_id integer references place(id), to_place_id integer references place(id)
) strict;
CREATE TABLE opening_box (
	id integer primary key autoincrement, run_id integer not null unique references run(id),
	place_id integer references place(id), opens_on text, kinds text not null
) strict;
INSERT INTO opening_box VALUES(1,2,25,NULL,'["fiction","picture book","craft","dress-up","game","film","food"]');
CREATE TABLE opening_thing (
	id integer primary key autoincrement, run_id integer not null references run(id),
	resource_id integer references resource(id), title text not null, kind text not null, liters real,
	cents integer, hidden integer not null default 0, inside integer not null default 0, came_on text
) strict;
INSERT INTO opening_thing VALUES(1,2,NULL,'The Wind Catcher’s Apprentice','fiction',NULL,899,0,1,'2026-12-28');
INSERT INTO opening_thing VALUES(2,2,NULL,'A Kite for Every Cloud','picture book',NULL,650,0,1,'2026-12-28');
INSERT INTO opening_thing VALUES(3,2,NULL,'Tissue paper and a pot of paste','craft',3.0,540,0,1,'2026-12-28');
INSERT INTO opening_thing VALUES(4,2,NULL,'Aviator cap and goggles','dress-up',4.5,1200,1,1,'2026-12-28');
INSERT INTO opening_thing VALUES(5,2,NULL,'Sled kite, ready to fly','craft',3.0,1450,1,1,'2026-12-28');
INSERT INTO opening_thing VALUES(6,2,NULL,'Weathervane card game','game',1.0,1100,0,0,NULL);
INSERT INTO opening_thing VALUES(7,2,NULL,'Ginger cookies shaped like clouds','food',1.5,NULL,1,0,NULL);
CREATE TABLE tray (
	id integer primary key autoincrement, run_id integer references run(id), title text not null,
	along_mm real not null, deep_mm real not null, high_mm real not null, skill text not null,
	children text, lessons text, pieces integer, dangerous integer not null default 0, steps text not null default '',
	stored_place_id integer references place(id), loved integer not null default 0,
	kind text not null default 'tray', base text not null default '', hidden text not null default '',
	keeps_days integer
, matches text not null default '[]') strict;
INSERT INTO tray VALUES(1,NULL,'Pouring water',420.0,320.0,90.0,'practical life','[5]',NULL,4,0,replace('Carry the tray with two hands.\nPour from jug to jug.\nWipe up the drops.','\n',char(10)),13,1,'tray','','',NULL,'[]');
INSERT INTO tray VALUES(2,1,'Match the map symbols',420.0,320.0,90.0,'language','[5,4]','[4]',NULL,0,replace('Lay out the objects.\nFind the card for each.\nSay its name.','\n',char(10)),13,0,'tray','','',NULL,'["church","bridge","tree","lighthouse","boat","train","well","tent","fence","mill","cow","flag"]');
INSERT INTO tray VALUES(3,1,'Count the paces',420.0,320.0,90.0,'counting','[4,3]','[3]',12,0,replace('Pick a card.\nWalk and count.\nWrite the number.','\n',char(10)),13,0,'tray','','',NULL,'[]');
INSERT INTO tray VALUES(4,1,'Land and water sort',420.0,320.0,90.0,'geography','[5,4]','[6]',20,0,replace('Blue cards left, green cards right.\nCheck with the globe.','\n',char(10)),13,0,'tray','','',NULL,'[]');
INSERT INTO tray VALUES(5,1,'Compass rose puzzle',420.0,320.0,90.0,'geography','[4,3]','[5]',16,0,replace('Put north at the top.\nFill in the points.\nRead them aloud.','\n',char(10)),13,0,'tray','','',NULL,'[]');
INSERT INTO tray VALUES(6,1,'Float a needle compass',420.0,320.0,90.0,'science','[3]','[8]',5,1,replace('Stroke the needle thirty times, one way.\nLay it on the cork.\nWait until it rests.','\n',char(10)),13,0,'tray','','',NULL,'[]');
INSERT INTO tray VALUES(7,NULL,'Sew a coastline',420.0,320.0,90.0,'fine motor','[4,3]',NULL,6,1,replace('Thread the needle.\nFollow the holes.\nKnot the end.','\n',char(10)),13,0,'tray','','',NULL,'[]');
INSERT INTO tray VALUES(8,NULL,'Continents puzzle',340.0,320.0,50.0,'senses','[5]',NULL,7,0,replace('Take the pieces out.\nFeel the edges.\nPut them back.','\n',char(10)),13,1,'tray','','',NULL,'[]');
INSERT INTO tray VALUES(9,NULL,'Treasure in the sand',560.0,320.0,160.0,'senses','[5,4]',NULL,9,0,replace('Dig with the brush.\nLay each find on its picture.','\n',char(10)),13,0,'sensory','sand','wooden boats, felt fish',NULL,'[]');
CREATE TABLE tray_standing (
	id integer primary key autoincrement, week_on text not null, tray_id integer not null references tray(id),
	place_id integer not null references place(id), position integer not null
) strict;
INSERT INTO tray_standing VALUES(1,'2027-01-11',9,29,0);
INSERT INTO tray_standing VALUES(2,'2027-01-11',1,30,1);
INSERT INTO tray_standing VALUES(3,'2027-01-11',8,30,2);
INSERT INTO tray_standing VALUES(4,'2027-01-11',3,31,3);
INSERT INTO tray_standing VALUES(5,'2027-01-11',7,32,4);
INSERT INTO tray_standing VALUES(6,'2027-01-18',9,29,0);
INSERT INTO tray_standing VALUES(7,'2027-01-18',1,30,1);
INSERT INTO tray_standing VALUES(8,'2027-01-18',2,30,2);
INSERT INTO tray_standing VALUES(9,'2027-01-18',5,31,3);
INSERT INTO tray_standing VALUES(10,'2027-01-18',8,31,4);
INSERT INTO tray_standing VALUES(11,'2027-01-18',7,32,5);
INSERT INTO tray_standing VALUES(12,'2027-01-25',9,29,0);
INSERT INTO tray_standing VALUES(13,'2027-01-25',1,30,1);
INSERT INTO tray_standing VALUES(14,'2027-01-25',4,30,2);
INSERT INTO tray_standing VALUES(15,'2027-01-25',8,31,3);
INSERT INTO tray_standing VALUES(16,'2027-01-25',7,32,4);
CREATE TABLE wall (
	id integer primary key autoincrement, run_id integer not null unique references run(id), kind text not null,
	width_mm real not null, height_mm real not null, card_width_mm real not null, card_height_mm real not null,
	gap_mm real not null, strip_mm real not null default 0, strip_text text not null default ''
) strict;
INSERT INTO wall VALUES(1,1,'whiteboard',1200.0,600.0,140.0,108.0,10.0,0.0,'');
CREATE TABLE wall_word (
	id integer primary key autoincrement, run_id integer not null references run(id),
	lesson_id integer references lesson(id), position integer not null, text text not null,
	kept integer not null default 0, hidden_until text
, spot text not null default '', meaning text not null default '') strict;
INSERT INTO wall_word VALUES(1,1,1,1,'map',1,NULL,'','');
INSERT INTO wall_word VALUES(2,1,1,2,'view',0,NULL,'','');
INSERT INTO wall_word VALUES(3,1,1,3,'plan',0,NULL,'','');
INSERT INTO wall_word VALUES(4,1,2,4,'bird’s eye',0,NULL,'','');
INSERT INTO wall_word VALUES(5,1,2,5,'aerial',0,NULL,'','');
INSERT INTO wall_word VALUES(6,1,3,6,'scale',1,NULL,'','');
INSERT INTO wall_word VALUES(7,1,3,7,'distance',0,NULL,'','');
INSERT INTO wall_word VALUES(8,1,3,8,'pace',0,NULL,'','');
INSERT INTO wall_word VALUES(9,1,4,9,'symbol',0,NULL,'','');
INSERT INTO wall_word VALUES(10,1,4,10,'legend',1,NULL,'','');
INSERT INTO wall_word VALUES(11,1,5,11,'contour',0,NULL,'','');
INSERT INTO wall_word VALUES(12,1,5,12,'slope',0,NULL,'','');
INSERT INTO wall_word VALUES(13,1,5,13,'peak',0,NULL,'','');
INSERT INTO wall_word VALUES(14,1,6,14,'globe',0,NULL,'','');
INSERT INTO wall_word VALUES(15,1,6,15,'hemisphere',0,NULL,'','');
INSERT INTO wall_word VALUES(16,1,6,16,'projection',0,NULL,'','');
INSERT INTO wall_word VALUES(17,1,7,17,'latitude',0,NULL,'','');
INSERT INTO wall_word VALUES(18,1,7,18,'longitude',0,NULL,'','');
INSERT INTO wall_word VALUES(19,1,7,19,'equator',0,NULL,'','');
INSERT INTO wall_word VALUES(20,1,8,20,'compass',0,NULL,'','');
INSERT INTO wall_word VALUES(21,1,8,21,'magnetic',0,NULL,'','');
INSERT INTO wall_word VALUES(22,1,9,22,'bearing',0,NULL,'','');
INSERT INTO wall_word VALUES(23,1,9,23,'shadow',0,NULL,'','');
INSERT INTO wall_word VALUES(24,1,10,24,'transit',0,NULL,'','');
INSERT INTO wall_word VALUES(25,1,10,25,'route',0,NULL,'','');
INSERT INTO wall_word VALUES(26,1,10,26,'grid',0,NULL,'','');
INSERT INTO wall_word VALUES(27,1,11,27,'sea monster',0,NULL,'','');
INSERT INTO wall_word VALUES(28,1,11,28,'chart',0,NULL,'','');
INSERT INTO wall_word VALUES(29,1,12,29,'treasure',0,NULL,'','');
INSERT INTO wall_word VALUES(30,1,12,30,'clue',0,NULL,'','');
INSERT INTO wall_word VALUES(31,1,12,31,'paces',0,NULL,'','');
INSERT INTO wall_word VALUES(32,1,13,32,'atlas',0,NULL,'','');
INSERT INTO wall_word VALUES(33,1,13,33,'index',0,NULL,'','');
CREATE TABLE day_tick (
	id integer primary key autoincrement, on_day text not null, key text not null, unique (on_day, key)
) strict;
CREATE TABLE wall_poster (
	id integer primary key autoincrement, run_id integer not null references run(id),
	lesson_id integer references lesson(id), resource_id integer references resource(id), title text not null,
	width_mm real not null, height_mm real not null, hidden_until text
) strict;
INSERT INTO wall_poster VALUES(1,1,5,NULL,'Compass rose chart',290.0,580.0,NULL);
CREATE TABLE IF NOT EXISTS "basket_part" (
	id integer primary key autoincrement, title text not null, resource_id integer references resource(id),
	kind text not null check (kind in ('stays', 'month', 'hands')), month text,
	minutes integer not null check (minutes between 0 and 240),
	page_by text check (page_by in ('date', 'bookmark')),
	first_page integer check (first_page >= 1), last_page integer check (last_page >= 1),
	a_day integer not null default 1 check (a_day between 1 and 200), since text,
	check (page_by is null or (first_page is not null and last_page is not null and since is not null)),
	check (first_page is null or last_page is null or first_page <= last_page + 1)
) strict;
INSERT INTO basket_part VALUES(1,'A poem',NULL,'stays',NULL,3,NULL,NULL,NULL,1,NULL);
INSERT INTO basket_part VALUES(2,'A song',NULL,'stays',NULL,3,NULL,NULL,NULL,1,NULL);
INSERT INTO basket_part VALUES(3,'A Place for Every Day',NULL,'stays',NULL,3,'date',1,365,1,'2027-01-01');
INSERT INTO basket_part VALUES(4,'Picture Atlas of Small Places',2,'month','2027-01',8,'bookmark',1,56,4,'2027-01-11');
INSERT INTO basket_part VALUES(5,'Felt map with pieces',NULL,'hands',NULL,0,NULL,NULL,NULL,1,NULL);
INSERT INTO basket_part VALUES(6,'Beeswax to knead',NULL,'hands',NULL,0,NULL,NULL,NULL,1,NULL);
CREATE TABLE role_children (
	id integer primary key autoincrement, run_id integer not null references run(id), role text not null,
	participants text not null, unique (run_id, role)
) strict;
INSERT INTO role_children VALUES(1,1,'journal','[3,4,5]');
INSERT INTO role_children VALUES(2,1,'student','[3,4,5]');
INSERT INTO role_children VALUES(3,1,'map','[3,4,5]');
CREATE TABLE sitting_series (
	id integer primary key autoincrement, starts_on text not null, rule text not null, left_out text not null default '[]'
) strict;
INSERT INTO sitting_series VALUES(1,'2027-01-26','FREQ=WEEKLY;BYDAY=TU,TH','[]');
DELETE FROM sqlite_sequence;
INSERT INTO sqlite_sequence VALUES('supplier',6);
INSERT INTO sqlite_sequence VALUES('item',167);
INSERT INTO sqlite_sequence VALUES('supply_line',101);
INSERT INTO sqlite_sequence VALUES('basket_part',6);
INSERT INTO sqlite_sequence VALUES('change_row',0);
INSERT INTO sqlite_sequence VALUES('person',6);
INSERT INTO sqlite_sequence VALUES('place',32);
INSERT INTO sqlite_sequence VALUES('lot',132);
INSERT INTO sqlite_sequence VALUES('unit',3);
INSERT INTO sqlite_sequence VALUES('run',3);
INSERT INTO sqlite_sequence VALUES('run_participant',12);
INSERT INTO sqlite_sequence VALUES('blocked',4);
INSERT INTO sqlite_sequence VALUES('lesson',18);
INSERT INTO sqlite_sequence VALUES('session',7);
INSERT INTO sqlite_sequence VALUES('spine',2);
INSERT INTO sqlite_sequence VALUES('page_range',17);
INSERT INTO sqlite_sequence VALUES('activity',18);
INSERT INTO sqlite_sequence VALUES('task',3);
INSERT INTO sqlite_sequence VALUES('goal',3);
INSERT INTO sqlite_sequence VALUES('resource',150);
INSERT INTO sqlite_sequence VALUES('resource_use',47);
INSERT INTO sqlite_sequence VALUES('listed_book',9);
INSERT INTO sqlite_sequence VALUES('activity_resource',4);
INSERT INTO sqlite_sequence VALUES('lent_piece',1);
INSERT INTO sqlite_sequence VALUES('loan',7);
INSERT INTO sqlite_sequence VALUES('offer',17);
INSERT INTO sqlite_sequence VALUES('price',17);
INSERT INTO sqlite_sequence VALUES('substitute',2);
INSERT INTO sqlite_sequence VALUES('lot_event',4);
INSERT INTO sqlite_sequence VALUES('kit_part',3);
INSERT INTO sqlite_sequence VALUES('wanted',6);
INSERT INTO sqlite_sequence VALUES('statement',21);
INSERT INTO sqlite_sequence VALUES('need_state',55);
INSERT INTO sqlite_sequence VALUES('occasion',2);
INSERT INTO sqlite_sequence VALUES('document',1);
INSERT INTO sqlite_sequence VALUES('print_source',1);
INSERT INTO sqlite_sequence VALUES('print',44);
INSERT INTO sqlite_sequence VALUES('role_children',3);
INSERT INTO sqlite_sequence VALUES('print_run',1);
INSERT INTO sqlite_sequence VALUES('sitting_series',1);
INSERT INTO sqlite_sequence VALUES('sitting',10);
INSERT INTO sqlite_sequence VALUES('prep_job',7);
INSERT INTO sqlite_sequence VALUES('own_job',1);
INSERT INTO sqlite_sequence VALUES('binder',1);
INSERT INTO sqlite_sequence VALUES('boxed_thing',4);
INSERT INTO sqlite_sequence VALUES('box_detail',1);
INSERT INTO sqlite_sequence VALUES('opening_box',1);
INSERT INTO sqlite_sequence VALUES('opening_thing',7);
INSERT INTO sqlite_sequence VALUES('tray',9);
INSERT INTO sqlite_sequence VALUES('tray_standing',16);
INSERT INTO sqlite_sequence VALUES('wall',1);
INSERT INTO sqlite_sequence VALUES('wall_poster',1);
INSERT INTO sqlite_sequence VALUES('wall_word',33);
CREATE INDEX place_parent on place(parent_id);
CREATE INDEX lot_item on lot(item_id);
CREATE INDEX lot_place on lot(place_id);
CREATE INDEX run_unit on run(unit_id);
CREATE INDEX blocked_run on blocked(run_id);
CREATE INDEX lesson_run on lesson(run_id, position);
CREATE INDEX need_state_run on need_state(run_id);
CREATE INDEX change_device on change(device, id);
CREATE INDEX change_row_change on change_row(change_id);
CREATE INDEX item_alias_item on item_alias(item_id);
CREATE INDEX lot_event_item on lot_event(item_id);
CREATE UNIQUE INDEX stream_habit_of on stream_habit(coalesce(run_id, 0), stream);
CREATE INDEX activity_run on activity(run_id);
CREATE INDEX spine_run on spine(run_id);
CREATE INDEX page_range_spine on page_range(spine_id);
CREATE INDEX resource_isbn on resource(isbn13);
CREATE INDEX resource_place on resource(place_id);
CREATE TRIGGER resource_words_insert after insert on resource begin
	insert into resource_words (rowid, title, authors, topics, notes)
	values (new.id, new.title, new.authors, new.topics, new.notes || ' ' || new.about);
end;
CREATE TRIGGER resource_words_delete after delete on resource begin
	delete from resource_words where rowid = old.id;
end;
CREATE TRIGGER resource_words_update after update of title, authors, topics, notes, about on resource begin
	delete from resource_words where rowid = old.id;
	insert into resource_words (rowid, title, authors, topics, notes)
	values (new.id, new.title, new.authors, new.topics, new.notes || ' ' || new.about);
end;
CREATE INDEX resource_use_resource on resource_use(resource_id);
CREATE INDEX resource_use_lesson on resource_use(lesson_id);
CREATE INDEX loan_resource on loan(resource_id);
CREATE INDEX offer_item on offer(item_id);
CREATE INDEX price_offer on price(offer_id);
CREATE INDEX purchase_item on purchase(item_id);
CREATE INDEX substitute_item on substitute(item_id);
CREATE INDEX kit_part_lot on kit_part(lot_id);
CREATE INDEX supply_line_lesson on supply_line(lesson_id, position);
CREATE INDEX supply_line_activity on supply_line(activity_id);
CREATE INDEX supply_line_item on supply_line(item_id);
CREATE INDEX not_here_item on not_here(item_id);
CREATE INDEX listed_book_run on listed_book(run_id, position);
CREATE INDEX listed_book_lesson on listed_book(lesson_id);
CREATE INDEX listed_book_resource on listed_book(resource_id);
CREATE INDEX print_source_run on print_source(run_id, position);
CREATE INDEX print_source_resource on print_source(resource_id);
CREATE INDEX print_run_id on print(run_id);
CREATE INDEX print_source_id on print(source_id);
CREATE INDEX print_lesson on print(lesson_id);
CREATE INDEX print_activity on print(activity_id);
CREATE INDEX print_run_run on print_run(run_id);
CREATE INDEX print_place on print(place_of);
CREATE INDEX prep_job_run on prep_job(run_id);
CREATE INDEX prep_job_sitting on prep_job(sitting_id);
CREATE INDEX own_job_run on own_job(run_id);
CREATE INDEX boxed_thing_run on boxed_thing(run_id);
CREATE INDEX boxed_thing_place on boxed_thing(place_id);
CREATE INDEX box_layout_run on box_layout(run_id);
CREATE INDEX moving_resource on moving(resource_id);
CREATE INDEX moving_boxed_thing on moving(boxed_thing_id);
CREATE INDEX moving_from on moving(from_place_id);
CREATE INDEX moving_to on moving(to_place_id);
CREATE INDEX opening_box_place on opening_box(place_id);
CREATE INDEX opening_thing_run on opening_thing(run_id);
CREATE INDEX opening_thing_resource on opening_thing(resource_id);
CREATE INDEX tray_run on tray(run_id);
CREATE INDEX tray_stored on tray(stored_place_id);
CREATE INDEX tray_standing_tray on tray_standing(tray_id);
CREATE INDEX tray_standing_place on tray_standing(place_id);
CREATE INDEX wall_word_run on wall_word(run_id);
CREATE INDEX wall_word_lesson on wall_word(lesson_id);
CREATE INDEX wall_poster_run on wall_poster(run_id);
CREATE INDEX wall_poster_lesson on wall_poster(lesson_id);
CREATE INDEX wall_poster_resource on wall_poster(resource_id);
CREATE INDEX basket_part_resource on basket_part(resource_id);
CREATE TRIGGER watch_household_insert after insert on household
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'household', new.id, null, json_object('id', new."id", 'name', new."name", 'zone', new."zone", 'week_start', new."week_start", 'fixed_today', new."fixed_today", 'measures', new."measures", 'habit', new."habit", 'habit_date', new."habit_date", 'count_age_days', new."count_age_days", 'paper', new."paper", 'evening', new."evening", 'country', new."country", 'region', new."region", 'frame', new."frame", 'content_policy', new."content_policy", 'sales_tax', new."sales_tax", 'ladder', new."ladder", 'rung_days', new."rung_days", 'first_frost', new."first_frost", 'last_frost', new."last_frost", 'printing', new."printing", 'prep_rates', new."prep_rates", 'prep_habit', new."prep_habit", 'binders', new."binders", 'set_out', new."set_out", 'lift_grams', new."lift_grams"));
					end;
CREATE TRIGGER watch_household_update after update on household
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'household', new.id, json_object('id', old."id", 'name', old."name", 'zone', old."zone", 'week_start', old."week_start", 'fixed_today', old."fixed_today", 'measures', old."measures", 'habit', old."habit", 'habit_date', old."habit_date", 'count_age_days', old."count_age_days", 'paper', old."paper", 'evening', old."evening", 'country', old."country", 'region', old."region", 'frame', old."frame", 'content_policy', old."content_policy", 'sales_tax', old."sales_tax", 'ladder', old."ladder", 'rung_days', old."rung_days", 'first_frost', old."first_frost", 'last_frost', old."last_frost", 'printing', old."printing", 'prep_rates', old."prep_rates", 'prep_habit', old."prep_habit", 'binders', old."binders", 'set_out', old."set_out", 'lift_grams', old."lift_grams"), json_object('id', new."id", 'name', new."name", 'zone', new."zone", 'week_start', new."week_start", 'fixed_today', new."fixed_today", 'measures', new."measures", 'habit', new."habit", 'habit_date', new."habit_date", 'count_age_days', new."count_age_days", 'paper', new."paper", 'evening', new."evening", 'country', new."country", 'region', new."region", 'frame', new."frame", 'content_policy', new."content_policy", 'sales_tax', new."sales_tax", 'ladder', new."ladder", 'rung_days', new."rung_days", 'first_frost', new."first_frost", 'last_frost', new."last_frost", 'printing', new."printing", 'prep_rates', new."prep_rates", 'prep_habit', new."prep_habit", 'binders', new."binders", 'set_out', new."set_out", 'lift_grams', new."lift_grams"));
					end;
CREATE TRIGGER watch_household_delete after delete on household
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'household', old.id, json_object('id', old."id", 'name', old."name", 'zone', old."zone", 'week_start', old."week_start", 'fixed_today', old."fixed_today", 'measures', old."measures", 'habit', old."habit", 'habit_date', old."habit_date", 'count_age_days', old."count_age_days", 'paper', old."paper", 'evening', old."evening", 'country', old."country", 'region', old."region", 'frame', old."frame", 'content_policy', old."content_policy", 'sales_tax', old."sales_tax", 'ladder', old."ladder", 'rung_days', old."rung_days", 'first_frost', old."first_frost", 'last_frost', old."last_frost", 'printing', old."printing", 'prep_rates', old."prep_rates", 'prep_habit', old."prep_habit", 'binders', old."binders", 'set_out', old."set_out", 'lift_grams', old."lift_grams"), null);
					end;
CREATE TRIGGER watch_person_insert after insert on person
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'person', new.id, null, json_object('id', new."id", 'name', new."name", 'kind', new."kind", 'born', new."born", 'allergies', new."allergies", 'weekdays', new."weekdays", 'reach_mm', new."reach_mm", 'level', new."level", 'reads', new."reads", 'born_within', new."born_within", 'writes', new."writes"));
					end;
CREATE TRIGGER watch_person_update after update on person
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'person', new.id, json_object('id', old."id", 'name', old."name", 'kind', old."kind", 'born', old."born", 'allergies', old."allergies", 'weekdays', old."weekdays", 'reach_mm', old."reach_mm", 'level', old."level", 'reads', old."reads", 'born_within', old."born_within", 'writes', old."writes"), json_object('id', new."id", 'name', new."name", 'kind', new."kind", 'born', new."born", 'allergies', new."allergies", 'weekdays', new."weekdays", 'reach_mm', new."reach_mm", 'level', new."level", 'reads', new."reads", 'born_within', new."born_within", 'writes', new."writes"));
					end;
CREATE TRIGGER watch_person_delete after delete on person
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'person', old.id, json_object('id', old."id", 'name', old."name", 'kind', old."kind", 'born', old."born", 'allergies', old."allergies", 'weekdays', old."weekdays", 'reach_mm', old."reach_mm", 'level', old."level", 'reads', old."reads", 'born_within', old."born_within", 'writes', old."writes"), null);
					end;
CREATE TRIGGER watch_place_insert after insert on place
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'place', new.id, null, json_object('id', new."id", 'parent_id', new."parent_id", 'name', new."name", 'kind', new."kind", 'position', new."position", 'length_mm', new."length_mm", 'width_mm', new."width_mm", 'height_mm', new."height_mm", 'floor_mm', new."floor_mm"));
					end;
CREATE TRIGGER watch_place_update after update on place
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'place', new.id, json_object('id', old."id", 'parent_id', old."parent_id", 'name', old."name", 'kind', old."kind", 'position', old."position", 'length_mm', old."length_mm", 'width_mm', old."width_mm", 'height_mm', old."height_mm", 'floor_mm', old."floor_mm"), json_object('id', new."id", 'parent_id', new."parent_id", 'name', new."name", 'kind', new."kind", 'position', new."position", 'length_mm', new."length_mm", 'width_mm', new."width_mm", 'height_mm', new."height_mm", 'floor_mm', new."floor_mm"));
					end;
CREATE TRIGGER watch_place_delete after delete on place
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'place', old.id, json_object('id', old."id", 'parent_id', old."parent_id", 'name', old."name", 'kind', old."kind", 'position', old."position", 'length_mm', old."length_mm", 'width_mm', old."width_mm", 'height_mm', old."height_mm", 'floor_mm', old."floor_mm"), null);
					end;
CREATE TRIGGER watch_supplier_insert after insert on supplier
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'supplier', new.id, null, json_object('id', new."id", 'name', new."name", 'kind', new."kind", 'weekdays', new."weekdays", 'lead_days', new."lead_days", 'position', new."position", 'loan_days', new."loan_days", 'renewals', new."renewals", 'shelf_days', new."shelf_days", 'fee_cents', new."fee_cents", 'free_over_cents', new."free_over_cents", 'return_days', new."return_days"));
					end;
CREATE TRIGGER watch_supplier_update after update on supplier
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'supplier', new.id, json_object('id', old."id", 'name', old."name", 'kind', old."kind", 'weekdays', old."weekdays", 'lead_days', old."lead_days", 'position', old."position", 'loan_days', old."loan_days", 'renewals', old."renewals", 'shelf_days', old."shelf_days", 'fee_cents', old."fee_cents", 'free_over_cents', old."free_over_cents", 'return_days', old."return_days"), json_object('id', new."id", 'name', new."name", 'kind', new."kind", 'weekdays', new."weekdays", 'lead_days', new."lead_days", 'position', new."position", 'loan_days', new."loan_days", 'renewals', new."renewals", 'shelf_days', new."shelf_days", 'fee_cents', new."fee_cents", 'free_over_cents', new."free_over_cents", 'return_days', new."return_days"));
					end;
CREATE TRIGGER watch_supplier_delete after delete on supplier
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'supplier', old.id, json_object('id', old."id", 'name', old."name", 'kind', old."kind", 'weekdays', old."weekdays", 'lead_days', old."lead_days", 'position', old."position", 'loan_days', old."loan_days", 'renewals', old."renewals", 'shelf_days', old."shelf_days", 'fee_cents', old."fee_cents", 'free_over_cents', old."free_over_cents", 'return_days', old."return_days"), null);
					end;
CREATE TRIGGER watch_item_insert after insert on item
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'item', new.id, null, json_object('id', new."id", 'name', new."name", 'name_key', new."name_key", 'use', new."use", 'keep_back', new."keep_back", 'keep_back_unit', new."keep_back_unit", 'keeps_days', new."keeps_days", 'supplier_id', new."supplier_id", 'low_level', new."low_level", 'low_unit', new."low_unit", 'ladder', new."ladder", 'start_days', new."start_days", 'season', new."season", 'make_cents', new."make_cents", 'make_minutes', new."make_minutes"));
					end;
CREATE TRIGGER watch_item_update after update on item
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'item', new.id, json_object('id', old."id", 'name', old."name", 'name_key', old."name_key", 'use', old."use", 'keep_back', old."keep_back", 'keep_back_unit', old."keep_back_unit", 'keeps_days', old."keeps_days", 'supplier_id', old."supplier_id", 'low_level', old."low_level", 'low_unit', old."low_unit", 'ladder', old."ladder", 'start_days', old."start_days", 'season', old."season", 'make_cents', old."make_cents", 'make_minutes', old."make_minutes"), json_object('id', new."id", 'name', new."name", 'name_key', new."name_key", 'use', new."use", 'keep_back', new."keep_back", 'keep_back_unit', new."keep_back_unit", 'keeps_days', new."keeps_days", 'supplier_id', new."supplier_id", 'low_level', new."low_level", 'low_unit', new."low_unit", 'ladder', new."ladder", 'start_days', new."start_days", 'season', new."season", 'make_cents', new."make_cents", 'make_minutes', new."make_minutes"));
					end;
CREATE TRIGGER watch_item_delete after delete on item
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'item', old.id, json_object('id', old."id", 'name', old."name", 'name_key', old."name_key", 'use', old."use", 'keep_back', old."keep_back", 'keep_back_unit', old."keep_back_unit", 'keeps_days', old."keeps_days", 'supplier_id', old."supplier_id", 'low_level', old."low_level", 'low_unit', old."low_unit", 'ladder', old."ladder", 'start_days', old."start_days", 'season', old."season", 'make_cents', old."make_cents", 'make_minutes', old."make_minutes"), null);
					end;
CREATE TRIGGER watch_lot_insert after insert on lot
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lot', new.id, null, json_object('id', new."id", 'item_id', new."item_id", 'amount', new."amount", 'unit', new."unit", 'place_id', new."place_id", 'good_until', new."good_until", 'counted_on', new."counted_on", 'opened_on', new."opened_on", 'kit_of', new."kit_of", 'picture', new."picture"));
					end;
CREATE TRIGGER watch_lot_update after update on lot
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lot', new.id, json_object('id', old."id", 'item_id', old."item_id", 'amount', old."amount", 'unit', old."unit", 'place_id', old."place_id", 'good_until', old."good_until", 'counted_on', old."counted_on", 'opened_on', old."opened_on", 'kit_of', old."kit_of", 'picture', old."picture"), json_object('id', new."id", 'item_id', new."item_id", 'amount', new."amount", 'unit', new."unit", 'place_id', new."place_id", 'good_until', new."good_until", 'counted_on', new."counted_on", 'opened_on', new."opened_on", 'kit_of', new."kit_of", 'picture', new."picture"));
					end;
CREATE TRIGGER watch_lot_delete after delete on lot
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lot', old.id, json_object('id', old."id", 'item_id', old."item_id", 'amount', old."amount", 'unit', old."unit", 'place_id', old."place_id", 'good_until', old."good_until", 'counted_on', old."counted_on", 'opened_on', old."opened_on", 'kit_of', old."kit_of", 'picture', old."picture"), null);
					end;
CREATE TRIGGER watch_unit_insert after insert on unit
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'unit', new.id, null, json_object('id', new."id", 'name', new."name"));
					end;
CREATE TRIGGER watch_unit_update after update on unit
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'unit', new.id, json_object('id', old."id", 'name', old."name"), json_object('id', new."id", 'name', new."name"));
					end;
CREATE TRIGGER watch_unit_delete after delete on unit
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'unit', old.id, json_object('id', old."id", 'name', old."name"), null);
					end;
CREATE TRIGGER watch_run_insert after insert on run
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'run', new.id, null, json_object('id', new."id", 'unit_id', new."unit_id", 'name', new."name", 'state', new."state", 'start_on', new."start_on", 'end_on', new."end_on", 'weekdays', new."weekdays", 'keep_free', new."keep_free", 'habit', new."habit", 'habit_date', new."habit_date", 'collecting_place_id', new."collecting_place_id", 'copied_from', new."copied_from", 'rhythm', new."rhythm", 'rhythm_days', new."rhythm_days", 'limits', new."limits"));
					end;
CREATE TRIGGER watch_run_update after update on run
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'run', new.id, json_object('id', old."id", 'unit_id', old."unit_id", 'name', old."name", 'state', old."state", 'start_on', old."start_on", 'end_on', old."end_on", 'weekdays', old."weekdays", 'keep_free', old."keep_free", 'habit', old."habit", 'habit_date', old."habit_date", 'collecting_place_id', old."collecting_place_id", 'copied_from', old."copied_from", 'rhythm', old."rhythm", 'rhythm_days', old."rhythm_days", 'limits', old."limits"), json_object('id', new."id", 'unit_id', new."unit_id", 'name', new."name", 'state', new."state", 'start_on', new."start_on", 'end_on', new."end_on", 'weekdays', new."weekdays", 'keep_free', new."keep_free", 'habit', new."habit", 'habit_date', new."habit_date", 'collecting_place_id', new."collecting_place_id", 'copied_from', new."copied_from", 'rhythm', new."rhythm", 'rhythm_days', new."rhythm_days", 'limits', new."limits"));
					end;
CREATE TRIGGER watch_run_delete after delete on run
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'run', old.id, json_object('id', old."id", 'unit_id', old."unit_id", 'name', old."name", 'state', old."state", 'start_on', old."start_on", 'end_on', old."end_on", 'weekdays', old."weekdays", 'keep_free', old."keep_free", 'habit', old."habit", 'habit_date', old."habit_date", 'collecting_place_id', old."collecting_place_id", 'copied_from', old."copied_from", 'rhythm', old."rhythm", 'rhythm_days', old."rhythm_days", 'limits', old."limits"), null);
					end;
CREATE TRIGGER watch_run_participant_insert after insert on run_participant
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'run_participant', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'person_id', new."person_id"));
					end;
CREATE TRIGGER watch_run_participant_update after update on run_participant
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'run_participant', new.id, json_object('id', old."id", 'run_id', old."run_id", 'person_id', old."person_id"), json_object('id', new."id", 'run_id', new."run_id", 'person_id', new."person_id"));
					end;
CREATE TRIGGER watch_run_participant_delete after delete on run_participant
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'run_participant', old.id, json_object('id', old."id", 'run_id', old."run_id", 'person_id', old."person_id"), null);
					end;
CREATE TRIGGER watch_blocked_insert after insert on blocked
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'blocked', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'from_on', new."from_on", 'to_on', new."to_on", 'reason', new."reason"));
					end;
CREATE TRIGGER watch_blocked_update after update on blocked
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'blocked', new.id, json_object('id', old."id", 'run_id', old."run_id", 'from_on', old."from_on", 'to_on', old."to_on", 'reason', old."reason"), json_object('id', new."id", 'run_id', new."run_id", 'from_on', new."from_on", 'to_on', new."to_on", 'reason', new."reason"));
					end;
CREATE TRIGGER watch_blocked_delete after delete on blocked
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'blocked', old.id, json_object('id', old."id", 'run_id', old."run_id", 'from_on', old."from_on", 'to_on', old."to_on", 'reason', old."reason"), null);
					end;
CREATE TRIGGER watch_lesson_insert after insert on lesson
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lesson', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'position', new."position", 'title', new."title", 'note', new."note", 'optional', new."optional", 'sessions', new."sessions", 'topic', new."topic", 'objective', new."objective", 'vocabulary', new."vocabulary", 'questions', new."questions", 'minutes', new."minutes", 'extension', new."extension", 'extension_for', new."extension_for", 'first_page', new."first_page"));
					end;
CREATE TRIGGER watch_lesson_update after update on lesson
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lesson', new.id, json_object('id', old."id", 'run_id', old."run_id", 'position', old."position", 'title', old."title", 'note', old."note", 'optional', old."optional", 'sessions', old."sessions", 'topic', old."topic", 'objective', old."objective", 'vocabulary', old."vocabulary", 'questions', old."questions", 'minutes', old."minutes", 'extension', old."extension", 'extension_for', old."extension_for", 'first_page', old."first_page"), json_object('id', new."id", 'run_id', new."run_id", 'position', new."position", 'title', new."title", 'note', new."note", 'optional', new."optional", 'sessions', new."sessions", 'topic', new."topic", 'objective', new."objective", 'vocabulary', new."vocabulary", 'questions', new."questions", 'minutes', new."minutes", 'extension', new."extension", 'extension_for', new."extension_for", 'first_page', new."first_page"));
					end;
CREATE TRIGGER watch_lesson_delete after delete on lesson
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lesson', old.id, json_object('id', old."id", 'run_id', old."run_id", 'position', old."position", 'title', old."title", 'note', old."note", 'optional', old."optional", 'sessions', old."sessions", 'topic', old."topic", 'objective', old."objective", 'vocabulary', old."vocabulary", 'questions', old."questions", 'minutes', old."minutes", 'extension', old."extension", 'extension_for', old."extension_for", 'first_page', old."first_page"), null);
					end;
CREATE TRIGGER watch_session_insert after insert on session
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'session', new.id, null, json_object('id', new."id", 'lesson_id', new."lesson_id", 'ordinal', new."ordinal", 'outcome', new."outcome", 'held_on', new."held_on"));
					end;
CREATE TRIGGER watch_session_update after update on session
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'session', new.id, json_object('id', old."id", 'lesson_id', old."lesson_id", 'ordinal', old."ordinal", 'outcome', old."outcome", 'held_on', old."held_on"), json_object('id', new."id", 'lesson_id', new."lesson_id", 'ordinal', new."ordinal", 'outcome', new."outcome", 'held_on', new."held_on"));
					end;
CREATE TRIGGER watch_session_delete after delete on session
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'session', old.id, json_object('id', old."id", 'lesson_id', old."lesson_id", 'ordinal', old."ordinal", 'outcome', old."outcome", 'held_on', old."held_on"), null);
					end;
CREATE TRIGGER watch_supply_line_insert after insert on supply_line
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'supply_line', new.id, null, json_object('id', new."id", 'lesson_id', new."lesson_id", 'activity_id', new."activity_id", 'position', new."position", 'written', new."written", 'item_id', new."item_id", 'quantity', new."quantity", 'quantity_to', new."quantity_to", 'unit', new."unit", 'per', new."per", 'group_size', new."group_size", 'optional', new."optional", 'alternatives', new."alternatives", 'note', new."note", 'needs_look', new."needs_look", 'use', new."use", 'out_until', new."out_until", 'spare', new."spare", 'participants', new."participants", 'prepare_minutes', new."prepare_minutes", 'prepare_wait_days', new."prepare_wait_days", 'session', new."session", 'claim', new."claim", 'listed_on', new."listed_on"));
					end;
CREATE TRIGGER watch_supply_line_update after update on supply_line
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'supply_line', new.id, json_object('id', old."id", 'lesson_id', old."lesson_id", 'activity_id', old."activity_id", 'position', old."position", 'written', old."written", 'item_id', old."item_id", 'quantity', old."quantity", 'quantity_to', old."quantity_to", 'unit', old."unit", 'per', old."per", 'group_size', old."group_size", 'optional', old."optional", 'alternatives', old."alternatives", 'note', old."note", 'needs_look', old."needs_look", 'use', old."use", 'out_until', old."out_until", 'spare', old."spare", 'participants', old."participants", 'prepare_minutes', old."prepare_minutes", 'prepare_wait_days', old."prepare_wait_days", 'session', old."session", 'claim', old."claim", 'listed_on', old."listed_on"), json_object('id', new."id", 'lesson_id', new."lesson_id", 'activity_id', new."activity_id", 'position', new."position", 'written', new."written", 'item_id', new."item_id", 'quantity', new."quantity", 'quantity_to', new."quantity_to", 'unit', new."unit", 'per', new."per", 'group_size', new."group_size", 'optional', new."optional", 'alternatives', new."alternatives", 'note', new."note", 'needs_look', new."needs_look", 'use', new."use", 'out_until', new."out_until", 'spare', new."spare", 'participants', new."participants", 'prepare_minutes', new."prepare_minutes", 'prepare_wait_days', new."prepare_wait_days", 'session', new."session", 'claim', new."claim", 'listed_on', new."listed_on"));
					end;
CREATE TRIGGER watch_supply_line_delete after delete on supply_line
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'supply_line', old.id, json_object('id', old."id", 'lesson_id', old."lesson_id", 'activity_id', old."activity_id", 'position', old."position", 'written', old."written", 'item_id', old."item_id", 'quantity', old."quantity", 'quantity_to', old."quantity_to", 'unit', old."unit", 'per', old."per", 'group_size', old."group_size", 'optional', old."optional", 'alternatives', old."alternatives", 'note', old."note", 'needs_look', old."needs_look", 'use', old."use", 'out_until', old."out_until", 'spare', old."spare", 'participants', old."participants", 'prepare_minutes', old."prepare_minutes", 'prepare_wait_days', old."prepare_wait_days", 'session', old."session", 'claim', old."claim", 'listed_on', old."listed_on"), null);
					end;
CREATE TRIGGER watch_need_state_insert after insert on need_state
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'need_state', new.id, null, json_object('id', new."id", 'key', new."key", 'run_id', new."run_id", 'decision', new."decision", 'supplier_id', new."supplier_id", 'unit', new."unit", 'arranged', new."arranged", 'found', new."found", 'prepared', new."prepared", 'out', new."out", 'promised', new."promised", 'note', new."note", 'person_id', new."person_id", 'rung', new."rung"));
					end;
CREATE TRIGGER watch_need_state_update after update on need_state
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'need_state', new.id, json_object('id', old."id", 'key', old."key", 'run_id', old."run_id", 'decision', old."decision", 'supplier_id', old."supplier_id", 'unit', old."unit", 'arranged', old."arranged", 'found', old."found", 'prepared', old."prepared", 'out', old."out", 'promised', old."promised", 'note', old."note", 'person_id', old."person_id", 'rung', old."rung"), json_object('id', new."id", 'key', new."key", 'run_id', new."run_id", 'decision', new."decision", 'supplier_id', new."supplier_id", 'unit', new."unit", 'arranged', new."arranged", 'found', new."found", 'prepared', new."prepared", 'out', new."out", 'promised', new."promised", 'note', new."note", 'person_id', new."person_id", 'rung', new."rung"));
					end;
CREATE TRIGGER watch_need_state_delete after delete on need_state
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'need_state', old.id, json_object('id', old."id", 'key', old."key", 'run_id', old."run_id", 'decision', old."decision", 'supplier_id', old."supplier_id", 'unit', old."unit", 'arranged', old."arranged", 'found', old."found", 'prepared', old."prepared", 'out', old."out", 'promised', old."promised", 'note', old."note", 'person_id', old."person_id", 'rung', old."rung"), null);
					end;
CREATE TRIGGER watch_sitting_insert after insert on sitting
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'sitting', new.id, null, json_object('id', new."id", 'held_on', new."held_on", 'minutes', new."minutes", 'starts', new."starts", 'bars', new."bars", 'series', new."series", 'over', new."over"));
					end;
CREATE TRIGGER watch_sitting_update after update on sitting
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'sitting', new.id, json_object('id', old."id", 'held_on', old."held_on", 'minutes', old."minutes", 'starts', old."starts", 'bars', old."bars", 'series', old."series", 'over', old."over"), json_object('id', new."id", 'held_on', new."held_on", 'minutes', new."minutes", 'starts', new."starts", 'bars', new."bars", 'series', new."series", 'over', new."over"));
					end;
CREATE TRIGGER watch_sitting_delete after delete on sitting
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'sitting', old.id, json_object('id', old."id", 'held_on', old."held_on", 'minutes', old."minutes", 'starts', old."starts", 'bars', old."bars", 'series', old."series", 'over', old."over"), null);
					end;
CREATE TRIGGER watch_sitting_series_insert after insert on sitting_series
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'sitting_series', new.id, null, json_object('id', new."id", 'starts_on', new."starts_on", 'rule', new."rule", 'left_out', new."left_out"));
					end;
CREATE TRIGGER watch_sitting_series_update after update on sitting_series
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'sitting_series', new.id, json_object('id', old."id", 'starts_on', old."starts_on", 'rule', old."rule", 'left_out', old."left_out"), json_object('id', new."id", 'starts_on', new."starts_on", 'rule', new."rule", 'left_out', new."left_out"));
					end;
CREATE TRIGGER watch_sitting_series_delete after delete on sitting_series
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'sitting_series', old.id, json_object('id', old."id", 'starts_on', old."starts_on", 'rule', old."rule", 'left_out', old."left_out"), null);
					end;
CREATE TRIGGER watch_prep_job_insert after insert on prep_job
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'prep_job', new.id, null, json_object('id', new."id", 'key', new."key", 'run_id', new."run_id", 'sitting_id', new."sitting_id", 'done_on', new."done_on", 'work', new."work", 'count', new."count", 'minutes', new."minutes"));
					end;
CREATE TRIGGER watch_prep_job_update after update on prep_job
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'prep_job', new.id, json_object('id', old."id", 'key', old."key", 'run_id', old."run_id", 'sitting_id', old."sitting_id", 'done_on', old."done_on", 'work', old."work", 'count', old."count", 'minutes', old."minutes"), json_object('id', new."id", 'key', new."key", 'run_id', new."run_id", 'sitting_id', new."sitting_id", 'done_on', new."done_on", 'work', new."work", 'count', new."count", 'minutes', new."minutes"));
					end;
CREATE TRIGGER watch_prep_job_delete after delete on prep_job
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'prep_job', old.id, json_object('id', old."id", 'key', old."key", 'run_id', old."run_id", 'sitting_id', old."sitting_id", 'done_on', old."done_on", 'work', old."work", 'count', old."count", 'minutes', old."minutes"), null);
					end;
CREATE TRIGGER watch_own_job_insert after insert on own_job
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'own_job', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'title', new."title", 'minutes', new."minutes", 'ready_by', new."ready_by", 'done_on', new."done_on"));
					end;
CREATE TRIGGER watch_own_job_update after update on own_job
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'own_job', new.id, json_object('id', old."id", 'run_id', old."run_id", 'title', old."title", 'minutes', old."minutes", 'ready_by', old."ready_by", 'done_on', old."done_on"), json_object('id', new."id", 'run_id', new."run_id", 'title', new."title", 'minutes', new."minutes", 'ready_by', new."ready_by", 'done_on', new."done_on"));
					end;
CREATE TRIGGER watch_own_job_delete after delete on own_job
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'own_job', old.id, json_object('id', old."id", 'run_id', old."run_id", 'title', old."title", 'minutes', old."minutes", 'ready_by', old."ready_by", 'done_on', old."done_on"), null);
					end;
CREATE TRIGGER watch_binder_insert after insert on binder
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'binder', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'way', new."way", 'ring', new."ring", 'others', new."others"));
					end;
CREATE TRIGGER watch_binder_update after update on binder
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'binder', new.id, json_object('id', old."id", 'run_id', old."run_id", 'way', old."way", 'ring', old."ring", 'others', old."others"), json_object('id', new."id", 'run_id', new."run_id", 'way', new."way", 'ring', new."ring", 'others', new."others"));
					end;
CREATE TRIGGER watch_binder_delete after delete on binder
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'binder', old.id, json_object('id', old."id", 'run_id', old."run_id", 'way', old."way", 'ring', old."ring", 'others', old."others"), null);
					end;
CREATE TRIGGER watch_boxed_thing_insert after insert on boxed_thing
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'boxed_thing', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'resource_id', new."resource_id", 'title', new."title", 'length_mm', new."length_mm", 'width_mm', new."width_mm", 'height_mm', new."height_mm", 'grams', new."grams", 'count', new."count", 'upright', new."upright", 'fragile', new."fragile", 'place_id', new."place_id", 'soft', new."soft", 'size_said', new."size_said", 'weight_said', new."weight_said"));
					end;
CREATE TRIGGER watch_boxed_thing_update after update on boxed_thing
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'boxed_thing', new.id, json_object('id', old."id", 'run_id', old."run_id", 'resource_id', old."resource_id", 'title', old."title", 'length_mm', old."length_mm", 'width_mm', old."width_mm", 'height_mm', old."height_mm", 'grams', old."grams", 'count', old."count", 'upright', old."upright", 'fragile', old."fragile", 'place_id', old."place_id", 'soft', old."soft", 'size_said', old."size_said", 'weight_said', old."weight_said"), json_object('id', new."id", 'run_id', new."run_id", 'resource_id', new."resource_id", 'title', new."title", 'length_mm', new."length_mm", 'width_mm', new."width_mm", 'height_mm', new."height_mm", 'grams', new."grams", 'count', new."count", 'upright', new."upright", 'fragile', new."fragile", 'place_id', new."place_id", 'soft', new."soft", 'size_said', new."size_said", 'weight_said', new."weight_said"));
					end;
CREATE TRIGGER watch_boxed_thing_delete after delete on boxed_thing
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'boxed_thing', old.id, json_object('id', old."id", 'run_id', old."run_id", 'resource_id', old."resource_id", 'title', old."title", 'length_mm', old."length_mm", 'width_mm', old."width_mm", 'height_mm', old."height_mm", 'grams', old."grams", 'count', old."count", 'upright', old."upright", 'fragile', old."fragile", 'place_id', old."place_id", 'soft', old."soft", 'size_said', old."size_said", 'weight_said', old."weight_said"), null);
					end;
CREATE TRIGGER watch_box_detail_insert after insert on box_detail
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'box_detail', new.id, null, json_object('id', new."id", 'place_id', new."place_id", 'form', new."form", 'max_grams', new."max_grams", 'subject', new."subject", 'picture', new."picture"));
					end;
CREATE TRIGGER watch_box_detail_update after update on box_detail
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'box_detail', new.id, json_object('id', old."id", 'place_id', old."place_id", 'form', old."form", 'max_grams', old."max_grams", 'subject', old."subject", 'picture', old."picture"), json_object('id', new."id", 'place_id', new."place_id", 'form', new."form", 'max_grams', new."max_grams", 'subject', new."subject", 'picture', new."picture"));
					end;
CREATE TRIGGER watch_box_detail_delete after delete on box_detail
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'box_detail', old.id, json_object('id', old."id", 'place_id', old."place_id", 'form', old."form", 'max_grams', old."max_grams", 'subject', old."subject", 'picture', old."picture"), null);
					end;
CREATE TRIGGER watch_box_layout_insert after insert on box_layout
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'box_layout', new.id, null, json_object('id', new."id", 'place_id', new."place_id", 'run_id', new."run_id", 'packed', new."packed"));
					end;
CREATE TRIGGER watch_box_layout_update after update on box_layout
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'box_layout', new.id, json_object('id', old."id", 'place_id', old."place_id", 'run_id', old."run_id", 'packed', old."packed"), json_object('id', new."id", 'place_id', new."place_id", 'run_id', new."run_id", 'packed', new."packed"));
					end;
CREATE TRIGGER watch_box_layout_delete after delete on box_layout
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'box_layout', old.id, json_object('id', old."id", 'place_id', old."place_id", 'run_id', old."run_id", 'packed', old."packed"), null);
					end;
CREATE TRIGGER watch_moving_insert after insert on moving
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'moving', new.id, null, json_object('id', new."id", 'on_day', new."on_day", 'title', new."title", 'resource_id', new."resource_id", 'boxed_thing_id', new."boxed_thing_id", 'from_place_id', new."from_place_id", 'to_place_id', new."to_place_id"));
					end;
CREATE TRIGGER watch_moving_update after update on moving
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'moving', new.id, json_object('id', old."id", 'on_day', old."on_day", 'title', old."title", 'resource_id', old."resource_id", 'boxed_thing_id', old."boxed_thing_id", 'from_place_id', old."from_place_id", 'to_place_id', old."to_place_id"), json_object('id', new."id", 'on_day', new."on_day", 'title', new."title", 'resource_id', new."resource_id", 'boxed_thing_id', new."boxed_thing_id", 'from_place_id', new."from_place_id", 'to_place_id', new."to_place_id"));
					end;
CREATE TRIGGER watch_moving_delete after delete on moving
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'moving', old.id, json_object('id', old."id", 'on_day', old."on_day", 'title', old."title", 'resource_id', old."resource_id", 'boxed_thing_id', old."boxed_thing_id", 'from_place_id', old."from_place_id", 'to_place_id', old."to_place_id"), null);
					end;
CREATE TRIGGER watch_opening_box_insert after insert on opening_box
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'opening_box', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'place_id', new."place_id", 'opens_on', new."opens_on", 'kinds', new."kinds"));
					end;
CREATE TRIGGER watch_opening_box_update after update on opening_box
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'opening_box', new.id, json_object('id', old."id", 'run_id', old."run_id", 'place_id', old."place_id", 'opens_on', old."opens_on", 'kinds', old."kinds"), json_object('id', new."id", 'run_id', new."run_id", 'place_id', new."place_id", 'opens_on', new."opens_on", 'kinds', new."kinds"));
					end;
CREATE TRIGGER watch_opening_box_delete after delete on opening_box
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'opening_box', old.id, json_object('id', old."id", 'run_id', old."run_id", 'place_id', old."place_id", 'opens_on', old."opens_on", 'kinds', old."kinds"), null);
					end;
CREATE TRIGGER watch_opening_thing_insert after insert on opening_thing
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'opening_thing', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'resource_id', new."resource_id", 'title', new."title", 'kind', new."kind", 'liters', new."liters", 'cents', new."cents", 'hidden', new."hidden", 'inside', new."inside", 'came_on', new."came_on"));
					end;
CREATE TRIGGER watch_opening_thing_update after update on opening_thing
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'opening_thing', new.id, json_object('id', old."id", 'run_id', old."run_id", 'resource_id', old."resource_id", 'title', old."title", 'kind', old."kind", 'liters', old."liters", 'cents', old."cents", 'hidden', old."hidden", 'inside', old."inside", 'came_on', old."came_on"), json_object('id', new."id", 'run_id', new."run_id", 'resource_id', new."resource_id", 'title', new."title", 'kind', new."kind", 'liters', new."liters", 'cents', new."cents", 'hidden', new."hidden", 'inside', new."inside", 'came_on', new."came_on"));
					end;
CREATE TRIGGER watch_opening_thing_delete after delete on opening_thing
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'opening_thing', old.id, json_object('id', old."id", 'run_id', old."run_id", 'resource_id', old."resource_id", 'title', old."title", 'kind', old."kind", 'liters', old."liters", 'cents', old."cents", 'hidden', old."hidden", 'inside', old."inside", 'came_on', old."came_on"), null);
					end;
CREATE TRIGGER watch_tray_insert after insert on tray
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'tray', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'title', new."title", 'along_mm', new."along_mm", 'deep_mm', new."deep_mm", 'high_mm', new."high_mm", 'skill', new."skill", 'children', new."children", 'lessons', new."lessons", 'pieces', new."pieces", 'dangerous', new."dangerous", 'steps', new."steps", 'stored_place_id', new."stored_place_id", 'loved', new."loved", 'kind', new."kind", 'base', new."base", 'hidden', new."hidden", 'keeps_days', new."keeps_days", 'matches', new."matches"));
					end;
CREATE TRIGGER watch_tray_update after update on tray
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'tray', new.id, json_object('id', old."id", 'run_id', old."run_id", 'title', old."title", 'along_mm', old."along_mm", 'deep_mm', old."deep_mm", 'high_mm', old."high_mm", 'skill', old."skill", 'children', old."children", 'lessons', old."lessons", 'pieces', old."pieces", 'dangerous', old."dangerous", 'steps', old."steps", 'stored_place_id', old."stored_place_id", 'loved', old."loved", 'kind', old."kind", 'base', old."base", 'hidden', old."hidden", 'keeps_days', old."keeps_days", 'matches', old."matches"), json_object('id', new."id", 'run_id', new."run_id", 'title', new."title", 'along_mm', new."along_mm", 'deep_mm', new."deep_mm", 'high_mm', new."high_mm", 'skill', new."skill", 'children', new."children", 'lessons', new."lessons", 'pieces', new."pieces", 'dangerous', new."dangerous", 'steps', new."steps", 'stored_place_id', new."stored_place_id", 'loved', new."loved", 'kind', new."kind", 'base', new."base", 'hidden', new."hidden", 'keeps_days', new."keeps_days", 'matches', new."matches"));
					end;
CREATE TRIGGER watch_tray_delete after delete on tray
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'tray', old.id, json_object('id', old."id", 'run_id', old."run_id", 'title', old."title", 'along_mm', old."along_mm", 'deep_mm', old."deep_mm", 'high_mm', old."high_mm", 'skill', old."skill", 'children', old."children", 'lessons', old."lessons", 'pieces', old."pieces", 'dangerous', old."dangerous", 'steps', old."steps", 'stored_place_id', old."stored_place_id", 'loved', old."loved", 'kind', old."kind", 'base', old."base", 'hidden', old."hidden", 'keeps_days', old."keeps_days", 'matches', old."matches"), null);
					end;
CREATE TRIGGER watch_tray_standing_insert after insert on tray_standing
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'tray_standing', new.id, null, json_object('id', new."id", 'week_on', new."week_on", 'tray_id', new."tray_id", 'place_id', new."place_id", 'position', new."position"));
					end;
CREATE TRIGGER watch_tray_standing_update after update on tray_standing
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'tray_standing', new.id, json_object('id', old."id", 'week_on', old."week_on", 'tray_id', old."tray_id", 'place_id', old."place_id", 'position', old."position"), json_object('id', new."id", 'week_on', new."week_on", 'tray_id', new."tray_id", 'place_id', new."place_id", 'position', new."position"));
					end;
CREATE TRIGGER watch_tray_standing_delete after delete on tray_standing
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'tray_standing', old.id, json_object('id', old."id", 'week_on', old."week_on", 'tray_id', old."tray_id", 'place_id', old."place_id", 'position', old."position"), null);
					end;
CREATE TRIGGER watch_wall_insert after insert on wall
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'wall', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'kind', new."kind", 'width_mm', new."width_mm", 'height_mm', new."height_mm", 'card_width_mm', new."card_width_mm", 'card_height_mm', new."card_height_mm", 'gap_mm', new."gap_mm", 'strip_mm', new."strip_mm", 'strip_text', new."strip_text"));
					end;
CREATE TRIGGER watch_wall_update after update on wall
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'wall', new.id, json_object('id', old."id", 'run_id', old."run_id", 'kind', old."kind", 'width_mm', old."width_mm", 'height_mm', old."height_mm", 'card_width_mm', old."card_width_mm", 'card_height_mm', old."card_height_mm", 'gap_mm', old."gap_mm", 'strip_mm', old."strip_mm", 'strip_text', old."strip_text"), json_object('id', new."id", 'run_id', new."run_id", 'kind', new."kind", 'width_mm', new."width_mm", 'height_mm', new."height_mm", 'card_width_mm', new."card_width_mm", 'card_height_mm', new."card_height_mm", 'gap_mm', new."gap_mm", 'strip_mm', new."strip_mm", 'strip_text', new."strip_text"));
					end;
CREATE TRIGGER watch_wall_delete after delete on wall
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'wall', old.id, json_object('id', old."id", 'run_id', old."run_id", 'kind', old."kind", 'width_mm', old."width_mm", 'height_mm', old."height_mm", 'card_width_mm', old."card_width_mm", 'card_height_mm', old."card_height_mm", 'gap_mm', old."gap_mm", 'strip_mm', old."strip_mm", 'strip_text', old."strip_text"), null);
					end;
CREATE TRIGGER watch_wall_word_insert after insert on wall_word
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'wall_word', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'lesson_id', new."lesson_id", 'position', new."position", 'text', new."text", 'kept', new."kept", 'hidden_until', new."hidden_until", 'spot', new."spot", 'meaning', new."meaning"));
					end;
CREATE TRIGGER watch_wall_word_update after update on wall_word
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'wall_word', new.id, json_object('id', old."id", 'run_id', old."run_id", 'lesson_id', old."lesson_id", 'position', old."position", 'text', old."text", 'kept', old."kept", 'hidden_until', old."hidden_until", 'spot', old."spot", 'meaning', old."meaning"), json_object('id', new."id", 'run_id', new."run_id", 'lesson_id', new."lesson_id", 'position', new."position", 'text', new."text", 'kept', new."kept", 'hidden_until', new."hidden_until", 'spot', new."spot", 'meaning', new."meaning"));
					end;
CREATE TRIGGER watch_wall_word_delete after delete on wall_word
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'wall_word', old.id, json_object('id', old."id", 'run_id', old."run_id", 'lesson_id', old."lesson_id", 'position', old."position", 'text', old."text", 'kept', old."kept", 'hidden_until', old."hidden_until", 'spot', old."spot", 'meaning', old."meaning"), null);
					end;
CREATE TRIGGER watch_wall_poster_insert after insert on wall_poster
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'wall_poster', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'lesson_id', new."lesson_id", 'resource_id', new."resource_id", 'title', new."title", 'width_mm', new."width_mm", 'height_mm', new."height_mm", 'hidden_until', new."hidden_until"));
					end;
CREATE TRIGGER watch_wall_poster_update after update on wall_poster
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'wall_poster', new.id, json_object('id', old."id", 'run_id', old."run_id", 'lesson_id', old."lesson_id", 'resource_id', old."resource_id", 'title', old."title", 'width_mm', old."width_mm", 'height_mm', old."height_mm", 'hidden_until', old."hidden_until"), json_object('id', new."id", 'run_id', new."run_id", 'lesson_id', new."lesson_id", 'resource_id', new."resource_id", 'title', new."title", 'width_mm', new."width_mm", 'height_mm', new."height_mm", 'hidden_until', new."hidden_until"));
					end;
CREATE TRIGGER watch_wall_poster_delete after delete on wall_poster
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'wall_poster', old.id, json_object('id', old."id", 'run_id', old."run_id", 'lesson_id', old."lesson_id", 'resource_id', old."resource_id", 'title', old."title", 'width_mm', old."width_mm", 'height_mm', old."height_mm", 'hidden_until', old."hidden_until"), null);
					end;
CREATE TRIGGER watch_basket_part_insert after insert on basket_part
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'basket_part', new.id, null, json_object('id', new."id", 'title', new."title", 'resource_id', new."resource_id", 'kind', new."kind", 'month', new."month", 'minutes', new."minutes", 'page_by', new."page_by", 'first_page', new."first_page", 'last_page', new."last_page", 'a_day', new."a_day", 'since', new."since"));
					end;
CREATE TRIGGER watch_basket_part_update after update on basket_part
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'basket_part', new.id, json_object('id', old."id", 'title', old."title", 'resource_id', old."resource_id", 'kind', old."kind", 'month', old."month", 'minutes', old."minutes", 'page_by', old."page_by", 'first_page', old."first_page", 'last_page', old."last_page", 'a_day', old."a_day", 'since', old."since"), json_object('id', new."id", 'title', new."title", 'resource_id', new."resource_id", 'kind', new."kind", 'month', new."month", 'minutes', new."minutes", 'page_by', new."page_by", 'first_page', new."first_page", 'last_page', new."last_page", 'a_day', new."a_day", 'since', new."since"));
					end;
CREATE TRIGGER watch_basket_part_delete after delete on basket_part
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'basket_part', old.id, json_object('id', old."id", 'title', old."title", 'resource_id', old."resource_id", 'kind', old."kind", 'month', old."month", 'minutes', old."minutes", 'page_by', old."page_by", 'first_page', old."first_page", 'last_page', old."last_page", 'a_day', old."a_day", 'since', old."since"), null);
					end;
CREATE TRIGGER watch_day_tick_insert after insert on day_tick
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'day_tick', new.id, null, json_object('id', new."id", 'on_day', new."on_day", 'key', new."key"));
					end;
CREATE TRIGGER watch_day_tick_update after update on day_tick
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'day_tick', new.id, json_object('id', old."id", 'on_day', old."on_day", 'key', old."key"), json_object('id', new."id", 'on_day', new."on_day", 'key', new."key"));
					end;
CREATE TRIGGER watch_day_tick_delete after delete on day_tick
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'day_tick', old.id, json_object('id', old."id", 'on_day', old."on_day", 'key', old."key"), null);
					end;
CREATE TRIGGER watch_quiet_insert after insert on quiet
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'quiet', new.id, null, json_object('id', new."id", 'from_on', new."from_on", 'to_on', new."to_on", 'reason', new."reason"));
					end;
CREATE TRIGGER watch_quiet_update after update on quiet
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'quiet', new.id, json_object('id', old."id", 'from_on', old."from_on", 'to_on', old."to_on", 'reason', old."reason"), json_object('id', new."id", 'from_on', new."from_on", 'to_on', new."to_on", 'reason', new."reason"));
					end;
CREATE TRIGGER watch_quiet_delete after delete on quiet
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'quiet', old.id, json_object('id', old."id", 'from_on', old."from_on", 'to_on', old."to_on", 'reason', old."reason"), null);
					end;
CREATE TRIGGER watch_item_alias_insert after insert on item_alias
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'item_alias', new.id, null, json_object('id', new."id", 'item_id', new."item_id", 'name', new."name", 'name_key', new."name_key"));
					end;
CREATE TRIGGER watch_item_alias_update after update on item_alias
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'item_alias', new.id, json_object('id', old."id", 'item_id', old."item_id", 'name', old."name", 'name_key', old."name_key"), json_object('id', new."id", 'item_id', new."item_id", 'name', new."name", 'name_key', new."name_key"));
					end;
CREATE TRIGGER watch_item_alias_delete after delete on item_alias
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'item_alias', old.id, json_object('id', old."id", 'item_id', old."item_id", 'name', old."name", 'name_key', old."name_key"), null);
					end;
CREATE TRIGGER watch_lot_event_insert after insert on lot_event
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lot_event', new.id, null, json_object('id', new."id", 'item_id', new."item_id", 'lot_id', new."lot_id", 'on_day', new."on_day", 'kind', new."kind", 'amount', new."amount", 'unit', new."unit", 'place', new."place"));
					end;
CREATE TRIGGER watch_lot_event_update after update on lot_event
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lot_event', new.id, json_object('id', old."id", 'item_id', old."item_id", 'lot_id', old."lot_id", 'on_day', old."on_day", 'kind', old."kind", 'amount', old."amount", 'unit', old."unit", 'place', old."place"), json_object('id', new."id", 'item_id', new."item_id", 'lot_id', new."lot_id", 'on_day', new."on_day", 'kind', new."kind", 'amount', new."amount", 'unit', new."unit", 'place', new."place"));
					end;
CREATE TRIGGER watch_lot_event_delete after delete on lot_event
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lot_event', old.id, json_object('id', old."id", 'item_id', old."item_id", 'lot_id', old."lot_id", 'on_day', old."on_day", 'kind', old."kind", 'amount', old."amount", 'unit', old."unit", 'place', old."place"), null);
					end;
CREATE TRIGGER watch_stream_habit_insert after insert on stream_habit
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'stream_habit', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'stream', new."stream", 'kind', new."kind", 'date', new."date"));
					end;
CREATE TRIGGER watch_stream_habit_update after update on stream_habit
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'stream_habit', new.id, json_object('id', old."id", 'run_id', old."run_id", 'stream', old."stream", 'kind', old."kind", 'date', old."date"), json_object('id', new."id", 'run_id', new."run_id", 'stream', new."stream", 'kind', new."kind", 'date', new."date"));
					end;
CREATE TRIGGER watch_stream_habit_delete after delete on stream_habit
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'stream_habit', old.id, json_object('id', old."id", 'run_id', old."run_id", 'stream', old."stream", 'kind', old."kind", 'date', old."date"), null);
					end;
CREATE TRIGGER watch_activity_insert after insert on activity
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'activity', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'lesson_id', new."lesson_id", 'day', new."day", 'title', new."title", 'kind', new."kind", 'standing', new."standing", 'minutes', new."minutes", 'adult', new."adult", 'mess', new."mess", 'cents', new."cents", 'worth', new."worth", 'participants', new."participants", 'from_age', new."from_age", 'to_age', new."to_age", 'subjects', new."subjects", 'weather', new."weather", 'start_days_before', new."start_days_before", 'instead', new."instead", 'instead_minutes', new."instead_minutes", 'times', new."times", 'daily', new."daily", 'done', new."done", 'note', new."note", 'helper_id', new."helper_id"));
					end;
CREATE TRIGGER watch_activity_update after update on activity
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'activity', new.id, json_object('id', old."id", 'run_id', old."run_id", 'lesson_id', old."lesson_id", 'day', old."day", 'title', old."title", 'kind', old."kind", 'standing', old."standing", 'minutes', old."minutes", 'adult', old."adult", 'mess', old."mess", 'cents', old."cents", 'worth', old."worth", 'participants', old."participants", 'from_age', old."from_age", 'to_age', old."to_age", 'subjects', old."subjects", 'weather', old."weather", 'start_days_before', old."start_days_before", 'instead', old."instead", 'instead_minutes', old."instead_minutes", 'times', old."times", 'daily', old."daily", 'done', old."done", 'note', old."note", 'helper_id', old."helper_id"), json_object('id', new."id", 'run_id', new."run_id", 'lesson_id', new."lesson_id", 'day', new."day", 'title', new."title", 'kind', new."kind", 'standing', new."standing", 'minutes', new."minutes", 'adult', new."adult", 'mess', new."mess", 'cents', new."cents", 'worth', new."worth", 'participants', new."participants", 'from_age', new."from_age", 'to_age', new."to_age", 'subjects', new."subjects", 'weather', new."weather", 'start_days_before', new."start_days_before", 'instead', new."instead", 'instead_minutes', new."instead_minutes", 'times', new."times", 'daily', new."daily", 'done', new."done", 'note', new."note", 'helper_id', new."helper_id"));
					end;
CREATE TRIGGER watch_activity_delete after delete on activity
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'activity', old.id, json_object('id', old."id", 'run_id', old."run_id", 'lesson_id', old."lesson_id", 'day', old."day", 'title', old."title", 'kind', old."kind", 'standing', old."standing", 'minutes', old."minutes", 'adult', old."adult", 'mess', old."mess", 'cents', old."cents", 'worth', old."worth", 'participants', old."participants", 'from_age', old."from_age", 'to_age', old."to_age", 'subjects', old."subjects", 'weather', old."weather", 'start_days_before', old."start_days_before", 'instead', old."instead", 'instead_minutes', old."instead_minutes", 'times', old."times", 'daily', old."daily", 'done', old."done", 'note', old."note", 'helper_id', old."helper_id"), null);
					end;
CREATE TRIGGER watch_spine_insert after insert on spine
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'spine', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'position', new."position", 'title', new."title", 'counted', new."counted", 'first_page', new."first_page", 'last_page', new."last_page", 'words_per_page', new."words_per_page", 'state', new."state", 'reached', new."reached", 'read_on', new."read_on", 'resource_id', new."resource_id"));
					end;
CREATE TRIGGER watch_spine_update after update on spine
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'spine', new.id, json_object('id', old."id", 'run_id', old."run_id", 'position', old."position", 'title', old."title", 'counted', old."counted", 'first_page', old."first_page", 'last_page', old."last_page", 'words_per_page', old."words_per_page", 'state', old."state", 'reached', old."reached", 'read_on', old."read_on", 'resource_id', old."resource_id"), json_object('id', new."id", 'run_id', new."run_id", 'position', new."position", 'title', new."title", 'counted', new."counted", 'first_page', new."first_page", 'last_page', new."last_page", 'words_per_page', new."words_per_page", 'state', new."state", 'reached', new."reached", 'read_on', new."read_on", 'resource_id', new."resource_id"));
					end;
CREATE TRIGGER watch_spine_delete after delete on spine
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'spine', old.id, json_object('id', old."id", 'run_id', old."run_id", 'position', old."position", 'title', old."title", 'counted', old."counted", 'first_page', old."first_page", 'last_page', old."last_page", 'words_per_page', old."words_per_page", 'state', old."state", 'reached', old."reached", 'read_on', old."read_on", 'resource_id', old."resource_id"), null);
					end;
CREATE TRIGGER watch_page_range_insert after insert on page_range
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'page_range', new.id, null, json_object('id', new."id", 'spine_id', new."spine_id", 'lesson_id', new."lesson_id", 'from_page', new."from_page", 'to_page', new."to_page", 'way', new."way", 'participants', new."participants", 'minutes', new."minutes", 'note', new."note"));
					end;
CREATE TRIGGER watch_page_range_update after update on page_range
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'page_range', new.id, json_object('id', old."id", 'spine_id', old."spine_id", 'lesson_id', old."lesson_id", 'from_page', old."from_page", 'to_page', old."to_page", 'way', old."way", 'participants', old."participants", 'minutes', old."minutes", 'note', old."note"), json_object('id', new."id", 'spine_id', new."spine_id", 'lesson_id', new."lesson_id", 'from_page', new."from_page", 'to_page', new."to_page", 'way', new."way", 'participants', new."participants", 'minutes', new."minutes", 'note', new."note"));
					end;
CREATE TRIGGER watch_page_range_delete after delete on page_range
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'page_range', old.id, json_object('id', old."id", 'spine_id', old."spine_id", 'lesson_id', old."lesson_id", 'from_page', old."from_page", 'to_page', old."to_page", 'way', old."way", 'participants', old."participants", 'minutes', old."minutes", 'note', old."note"), null);
					end;
CREATE TRIGGER watch_task_insert after insert on task
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'task', new.id, null, json_object('id', new."id", 'lesson_id', new."lesson_id", 'person_id', new."person_id", 'text', new."text", 'minutes', new."minutes", 'done', new."done", 'activity_id', new."activity_id"));
					end;
CREATE TRIGGER watch_task_update after update on task
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'task', new.id, json_object('id', old."id", 'lesson_id', old."lesson_id", 'person_id', old."person_id", 'text', old."text", 'minutes', old."minutes", 'done', old."done", 'activity_id', old."activity_id"), json_object('id', new."id", 'lesson_id', new."lesson_id", 'person_id', new."person_id", 'text', new."text", 'minutes', new."minutes", 'done', new."done", 'activity_id', new."activity_id"));
					end;
CREATE TRIGGER watch_task_delete after delete on task
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'task', old.id, json_object('id', old."id", 'lesson_id', old."lesson_id", 'person_id', old."person_id", 'text', old."text", 'minutes', old."minutes", 'done', old."done", 'activity_id', old."activity_id"), null);
					end;
CREATE TRIGGER watch_goal_insert after insert on goal
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'goal', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'person_id', new."person_id", 'text', new."text"));
					end;
CREATE TRIGGER watch_goal_update after update on goal
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'goal', new.id, json_object('id', old."id", 'run_id', old."run_id", 'person_id', old."person_id", 'text', old."text"), json_object('id', new."id", 'run_id', new."run_id", 'person_id', new."person_id", 'text', new."text"));
					end;
CREATE TRIGGER watch_goal_delete after delete on goal
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'goal', old.id, json_object('id', old."id", 'run_id', old."run_id", 'person_id', old."person_id", 'text', old."text"), null);
					end;
CREATE TRIGGER watch_resource_insert after insert on resource
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'resource', new.id, null, json_object('id', new."id", 'title', new."title", 'authors', new."authors", 'kind', new."kind", 'isbn13', new."isbn13", 'publisher', new."publisher", 'year', new."year", 'language', new."language", 'pages', new."pages", 'about', new."about", 'topics', new."topics", 'from_age', new."from_age", 'to_age', new."to_age", 'grade', new."grade", 'content', new."content", 'charter', new."charter", 'owned', new."owned", 'copies', new."copies", 'place_id', new."place_id", 'supplier_id', new."supplier_id", 'condition', new."condition", 'cents', new."cents", 'came_from', new."came_from", 'rights', new."rights", 'players_from', new."players_from", 'players_to', new."players_to", 'pieces', new."pieces", 'pieces_missing', new."pieces_missing", 'small_parts', new."small_parts", 'width_mm', new."width_mm", 'hardcover', new."hardcover", 'address', new."address", 'service', new."service", 'device', new."device", 'minutes', new."minutes", 'notes', new."notes", 'liked', new."liked", 'added_on', new."added_on", 'picture', new."picture", 'alike', new."alike", 'get_by', new."get_by", 'document_id', new."document_id"));
					end;
CREATE TRIGGER watch_resource_update after update on resource
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'resource', new.id, json_object('id', old."id", 'title', old."title", 'authors', old."authors", 'kind', old."kind", 'isbn13', old."isbn13", 'publisher', old."publisher", 'year', old."year", 'language', old."language", 'pages', old."pages", 'about', old."about", 'topics', old."topics", 'from_age', old."from_age", 'to_age', old."to_age", 'grade', old."grade", 'content', old."content", 'charter', old."charter", 'owned', old."owned", 'copies', old."copies", 'place_id', old."place_id", 'supplier_id', old."supplier_id", 'condition', old."condition", 'cents', old."cents", 'came_from', old."came_from", 'rights', old."rights", 'players_from', old."players_from", 'players_to', old."players_to", 'pieces', old."pieces", 'pieces_missing', old."pieces_missing", 'small_parts', old."small_parts", 'width_mm', old."width_mm", 'hardcover', old."hardcover", 'address', old."address", 'service', old."service", 'device', old."device", 'minutes', old."minutes", 'notes', old."notes", 'liked', old."liked", 'added_on', old."added_on", 'picture', old."picture", 'alike', old."alike", 'get_by', old."get_by", 'document_id', old."document_id"), json_object('id', new."id", 'title', new."title", 'authors', new."authors", 'kind', new."kind", 'isbn13', new."isbn13", 'publisher', new."publisher", 'year', new."year", 'language', new."language", 'pages', new."pages", 'about', new."about", 'topics', new."topics", 'from_age', new."from_age", 'to_age', new."to_age", 'grade', new."grade", 'content', new."content", 'charter', new."charter", 'owned', new."owned", 'copies', new."copies", 'place_id', new."place_id", 'supplier_id', new."supplier_id", 'condition', new."condition", 'cents', new."cents", 'came_from', new."came_from", 'rights', new."rights", 'players_from', new."players_from", 'players_to', new."players_to", 'pieces', new."pieces", 'pieces_missing', new."pieces_missing", 'small_parts', new."small_parts", 'width_mm', new."width_mm", 'hardcover', new."hardcover", 'address', new."address", 'service', new."service", 'device', new."device", 'minutes', new."minutes", 'notes', new."notes", 'liked', new."liked", 'added_on', new."added_on", 'picture', new."picture", 'alike', new."alike", 'get_by', new."get_by", 'document_id', new."document_id"));
					end;
CREATE TRIGGER watch_resource_delete after delete on resource
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'resource', old.id, json_object('id', old."id", 'title', old."title", 'authors', old."authors", 'kind', old."kind", 'isbn13', old."isbn13", 'publisher', old."publisher", 'year', old."year", 'language', old."language", 'pages', old."pages", 'about', old."about", 'topics', old."topics", 'from_age', old."from_age", 'to_age', old."to_age", 'grade', old."grade", 'content', old."content", 'charter', old."charter", 'owned', old."owned", 'copies', old."copies", 'place_id', old."place_id", 'supplier_id', old."supplier_id", 'condition', old."condition", 'cents', old."cents", 'came_from', old."came_from", 'rights', old."rights", 'players_from', old."players_from", 'players_to', old."players_to", 'pieces', old."pieces", 'pieces_missing', old."pieces_missing", 'small_parts', old."small_parts", 'width_mm', old."width_mm", 'hardcover', old."hardcover", 'address', old."address", 'service', old."service", 'device', old."device", 'minutes', old."minutes", 'notes', old."notes", 'liked', old."liked", 'added_on', old."added_on", 'picture', old."picture", 'alike', old."alike", 'get_by', old."get_by", 'document_id', old."document_id"), null);
					end;
CREATE TRIGGER watch_resource_use_insert after insert on resource_use
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'resource_use', new.id, null, json_object('id', new."id", 'resource_id', new."resource_id", 'lesson_id', new."lesson_id", 'role', new."role", 'from_page', new."from_page", 'to_page', new."to_page", 'participants', new."participants", 'minutes', new."minutes", 'preview_minutes', new."preview_minutes", 'required', new."required", 'note', new."note"));
					end;
CREATE TRIGGER watch_resource_use_update after update on resource_use
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'resource_use', new.id, json_object('id', old."id", 'resource_id', old."resource_id", 'lesson_id', old."lesson_id", 'role', old."role", 'from_page', old."from_page", 'to_page', old."to_page", 'participants', old."participants", 'minutes', old."minutes", 'preview_minutes', old."preview_minutes", 'required', old."required", 'note', old."note"), json_object('id', new."id", 'resource_id', new."resource_id", 'lesson_id', new."lesson_id", 'role', new."role", 'from_page', new."from_page", 'to_page', new."to_page", 'participants', new."participants", 'minutes', new."minutes", 'preview_minutes', new."preview_minutes", 'required', new."required", 'note', new."note"));
					end;
CREATE TRIGGER watch_resource_use_delete after delete on resource_use
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'resource_use', old.id, json_object('id', old."id", 'resource_id', old."resource_id", 'lesson_id', old."lesson_id", 'role', old."role", 'from_page', old."from_page", 'to_page', old."to_page", 'participants', old."participants", 'minutes', old."minutes", 'preview_minutes', old."preview_minutes", 'required', old."required", 'note', old."note"), null);
					end;
CREATE TRIGGER watch_loan_insert after insert on loan
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'loan', new.id, null, json_object('id', new."id", 'resource_id', new."resource_id", 'direction', new."direction", 'supplier_id', new."supplier_id", 'borrower', new."borrower", 'state', new."state", 'placed_on', new."placed_on", 'expected_on', new."expected_on", 'ready_on', new."ready_on", 'fetched_on', new."fetched_on", 'due_on', new."due_on", 'renewed', new."renewed", 'back_on', new."back_on", 'note', new."note", 'hold_number', new."hold_number"));
					end;
CREATE TRIGGER watch_loan_update after update on loan
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'loan', new.id, json_object('id', old."id", 'resource_id', old."resource_id", 'direction', old."direction", 'supplier_id', old."supplier_id", 'borrower', old."borrower", 'state', old."state", 'placed_on', old."placed_on", 'expected_on', old."expected_on", 'ready_on', old."ready_on", 'fetched_on', old."fetched_on", 'due_on', old."due_on", 'renewed', old."renewed", 'back_on', old."back_on", 'note', old."note", 'hold_number', old."hold_number"), json_object('id', new."id", 'resource_id', new."resource_id", 'direction', new."direction", 'supplier_id', new."supplier_id", 'borrower', new."borrower", 'state', new."state", 'placed_on', new."placed_on", 'expected_on', new."expected_on", 'ready_on', new."ready_on", 'fetched_on', new."fetched_on", 'due_on', new."due_on", 'renewed', new."renewed", 'back_on', new."back_on", 'note', new."note", 'hold_number', new."hold_number"));
					end;
CREATE TRIGGER watch_loan_delete after delete on loan
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'loan', old.id, json_object('id', old."id", 'resource_id', old."resource_id", 'direction', old."direction", 'supplier_id', old."supplier_id", 'borrower', old."borrower", 'state', old."state", 'placed_on', old."placed_on", 'expected_on', old."expected_on", 'ready_on', old."ready_on", 'fetched_on', old."fetched_on", 'due_on', old."due_on", 'renewed', old."renewed", 'back_on', old."back_on", 'note', old."note", 'hold_number', old."hold_number"), null);
					end;
CREATE TRIGGER watch_activity_resource_insert after insert on activity_resource
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'activity_resource', new.id, null, json_object('id', new."id", 'activity_id', new."activity_id", 'resource_id', new."resource_id"));
					end;
CREATE TRIGGER watch_activity_resource_update after update on activity_resource
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'activity_resource', new.id, json_object('id', old."id", 'activity_id', old."activity_id", 'resource_id', old."resource_id"), json_object('id', new."id", 'activity_id', new."activity_id", 'resource_id', new."resource_id"));
					end;
CREATE TRIGGER watch_activity_resource_delete after delete on activity_resource
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'activity_resource', old.id, json_object('id', old."id", 'activity_id', old."activity_id", 'resource_id', old."resource_id"), null);
					end;
CREATE TRIGGER watch_lent_piece_insert after insert on lent_piece
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lent_piece', new.id, null, json_object('id', new."id", 'resource_id', new."resource_id", 'piece', new."piece", 'activity_id', new."activity_id", 'lent_to', new."lent_to", 'lent_on', new."lent_on"));
					end;
CREATE TRIGGER watch_lent_piece_update after update on lent_piece
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lent_piece', new.id, json_object('id', old."id", 'resource_id', old."resource_id", 'piece', old."piece", 'activity_id', old."activity_id", 'lent_to', old."lent_to", 'lent_on', old."lent_on"), json_object('id', new."id", 'resource_id', new."resource_id", 'piece', new."piece", 'activity_id', new."activity_id", 'lent_to', new."lent_to", 'lent_on', new."lent_on"));
					end;
CREATE TRIGGER watch_lent_piece_delete after delete on lent_piece
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lent_piece', old.id, json_object('id', old."id", 'resource_id', old."resource_id", 'piece', old."piece", 'activity_id', old."activity_id", 'lent_to', old."lent_to", 'lent_on', old."lent_on"), null);
					end;
CREATE TRIGGER watch_listed_book_insert after insert on listed_book
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'listed_book', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'lesson_id', new."lesson_id", 'position', new."position", 'written', new."written", 'title', new."title", 'authors', new."authors", 'isbn13', new."isbn13", 'kind', new."kind", 'role', new."role", 'from_age', new."from_age", 'to_age', new."to_age", 'pages', new."pages", 'optional', new."optional", 'note', new."note", 'needs_look', new."needs_look", 'choice', new."choice", 'resource_id', new."resource_id", 'uses', new."uses", 'is_other', new."is_other", 'at_library', new."at_library"));
					end;
CREATE TRIGGER watch_listed_book_update after update on listed_book
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'listed_book', new.id, json_object('id', old."id", 'run_id', old."run_id", 'lesson_id', old."lesson_id", 'position', old."position", 'written', old."written", 'title', old."title", 'authors', old."authors", 'isbn13', old."isbn13", 'kind', old."kind", 'role', old."role", 'from_age', old."from_age", 'to_age', old."to_age", 'pages', old."pages", 'optional', old."optional", 'note', old."note", 'needs_look', old."needs_look", 'choice', old."choice", 'resource_id', old."resource_id", 'uses', old."uses", 'is_other', old."is_other", 'at_library', old."at_library"), json_object('id', new."id", 'run_id', new."run_id", 'lesson_id', new."lesson_id", 'position', new."position", 'written', new."written", 'title', new."title", 'authors', new."authors", 'isbn13', new."isbn13", 'kind', new."kind", 'role', new."role", 'from_age', new."from_age", 'to_age', new."to_age", 'pages', new."pages", 'optional', new."optional", 'note', new."note", 'needs_look', new."needs_look", 'choice', new."choice", 'resource_id', new."resource_id", 'uses', new."uses", 'is_other', new."is_other", 'at_library', new."at_library"));
					end;
CREATE TRIGGER watch_listed_book_delete after delete on listed_book
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'listed_book', old.id, json_object('id', old."id", 'run_id', old."run_id", 'lesson_id', old."lesson_id", 'position', old."position", 'written', old."written", 'title', old."title", 'authors', old."authors", 'isbn13', old."isbn13", 'kind', old."kind", 'role', old."role", 'from_age', old."from_age", 'to_age', old."to_age", 'pages', old."pages", 'optional', old."optional", 'note', old."note", 'needs_look', old."needs_look", 'choice', old."choice", 'resource_id', old."resource_id", 'uses', old."uses", 'is_other', old."is_other", 'at_library', old."at_library"), null);
					end;
CREATE TRIGGER watch_offer_insert after insert on offer
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'offer', new.id, null, json_object('id', new."id", 'item_id', new."item_id", 'supplier_id', new."supplier_id", 'size', new."size", 'unit', new."unit", 'cents', new."cents", 'seen_on', new."seen_on", 'aisle', new."aisle", 'standing', new."standing", 'why', new."why", 'most_packs', new."most_packs"));
					end;
CREATE TRIGGER watch_offer_update after update on offer
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'offer', new.id, json_object('id', old."id", 'item_id', old."item_id", 'supplier_id', old."supplier_id", 'size', old."size", 'unit', old."unit", 'cents', old."cents", 'seen_on', old."seen_on", 'aisle', old."aisle", 'standing', old."standing", 'why', old."why", 'most_packs', old."most_packs"), json_object('id', new."id", 'item_id', new."item_id", 'supplier_id', new."supplier_id", 'size', new."size", 'unit', new."unit", 'cents', new."cents", 'seen_on', new."seen_on", 'aisle', new."aisle", 'standing', new."standing", 'why', new."why", 'most_packs', new."most_packs"));
					end;
CREATE TRIGGER watch_offer_delete after delete on offer
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'offer', old.id, json_object('id', old."id", 'item_id', old."item_id", 'supplier_id', old."supplier_id", 'size', old."size", 'unit', old."unit", 'cents', old."cents", 'seen_on', old."seen_on", 'aisle', old."aisle", 'standing', old."standing", 'why', old."why", 'most_packs', old."most_packs"), null);
					end;
CREATE TRIGGER watch_price_insert after insert on price
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'price', new.id, null, json_object('id', new."id", 'offer_id', new."offer_id", 'on_day', new."on_day", 'cents', new."cents"));
					end;
CREATE TRIGGER watch_price_update after update on price
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'price', new.id, json_object('id', old."id", 'offer_id', old."offer_id", 'on_day', old."on_day", 'cents', old."cents"), json_object('id', new."id", 'offer_id', new."offer_id", 'on_day', new."on_day", 'cents', new."cents"));
					end;
CREATE TRIGGER watch_price_delete after delete on price
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'price', old.id, json_object('id', old."id", 'offer_id', old."offer_id", 'on_day', old."on_day", 'cents', old."cents"), null);
					end;
CREATE TRIGGER watch_purchase_insert after insert on purchase
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'purchase', new.id, null, json_object('id', new."id", 'item_id', new."item_id", 'supplier_id', new."supplier_id", 'run_id', new."run_id", 'on_day', new."on_day", 'amount', new."amount", 'unit', new."unit", 'cents', new."cents", 'reimbursable', new."reimbursable", 'lesson_id', new."lesson_id", 'lot_id', new."lot_id", 'return_by', new."return_by", 'returned_on', new."returned_on"));
					end;
CREATE TRIGGER watch_purchase_update after update on purchase
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'purchase', new.id, json_object('id', old."id", 'item_id', old."item_id", 'supplier_id', old."supplier_id", 'run_id', old."run_id", 'on_day', old."on_day", 'amount', old."amount", 'unit', old."unit", 'cents', old."cents", 'reimbursable', old."reimbursable", 'lesson_id', old."lesson_id", 'lot_id', old."lot_id", 'return_by', old."return_by", 'returned_on', old."returned_on"), json_object('id', new."id", 'item_id', new."item_id", 'supplier_id', new."supplier_id", 'run_id', new."run_id", 'on_day', new."on_day", 'amount', new."amount", 'unit', new."unit", 'cents', new."cents", 'reimbursable', new."reimbursable", 'lesson_id', new."lesson_id", 'lot_id', new."lot_id", 'return_by', new."return_by", 'returned_on', new."returned_on"));
					end;
CREATE TRIGGER watch_purchase_delete after delete on purchase
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'purchase', old.id, json_object('id', old."id", 'item_id', old."item_id", 'supplier_id', old."supplier_id", 'run_id', old."run_id", 'on_day', old."on_day", 'amount', old."amount", 'unit', old."unit", 'cents', old."cents", 'reimbursable', old."reimbursable", 'lesson_id', old."lesson_id", 'lot_id', old."lot_id", 'return_by', old."return_by", 'returned_on', old."returned_on"), null);
					end;
CREATE TRIGGER watch_wanted_insert after insert on wanted
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'wanted', new.id, null, json_object('id', new."id", 'what', new."what", 'run_id', new."run_id", 'person_id', new."person_id", 'most_cents', new."most_cents", 'look_at', new."look_at", 'noted_on', new."noted_on", 'found_on', new."found_on", 'found_cents', new."found_cents"));
					end;
CREATE TRIGGER watch_wanted_update after update on wanted
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'wanted', new.id, json_object('id', old."id", 'what', old."what", 'run_id', old."run_id", 'person_id', old."person_id", 'most_cents', old."most_cents", 'look_at', old."look_at", 'noted_on', old."noted_on", 'found_on', old."found_on", 'found_cents', old."found_cents"), json_object('id', new."id", 'what', new."what", 'run_id', new."run_id", 'person_id', new."person_id", 'most_cents', new."most_cents", 'look_at', new."look_at", 'noted_on', new."noted_on", 'found_on', new."found_on", 'found_cents', new."found_cents"));
					end;
CREATE TRIGGER watch_wanted_delete after delete on wanted
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'wanted', old.id, json_object('id', old."id", 'what', old."what", 'run_id', old."run_id", 'person_id', old."person_id", 'most_cents', old."most_cents", 'look_at', old."look_at", 'noted_on', old."noted_on", 'found_on', old."found_on", 'found_cents', old."found_cents"), null);
					end;
CREATE TRIGGER watch_substitute_insert after insert on substitute
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'substitute', new.id, null, json_object('id', new."id", 'item_id', new."item_id", 'other_id', new."other_id", 'amount', new."amount", 'unit', new."unit", 'other_amount', new."other_amount", 'other_unit', new."other_unit"));
					end;
CREATE TRIGGER watch_substitute_update after update on substitute
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'substitute', new.id, json_object('id', old."id", 'item_id', old."item_id", 'other_id', old."other_id", 'amount', old."amount", 'unit', old."unit", 'other_amount', old."other_amount", 'other_unit', old."other_unit"), json_object('id', new."id", 'item_id', new."item_id", 'other_id', new."other_id", 'amount', new."amount", 'unit', new."unit", 'other_amount', new."other_amount", 'other_unit', new."other_unit"));
					end;
CREATE TRIGGER watch_substitute_delete after delete on substitute
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'substitute', old.id, json_object('id', old."id", 'item_id', old."item_id", 'other_id', old."other_id", 'amount', old."amount", 'unit', old."unit", 'other_amount', old."other_amount", 'other_unit', old."other_unit"), null);
					end;
CREATE TRIGGER watch_kit_part_insert after insert on kit_part
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'kit_part', new.id, null, json_object('id', new."id", 'lot_id', new."lot_id", 'name', new."name", 'each', new."each", 'there', new."there"));
					end;
CREATE TRIGGER watch_kit_part_update after update on kit_part
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'kit_part', new.id, json_object('id', old."id", 'lot_id', old."lot_id", 'name', old."name", 'each', old."each", 'there', old."there"), json_object('id', new."id", 'lot_id', new."lot_id", 'name', new."name", 'each', new."each", 'there', new."there"));
					end;
CREATE TRIGGER watch_kit_part_delete after delete on kit_part
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'kit_part', old.id, json_object('id', old."id", 'lot_id', old."lot_id", 'name', old."name", 'each', old."each", 'there', old."there"), null);
					end;
CREATE TRIGGER watch_bundle_insert after insert on bundle
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'bundle', new.id, null, json_object('id', new."id", 'supplier_id', new."supplier_id", 'name', new."name", 'cents', new."cents", 'seen_on', new."seen_on"));
					end;
CREATE TRIGGER watch_bundle_update after update on bundle
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'bundle', new.id, json_object('id', old."id", 'supplier_id', old."supplier_id", 'name', old."name", 'cents', old."cents", 'seen_on', old."seen_on"), json_object('id', new."id", 'supplier_id', new."supplier_id", 'name', new."name", 'cents', new."cents", 'seen_on', new."seen_on"));
					end;
CREATE TRIGGER watch_bundle_delete after delete on bundle
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'bundle', old.id, json_object('id', old."id", 'supplier_id', old."supplier_id", 'name', old."name", 'cents', old."cents", 'seen_on', old."seen_on"), null);
					end;
CREATE TRIGGER watch_bundle_part_insert after insert on bundle_part
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'bundle_part', new.id, null, json_object('id', new."id", 'bundle_id', new."bundle_id", 'item_id', new."item_id", 'amount', new."amount", 'unit', new."unit"));
					end;
CREATE TRIGGER watch_bundle_part_update after update on bundle_part
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'bundle_part', new.id, json_object('id', old."id", 'bundle_id', old."bundle_id", 'item_id', old."item_id", 'amount', old."amount", 'unit', old."unit"), json_object('id', new."id", 'bundle_id', new."bundle_id", 'item_id', new."item_id", 'amount', new."amount", 'unit', new."unit"));
					end;
CREATE TRIGGER watch_bundle_part_delete after delete on bundle_part
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'bundle_part', old.id, json_object('id', old."id", 'bundle_id', old."bundle_id", 'item_id', old."item_id", 'amount', old."amount", 'unit', old."unit"), null);
					end;
CREATE TRIGGER watch_errand_insert after insert on errand
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'errand', new.id, null, json_object('id', new."id", 'offer_id', new."offer_id", 'bundle_id', new."bundle_id", 'count', new."count", 'keys', new."keys", 'cents', new."cents", 'done_on', new."done_on"));
					end;
CREATE TRIGGER watch_errand_update after update on errand
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'errand', new.id, json_object('id', old."id", 'offer_id', old."offer_id", 'bundle_id', old."bundle_id", 'count', old."count", 'keys', old."keys", 'cents', old."cents", 'done_on', old."done_on"), json_object('id', new."id", 'offer_id', new."offer_id", 'bundle_id', new."bundle_id", 'count', new."count", 'keys', new."keys", 'cents', new."cents", 'done_on', new."done_on"));
					end;
CREATE TRIGGER watch_errand_delete after delete on errand
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'errand', old.id, json_object('id', old."id", 'offer_id', old."offer_id", 'bundle_id', old."bundle_id", 'count', old."count", 'keys', old."keys", 'cents', old."cents", 'done_on', old."done_on"), null);
					end;
CREATE TRIGGER watch_stop_insert after insert on stop
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'stop', new.id, null, json_object('id', new."id", 'supplier_id', new."supplier_id", 'on_day', new."on_day", 'aisle', new."aisle"));
					end;
CREATE TRIGGER watch_stop_update after update on stop
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'stop', new.id, json_object('id', old."id", 'supplier_id', old."supplier_id", 'on_day', old."on_day", 'aisle', old."aisle"), json_object('id', new."id", 'supplier_id', new."supplier_id", 'on_day', new."on_day", 'aisle', new."aisle"));
					end;
CREATE TRIGGER watch_stop_delete after delete on stop
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'stop', old.id, json_object('id', old."id", 'supplier_id', old."supplier_id", 'on_day', old."on_day", 'aisle', old."aisle"), null);
					end;
CREATE TRIGGER watch_occasion_insert after insert on occasion
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'occasion', new.id, null, json_object('id', new."id", 'name', new."name", 'day', new."day"));
					end;
CREATE TRIGGER watch_occasion_update after update on occasion
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'occasion', new.id, json_object('id', old."id", 'name', old."name", 'day', old."day"), json_object('id', new."id", 'name', new."name", 'day', new."day"));
					end;
CREATE TRIGGER watch_occasion_delete after delete on occasion
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'occasion', old.id, json_object('id', old."id", 'name', old."name", 'day', old."day"), null);
					end;
CREATE TRIGGER watch_place_stop_insert after insert on place_stop
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'place_stop', new.id, null, json_object('id', new."id", 'place_id', new."place_id", 'on_day', new."on_day"));
					end;
CREATE TRIGGER watch_place_stop_update after update on place_stop
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'place_stop', new.id, json_object('id', old."id", 'place_id', old."place_id", 'on_day', old."on_day"), json_object('id', new."id", 'place_id', new."place_id", 'on_day', new."on_day"));
					end;
CREATE TRIGGER watch_place_stop_delete after delete on place_stop
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'place_stop', old.id, json_object('id', old."id", 'place_id', old."place_id", 'on_day', old."on_day"), null);
					end;
CREATE TRIGGER watch_statement_insert after insert on statement
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'statement', new.id, null, json_object('id', new."id", 'item_id', new."item_id", 'state', new."state", 'place_id', new."place_id", 'said_on', new."said_on", 'asked', new."asked", 'asked_unit', new."asked_unit"));
					end;
CREATE TRIGGER watch_statement_update after update on statement
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'statement', new.id, json_object('id', old."id", 'item_id', old."item_id", 'state', old."state", 'place_id', old."place_id", 'said_on', old."said_on", 'asked', old."asked", 'asked_unit', old."asked_unit"), json_object('id', new."id", 'item_id', new."item_id", 'state', new."state", 'place_id', new."place_id", 'said_on', new."said_on", 'asked', new."asked", 'asked_unit', new."asked_unit"));
					end;
CREATE TRIGGER watch_statement_delete after delete on statement
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'statement', old.id, json_object('id', old."id", 'item_id', old."item_id", 'state', old."state", 'place_id', old."place_id", 'said_on', old."said_on", 'asked', old."asked", 'asked_unit', old."asked_unit"), null);
					end;
CREATE TRIGGER watch_not_here_insert after insert on not_here
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'not_here', new.id, null, json_object('id', new."id", 'item_id', new."item_id", 'place_id', new."place_id", 'kind', new."kind", 'on_day', new."on_day"));
					end;
CREATE TRIGGER watch_not_here_update after update on not_here
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'not_here', new.id, json_object('id', old."id", 'item_id', old."item_id", 'place_id', old."place_id", 'kind', old."kind", 'on_day', old."on_day"), json_object('id', new."id", 'item_id', new."item_id", 'place_id', new."place_id", 'kind', new."kind", 'on_day', new."on_day"));
					end;
CREATE TRIGGER watch_not_here_delete after delete on not_here
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'not_here', old.id, json_object('id', old."id", 'item_id', old."item_id", 'place_id', old."place_id", 'kind', old."kind", 'on_day', old."on_day"), null);
					end;
CREATE TRIGGER watch_document_insert after insert on document
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'document', new.id, null, json_object('id', new."id", 'sha256', new."sha256", 'name', new."name", 'bytes', new."bytes", 'pages', new."pages", 'scripts', new."scripts", 'added_on', new."added_on"));
					end;
CREATE TRIGGER watch_document_update after update on document
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'document', new.id, json_object('id', old."id", 'sha256', old."sha256", 'name', old."name", 'bytes', old."bytes", 'pages', old."pages", 'scripts', old."scripts", 'added_on', old."added_on"), json_object('id', new."id", 'sha256', new."sha256", 'name', new."name", 'bytes', new."bytes", 'pages', new."pages", 'scripts', new."scripts", 'added_on', new."added_on"));
					end;
CREATE TRIGGER watch_document_delete after delete on document
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'document', old.id, json_object('id', old."id", 'sha256', old."sha256", 'name', old."name", 'bytes', old."bytes", 'pages', old."pages", 'scripts', old."scripts", 'added_on', old."added_on"), null);
					end;
CREATE TRIGGER watch_print_source_insert after insert on print_source
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'print_source', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'resource_id', new."resource_id", 'position', new."position", 'kind', new."kind", 'dropped', new."dropped", 'ready_cents', new."ready_cents", 'cut_from', new."cut_from"));
					end;
CREATE TRIGGER watch_print_source_update after update on print_source
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'print_source', new.id, json_object('id', old."id", 'run_id', old."run_id", 'resource_id', old."resource_id", 'position', old."position", 'kind', old."kind", 'dropped', old."dropped", 'ready_cents', old."ready_cents", 'cut_from', old."cut_from"), json_object('id', new."id", 'run_id', new."run_id", 'resource_id', new."resource_id", 'position', new."position", 'kind', new."kind", 'dropped', new."dropped", 'ready_cents', new."ready_cents", 'cut_from', new."cut_from"));
					end;
CREATE TRIGGER watch_print_source_delete after delete on print_source
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'print_source', old.id, json_object('id', old."id", 'run_id', old."run_id", 'resource_id', old."resource_id", 'position', old."position", 'kind', old."kind", 'dropped', old."dropped", 'ready_cents', old."ready_cents", 'cut_from', old."cut_from"), null);
					end;
CREATE TRIGGER watch_print_insert after insert on print
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'print', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'source_id', new."source_id", 'lesson_id', new."lesson_id", 'activity_id', new."activity_id", 'title', new."title", 'role', new."role", 'pages', new."pages", 'participants', new."participants", 'again', new."again", 'from_book', new."from_book", 'optional', new."optional", 'choices', new."choices", 'note', new."note", 'place_of', new."place_of", 'page_width_mm', new."page_width_mm", 'page_height_mm', new."page_height_mm", 'backs', new."backs", 'fit', new."fit"));
					end;
CREATE TRIGGER watch_print_update after update on print
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'print', new.id, json_object('id', old."id", 'run_id', old."run_id", 'source_id', old."source_id", 'lesson_id', old."lesson_id", 'activity_id', old."activity_id", 'title', old."title", 'role', old."role", 'pages', old."pages", 'participants', old."participants", 'again', old."again", 'from_book', old."from_book", 'optional', old."optional", 'choices', old."choices", 'note', old."note", 'place_of', old."place_of", 'page_width_mm', old."page_width_mm", 'page_height_mm', old."page_height_mm", 'backs', old."backs", 'fit', old."fit"), json_object('id', new."id", 'run_id', new."run_id", 'source_id', new."source_id", 'lesson_id', new."lesson_id", 'activity_id', new."activity_id", 'title', new."title", 'role', new."role", 'pages', new."pages", 'participants', new."participants", 'again', new."again", 'from_book', new."from_book", 'optional', new."optional", 'choices', new."choices", 'note', new."note", 'place_of', new."place_of", 'page_width_mm', new."page_width_mm", 'page_height_mm', new."page_height_mm", 'backs', new."backs", 'fit', new."fit"));
					end;
CREATE TRIGGER watch_print_delete after delete on print
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'print', old.id, json_object('id', old."id", 'run_id', old."run_id", 'source_id', old."source_id", 'lesson_id', old."lesson_id", 'activity_id', old."activity_id", 'title', old."title", 'role', old."role", 'pages', old."pages", 'participants', old."participants", 'again', old."again", 'from_book', old."from_book", 'optional', old."optional", 'choices', old."choices", 'note', old."note", 'place_of', old."place_of", 'page_width_mm', old."page_width_mm", 'page_height_mm', old."page_height_mm", 'backs', old."backs", 'fit', old."fit"), null);
					end;
CREATE TRIGGER watch_print_run_insert after insert on print_run
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'print_run', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'stock', new."stock", 'sides', new."sides", 'color', new."color", 'paper', new."paper", 'sets', new."sets", 'piles', new."piles", 'slips', new."slips", 'sheets', new."sheets", 'made_on', new."made_on", 'printed_on', new."printed_on", 'spoiled', new."spoiled", 'spoiled_stock', new."spoiled_stock", 'done', new."done"));
					end;
CREATE TRIGGER watch_print_run_update after update on print_run
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'print_run', new.id, json_object('id', old."id", 'run_id', old."run_id", 'stock', old."stock", 'sides', old."sides", 'color', old."color", 'paper', old."paper", 'sets', old."sets", 'piles', old."piles", 'slips', old."slips", 'sheets', old."sheets", 'made_on', old."made_on", 'printed_on', old."printed_on", 'spoiled', old."spoiled", 'spoiled_stock', old."spoiled_stock", 'done', old."done"), json_object('id', new."id", 'run_id', new."run_id", 'stock', new."stock", 'sides', new."sides", 'color', new."color", 'paper', new."paper", 'sets', new."sets", 'piles', new."piles", 'slips', new."slips", 'sheets', new."sheets", 'made_on', new."made_on", 'printed_on', new."printed_on", 'spoiled', new."spoiled", 'spoiled_stock', new."spoiled_stock", 'done', new."done"));
					end;
CREATE TRIGGER watch_print_run_delete after delete on print_run
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'print_run', old.id, json_object('id', old."id", 'run_id', old."run_id", 'stock', old."stock", 'sides', old."sides", 'color', old."color", 'paper', old."paper", 'sets', old."sets", 'piles', old."piles", 'slips', old."slips", 'sheets', old."sheets", 'made_on', old."made_on", 'printed_on', old."printed_on", 'spoiled', old."spoiled", 'spoiled_stock', old."spoiled_stock", 'done', old."done"), null);
					end;
CREATE TRIGGER watch_role_children_insert after insert on role_children
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'role_children', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'role', new."role", 'participants', new."participants"));
					end;
CREATE TRIGGER watch_role_children_update after update on role_children
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'role_children', new.id, json_object('id', old."id", 'run_id', old."run_id", 'role', old."role", 'participants', old."participants"), json_object('id', new."id", 'run_id', new."run_id", 'role', new."role", 'participants', new."participants"));
					end;
CREATE TRIGGER watch_role_children_delete after delete on role_children
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'role_children', old.id, json_object('id', old."id", 'run_id', old."run_id", 'role', old."role", 'participants', old."participants"), null);
					end;
PRAGMA writable_schema=OFF;
COMMIT;
