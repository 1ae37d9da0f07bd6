/** Sorts of vehicles, as a table names them. */
export const SORTS: Record<string, string> = {
	CAR: 'cars',
	MOTORCYCLE: 'motorcycles',
	DIESEL: 'diesels',
	TWO_BATTERIES: 'two batteries',
	TRUCK: '24 V trucks'
};
