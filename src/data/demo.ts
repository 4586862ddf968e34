/** The invented setting of the demo: a small college's teaching lab and its spring module. */
export const demoAccounts = [
  { role: 'coordinator', name: 'coordinator', password: 'tide-table' },
  { role: 'demonstrator', name: 'demonstrator', password: 'salt-marsh' },
] as const;

export const demoClass = {
  name: 'Spring module, Tuesday afternoon',
  joinCode: 'SHORE7',
  benches: [
    { name: 'Avocet', pin: '4170' },
    { name: 'Curlew', pin: '2893' },
    { name: 'Dunlin', pin: '6038' },
    { name: 'Godwit', pin: '5512' },
    { name: 'Knot', pin: '9046' },
    { name: 'Plover', pin: '3327' },
    { name: 'Sanderling', pin: '7781' },
    { name: 'Turnstone', pin: '1464' },
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
