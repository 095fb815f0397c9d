const ID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

/** Whether a text is an id and nothing else, before it becomes part of a file's name. */
export const isId = (text: string): boolean => ID.test(text);
