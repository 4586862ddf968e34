/** The invented setting of the demo: a small college's teaching lab and its spring module. */
export const demoAccounts = [
  { role: 'coordinator', name: 'coordinator', password: 'tide-table' },
  { role: 'demonstrator', name: 'demonstrator', password: 'salt-marsh' },
] as const;

export const demoClass = {
  name: 'Spring module, Tuesday afternoon',
  joinCode: 'SHORE7',
  benches: [
    { name: 'Avocet', pin: '417052' },
    { name: 'Curlew', pin: '289317' },
    { name: 'Dunlin', pin: '603884' },
    { name: 'Godwit', pin: '551230' },
    { name: 'Knot', pin: '904665' },
    { name: 'Plover', pin: '332798' },
    { name: 'Sanderling', pin: '778121' },
    { name: 'Turnstone', pin: '146476' },
  ],
} as const;

/** Files of the preparations of the spring module; the class is issued from the last one. */
export const demoPreparations = [
  'ethoxynaphthalene',
  'eugenol',
  'cyclohexane-toluene',
  'acid-base-neutral',
  'dimethylphenylpyrrole',
  'methylcyclohexanone',
  'acetanilide',
] as const;
