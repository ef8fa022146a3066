import { recurrenceText, readTimes, daysOf } from '../src/core/prepare/index.ts';
import { ruleOf } from '../src/core/calendar/index.ts';
const T='2026-12-01';
for (const t of process.argv.slice(2).length?process.argv.slice(2):`every other Saturday, 2 hours
first Saturday of the month 3 h
Saturdays except Dec 26, 1 h
Tue 8 pm 1 hour, not on Dec 21
Mondays 7pm 1 h not on Dec 21
Saturdays 9 am to noon
Sun 1pm-3pm
weekends 90 min
tomorrow 7pm 1 hour
Dec 12 2:30pm 90 min
Sat at noon, 1 h
after lunch on weekdays, 30 min
evenings, 1 hour
naptime 45 min every day
Tue and Thu 8 pm, 60 min
Tue and Thu 8 pm, 60 min, quiet
tuesdays 20:30 for an hour
nap time mon-fri 45 min
Saturday 9am 3 hours no laminator
every day 1.5 h, small hands about
weekdays at 2 pm, 20 min
Friday through Sunday 1 h
Sun 1 h 30 min, no printer
half an hour
Tue 0 min
whenever
every day except Sundays 8 pm 30 min
2nd and 4th Tuesdays 7-9 pm
the 1st and 15th of each month at 6 pm, 1 1/2 hours
last Friday of each month, after dinner, an hour and a half
every third Friday 10-11:30 am
every 2 weeks on Wed 20:00 1h30
Dec 12, 19 and 26 from 9 to 11
Dec 20-23, 2 hours in the morning
next Saturday 9-12
this Sunday 1 h
tonight 45 min
every Saturday in January 10am-1pm
Thursdays until Dec 18, 7 pm, 1 h
Mon Wed Fri 9:15 pm half an hour starting Jan 4
weeknights 8 pm 1 hour
when the moon is full 1 h
Tue 8 pm 60 min and Sat 9 am 2 h
every evening after bedtime except Fri and Sat, 40 min
school nights 8:30pm 45m, baby asleep
Saturdays 10 pm to 1 am
Mondays for 4 weeks at 8, 1 hour
Tuesdays 8 pm 1 hr 6 times
every other day 30 minutes at night
12/12 2pm 1 h
2026-12-19 9:00 2h
twice a week 1 h`.split('\n')) {
 const s=readTimes(t,T); const d=daysOf(s,T,'2027-03-01');
 console.log(t,'\n   ', s.rule?ruleOf(s.rule)+' | '+recurrenceText(s.rule):'-', '|', s.starts, s.minutes, s.bars.join(), '| except',s.except.join(), '| unread', s.unread.join('/'), '|', d.days.slice(0,5).join(' '), d.days.length);
}
