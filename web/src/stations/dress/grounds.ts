/** Grounds that go with garden ware, by our own names. */
export const GROUNDS = [
  { name: 'Transparent', value: 'transparent' },
  { name: 'White', value: '#FFFFFF' },
  { name: 'Oat', value: '#E9E0CE' },
  { name: 'Slate', value: '#5C6670' },
  { name: 'Moss', value: '#75845A' },
  { name: 'Clay', value: '#C79A7B' },
  { name: 'Sky', value: '#CFDFE6' },
] as const
