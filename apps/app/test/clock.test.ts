import { hear, now } from '../src/offline/clock';

const minute = 60_000;
const heardAt = (off: number) => hear(new Date(Date.now() + off).toUTCString());
const off = () => now().getTime() - Date.now();
const near = (ms: number) => expect(Math.abs(off() - ms)).toBeLessThan(2000);

afterEach(() => heardAt(0));

it('goes by the server when the device is wrong by a day, either way, and by the device when that is right', () => {
  near(0);
  heardAt(24 * 60 * minute);
  near(24 * 60 * minute);
  heardAt(-24 * 60 * minute);
  near(-24 * 60 * minute);
  heardAt(0);
  near(0);
});

it('takes no notice of what an answer needs on its way, nor of a date that is none', () => {
  heardAt(minute);
  near(0);
  heardAt(60 * minute);
  heardAt(60 * minute - 30_000);
  near(60 * minute);
  hear('yesterday');
  hear(null);
  near(60 * minute);
});
