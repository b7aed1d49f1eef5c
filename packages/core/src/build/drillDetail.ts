import { catalogueBook, links, nodeName, nodeOf, type Drill, type DrillBook, type Stage } from '../catalogue';
import { listed } from '../trace';
import { texts } from './texts';

/** What a stage is for, in a sentence. */
const stageWhys: Readonly<Record<Stage, string>> = {
  prep: texts.whyPrep,
  feel: texts.whyFeel,
  move: texts.whyMove,
  constrain: texts.whyConstrain,
  connect: texts.whyConnect,
  blend: texts.whyBlend,
  deliver: texts.whyDeliver,
  compete: texts.whyCompete,
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
  return [texts.itWorksOn(node.name, seen), effects.length ? texts.leadsOnTo(listed(effects)) : '']
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
    texts.youHaveItWhen(ended(lowered(page.good))),
    page.workaround ? texts.watchForThis(ended(page.workaround.seen)) : '',
  ]
    .filter(Boolean)
    .join('\n');
}
