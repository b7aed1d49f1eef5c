import { createTransport, type Transporter } from 'nodemailer';
import type { Logger } from 'pino';
import type { Settings } from '../settings';
import type { UnscopedStore } from '../store/academies';
import { addMail, failed, sent, takeDue, type NewMail } from '../store/mails';
import type { Academy } from '../store/scope';
import { texts } from './texts';

/** How often what failed before is looked at again, ms. */
const every = 30_000;
/** A server that does not answer is given up, ms. */
const patience = 20_000;

/**
 * Mail that goes out. It is stored first and sent afterwards, so that nobody waits for a mail server and nothing is lost
 * with the process; without a mail server it stays here to be read, marked as simulated.
 */
export class Mailer {
  private readonly transport: Transporter | null;
  private readonly timer: NodeJS.Timeout | null = null;
  private round: Promise<void> | null = null;

  constructor(
    private readonly unscoped: UnscopedStore,
    private readonly settings: Pick<Settings, 'smtpUrl' | 'mailFrom'>,
    private readonly log: Logger,
  ) {
    this.transport = settings.smtpUrl
      ? createTransport({ url: settings.smtpUrl, connectionTimeout: patience, socketTimeout: patience })
      : null;
    if (this.transport) this.timer = setInterval(() => void this.sendDue(), every).unref();
  }

  get simulated(): boolean {
    return this.transport === null;
  }

  async send(academy: Academy, mail: NewMail): Promise<void> {
    await addMail(academy, mail, this.simulated);
    if (this.transport) void this.sendDue();
  }

  /** Sends what is due, one round at a time. */
  sendDue(): Promise<void> {
    this.round ??= this.rounds().finally(() => (this.round = null));
    return this.round;
  }

  private async rounds(): Promise<void> {
    try {
      for (let due = await this.due(); due.length; due = await this.due())
        for (const mail of due) await this.one(mail);
    } catch (error) {
      // The database is away: the next round finds the same mails.
      this.log.warn({ code: (error as { code?: string }).code }, 'mail could not be looked at');
    }
  }

  private due(): ReturnType<typeof takeDue> {
    return takeDue(this.unscoped, new Date());
  }

  private async one(mail: Awaited<ReturnType<typeof takeDue>>[number]): Promise<void> {
    try {
      await this.transport!.sendMail({
        from: this.settings.mailFrom!,
        to: mail.to_address,
        subject: mail.subject,
        text: mail.body,
        // A mail that is sent twice is known again.
        messageId: `<${mail.id}@wrightonic.invalid>`,
      });
      await sent(this.unscoped, mail);
    } catch (error) {
      const { responseCode, code } = error as { responseCode?: number; code?: string };
      await failed(this.unscoped, mail, texts.mailServerRefused(responseCode, code), new Date());
    }
  }

  async close(): Promise<void> {
    if (this.timer) clearInterval(this.timer);
    await this.round;
    this.transport?.close();
  }
}
