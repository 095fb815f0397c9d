/** Whether a part of the program was asked for and did not come. Browsers word it in their own way: all of them name the module. */
export const isNotFetched = (error: unknown): boolean =>
	error instanceof TypeError && /dynamically imported module|importing a module script/i.test(error.message);
