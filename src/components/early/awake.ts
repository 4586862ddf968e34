/** Name of the window's event that tells that the page has come alive. */
export const awake = 'mozle-awake';
