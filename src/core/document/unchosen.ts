/** Amount in words of a line that a step needs and nobody has chosen yet: it stands in the way of issuing. */
export const unchosen = 'to be chosen';
