<script lang="ts">
	import { enhance } from '$app/forms';
	import { PAPER_NAMES } from '$core/reference/index.ts';
	import Button from '$lib/ui/button/Button.svelte';
	import { saves } from '$lib/ui/device/submit.ts';
	import SelectField from '$lib/ui/field/SelectField.svelte';
	import TextField from '$lib/ui/field/TextField.svelte';
	import Sheet from '$lib/ui/shell/Sheet.svelte';

	let { data, form } = $props();
	const failure = $derived(form && 'message' in form ? form : null);
	const { printing } = $derived(data);
	let duplex = $state<string>();
	const byHand = $derived((duplex ?? printing.duplex) === 'by hand');
	/** The two that everyone uses stand first. */
	const usual = ['plain20', 'cover65'];
	const prices = $derived([
		{
			name: 'a color side',
			at: 'Color',
			home: printing.home.colourSide,
			shop: printing.shop.colourSide,
			none: ''
		},
		{ name: 'a gray side', at: 'Grey', home: printing.home.greySide, shop: printing.shop.greySide, none: '' },
		{ name: 'a pouch', at: 'Pouch', home: printing.home.pouch, shop: printing.shop.pouch, none: '' },
		...data.stocks
			.toSorted((a, b) => Number(usual.includes(b.code)) - Number(usual.includes(a.code)))
			.map(({ code, name }) => ({
				name: `a sheet of ${name}`,
				at: `-${code}`,
				home: printing.home.paper?.[code],
				shop: printing.shop.stockExtra?.[code],
				none: code === 'plain20' ? 'none' : ''
			}))
	]);
</script>

{#snippet price(name: string, value: number | null | undefined, label: string, none: string)}
	<input
		class="typed text-right"
		{name}
		value={value ?? ''}
		inputmode="decimal"
		aria-label={label}
		placeholder={none}
	/>
{/snippet}

<svelte:head><title>Printing · Household · Gather Bin</title></svelte:head>
<Sheet>
	<main>
		<p class="text-sm"><a href="/house">Household</a></p>
		<h1 class="text-3xl">Printing</h1>
		<p class="mt-2 max-w-3xl font-display text-xl font-medium">
			{PAPER_NAMES[data.paper].short} paper, {printing.duplex === 'itself'
				? 'a printer that prints both sides by itself'
				: 'turned by hand for both sides'}, {printing.edge} mm white edge.
		</p>
		<form method="post" action="?/save" use:enhance={saves()} class="mt-6 space-y-8">
			<div class="grid gap-x-12 gap-y-8 lg:grid-cols-2">
				<section aria-labelledby="printer" class="space-y-4">
					<h2 id="printer" class="text-lg">The printer</h2>
					<SelectField
						label="Both sides"
						name="duplex"
						options={[
							{ value: 'itself', label: 'it prints both sides by itself' },
							{ value: 'by hand', label: 'I turn the pile by hand' }
						]}
						bind:value={() => duplex ?? printing.duplex, (value) => (duplex = value)}
					/>
					<SelectField
						label="The back is turned on the"
						name="flip"
						options={[
							{ value: 'long-edge', label: 'long edge, like a page in a book' },
							{ value: 'short-edge', label: 'short edge, like a notepad' }
						]}
						value={printing.flip}
						hint="what a printer usually does: long edge"
					/>
					<SelectField
						label="Sheets come out"
						name="delivers"
						options={[
							{ value: 'face down', label: 'with the printed side down' },
							{ value: 'face up', label: 'with the printed side up' }
						]}
						value={printing.delivers}
						hint="most printers: down, so that the pile reads from the first page on"
					/>
					<label class="flex min-h-11 items-center gap-2 {byHand ? '' : 'text-ink-2'}"
						><input type="checkbox" class="size-5" name="reversed" checked={printing.reversed} />What came out
						last goes in first when I put the pile back</label
					>
					<p>
						<Button href="/house/printing/test" look="plain">Not sure? Print the test</Button>
					</p>
					<div class="flex flex-wrap gap-4">
						<TextField
							label="White edge, mm"
							name="edge"
							value={printing.edge}
							inputmode="decimal"
							class="w-36"
							{failure}
						/>
						<TextField
							label="Largest file, MB"
							name="most"
							value={printing.most}
							inputmode="numeric"
							class="w-36"
							{failure}
						/>
					</div>
					<label class="flex min-h-11 items-center gap-2"
						><input type="checkbox" class="size-5" name="slips" checked={printing.slips} />a slip between
						piles, on copy paper</label
					>
				</section>
				<section aria-labelledby="habits" class="space-y-4">
					<h2 id="habits" class="text-lg">How you do it</h2>
					<SelectField
						label="Laminate"
						name="laminating"
						options={[
							{ value: 'handled', label: 'what is handled or comes again' },
							{ value: 'nearly all', label: 'nearly all, so children see that it matters' }
						]}
						value={printing.laminating}
						hint="the first is usual: it costs less and can still be recycled"
					/>
					<SelectField
						label="Laminated cards"
						name="film"
						options={[
							{ value: 'laminate first', label: 'laminate the sheet, then cut' },
							{ value: 'cut first', label: 'cut first, each card sealed all around' }
						]}
						value={printing.film}
						hint="the first is usual: fewer pouches and minutes; the second keeps out spills"
					/>
					<SelectField
						label="Copies"
						name="copying"
						options={[
							{ value: 'ahead', label: 'all ahead, in one go' },
							{ value: 'from the master', label: 'one master; copied as each lesson comes' }
						]}
						value={printing.copying}
						hint="the first is usual: the printer is set up once"
					/>
					<SelectField
						label="The guide itself"
						name="guide"
						options={[
							{ value: 'screen', label: 'read on a screen; only planning pages printed' },
							{ value: 'bound', label: 'printed and bound' }
						]}
						value={printing.guide}
						hint="the first is usual: a long guide costs as much as a printed one"
					/>
				</section>
			</div>
			<section aria-labelledby="prices">
				<h2 id="prices" class="text-lg">Prices, in cents</h2>
				<p class="text-sm text-ink-2">
					Usual figures to begin with; put in yours. What is left empty is unknown, never free.
				</p>
				<table class="mt-2 w-full max-w-2xl">
					<thead>
						<tr class="border-b border-rule text-left text-sm text-ink-2">
							<th class="py-1.5 font-semibold" scope="col">For</th>
							<th class="w-32 py-1.5 font-semibold" scope="col">At home</th>
							<th class="w-32 py-1.5 font-semibold" scope="col">Copy store</th>
						</tr>
					</thead>
					<tbody>
						{#each prices as { name, at, home, shop, none } (at)}
							<tr class="border-b border-rule">
								<th class="py-1 text-left font-normal" scope="row">{name}</th>
								<td class="py-1 pr-4">{@render price(`home${at}`, home, `At home: ${name}`, '')}</td>
								<td class="py-1">{@render price(`shop${at}`, shop, `Copy store: ${name}`, none)}</td>
							</tr>
						{/each}
					</tbody>
				</table>
			</section>
			<Button type="submit" look="main">Save</Button>
		</form>
	</main>
</Sheet>
