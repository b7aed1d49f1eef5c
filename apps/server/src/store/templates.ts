import type { NewTemplate, TemplateRecord } from '@wrightonic/contract';
import type { Discipline } from '@wrightonic/core';
import type { StoredPlan } from './plans';
import { parsed, type Academy } from './scope';
import type { TemplatesRow } from './tables';

/** Ladders that the academy kept as its own, by name. */
export async function templatesOf(academy: Academy): Promise<TemplateRecord[]> {
  const query = academy.from('templates', 't');
  const rows = await academy
    .join(query, 'people', 'p', 'id', 't.by_person')
    .orderBy(['t.name', 't.at'])
    .select('t.id', 't.name', 't.discipline', 't.threads', 't.at', 'p.name as by');
  return rows.map((row: TemplatesRow & { by: string }) => ({
    id: row.id,
    name: row.name,
    discipline: row.discipline,
    by: row.by,
    at: row.at.toISOString(),
    threads: parsed(row.threads),
  }));
}

export const addTemplate = (
  academy: Academy,
  { id, name }: NewTemplate,
  { threads }: Pick<StoredPlan, 'threads'>,
  discipline: Discipline,
  by: string,
): Promise<void> =>
  academy.add('templates', {
    id,
    name,
    discipline,
    threads: JSON.stringify(
      threads.map(({ thread, stages }) => ({
        thread,
        stages: stages.map(({ stage, drills }) => ({
          stage,
          drills: drills.map(({ drill, dose }) => ({ drill, dose })),
        })),
      })),
    ),
    at: new Date(),
    by_person: by,
  });
