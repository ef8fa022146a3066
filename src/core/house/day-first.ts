/** Where 4/2 is April 2: the United States with their islands, Canada in English, the Philippines, the Marshalls. */
const MONTH_FIRST = new Set(['US', 'CA', 'PH', 'PR', 'GU', 'VI', 'AS', 'MP', 'FM', 'MH', 'PW']);
/** Time zones of those countries that begin otherwise than America/. */
const MONTH_FIRST_ZONES =
	/^(?:US|Canada)\/|^Pacific\/(?:Honolulu|Guam|Pago_Pago|Saipan|Majuro|Kwajalein|Palau|Chuuk|Pohnpei|Kosrae)$|^Asia\/Manila$/;
/** Zones of America/ whose countries write the day first. */
const DAY_FIRST_AMERICA =
	/^America\/(?:Argentina|Mexico_City|Cancun|Merida|Monterrey|Chihuahua|Tijuana|Hermosillo|Mazatlan|Sao_Paulo|Bahia|Manaus|Fortaleza|Recife|Belem|Cuiaba|Porto_Velho|Rio_Branco|Noronha|Bogota|Lima|Santiago|Caracas|La_Paz|Asuncion|Montevideo|Guayaquil|Guatemala|Costa_Rica|El_Salvador|Tegucigalpa|Managua|Havana|Santo_Domingo|Port-au-Prince|Jamaica|Barbados|Port_of_Spain|Guyana|Paramaribo|Cayenne|Martinique|Guadeloupe|Nuuk|Godthab|Buenos_Aires)/;

/**
 * Whether 4/2/2019 is February 4: by the country where it is known, else by the time zone. Where neither says
 * anything the month is first, as in American English. Common practice; the Unicode CLDR lists it by locale.
 * @example isDayFirst('GB', 'America/Chicago') === true
 * @example isDayFirst(null, 'America/Chicago') === false
 */
export function isDayFirst(country: string | null, zone: string): boolean {
	if (country) return !MONTH_FIRST.has(country);
	if (MONTH_FIRST_ZONES.test(zone)) return false;
	if (zone.startsWith('America/')) return DAY_FIRST_AMERICA.test(zone);
	return /^(?:Europe|Africa|Asia|Australia|Pacific|Atlantic|Indian|Antarctica)\//.test(zone);
}
