import { closedSince } from '@/core/record/periods';
import { TimeOfDay } from '@/components/TimeOfDay';
import type { BenchStart } from '@/components/record/benchStart';
import type { useRecord } from '@/components/record/useRecord';

/** How this device stands with the server and whether the record is open: what a person has to know before writing on. */
export function RecordBanners({
  start: { identity, joinCode, bench },
  link,
  unsafe,
  unsent,
  stuck,
  periods,
  broughtBack,
}: { readonly start: BenchStart } & Pick<
  ReturnType<typeof useRecord>,
  'link' | 'unsafe' | 'unsent' | 'stuck' | 'periods' | 'broughtBack'
>) {
  const closed = closedSince(periods);
  const entries = `${unsent} ${unsent === 1 ? 'entry waits' : 'entries wait'}`;
  const isGroup = identity.role === 'group';
  return (
    <>
      {!isGroup && (
        <p className="banner banner-note">
          You write for bench {bench}. Every entry carries your name, {identity.name}, and says so.
        </p>
      )}
      {closed !== undefined && (
        <p className="banner banner-note" role="status">
          The period was closed at <TimeOfDay at={closed} />. The record is read only; the demonstrator can reopen it.
          What was made before is still taken.
        </p>
      )}
      {broughtBack > 0 && (
        <p className="banner banner-note" role="status">
          The server was set back to an earlier state.{' '}
          {broughtBack === 1
            ? 'One entry that it no longer had is'
            : `${broughtBack} entries that it no longer had are`}{' '}
          sent again from this tablet, with the old times. What others signed or wrote since then has to be given again.
        </p>
      )}
      {link === 'offline' && (
        <p className="banner banner-stop" role="status">
          No connection. Go on: entries are kept on this tablet and sent when it is back.
        </p>
      )}
      {link === 'troubled' && (
        <p className="banner banner-stop" role="status">
          The server is in trouble. The last entry may or may not be stored there: it stays on this tablet and is sent
          again, once only. Go on, and tell the demonstrator.
        </p>
      )}
      {stuck > 0 && (
        <p className="banner banner-stop" role="status">
          The server fails on {stuck === 1 ? 'one entry' : `${stuck} entries`} again and again. It stays on this tablet
          and is tried again; all others go on. Tell the coordinator.
        </p>
      )}
      {link === 'signedOut' && (
        <p className="banner banner-stop" role="status">
          {unsent > 0 ? `${entries} on this tablet: signed out. ` : 'Signed out. '}
          Nothing is lost, and nothing is sent under another name.
          <a
            className="btn btn-line"
            href={isGroup ? `/sign-in?code=${joinCode}&bench=${encodeURIComponent(bench)}` : '/sign-in'}
          >
            Sign in again {isGroup ? `as ${bench}` : `as ${identity.name}`}
          </a>
        </p>
      )}
      {unsafe && (
        <p className="banner banner-stop" role="alert">
          This browser keeps nothing by itself (private window, or its storage is full). Keep this page open until every
          entry is stored.
        </p>
      )}
    </>
  );
}
