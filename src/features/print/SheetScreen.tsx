'use client';
import Link from 'next/link';
import Button from 'react-bootstrap/Button';
import { Icon } from '@/components/Icon';
import { Sheet } from './Sheet';
import { sheetIds, sheets } from '@/core/sheet/sheets';
import { Shell } from '@/components/Shell';
import { usePrint } from './usePrint';
import type { Identity } from '@/core/identity';
import type { PrintState } from '@/core/sheet/sheets';
import type { SheetSource } from './Sheet';

/** A sheet before it is printed: as PDF by the server, or by the browser's own print dialog. */
export function SheetScreen({ identity, ...source }: SheetSource & { readonly identity: Identity }) {
  const { sheet, stored } = source;
  const { id, doc } = stored;
  const { print, says, begin, cancel } = usePrint(sheet, id);
  const busy = print?.state === 'waiting' || print?.state === 'working';
  return (
    <Shell identity={identity} crumb={doc.title}>
      <div className="page">
        <div className="paper-bar">
          <Link href={`/preparations/${id}`} className="btn btn-quiet btn-sm">
            Back to the plan
          </Link>
          {sheetIds.map((one) => (
            <Link
              key={one}
              href={`/preparations/${id}/sheets/${one}`}
              className="btn btn-line btn-sm"
              aria-current={one === sheet ? 'page' : undefined}
            >
              {sheets[one]}
            </Link>
          ))}
          {busy ? (
            <Button size="sm" variant="line" onClick={cancel}>
              Cancel
            </Button>
          ) : (
            <Button size="sm" onClick={begin}>
              <Icon name="download" /> PDF
            </Button>
          )}
          <Button size="sm" variant="line" onClick={() => window.print()}>
            <Icon name="printer" /> Print dialog
          </Button>
          <p className="paper-says" role="status">
            {print && stateWords(print)}
            {print?.state === 'done' && (
              <>
                {' '}
                <a href={`/api/v1/prints/${print.id}/file`}>Save it</a>
              </>
            )}
            {says}
          </p>
        </div>
        <div className="paper-desk">
          <Sheet {...source} />
        </div>
      </div>
    </Shell>
  );
}

function stateWords({ state, before, pages, says }: PrintState): string {
  switch (state) {
    case 'waiting':
      return before === 0 ? 'Waits for the printer …' : `Waits: ${String(before)} before it …`;
    case 'working':
      return 'Drawing the pages …';
    case 'done':
      return pages === undefined ? 'Ready.' : `Ready, ${String(pages)} ${pages === 1 ? 'page' : 'pages'}.`;
    case 'cancelled':
      return 'Cancelled.';
    default:
      return says ?? 'It could not be made.';
  }
}
