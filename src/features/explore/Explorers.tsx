'use client';
import { useState } from 'react';
import { DistillationExplorer } from './DistillationExplorer';
import { ExtractionExplorer } from './ExtractionExplorer';
import { MeltingExplorer } from './MeltingExplorer';
import { RecrystallizationExplorer } from './RecrystallizationExplorer';
import { WashExplorer } from './WashExplorer';
import type { ComponentType } from 'react';
import type { ExplorerProps } from './explorerProps';

const explorers = {
  extraction: { title: 'Extraction', part: ExtractionExplorer },
  washing: { title: 'Washes', part: WashExplorer },
  distillation: { title: 'Distillation', part: DistillationExplorer },
  recrystallization: { title: 'Recrystallization', part: RecrystallizationExplorer },
  melting: { title: 'Melting range', part: MeltingExplorer },
} as const satisfies Record<string, { title: string; part: ComponentType<ExplorerProps> }>;
type ExplorerId = keyof typeof explorers;
const ids = Object.keys(explorers) as readonly ExplorerId[];

/** One explorer at a time: dials on the left, what follows on the right. */
export function Explorers({ substances, seeds }: ExplorerProps) {
  const [shown, setShown] = useState<ExplorerId>(ids.find((id) => id in seeds) ?? 'extraction');
  const { part: Part, title } = explorers[shown];
  return (
    <>
      <div className="shelf-filters explore-tabs" role="group" aria-label="Models">
        {ids.map((id) => (
          <button key={id} type="button" aria-pressed={shown === id} onClick={() => setShown(id)}>
            {explorers[id].title}
          </button>
        ))}
      </div>
      <h2 className="visually-hidden">{title}</h2>
      <div className="explore-grid">
        <Part key={shown} substances={substances} seeds={seeds} />
      </div>
    </>
  );
}
