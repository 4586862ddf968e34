'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { api, ApiError } from '@/api/client';
import { ConventionList } from './ConventionList';
import { DeviceList } from './DeviceList';
import { Shell } from '@/components/Shell';
import { TypedInput } from '@/components/fields/TypedInput';
import type { Course, CourseSettings } from '@/core/conventions/course';
import type { Identity } from '@/core/identity';

const readName = (text: string) =>
  text.trim() === '' || text.length > 120
    ? ({ ok: false, says: 'A name of at most 120 characters.' } as const)
    : ({ ok: true, value: text.trim() } as const);

/** Settings of a course: its conventions, each with its reason, and the lab's devices. */
export function CourseScreen({ identity, course }: { readonly identity: Identity; readonly course: Course }) {
  const [saved, setSaved] = useState(course);
  const [draft, setDraft] = useState(course);
  const [busy, setBusy] = useState(false);
  const [says, setSays] = useState<string | undefined>(undefined);
  const canEdit = identity.role === 'coordinator';
  const dirty = JSON.stringify(draft) !== JSON.stringify(saved);
  const put = (change: Partial<CourseSettings>) =>
    setDraft((now) => ({ ...now, settings: { ...now.settings, ...change } }));
  const save = async () => {
    setBusy(true);
    setSays(undefined);
    try {
      const stored = await api.saveCourse(draft);
      setSaved(stored);
      setDraft(stored);
    } catch (error) {
      setSays(error instanceof ApiError ? error.message : 'The settings could not be stored. Nothing is lost here.');
    } finally {
      setBusy(false);
    }
  };
  return (
    <Shell identity={identity} crumb={draft.name}>
      <div className="page course-page">
        <header className="course-head">
          {canEdit ? (
            <>
              <h1 className="visually-hidden">{draft.name}</h1>
              <TypedInput
                label="Name of the course"
                shown={draft.name}
                read={readName}
                commit={(name) => setDraft((now) => ({ ...now, name }))}
              />
            </>
          ) : (
            <h1>{draft.name}</h1>
          )}
          {canEdit && (
            <div className="course-save">
              {dirty && (
                <Button variant="quiet" onClick={() => setDraft(saved)}>
                  Drop the changes
                </Button>
              )}
              <Button disabled={!dirty || busy} onClick={() => void save()}>
                {busy ? 'Storing …' : dirty ? 'Store' : 'Stored'}
              </Button>
            </div>
          )}
        </header>
        {says && (
          <p className="banner banner-stop" role="alert">
            {says}
          </p>
        )}
        <p className="muted">
          A class keeps the settings with which it was issued; changes here reach the classes issued after them.
        </p>
        <DeviceList devices={draft.settings.devices} canEdit={canEdit} onChange={(devices) => put({ devices })} />
        <ConventionList
          conventions={draft.settings.conventions}
          canEdit={canEdit}
          onChange={(conventions) => put({ conventions })}
        />
      </div>
    </Shell>
  );
}
