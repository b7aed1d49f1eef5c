import { timingSafeEqual } from 'node:crypto';
import { demoFounding, founding, type Founding } from '@wrightonic/contract';
import { Router } from 'express';
import { hashPassword } from '../auth/password';
import type { UnscopedStore } from '../store/academies';
import { foundAcademy } from '../store/founding';
import type { Entering } from './entering';
import { fieldError, HttpError } from './httpError';
import { body } from './input';
import type { Limits } from './limits';
import { hashOf } from './secrets';
import { texts } from './texts';

export interface FoundingOptions {
  /** Printed where the server was started; null where an academy was there at the start. */
  code: string | null;
  /** Loads the demo academy instead. */
  loadDemo: () => Promise<void>;
}

const same = (a: string, b: string): boolean =>
  timingSafeEqual(Buffer.from(hashOf(a)), Buffer.from(hashOf(b)));

/** The first academy of a server, for whoever can read what the server printed. */
export function foundingRoutes(
  unscoped: UnscopedStore,
  limits: Limits,
  entering: Entering,
  options: FoundingOptions,
): Router {
  const routes = Router();
  const limit = limits.misses('founding', texts.tooManyWrongCodes);
  const founded = (): HttpError => new HttpError(409, texts.thereIsAnAcademy);
  const allowed = async (code: string): Promise<void> => {
    if (!(await unscoped.isEmpty())) throw founded();
    if (options.code === null || !same(code.trim().toLowerCase(), options.code))
      throw fieldError('code', texts.isNotThePrintedCode, 422);
  };

  routes.post('/founding', limit, async (request, response) => {
    const wish: Founding = body(request, founding);
    await allowed(wish.code);
    const owner = await foundAcademy(unscoped, wish, await hashPassword(wish.password));
    if (!owner) throw founded();
    response.status(201).json(await entering.enter(request, owner));
  });

  routes.post('/founding/demo', limit, async (request, response) => {
    const { code } = body(request, demoFounding);
    await allowed(code);
    await options.loadDemo();
    const owner = (await unscoped.demoOwner(true))!;
    response.status(201).json(await entering.enter(request, owner));
  });

  return routes;
}
