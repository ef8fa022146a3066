import { createInterface } from 'node:readline';
import { answerLine } from './answer.ts';
import { COMPUTATIONS } from './computations.ts';

/** The `calc` command: JSON Lines in, JSON Lines out, one answer a line in the same order. */
export async function main(args: readonly string[]): Promise<void> {
	if (args.includes('--list')) {
		for (const [name, { about }] of Object.entries(COMPUTATIONS)) console.log(`${name.padEnd(16)} ${about}`);
		return;
	}
	for await (const line of createInterface({ input: process.stdin, crlfDelay: Infinity })) {
		if (line.trim() === '') continue;
		const text = JSON.stringify(await answerLine(line)) + '\n';
		if (!process.stdout.write(text)) await new Promise((drained) => process.stdout.once('drain', drained));
	}
}
