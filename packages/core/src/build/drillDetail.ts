import { catalogueBook, links, nodeName, nodeOf, type Drill, type DrillBook, type Stage } from '../catalogue';
import { listed } from '../trace';

/** What a stage is for, in a sentence. */
const stageWhys: Readonly<Record<Stage, string>> = {
  prep: 'A joint that moves freely and muscles that hold give the delivery room that it did not have.',
  feel: 'Slow and without a ball there is time to notice one sensation before speed covers it up.',
  move: 'With rhythm and without a ball the body learns the order and the timing while nothing is at stake.',
  constrain: 'The set-up makes the old way fail, so the body finds the new way without being told how.',
  connect: 'Easy throws in one part of the delivery tie the new movement to a ball.',
  blend: 'Drill and delivery in turn carry the feeling from one into the other before it fades.',
  deliver: 'In the whole delivery the movement has to hold while everything else goes on around it.',
  compete: 'A count, a batter and tired legs show whether it holds without thinking about it.',
};

/** As many effects as one can keep in mind. */
const namedEffects = 2;

const lowered = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
const ended = (text: string): string => (/[.!?]$/.test(text) ? text : `${text}.`);

/** What a drill works on and what hangs on that, in one or two sentences; empty for one that serves any focus. */
function targetWhy({ targets }: Pick<Drill, 'targets'>): string {
  const target = targets.find((id) => id !== '*' && nodeOf(id));
  const node = target === undefined ? undefined : nodeOf(target);
  if (!node) return '';
  const effects = links
    .filter(({ cause }) => cause === node.id)
    .sort((a, b) => b.weight - a.weight)
    .slice(0, namedEffects)
    .map(({ effect }) => `“${nodeName(effect)}”`);
  const seen = node.type === 'limit' ? '' : `: ${lowered(node.see).replace(/[.]$/, '')}`;
  return [
    `It works on “${node.name}”${seen}.`,
    effects.length ? `Left as it is, that leads on to ${listed(effects)}.` : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/**
 * A drill explained in full for those who want to know: how it goes, and why it works. Made of its page and of what the
 * cause links say of its first target.
 *
 * @returns what the drill is, where nobody wrote its page
 * @example drillDetail('hip-snap').startsWith('How: ') // true
 */
export function drillDetail(id: string, book: DrillBook = catalogueBook): string {
  const drill = book.drill(id);
  const page = book.page(id);
  if (!drill) return '';
  if (!page) return drill.what;
  return [
    `How: ${ended(page.setUp)} ${page.steps.map(ended).join(' ')}`,
    `Why: ${stageWhys[drill.stage]} ${targetWhy(drill)}`.trim(),
    `You have it when: ${ended(lowered(page.good))}`,
    page.workaround ? `Watch for this: ${ended(page.workaround.seen)}` : '',
  ]
    .filter(Boolean)
    .join('\n');
}
