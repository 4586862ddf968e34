/** Options of a line's choices. */
export const same = (value: string) => ({ value, label: value });
export const none = (label: string) => ({ value: '', label });
