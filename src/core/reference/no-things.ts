import { namesIn } from './names-in.ts';

/** What nobody gathers: people, doings, places one goes to, what is on a page. */
export const NO_THING = {
	/** As whole names, with or without words before them. */
	heads: namesIn(`
		 none, nothing, partner, adult, grown-up, parent, teacher, friend, sibling, helper, family, family
		 member, child, student, classmate, neighbor, volunteer, group, team, person, people, someone, everyone,
		 space, room, area, outdoor, outdoors, outdoor space, open space, open area, yard space, field, park, beach, playground
		 visit, sunny day, rainy day, windy day, clear night, clear day, day, night, weather, sunshine, sunlight,
		 sun, moon, wind, air, shade, time, minute, hour, week, imagination, creativity, patience, energy, min, damp,
		 permission, curiosity, music playing, trip, field trip, walk, hike, visit, outing, video, video link,
		 link, website, internet, internet access, internet connection, computer access, access, wifi, activity,
		 discussion, demonstration, experiment, lesson, chapter, page, reading, review, data, data table, answer,
		 answer key, results, result, idea, question, vocabulary, direction, instruction, step, project,
		 supervision, help, transportation, electricity, power, outlet, fresh air, voice, body, hand, finger,
		 foot, eye, ear, mouth, nose, arm, leg, brain`),
	/** Anywhere in a name. */
	words:
		/^(?:no|none|nothing|n\/a)\b|^adults? (?:needed|required|use)$|^pp?\.? ?\d|\b(?:no (?:materials?|supplies|prep(?:aration)?|extra)|nothing (?:to|needed|else|new)|materials? (?:required|needed) for|from (?:lesson|last|yesterday|day|week|the previous|chapter|unit|activity)\b|from (?:last week|the last|before)|(?:completed|finished|started) (?:work|worksheet|project|journal|map|chart|poster|model|book)|see (?:page|p\.|lesson|below|above)|on (?:p\.|page|pp\.) ?\d|trip to|visit to|walk (?:around|in|through|to)|access to|link to|adult (?:help|supervision|to)|an adult|help from|someone to|space to|place to|room to|time to|a (?:sunny|rainy|windy|clear|warm|cold|dry) (?:day|night|morning|spot)|your (?:chart|data|notes|drawing|answers?|results?|map|poster|list|work|timeline|table|project|graph|predictions?|own (?:body|two|ideas)) from|(?:favorite|best) (?:memory|song|story to))/i
};
