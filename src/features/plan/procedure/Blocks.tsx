'use client';
import { useEffect, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { api, ApiError } from '@/api/client';
import { findOperation } from '@/core/operations/registry';
import { KeepBlock } from './KeepBlock';
import { OperationSign } from '@/components/OperationSign';
import { usePlanView } from '@/components/plan/planView';
import { usualBlocks } from '@/core/editing/blocks/usualBlocks';
import type { Adding } from './useAdding';
import type { StoredBlock } from '@/core/library/stored';

/** Steps that usually follow each other, put in together; and those that coordinators keep. */
export function Blocks({ adding }: { readonly adding: Adding }) {
  const { plan } = usePlanView();
  const [kept, setKept] = useState<readonly StoredBlock[] | undefined>(undefined);
  const [says, setSays] = useState<string | undefined>(undefined);
  const [keeping, setKeeping] = useState(false);
  const refused = (error: unknown) =>
    setSays(error instanceof ApiError ? error.message : 'The kept blocks could not be read.');
  useEffect(() => {
    let gone = false;
    api.blocks().then(
      (blocks) => !gone && setKept(blocks),
      (error: unknown) => !gone && refused(error),
    );
    return () => {
      gone = true;
    };
  }, []);
  return (
    <div className="palette-blocks">
      {usualBlocks.map((block) => (
        <Button key={block.id} variant="line" size="sm" onClick={() => adding.addUsual(block)}>
          <Signs operations={block.operations} /> + {block.title}
        </Button>
      ))}
      {kept?.map(({ id, doc, author }) => (
        <span key={id} className="kept-block">
          <Button variant="line" size="sm" title={`Kept by ${author}`} onClick={() => adding.put(doc)}>
            <Signs operations={doc.steps.map(({ op }) => op)} /> + {doc.title}
          </Button>
          <Button
            variant="quiet"
            size="sm"
            aria-label={`Forget the block ${doc.title}`}
            onClick={() =>
              void api.removeBlock(id).then(() => setKept((now) => now?.filter((one) => one.id !== id)), refused)
            }
          >
            ×
          </Button>
        </span>
      ))}
      {plan.doc.steps.length > 0 && (
        <Button variant="quiet" size="sm" onClick={() => setKeeping(true)}>
          Keep steps of this procedure as a block
        </Button>
      )}
      {says && (
        <p className="typed-says" role="alert">
          {says}
        </p>
      )}
      {keeping && (
        <KeepBlock
          onClose={() => setKeeping(false)}
          onKept={(block) => {
            setKeeping(false);
            setKept((now) => [...(now ?? []), block]);
          }}
        />
      )}
    </div>
  );
}

const mostSigns = 6;

function Signs({ operations }: { readonly operations: readonly string[] }) {
  return (
    <>
      {operations.slice(0, mostSigns).map((op, i) => {
        const sign = findOperation(op)?.sign;
        return sign && <OperationSign key={i} sign={sign} />;
      })}
    </>
  );
}
