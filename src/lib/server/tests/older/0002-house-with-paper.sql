PRAGMA foreign_keys=OFF;
BEGIN TRANSACTION;
CREATE TABLE IF NOT EXISTS "kysely_migration" ("name" varchar(255) not null primary key, "timestamp" varchar(255) not null);
INSERT INTO kysely_migration VALUES('0001-first','2026-11-27T23:18:52.216Z');
INSERT INTO kysely_migration VALUES('0002-house','2026-11-27T23:18:52.221Z');
CREATE TABLE IF NOT EXISTS "kysely_migration_lock" ("id" varchar(255) not null primary key, "is_locked" integer default 0 not null);
INSERT INTO kysely_migration_lock VALUES('migration_lock',0);
CREATE TABLE household (
	id integer primary key check (id = 1), name text not null, zone text not null,
	week_start integer not null check (week_start between 1 and 7), fixed_today text,
	measures text not null check (measures in ('us', 'metric')),
	habit text not null, habit_date text, count_age_days integer not null
, paper text not null default 'letter') strict;
INSERT INTO household VALUES(1,'The Marrow household','America/Chicago',1,'2027-01-22','us','a week ahead',NULL,120,'letter');
CREATE TABLE person (
	id integer primary key autoincrement, name text not null,
	kind text not null check (kind in ('child', 'guest', 'adult')), born text,
	allergies text not null default '[]', weekdays text
, reach_mm integer) strict;
INSERT INTO person VALUES(1,'Juno','adult',NULL,'[]',NULL,NULL);
INSERT INTO person VALUES(2,'Ferris','adult',NULL,'[]',NULL,NULL);
INSERT INTO person VALUES(3,'Odile','child','2016-09-14','[]',NULL,NULL);
INSERT INTO person VALUES(4,'Perrin','child','2019-06-02','["tree nuts"]',NULL,NULL);
INSERT INTO person VALUES(5,'Tamsin','child','2024-05-19','[]',NULL,NULL);
INSERT INTO person VALUES(6,'Lark','guest','2018-11-27','[]','[5]',NULL);
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
INSERT INTO place VALUES(14,8,'box for Maps','box',4,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(15,8,'window shelf','shelf',5,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(16,NULL,'Hall closet','room',3,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(17,16,'sewing basket','box',1,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(18,16,'game shelf','shelf',2,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(19,NULL,'Garage','room',4,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(20,19,'workbench','furniture',1,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(21,19,'garden shelf','shelf',2,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(22,19,'recycling corner','box',3,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(23,NULL,'Basement','room',5,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(24,23,'box for Kites','box',1,NULL,NULL,NULL,NULL);
INSERT INTO place VALUES(25,23,'box for Bread','box',2,NULL,NULL,NULL,NULL);
CREATE TABLE supplier (
	id integer primary key autoincrement, name text not null,
	kind text not null check (kind in ('shop', 'order', 'friend')), weekdays text not null,
	lead_days integer not null, position integer not null
) strict;
INSERT INTO supplier VALUES(1,'Corner Grocer','shop','[1,2,3,4,5,6]',0,1);
INSERT INTO supplier VALUES(2,'Hobby & Hardware','shop','[2,3,4,5,6]',0,2);
INSERT INTO supplier VALUES(3,'Mail order','order','[1,2,3,4,5]',7,3);
INSERT INTO supplier VALUES(4,'Friends and family','friend','[1,2,3,4,5,6,7]',4,4);
CREATE TABLE item (
	id integer primary key autoincrement, name text not null, name_key text not null unique,
	use text not null check (use in ('consumed', 'kept')), keep_back text, keep_back_unit text,
	keeps_days integer, supplier_id integer references supplier(id)
, low_level text, low_unit text) strict;
INSERT INTO item VALUES(1,'flour','flour','consumed','500','g',NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(2,'salt','salt','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(3,'sugar','sugar','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(4,'cornstarch','cornstarch','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(5,'baking soda','baking soda','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(6,'vinegar','vinegar','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(7,'vegetable oil','vegetable oil','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(8,'cocoa powder','cocoa powder','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(9,'rice','rice','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(10,'dried bean','dried bean','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(11,'mini marshmallow','mini marshmallow','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(12,'honey','honey','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(13,'peanut butter','peanut butter','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(14,'yeast','yeast','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(15,'cooking spray','cooking spray','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(16,'rolled oats','rolled oat','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(17,'raisin','raisin','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(18,'toothpick','toothpick','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(19,'wax paper','wax paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(20,'aluminum foil','aluminum foil','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(21,'plastic wrap','plastic wrap','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(22,'drinking straw','drinking straw','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(23,'measuring tape','measuring tape','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(24,'birthday candle','birthday candle','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(25,'match','match','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(26,'sponge','sponge','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(27,'spray bottle','spray bottle','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(28,'dish soap','dish soap','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(29,'tray','tray','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(30,'plastic cup','plastic cup','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(31,'paper plate','paper plate','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(32,'mixing bowl','mixing bowl','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(33,'baking sheet','baking sheet','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(34,'rolling pin','rolling pin','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(35,'pitcher','pitcher','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(36,'spoon','spoon','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(37,'saucepan','saucepan','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(38,'kitchen scale','kitchen scale','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(39,'glass bowl','glass bowl','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(40,'pencil','pencil','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(41,'eraser','eraser','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(42,'ruler','ruler','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(43,'scissors','scissor','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(44,'protractor','protractor','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(45,'marker','marker','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(46,'glue stick','glue stick','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(47,'clear tape','clear tape','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(48,'stapler','stapler','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(49,'index card','index card','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(50,'paper clip','paper clip','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(51,'pushpin','pushpin','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(52,'tracing film','tracing film','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(53,'1-inch brad','1-inch brad','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(54,'fine-tip black marker','fine-tip black marker','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(55,'hole punch','hole punch','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(56,'copy paper','copy paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(57,'white cardstock','white cardstock','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(58,'construction paper','construction paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(59,'graph paper','graph paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(60,'poster board','poster board','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(61,'cardboard','cardboard','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(62,'butcher paper','butcher paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(63,'watercolor paper','watercolor paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(64,'file folder','file folder','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(65,'set of watercolor paints','set of watercolor paint','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(66,'paintbrush','paintbrush','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(67,'white glue','white glue','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(68,'colored pencil','colored pencil','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(69,'crayon','crayon','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(70,'modeling clay','modeling clay','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(71,'blue food coloring','blue food coloring','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(72,'green food coloring','green food coloring','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(73,'craft stick','craft stick','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(74,'pipe cleaner','pipe cleaner','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(75,'green paint','green paint','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(76,'brown paint','brown paint','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(77,'globe','globe','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(78,'compass','compass','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(79,'magnifying glass','magnifying glass','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(80,'wall map','wall map','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(81,'atlas','atlas','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(82,'flashlight','flashlight','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(83,'clipboard','clipboard','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(84,'sewing needle','sewing needle','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(85,'thread','thread','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(86,'ribbon','ribbon','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(87,'felt','felt','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(88,'safety pin','safety pin','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(89,'yarn','yarn','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(90,'button','button','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(91,'die','die','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(92,'counter','counter','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(93,'marble','marble','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(94,'deck of cards','deck of card','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(95,'stopwatch','stopwatch','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(96,'string','string','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(97,'masking tape','masking tape','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(98,'duct tape','duct tape','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(99,'wooden dowel','wooden dowel','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(100,'nail','nail','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(101,'hammer','hammer','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(102,'sandpaper','sandpaper','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(103,'hand drill','hand drill','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(104,'utility knife','utility knife','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(105,'potting soil','potting soil','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(106,'small pot','small pot','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(107,'trowel','trowel','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(108,'sand','sand','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(109,'bucket','bucket','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(110,'smooth stone','smooth stone','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(111,'cardboard tube','cardboard tube','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(112,'egg carton','egg carton','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(113,'newspaper','newspaper','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(114,'glass jar','glass jar','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(115,'shoebox','shoebox','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(116,'cereal box','cereal box','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(117,'empty 2-liter bottle','empty 2-liter bottle','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(118,'bottle cap','bottle cap','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(119,'ripstop fabric','ripstop fabric','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(120,'grain mill','grain mill','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(121,'wheat berry','wheat berry','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(122,'apron','apron','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(123,'bread pan','bread pan','kept',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(124,'water','water','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(125,'orange','orange','consumed',NULL,NULL,7,NULL,NULL,NULL);
INSERT INTO item VALUES(126,'paper towel','paper towel','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(127,'bar magnet','bar magnet','kept',NULL,NULL,NULL,3,NULL,NULL);
INSERT INTO item VALUES(128,'cork','cork','consumed',NULL,NULL,NULL,2,NULL,NULL);
INSERT INTO item VALUES(129,'sidewalk chalk','sidewalk chalk','consumed',NULL,NULL,NULL,2,NULL,NULL);
INSERT INTO item VALUES(130,'transit map','transit map','kept',NULL,NULL,NULL,4,NULL,NULL);
INSERT INTO item VALUES(131,'black tea bag','black tea bag','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(132,'pedometer','pedometer','kept',NULL,NULL,NULL,4,NULL,NULL);
INSERT INTO item VALUES(133,'chocolate coin','chocolate coin','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(134,'popcorn kernel','popcorn kernel','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(135,'tissue paper','tissue paper','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(136,'kite string','kite string','consumed',NULL,NULL,NULL,NULL,NULL,NULL);
INSERT INTO item VALUES(137,'pencil with eraser','pencil with eraser','kept',NULL,NULL,NULL,NULL,NULL,NULL);
CREATE TABLE lot (
	id integer primary key autoincrement, item_id integer not null references item(id), amount text not null,
	unit text not null, place_id integer references place(id), good_until text, counted_on text not null
, opened_on text) strict;
INSERT INTO lot VALUES(1,1,'2','kg',3,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(2,2,'3','lb',3,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(3,3,'2','lb',3,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(4,4,'1','box',3,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(5,5,'500','g',3,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(6,6,'1','bottle',3,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(7,7,'1','bottle',3,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(8,8,'12','oz',3,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(9,9,'2','lb',4,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(10,10,'1','lb',4,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(11,11,'2','bag',4,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(12,12,'1','jar',4,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(13,13,'1','jar',4,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(14,14,'3','pack',4,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(15,15,'1','can',4,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(16,16,'1','lb',4,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(17,17,'2','box',4,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(18,18,'40','each',5,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(19,19,'1','roll',5,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(20,20,'1','roll',5,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(21,21,'1','roll',5,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(22,22,'24','each',5,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(23,23,'2','each',5,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(24,24,'18','each',5,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(25,25,'2','box',5,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(26,26,'5','each',6,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(27,27,'8','each',6,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(28,28,'1','bottle',6,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(29,29,'3','each',6,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(30,30,'20','each',6,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(31,31,'14','each',6,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(32,32,'6','each',7,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(33,33,'4','each',7,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(34,34,'3','each',7,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(35,35,'2','each',7,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(36,36,'12','each',7,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(37,37,'3','each',7,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(38,38,'1','each',7,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(39,39,'1','each',7,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(40,40,'30','each',10,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(41,41,'6','each',10,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(42,42,'4','each',10,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(43,43,'3','each',10,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(44,44,'2','each',10,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(45,45,'12','each',10,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(46,46,'6','each',10,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(47,47,'1','roll',10,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(48,48,'1','each',10,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(49,49,'60','each',11,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(50,50,'1','box',11,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(51,51,'25','each',11,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(52,52,'9','sheet',11,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(53,53,'40','each',11,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(54,54,'3','each',11,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(55,55,'2','each',11,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(56,56,'180','sheet',12,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(57,57,'22','sheet',12,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(58,58,'35','sheet',12,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(59,59,'12','sheet',12,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(60,60,'4','sheet',12,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(61,61,'6','sheet',12,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(62,62,'1','roll',12,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(63,63,'8','sheet',12,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(64,64,'10','each',12,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(65,65,'3','each',13,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(66,66,'8','each',13,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(67,67,'1','bottle',13,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(68,68,'24','each',13,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(69,69,'18','each',13,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(70,70,'2','lb',13,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(71,71,'1','bottle',13,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(72,72,'1','bottle',13,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(73,73,'60','each',13,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(74,74,'30','each',13,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(75,75,'1','bottle',13,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(76,76,'1','bottle',13,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(77,77,'1','each',15,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(78,78,'1','each',15,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(79,79,'2','each',15,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(80,80,'1','each',15,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(81,81,'1','each',15,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(82,82,'2','each',15,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(83,83,'3','each',15,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(84,84,'14','each',17,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(85,85,'6','spool',17,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(86,86,'3','yd',17,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(87,87,'2','yd',17,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(88,88,'40','each',17,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(89,89,'1','ball',17,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(90,90,'25','each',17,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(91,91,'4','each',18,NULL,'2026-07-03',NULL);
INSERT INTO lot VALUES(92,92,'30','each',18,NULL,'2026-07-03',NULL);
INSERT INTO lot VALUES(93,93,'50','each',18,NULL,'2026-07-03',NULL);
INSERT INTO lot VALUES(94,94,'2','each',18,NULL,'2026-07-03',NULL);
INSERT INTO lot VALUES(95,95,'1','each',18,NULL,'2026-07-03',NULL);
INSERT INTO lot VALUES(96,96,'60','ft',20,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(97,97,'1','roll',20,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(98,98,'1','roll',20,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(99,99,'4','each',20,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(100,100,'12','each',20,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(101,101,'1','each',20,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(102,102,'3','sheet',20,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(103,103,'1','each',20,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(104,104,'2','each',20,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(105,105,'1','bag',21,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(106,106,'8','each',21,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(107,107,'3','each',21,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(108,108,'1','bag',21,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(109,109,'2','each',21,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(110,110,'40','each',21,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(111,111,'9','each',22,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(112,112,'5','each',22,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(113,113,'6','each',22,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(114,114,'4','each',22,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(115,115,'3','each',22,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(116,116,'7','each',22,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(117,117,'4','each',22,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(118,118,'12','each',22,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(119,119,'2','yd',24,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(120,99,'6','each',24,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(121,120,'1','each',25,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(122,121,'2','lb',25,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(123,122,'3','each',25,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(124,123,'1','each',25,NULL,'2026-12-28',NULL);
INSERT INTO lot VALUES(125,96,'9','ft',14,NULL,'2027-01-20',NULL);
INSERT INTO lot VALUES(126,58,'3','sheet',14,NULL,'2027-01-20',NULL);
INSERT INTO lot VALUES(127,49,'3','each',14,NULL,'2027-01-20',NULL);
INSERT INTO lot VALUES(128,97,'1','roll',14,NULL,'2027-01-20',NULL);
INSERT INTO lot VALUES(129,40,'3','each',14,NULL,'2027-01-20',NULL);
CREATE TABLE unit (id integer primary key autoincrement, name text not null) strict;
INSERT INTO unit VALUES(1,'Maps and Wayfinding');
INSERT INTO unit VALUES(2,'Kites and Wind');
INSERT INTO unit VALUES(3,'Bread and Grain');
CREATE TABLE run (
	id integer primary key autoincrement, unit_id integer not null references unit(id), name text not null,
	state text not null check (state in ('collecting', 'running', 'put away')), start_on text, end_on text,
	weekdays text not null, keep_free integer not null default 0, habit text, habit_date text,
	collecting_place_id integer references place(id), copied_from integer references run(id)
) strict;
INSERT INTO run VALUES(1,1,'2027 run','running','2027-01-05','2027-03-11','[2,4]',0,NULL,NULL,14,NULL);
INSERT INTO run VALUES(2,2,'this spring','collecting',NULL,NULL,'[]',0,NULL,NULL,24,NULL);
INSERT INTO run VALUES(3,3,'2025 run','put away',NULL,NULL,'[]',0,NULL,NULL,25,NULL);
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
) strict;
INSERT INTO lesson VALUES(1,1,1,'A map of the table','Draw what you see, then from above',0,1);
INSERT INTO lesson VALUES(2,1,2,'From above','Bird’s-eye blocks',0,1);
INSERT INTO lesson VALUES(3,1,3,'Scale and distance','Pace out the yard',0,1);
INSERT INTO lesson VALUES(4,1,4,'Symbols and legends','Make our own key',0,1);
INSERT INTO lesson VALUES(5,1,5,'Hills on paper: contour lines','Salt-dough island, 3 makers',0,1);
INSERT INTO lesson VALUES(6,1,6,'The round earth, flattened','Orange-peel globe; net of a globe',0,1);
INSERT INTO lesson VALUES(7,1,7,'Latitude and longitude','String grid on the floor',0,1);
INSERT INTO lesson VALUES(8,1,8,'A needle that knows north','Floating compass',0,1);
INSERT INTO lesson VALUES(9,1,9,'Bearings from sun and shadow','Shadow stick, clear day wanted',0,1);
INSERT INTO lesson VALUES(10,1,10,'Streets and lines: town and transit maps','Outing by bus',0,1);
INSERT INTO lesson VALUES(11,1,11,'Old maps and sea monsters','Age a chart with tea',0,1);
INSERT INTO lesson VALUES(12,1,12,'Treasure hunt','Pace and bearing through the park',0,1);
INSERT INTO lesson VALUES(13,1,13,'Our own atlas','Bind the maps, show the family',0,1);
INSERT INTO lesson VALUES(14,2,1,'What lifts a kite','',0,1);
INSERT INTO lesson VALUES(15,2,2,'A sled kite each','',0,1);
INSERT INTO lesson VALUES(16,2,3,'Measuring the wind','',0,1);
INSERT INTO lesson VALUES(17,3,1,'From field to flour','',0,1);
INSERT INTO lesson VALUES(18,3,2,'Yeast is alive','',0,1);
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
CREATE TABLE supply_line (
	id integer primary key autoincrement, lesson_id integer not null references lesson(id),
	position integer not null, written text not null, item_id integer not null references item(id),
	quantity text, quantity_to text, unit text not null,
	per text not null check (per in ('family', 'child', 'pair', 'group')), group_size integer,
	optional integer not null default 0, alternatives text not null default '[]', note text,
	needs_look integer not null default 0, use text not null check (use in ('consumed', 'kept')),
	out_until text, spare text not null default '0', participants text,
	prepare_minutes integer, prepare_wait_days integer not null default 0
) strict;
INSERT INTO supply_line VALUES(1,1,1,'3 sheets of graph paper per child',59,'3',NULL,'sheet','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(2,1,2,'pencil, eraser and ruler',40,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(3,1,3,'pencil, eraser and ruler',41,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(4,1,4,'pencil, eraser and ruler',42,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(5,1,5,'1 tray',29,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(6,2,1,'1 sheet construction paper per child',58,'1',NULL,'sheet','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(7,2,2,'20 counters',92,'20',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(8,2,3,'1 roll masking tape',97,'1',NULL,'roll','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(9,3,1,'2 measuring tapes',23,'2',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(10,3,2,'20 ft of string',96,'20',NULL,'ft','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(11,3,3,'2 sheets of graph paper per child',59,'2',NULL,'sheet','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(12,3,4,'clipboard (1 per child)',83,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(13,4,1,'4 index cards per child',49,'4',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(14,4,2,'colored pencils',68,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(15,4,3,'1 glue stick per child',46,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(16,5,1,'1 cup flour per child',1,'1',NULL,'cup','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(17,5,2,'1/2 cup salt per child',2,'1/2',NULL,'cup','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(18,5,3,'1/3 cup water per child',124,'1/3',NULL,'cup','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(19,5,4,'1 tray per child',29,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(20,5,5,'brown and green paint',76,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(21,5,6,'brown and green paint',75,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(22,6,1,'2 oranges per child',125,'2',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(23,6,2,'1 fine-tip black marker',54,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(24,6,3,'1 sheet tracing film per child',52,'1',NULL,'sheet','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(25,6,4,'1 roll clear tape',47,'1',NULL,'roll','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(26,6,5,'6 paper plates',31,'6',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(27,6,6,'globe',77,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(28,6,7,'paper towels (optional)',126,'1',NULL,'each','family',NULL,1,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(29,7,1,'9 ft of string',96,'9',NULL,'ft','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(30,7,2,'1 roll masking tape',97,'1',NULL,'roll','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(31,7,3,'1 index card per child',49,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(32,7,4,'1 sheet construction paper per child',58,'1',NULL,'sheet','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(33,7,5,'1 pencil per child',40,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(34,8,1,'1 bar magnet for every two children',127,'1',NULL,'each','pair',NULL,0,'[]',NULL,0,'kept',NULL,'0','[3,4]',NULL,0);
INSERT INTO supply_line VALUES(35,8,2,'1 sewing needle per child',84,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'kept',NULL,'0','[3,4]',NULL,0);
INSERT INTO supply_line VALUES(36,8,3,'1 cork per child',128,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(37,8,4,'1 glass bowl',39,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(38,8,5,'compass',78,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(39,8,6,'1 bottle dish soap (optional)',28,'1',NULL,'bottle','family',NULL,1,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(40,9,1,'1 wooden dowel',99,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(41,9,2,'12 smooth stones',110,'12',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(42,9,3,'1 protractor per pair',44,'1',NULL,'each','pair',NULL,0,'[]',NULL,0,'kept',NULL,'0','[3,4]',NULL,0);
INSERT INTO supply_line VALUES(43,9,4,'1 stick of sidewalk chalk per child',129,'1',NULL,'stick','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(44,9,5,'stopwatch or kitchen timer',95,'1',NULL,'each','family',NULL,0,'[{"quantity":1,"unit":"each","item":"kitchen timer"}]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(45,9,6,'clipboard (1 per child)',83,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(46,10,1,'1 transit map',130,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(47,10,2,'2 sheets of poster board',60,'2',NULL,'sheet','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(48,10,3,'12 markers',45,'12',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(49,10,4,'30 1-inch brads',53,'30',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(50,10,5,'3 yd ribbon',86,'3',NULL,'yd','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(51,11,1,'4 black tea bags',131,'4',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(52,11,2,'1 sheet watercolor paper per child',63,'1',NULL,'sheet','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(53,11,3,'1 baking sheet',33,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(54,11,4,'1 set of watercolor paints per pair',65,'1',NULL,'each','pair',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(55,11,5,'1 sponge per child',26,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(56,12,1,'1 pedometer per pair',132,'1',NULL,'each','pair',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(57,12,2,'compass',78,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(58,12,3,'1 bag of chocolate coins',133,'1',NULL,'bag','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(59,12,4,'10 index cards',49,'10',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(60,12,5,'30 ft of string',96,'30',NULL,'ft','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(61,13,1,'6 sheets of white cardstock per child',57,'6',NULL,'sheet','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(62,13,2,'3 1-inch brads per child',53,'3',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(63,13,3,'1 file folder per child',64,'1',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(64,13,4,'1 yd ribbon',86,'1',NULL,'yd','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(65,13,5,'2 cups popcorn kernels',134,'2',NULL,'cup','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(66,14,1,'2 wooden dowels per child',99,'2',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(67,14,2,'1 yd ripstop fabric per child',119,'1',NULL,'yd','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(68,14,3,'1 roll clear tape',47,'1',NULL,'roll','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(69,15,1,'2 sheets of tissue paper per child',135,'2',NULL,'sheet','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(70,15,2,'100 ft of kite string per child',136,'100',NULL,'ft','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(71,15,3,'4 drinking straws per child',22,'4',NULL,'each','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(72,16,1,'4 plastic cups',30,'4',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(73,16,2,'1 pushpin',51,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(74,16,3,'1 pencil with eraser',137,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'kept',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(75,16,4,'2 drinking straws',22,'2',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(76,17,1,'1 cup wheat berries',121,'1',NULL,'cup','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(77,17,2,'grain mill',120,'1',NULL,'each','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(78,18,1,'2 packs yeast',14,'2',NULL,'pack','family',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
INSERT INTO supply_line VALUES(79,18,2,'1 cup flour per child',1,'1',NULL,'cup','child',NULL,0,'[]',NULL,0,'consumed',NULL,'0',NULL,NULL,0);
CREATE TABLE need_state (
	id integer primary key autoincrement, key text not null unique, run_id integer not null references run(id),
	decision text check (decision in ('do without')), supplier_id integer references supplier(id),
	unit text, arranged text not null default '0', found text not null default '0', prepared text not null default '0',
	out text not null default '0', promised text, note text
, person_id integer references person(id)) strict;
INSERT INTO need_state VALUES(1,'1/supplies/56/-/1',1,NULL,NULL,'each','2','0','0','0','2027-02-21',NULL,NULL);
INSERT INTO need_state VALUES(2,'1/supplies/46/-/1',1,NULL,NULL,'each','1','0','0','0','2027-02-10',NULL,NULL);
CREATE TABLE sitting (id integer primary key autoincrement, held_on text not null, minutes integer not null) strict;
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
DELETE FROM sqlite_sequence;
INSERT INTO sqlite_sequence VALUES('change_row',0);
INSERT INTO sqlite_sequence VALUES('person',6);
INSERT INTO sqlite_sequence VALUES('supplier',4);
INSERT INTO sqlite_sequence VALUES('place',25);
INSERT INTO sqlite_sequence VALUES('item',137);
INSERT INTO sqlite_sequence VALUES('lot',129);
INSERT INTO sqlite_sequence VALUES('unit',3);
INSERT INTO sqlite_sequence VALUES('run',3);
INSERT INTO sqlite_sequence VALUES('run_participant',12);
INSERT INTO sqlite_sequence VALUES('blocked',4);
INSERT INTO sqlite_sequence VALUES('lesson',18);
INSERT INTO sqlite_sequence VALUES('supply_line',79);
INSERT INTO sqlite_sequence VALUES('session',5);
INSERT INTO sqlite_sequence VALUES('need_state',2);
CREATE INDEX place_parent on place(parent_id);
CREATE INDEX lot_item on lot(item_id);
CREATE INDEX lot_place on lot(place_id);
CREATE INDEX run_unit on run(unit_id);
CREATE INDEX blocked_run on blocked(run_id);
CREATE INDEX lesson_run on lesson(run_id, position);
CREATE INDEX supply_line_lesson on supply_line(lesson_id, position);
CREATE INDEX supply_line_item on supply_line(item_id);
CREATE INDEX need_state_run on need_state(run_id);
CREATE INDEX change_device on change(device, id);
CREATE INDEX change_row_change on change_row(change_id);
CREATE INDEX item_alias_item on item_alias(item_id);
CREATE INDEX lot_event_item on lot_event(item_id);
CREATE TRIGGER watch_household_insert after insert on household
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'household', new.id, null, json_object('id', new."id", 'name', new."name", 'zone', new."zone", 'week_start', new."week_start", 'fixed_today', new."fixed_today", 'measures', new."measures", 'habit', new."habit", 'habit_date', new."habit_date", 'count_age_days', new."count_age_days", 'paper', new."paper"));
					end;
CREATE TRIGGER watch_household_update after update on household
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'household', new.id, json_object('id', old."id", 'name', old."name", 'zone', old."zone", 'week_start', old."week_start", 'fixed_today', old."fixed_today", 'measures', old."measures", 'habit', old."habit", 'habit_date', old."habit_date", 'count_age_days', old."count_age_days", 'paper', old."paper"), json_object('id', new."id", 'name', new."name", 'zone', new."zone", 'week_start', new."week_start", 'fixed_today', new."fixed_today", 'measures', new."measures", 'habit', new."habit", 'habit_date', new."habit_date", 'count_age_days', new."count_age_days", 'paper', new."paper"));
					end;
CREATE TRIGGER watch_household_delete after delete on household
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'household', old.id, json_object('id', old."id", 'name', old."name", 'zone', old."zone", 'week_start', old."week_start", 'fixed_today', old."fixed_today", 'measures', old."measures", 'habit', old."habit", 'habit_date', old."habit_date", 'count_age_days', old."count_age_days", 'paper', old."paper"), null);
					end;
CREATE TRIGGER watch_person_insert after insert on person
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'person', new.id, null, json_object('id', new."id", 'name', new."name", 'kind', new."kind", 'born', new."born", 'allergies', new."allergies", 'weekdays', new."weekdays", 'reach_mm', new."reach_mm"));
					end;
CREATE TRIGGER watch_person_update after update on person
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'person', new.id, json_object('id', old."id", 'name', old."name", 'kind', old."kind", 'born', old."born", 'allergies', old."allergies", 'weekdays', old."weekdays", 'reach_mm', old."reach_mm"), json_object('id', new."id", 'name', new."name", 'kind', new."kind", 'born', new."born", 'allergies', new."allergies", 'weekdays', new."weekdays", 'reach_mm', new."reach_mm"));
					end;
CREATE TRIGGER watch_person_delete after delete on person
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'person', old.id, json_object('id', old."id", 'name', old."name", 'kind', old."kind", 'born', old."born", 'allergies', old."allergies", 'weekdays', old."weekdays", 'reach_mm', old."reach_mm"), null);
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
						values ((select current_change from state), 'supplier', new.id, null, json_object('id', new."id", 'name', new."name", 'kind', new."kind", 'weekdays', new."weekdays", 'lead_days', new."lead_days", 'position', new."position"));
					end;
CREATE TRIGGER watch_supplier_update after update on supplier
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'supplier', new.id, json_object('id', old."id", 'name', old."name", 'kind', old."kind", 'weekdays', old."weekdays", 'lead_days', old."lead_days", 'position', old."position"), json_object('id', new."id", 'name', new."name", 'kind', new."kind", 'weekdays', new."weekdays", 'lead_days', new."lead_days", 'position', new."position"));
					end;
CREATE TRIGGER watch_supplier_delete after delete on supplier
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'supplier', old.id, json_object('id', old."id", 'name', old."name", 'kind', old."kind", 'weekdays', old."weekdays", 'lead_days', old."lead_days", 'position', old."position"), null);
					end;
CREATE TRIGGER watch_item_insert after insert on item
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'item', new.id, null, json_object('id', new."id", 'name', new."name", 'name_key', new."name_key", 'use', new."use", 'keep_back', new."keep_back", 'keep_back_unit', new."keep_back_unit", 'keeps_days', new."keeps_days", 'supplier_id', new."supplier_id", 'low_level', new."low_level", 'low_unit', new."low_unit"));
					end;
CREATE TRIGGER watch_item_update after update on item
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'item', new.id, json_object('id', old."id", 'name', old."name", 'name_key', old."name_key", 'use', old."use", 'keep_back', old."keep_back", 'keep_back_unit', old."keep_back_unit", 'keeps_days', old."keeps_days", 'supplier_id', old."supplier_id", 'low_level', old."low_level", 'low_unit', old."low_unit"), json_object('id', new."id", 'name', new."name", 'name_key', new."name_key", 'use', new."use", 'keep_back', new."keep_back", 'keep_back_unit', new."keep_back_unit", 'keeps_days', new."keeps_days", 'supplier_id', new."supplier_id", 'low_level', new."low_level", 'low_unit', new."low_unit"));
					end;
CREATE TRIGGER watch_item_delete after delete on item
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'item', old.id, json_object('id', old."id", 'name', old."name", 'name_key', old."name_key", 'use', old."use", 'keep_back', old."keep_back", 'keep_back_unit', old."keep_back_unit", 'keeps_days', old."keeps_days", 'supplier_id', old."supplier_id", 'low_level', old."low_level", 'low_unit', old."low_unit"), null);
					end;
CREATE TRIGGER watch_lot_insert after insert on lot
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lot', new.id, null, json_object('id', new."id", 'item_id', new."item_id", 'amount', new."amount", 'unit', new."unit", 'place_id', new."place_id", 'good_until', new."good_until", 'counted_on', new."counted_on", 'opened_on', new."opened_on"));
					end;
CREATE TRIGGER watch_lot_update after update on lot
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lot', new.id, json_object('id', old."id", 'item_id', old."item_id", 'amount', old."amount", 'unit', old."unit", 'place_id', old."place_id", 'good_until', old."good_until", 'counted_on', old."counted_on", 'opened_on', old."opened_on"), json_object('id', new."id", 'item_id', new."item_id", 'amount', new."amount", 'unit', new."unit", 'place_id', new."place_id", 'good_until', new."good_until", 'counted_on', new."counted_on", 'opened_on', new."opened_on"));
					end;
CREATE TRIGGER watch_lot_delete after delete on lot
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lot', old.id, json_object('id', old."id", 'item_id', old."item_id", 'amount', old."amount", 'unit', old."unit", 'place_id', old."place_id", 'good_until', old."good_until", 'counted_on', old."counted_on", 'opened_on', old."opened_on"), null);
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
						values ((select current_change from state), 'run', new.id, null, json_object('id', new."id", 'unit_id', new."unit_id", 'name', new."name", 'state', new."state", 'start_on', new."start_on", 'end_on', new."end_on", 'weekdays', new."weekdays", 'keep_free', new."keep_free", 'habit', new."habit", 'habit_date', new."habit_date", 'collecting_place_id', new."collecting_place_id", 'copied_from', new."copied_from"));
					end;
CREATE TRIGGER watch_run_update after update on run
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'run', new.id, json_object('id', old."id", 'unit_id', old."unit_id", 'name', old."name", 'state', old."state", 'start_on', old."start_on", 'end_on', old."end_on", 'weekdays', old."weekdays", 'keep_free', old."keep_free", 'habit', old."habit", 'habit_date', old."habit_date", 'collecting_place_id', old."collecting_place_id", 'copied_from', old."copied_from"), json_object('id', new."id", 'unit_id', new."unit_id", 'name', new."name", 'state', new."state", 'start_on', new."start_on", 'end_on', new."end_on", 'weekdays', new."weekdays", 'keep_free', new."keep_free", 'habit', new."habit", 'habit_date', new."habit_date", 'collecting_place_id', new."collecting_place_id", 'copied_from', new."copied_from"));
					end;
CREATE TRIGGER watch_run_delete after delete on run
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'run', old.id, json_object('id', old."id", 'unit_id', old."unit_id", 'name', old."name", 'state', old."state", 'start_on', old."start_on", 'end_on', old."end_on", 'weekdays', old."weekdays", 'keep_free', old."keep_free", 'habit', old."habit", 'habit_date', old."habit_date", 'collecting_place_id', old."collecting_place_id", 'copied_from', old."copied_from"), null);
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
						values ((select current_change from state), 'lesson', new.id, null, json_object('id', new."id", 'run_id', new."run_id", 'position', new."position", 'title', new."title", 'note', new."note", 'optional', new."optional", 'sessions', new."sessions"));
					end;
CREATE TRIGGER watch_lesson_update after update on lesson
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lesson', new.id, json_object('id', old."id", 'run_id', old."run_id", 'position', old."position", 'title', old."title", 'note', old."note", 'optional', old."optional", 'sessions', old."sessions"), json_object('id', new."id", 'run_id', new."run_id", 'position', new."position", 'title', new."title", 'note', new."note", 'optional', new."optional", 'sessions', new."sessions"));
					end;
CREATE TRIGGER watch_lesson_delete after delete on lesson
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'lesson', old.id, json_object('id', old."id", 'run_id', old."run_id", 'position', old."position", 'title', old."title", 'note', old."note", 'optional', old."optional", 'sessions', old."sessions"), null);
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
						values ((select current_change from state), 'supply_line', new.id, null, json_object('id', new."id", 'lesson_id', new."lesson_id", 'position', new."position", 'written', new."written", 'item_id', new."item_id", 'quantity', new."quantity", 'quantity_to', new."quantity_to", 'unit', new."unit", 'per', new."per", 'group_size', new."group_size", 'optional', new."optional", 'alternatives', new."alternatives", 'note', new."note", 'needs_look', new."needs_look", 'use', new."use", 'out_until', new."out_until", 'spare', new."spare", 'participants', new."participants", 'prepare_minutes', new."prepare_minutes", 'prepare_wait_days', new."prepare_wait_days"));
					end;
CREATE TRIGGER watch_supply_line_update after update on supply_line
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'supply_line', new.id, json_object('id', old."id", 'lesson_id', old."lesson_id", 'position', old."position", 'written', old."written", 'item_id', old."item_id", 'quantity', old."quantity", 'quantity_to', old."quantity_to", 'unit', old."unit", 'per', old."per", 'group_size', old."group_size", 'optional', old."optional", 'alternatives', old."alternatives", 'note', old."note", 'needs_look', old."needs_look", 'use', old."use", 'out_until', old."out_until", 'spare', old."spare", 'participants', old."participants", 'prepare_minutes', old."prepare_minutes", 'prepare_wait_days', old."prepare_wait_days"), json_object('id', new."id", 'lesson_id', new."lesson_id", 'position', new."position", 'written', new."written", 'item_id', new."item_id", 'quantity', new."quantity", 'quantity_to', new."quantity_to", 'unit', new."unit", 'per', new."per", 'group_size', new."group_size", 'optional', new."optional", 'alternatives', new."alternatives", 'note', new."note", 'needs_look', new."needs_look", 'use', new."use", 'out_until', new."out_until", 'spare', new."spare", 'participants', new."participants", 'prepare_minutes', new."prepare_minutes", 'prepare_wait_days', new."prepare_wait_days"));
					end;
CREATE TRIGGER watch_supply_line_delete after delete on supply_line
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'supply_line', old.id, json_object('id', old."id", 'lesson_id', old."lesson_id", 'position', old."position", 'written', old."written", 'item_id', old."item_id", 'quantity', old."quantity", 'quantity_to', old."quantity_to", 'unit', old."unit", 'per', old."per", 'group_size', old."group_size", 'optional', old."optional", 'alternatives', old."alternatives", 'note', old."note", 'needs_look', old."needs_look", 'use', old."use", 'out_until', old."out_until", 'spare', old."spare", 'participants', old."participants", 'prepare_minutes', old."prepare_minutes", 'prepare_wait_days', old."prepare_wait_days"), null);
					end;
CREATE TRIGGER watch_need_state_insert after insert on need_state
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'need_state', new.id, null, json_object('id', new."id", 'key', new."key", 'run_id', new."run_id", 'decision', new."decision", 'supplier_id', new."supplier_id", 'unit', new."unit", 'arranged', new."arranged", 'found', new."found", 'prepared', new."prepared", 'out', new."out", 'promised', new."promised", 'note', new."note", 'person_id', new."person_id"));
					end;
CREATE TRIGGER watch_need_state_update after update on need_state
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'need_state', new.id, json_object('id', old."id", 'key', old."key", 'run_id', old."run_id", 'decision', old."decision", 'supplier_id', old."supplier_id", 'unit', old."unit", 'arranged', old."arranged", 'found', old."found", 'prepared', old."prepared", 'out', old."out", 'promised', old."promised", 'note', old."note", 'person_id', old."person_id"), json_object('id', new."id", 'key', new."key", 'run_id', new."run_id", 'decision', new."decision", 'supplier_id', new."supplier_id", 'unit', new."unit", 'arranged', new."arranged", 'found', new."found", 'prepared', new."prepared", 'out', new."out", 'promised', new."promised", 'note', new."note", 'person_id', new."person_id"));
					end;
CREATE TRIGGER watch_need_state_delete after delete on need_state
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'need_state', old.id, json_object('id', old."id", 'key', old."key", 'run_id', old."run_id", 'decision', old."decision", 'supplier_id', old."supplier_id", 'unit', old."unit", 'arranged', old."arranged", 'found', old."found", 'prepared', old."prepared", 'out', old."out", 'promised', old."promised", 'note', old."note", 'person_id', old."person_id"), null);
					end;
CREATE TRIGGER watch_sitting_insert after insert on sitting
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'sitting', new.id, null, json_object('id', new."id", 'held_on', new."held_on", 'minutes', new."minutes"));
					end;
CREATE TRIGGER watch_sitting_update after update on sitting
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'sitting', new.id, json_object('id', old."id", 'held_on', old."held_on", 'minutes', old."minutes"), json_object('id', new."id", 'held_on', new."held_on", 'minutes', new."minutes"));
					end;
CREATE TRIGGER watch_sitting_delete after delete on sitting
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), 'sitting', old.id, json_object('id', old."id", 'held_on', old."held_on", 'minutes', old."minutes"), null);
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
COMMIT;
