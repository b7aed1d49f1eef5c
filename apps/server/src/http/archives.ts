import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ArchivePreview } from '@wrightonic/contract';
import { dayAt, TableError } from '@wrightonic/core';
import express, { Router, type Request, type Response } from 'express';
import { BudgetSpent, type OpenedArchive, type Parser } from '../parse/parser';
import { reportPdf } from '../print/reportPdf';
import { writeZip, type ZipFile } from '../print/zip';
import type { UnscopedStore } from '../store/academies';
import { athlete } from '../store/athletes';
import { note } from '../store/auditEvents';
import { rebuildAcademy } from '../store/state/rebuild';
import { bringIn, CannotBringIn } from '../store/whole/bringIn';
import { flatCsv, flatTables } from '../store/whole/flatTables';
import { expectedTables, shapesOf } from '../store/whole/shape';
import { Takeout } from '../store/whole/takeOut';
import { publishChange } from './changeFeed';
import type { EventBus } from '../peers/eventBus';
import { HttpError } from './httpError';
import { currentUser, orNotFound, pathId } from './input';
import { newestReport } from './reports';
import { texts } from './texts';

/** An archive that is sent here is no larger. */
export const largestArchive = '64mb';
/** Only so many problems are shown. */
const problemsShown = 50;

function download(response: Response, name: string): void {
  response.setHeader('content-type', 'application/zip');
  response.setHeader('content-disposition', `attachment; filename="${name}.zip"`);
}

async function* withReport(files: AsyncIterable<ZipFile>, report: Buffer): AsyncGenerator<ZipFile> {
  yield { name: 'report.pdf', content: report };
  yield* files;
}

/** Before anything is kept: what an archive would bring. */
function previewOf({ head, rows, problems }: OpenedArchive, here: string): ArchivePreview {
  const athletes = (rows.get('athletes') ?? []).map((row) => `${row['given_name']} ${row['family_name']}`);
  const notes =
    head.kind === 'athlete'
      ? [
          texts.athleteGetsNewIds,
          texts.linksAndCampsStay,
          ...(head.academyId === here ? [texts.archiveOfThisAcademy] : []),
        ]
      : [texts.settingsAreReplaced, texts.othersComeDeactivated];
  return {
    kind: head.kind,
    academy: head.academy,
    takenAt: head.takenAt,
    athletes: athletes.slice(0, 200),
    tables: [...rows].map(([name, all]) => ({ name, rows: all.length })).filter((table) => table.rows > 0),
    problems: problems.slice(0, problemsShown),
    notes,
  };
}

/** What was sent, read in a thread. */
async function opened(request: Request, unscoped: UnscopedStore, parser: Parser): Promise<OpenedArchive> {
  if (!Buffer.isBuffer(request.body) || request.body.length === 0) throw new HttpError(422, texts.sendAZip);
  const shapes = await shapesOf(unscoped);
  try {
    return await parser.archive({
      zip: request.body,
      tables: plain(expectedTables(shapes)),
      schema: shapes.version,
    });
  } catch (error) {
    if (error instanceof TableError || error instanceof BudgetSpent) throw new HttpError(422, error.message);
    throw error;
  }
}

/**
 * Taken along: everything of one athlete or of the academy as a file, and back in. All tables are read as of one moment,
 * so that no row of one points to what another does not hold yet.
 */
export function archiveRoutes(unscoped: UnscopedStore, parser: Parser, events: EventBus): Router {
  const routes = Router();
  const zip = express.raw({ type: ['application/zip', 'application/octet-stream'], limit: largestArchive });

  routes.get('/athletes/:id/archive.zip', async (request, response) => {
    const signedIn = currentUser(request);
    const { academy, academyRow } = signedIn;
    const person = orNotFound(await athlete(academy, pathId(request)), 'athlete');
    const report = await reportPdf(await newestReport(signedIn, person.id));
    await note(academy, {
      kind: 'exported',
      told: texts.tookAthleteOut,
      subject: person.id,
      person: signedIn.person.id,
    });
    download(response, `athlete-${dayAt(new Date(), academyRow.zone)}`);
    await academy.transaction(async (snapshot) => {
      const takeout = await Takeout.athlete(unscoped, snapshot, academyRow, person.id);
      await writeZip(response, withReport(takeout.files(), report));
    });
  });

  routes.get('/archive.zip', async (request, response) => {
    const { academy, academyRow, person } = currentUser(request);
    await note(academy, { kind: 'exported', told: texts.tookAcademyOut, person: person.id });
    download(response, `academy-${dayAt(new Date(), academyRow.zone)}`);
    await academy.transaction(async (snapshot) => {
      const takeout = await Takeout.academy(unscoped, snapshot, academyRow);
      await writeZip(response, takeout.files());
    });
  });

  routes.get('/tables/:name.csv', async (request, response) => {
    const { academy, academyRow, person } = currentUser(request);
    const name = orNotFound(
      flatTables.find((each) => each === request.params['name']),
      'table',
    );
    await note(academy, { kind: 'exported', told: texts.tookOutTable(name), person: person.id });
    response.setHeader('content-type', 'text/csv; charset=utf-8');
    const file = `${name}-${dayAt(new Date(), academyRow.zone)}.csv`;
    response.setHeader('content-disposition', `attachment; filename="${file}"`);
    await academy.transaction((snapshot) =>
      pipeline(Readable.from(flatCsv(snapshot, name, person.velocityUnit)), response),
    );
  });

  routes.post('/archives/preview', zip, async (request, response) => {
    response.json(previewOf(await opened(request, unscoped, parser), currentUser(request).academy.id));
  });

  routes.post('/archives', zip, async (request, response) => {
    const { academy, person, academyRow } = currentUser(request);
    const archive = await opened(request, unscoped, parser);
    if (archive.head.kind === 'academy' && person.role !== 'owner')
      throw new HttpError(403, texts.onlyOwnersBringIn);
    if (academyRow.demo && archive.head.kind === 'academy') throw new HttpError(409, texts.demoAcademyStays);
    const [problem] = archive.problems;
    if (problem)
      throw new HttpError(422, texts.nothingWasBroughtIn(problem.table, problem.row, problem.message));
    try {
      const athletes = await bringIn(unscoped, academy, person, archive);
      await rebuildAcademy(unscoped, academy.id, athletes);
      athletes.forEach((id) => publishChange(events, academy.id, id));
      response.status(201).json({ athletes });
    } catch (error) {
      if (error instanceof CannotBringIn) throw new HttpError(409, error.message);
      throw error;
    }
  });

  return routes;
}

/** What a thread can be given. */
const plain = <T>(value: T): T => structuredClone(value);
