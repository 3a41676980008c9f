/** Is this text an id, as one from an address may or may not be? */
export const isId = (text: string): boolean => /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(text);
