// Anions of organic acids as structures write them.

export const carboxylates = /C\(=O\)\[O-\]|\[O-\]C\(=O\)|C\(\[O-\]\)=O|O=C\(\[O-\]\)|\[O-\]C=O|O=C\[O-\]/g;
export const phenolates = /c\d*(\(\[O-\]\)|\[O-\])|\[O-\]c/g;
export const sulfonates = /S\(=O\)\(=O\)\[O-\]|\[O-\]S\(=O\)\(=O\)|S\(\[O-\]\)\(=O\)=O|S\(=O\)\(\[O-\]\)=O/g;
