'use client';
import Link from 'next/link';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { ChecksPanel } from './ChecksPanel';
import { ConfirmButton, ConfirmContext } from './ConfirmButton';
import { DryingPanel } from './DryingPanel';
import { EntryActions } from './EntryActions';
import { Formula } from '@/components/Formula';
import { groups } from '@/core/reference/groups';
import { HazardLabelBlock } from '@/components/HazardLabelBlock';
import { Icon } from '@/components/Icon';
import { PropertyTable } from './PropertyTable';
import { SolutionFacts } from './SolutionFacts';
import { SolutionEditor } from './SolutionEditor';
import { SpectraPanel } from './SpectraPanel';
import { Structure } from '@/components/Structure';
import { SubstanceEditor } from './SubstanceEditor';
import { VapourPanel } from './VapourPanel';
import { WorkingDrawer, WorkingSource } from '@/components/WorkingDrawer';
import type { EntryPage } from '@/core/editing/entryPage';
import type { GroupId } from '@/core/reference/groups';
import type { Identity } from '@/core/identity';

const nothing = { lines: [], devices: [] };

/** One entry of the reference: what it is, its hazards, its values with their checks, where it is used. */
export function EntryView({ identity, page }: { readonly identity: Identity; readonly page: EntryPage }) {
  const [editing, setEditing] = useState(false);
  const { picked } = page;
  const entry = picked.kind === 'substance' ? picked.substance : picked.solution;
  const matter = picked.kind === 'substance' ? picked.substance : picked.solute;
  const canConfirm = identity.role === 'coordinator';
  const named = Object.keys(matter.groups) as GroupId[];
  const substances = [matter, ...(page.madeFrom ? [page.madeFrom] : [])].map(({ id, name }) => ({ id, name }));
  if (editing)
    return picked.kind === 'substance' ? (
      <SubstanceEditor
        substance={picked.substance}
        version={page.version}
        fresh={false}
        onClose={() => setEditing(false)}
      />
    ) : (
      <SolutionEditor
        solution={picked.solution}
        version={page.version}
        fresh={false}
        onClose={() => setEditing(false)}
      />
    );
  return (
    <ConfirmContext.Provider value={{ entry, standings: picked.standings, canConfirm }}>
      <WorkingDrawer>
        <WorkingSource doc={{ ...nothing, substances }}>
          <article className="entry" aria-label={entry.name}>
            <header className="entry-head">
              <div>
                <p className="entry-back">
                  <Link href="/reference">All entries</Link>
                </p>
                <h1>{entry.name}</h1>
                {entry.synonyms.length > 0 && <p className="muted">{entry.synonyms.join(' · ')}</p>}
                <p className="entry-kind">
                  {matter.formula && <Formula text={matter.formula} />}
                  {named.length > 0 && <span>{named.map((id) => groups[id].name).join(', ')}</span>}
                  {page.own && <span className="shelf-own">own values, {page.own.author}</span>}
                </p>
                <div className="entry-actions">
                  <Button variant="line" size="sm" onClick={() => setEditing(true)}>
                    <Icon name="edit" /> {page.shipped && !page.own ? 'Make an own version' : 'Edit'}
                  </Button>
                  <EntryActions page={page} canWithdraw={canConfirm} />
                </div>
              </div>
              {matter.smiles && <Structure smiles={matter.smiles} name={matter.name} />}
            </header>
            {entry.hazards ? (
              <section className="card-plain entry-card" aria-label="Hazards">
                <h2>
                  Hazards <ConfirmButton field="hazards" label="the hazard label" />
                </h2>
                <HazardLabelBlock label={entry.hazards} />
                {'caution' in entry && entry.caution && <p className="caution-line">{entry.caution}</p>}
                {'peroxideFormer' in matter && matter.peroxideFormer && (
                  <p className="caution-line">
                    Forms peroxides: date the bottle, test before distilling or evaporating.
                  </p>
                )}
                {'waterReactive' in matter && matter.waterReactive && picked.kind === 'substance' && (
                  <p className="caution-line">Reacts with water.</p>
                )}
                <p className="muted">
                  {picked.standings.hazards?.is === 'confirmed'
                    ? 'Compared with the supplier’s sheet. The sheet of the bottle at hand comes first.'
                    : 'Not yet compared: always the supplier’s safety data sheet first.'}
                </p>
              </section>
            ) : (
              <section className="card-plain entry-card" aria-label="Hazards">
                <h2>Hazards</h2>
                <p>No hazard data here. That does not mean it is harmless: look at the supplier’s sheet.</p>
                {'caution' in entry && entry.caution && <p className="caution-line">{entry.caution}</p>}
              </section>
            )}
            {picked.kind === 'solution' ? (
              <SolutionFacts solution={picked.solution} solute={picked.solute} madeFrom={page.madeFrom} />
            ) : (
              <>
                <section className="card-plain entry-card" aria-label="Values">
                  <PropertyTable substance={picked.substance} />
                </section>
                {picked.substance.antoine && <VapourPanel antoine={picked.substance.antoine} />}
                <DryingPanel substance={picked.substance} />
                <SpectraPanel bands={page.bands} visualizers={page.visualizers} />
              </>
            )}
            {page.standard && (
              <p className="card-plain entry-card">
                A melting-point standard: its last crystal goes at{' '}
                <strong className="num">
                  {page.standard.clear_C}
                  {'\u202f'}°C
                </strong>
                .
              </p>
            )}
            <ChecksPanel checks={picked.checks} />
            <section className="card-plain entry-card" aria-label="Where used">
              <h2>Where used</h2>
              {page.usedIn.length === 0 && page.solutions.length === 0 && (
                <p className="muted">In no preparation yet.</p>
              )}
              <ul className="used-in">
                {page.usedIn.map(({ id, title }) => (
                  <li key={id}>
                    <Link href={`/preparations/${id}`}>{title}</Link>
                  </li>
                ))}
                {page.solutions.map(({ id, name }) => (
                  <li key={id}>
                    <Link href={`/reference/${id}`}>{name}</Link>
                  </li>
                ))}
              </ul>
            </section>
          </article>
        </WorkingSource>
      </WorkingDrawer>
    </ConfirmContext.Provider>
  );
}
