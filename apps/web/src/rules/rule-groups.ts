import { houseRules, type HouseRuleId } from '@zindle/core';

/** Rules that belong together, by the first part of their id. */
const titles: { title: string; about: string; of: readonly string[] }[] = [
  { title: 'Ease', about: 'how much larger than what it holds', of: ['ease'] },
  {
    title: 'Seams, edges and linings',
    about: 'allowances, insets, and how a lining is made smaller',
    of: ['seam', 'topstitch', 'mouth', 'turning', 'lining', 'raw', 'corner', 'trim'],
  },
  {
    title: 'Pockets and tiers',
    about: 'what shows, and how far they stand apart',
    of: ['tiers', 'panel', 'note', 'pocket', 'cavity', 'mesh', 'loop', 'divider'],
  },
  { title: 'Folds, leaves and jackets', about: 'spines, gutters, boards', of: ['fold', 'leaf', 'jacket', 'roll'] },
  {
    title: 'Closures',
    about: 'tabs, flaps, straps, snaps, ties and zippers',
    of: ['tab', 'flap', 'strap', 'snap', 'magnet', 'tie', 'wrap', 'zip', 'cord'],
  },
  { title: 'Cases and gussets', about: 'stiff shells, frames, pleats', of: ['shell', 'frame', 'accordion', 'bite'] },
  { title: 'Carrying', about: 'handles and shoulder straps', of: ['handle', 'shoulder'] },
];

const ids = Object.keys(houseRules) as HouseRuleId[];

/** All house rules, each in one group, in the order of the groups. */
export const groups = titles.map(({ title, about, of }) => ({
  title,
  about,
  ids: ids.filter((id) => of.includes(id.split('.')[0]!)),
}));
