/** IANA time zones south of the equator where seasons matter, by how their names begin. Source: the IANA time zone database, from memory. */
const southern = [
  'Africa/Blantyre',
  'Africa/Gaborone',
  'Africa/Harare',
  'Africa/Johannesburg',
  'Africa/Luanda',
  'Africa/Lusaka',
  'Africa/Maputo',
  'Africa/Maseru',
  'Africa/Mbabane',
  'Africa/Windhoek',
  'America/Argentina/',
  'America/Asuncion',
  'America/Buenos_Aires',
  'America/La_Paz',
  'America/Lima',
  'America/Montevideo',
  'America/Punta_Arenas',
  'America/Santiago',
  'America/Sao_Paulo',
  'Atlantic/Stanley',
  'Australia/',
  'Indian/Antananarivo',
  'Indian/Mauritius',
  'Indian/Reunion',
  'NZ',
  'Pacific/Auckland',
  'Pacific/Chatham',
  'Pacific/Fiji',
  'Pacific/Noumea',
];

/**
 * Whether spring begins in September there.
 * @param zone its IANA name; empty where nobody has said
 */
export const isSouthern = (zone: string): boolean => southern.some((name) => zone.startsWith(name));
