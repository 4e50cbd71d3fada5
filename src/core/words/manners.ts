/** Ways in which a text can be said. */
export type Manner = 'shorter' | 'longer' | 'plainer' | 'warmer' | 'livelier' | 'formal';

export const manners: readonly { id: Manner; label: string }[] = [
  { id: 'shorter', label: 'Shorter' },
  { id: 'longer', label: 'Longer' },
  { id: 'plainer', label: 'Plainer' },
  { id: 'warmer', label: 'Warmer' },
  { id: 'livelier', label: 'Livelier' },
  { id: 'formal', label: 'More formal' },
];
