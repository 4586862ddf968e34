'use client';
import Link from 'next/link';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { api, ApiError } from '@/api/client';
import { FileButton } from '@/components/fields/FileButton';
import { BenchCards } from '@/components/BenchCards';
import { readRosterLines, rosterLines } from '@/core/people/rosterText';
import { readTable, tableAddress } from './rosterFile';
import { Shell } from '@/components/Shell';
import { ClassStaff } from './ClassStaff';
import type { BenchPin, Roster } from '@/core/people/class';
import type { Identity } from '@/core/identity';

/** Who works where: members by line or by table, new benches, new PINs. */
export function RosterScreen({ identity, first }: { readonly identity: Identity; readonly first: Roster }) {
  const [roster, setRoster] = useState(first);
  const [section, setSection] = useState(first.section);
  const [text, setText] = useState(rosterLines(first.benches));
  const [cards, setCards] = useState<readonly BenchPin[]>([]);
  const [says, setSays] = useState<readonly string[]>([]);
  const [saved, setSaved] = useState(false);
  const wanted = readRosterLines(text);
  const missing = roster.benches.filter(
    ({ name }) => !wanted.some((one) => one.name.toLowerCase() === name.toLowerCase()),
  );
  const added = wanted.filter(
    ({ name }) => !roster.benches.some((one) => one.name.toLowerCase() === name.toLowerCase()),
  );
  const attempt = async (work: () => Promise<void>) => {
    setSays([]);
    setSaved(false);
    try {
      await work();
    } catch (error) {
      setSays([error instanceof ApiError ? error.message : 'It could not be stored. Try again.']);
    }
  };
  const save = () =>
    attempt(async () => {
      const done = await api.saveRoster(roster.classId, { section: section.trim(), benches: wanted });
      setRoster(done.roster);
      setText(rosterLines(done.roster.benches));
      setCards(done.added);
      setSaved(true);
    });
  const changePin = (bench: string) => attempt(async () => setCards([await api.changePin(roster.classId, bench)]));
  const readFile = async (file: File) => {
    const table = readTable(await file.text());
    setSaved(false);
    if (!table.ok) return setSays(table.problems);
    setSays([]);
    if (table.section !== undefined) setSection(table.section);
    setText(rosterLines(table.benches));
  };
  return (
    <Shell identity={identity} crumb={roster.name}>
      <div className="page roster-page">
        <header className="board-head">
          <h1>Roster of {roster.name}</h1>
          <p>
            {roster.course && `${roster.course} · `}
            {roster.section && `section ${roster.section} · `}join code{' '}
            <strong className="num">{roster.joinCode}</strong> ·{' '}
            <Link href={`/classes/${roster.classId}`}>Back to the class</Link>
          </p>
        </header>
        {cards.length > 0 && (
          <section className="card-plain roster-cards" aria-label="New PINs">
            <BenchCards name={roster.name} joinCode={roster.joinCode} benches={cards} />
            <Button onClick={() => window.print()}>Print the cards</Button>{' '}
            <Button variant="line" onClick={() => setCards([])}>
              Done
            </Button>
          </section>
        )}
        <Form
          className="card-plain roster-form"
          onSubmit={(event) => {
            event.preventDefault();
            void save();
          }}
        >
          <Form.Group controlId="roster-section">
            <Form.Label>Section</Form.Label>
            <Form.Control value={section} maxLength={60} onChange={({ target }) => setSection(target.value)} />
          </Form.Group>
          <Form.Group controlId="roster-lines">
            <Form.Label>Benches and members: “Knot: A. Reed, B. Sedge”, one bench a line</Form.Label>
            <Form.Control
              as="textarea"
              rows={Math.max(6, wanted.length + 1)}
              value={text}
              spellCheck={false}
              onChange={({ target }) => {
                setText(target.value);
                setSaved(false);
              }}
            />
          </Form.Group>
          {added.length > 0 && (
            <p className="muted">New: {added.map(({ name }) => name).join(', ')}. Each gets a record and a PIN.</p>
          )}
          {missing.length > 0 && (
            <p className="banner banner-note">
              {missing.map(({ name }) => name).join(', ')} {missing.length === 1 ? 'stays' : 'stay'} as before: a bench
              that may have a record is not taken away.
            </p>
          )}
          {says.map((one) => (
            <p key={one} className="typed-says" role="alert">
              {one}
            </p>
          ))}
          <div className="roster-actions">
            <Button type="submit" disabled={wanted.length === 0}>
              Store the roster
            </Button>
            <FileButton
              label="Read a table (CSV)"
              accept=".csv,text/csv,text/plain"
              onChosen={(file) => void readFile(file)}
            />
            <a className="btn btn-line" download={`${roster.name} roster.csv`} href={tableAddress(section, wanted)}>
              Save as a table
            </a>
            {saved && <span role="status">Stored.</span>}
          </div>
          <small className="muted">The table has the columns section, bench and member, one row a person.</small>
        </Form>
        {identity.role === 'coordinator' && <ClassStaff classId={roster.classId} />}
        <section className="card-plain" aria-label="PINs">
          <h2>PINs</h2>
          <p className="muted">
            Only their hashes are stored. A new PIN signs the bench out everywhere; what its tablets have not sent waits
            there for the next sign-in.
          </p>
          <ul className="roster-pins">
            {roster.benches.map(({ id, name, members }) => (
              <li key={id}>
                <strong>{name}</strong> <span className="muted">{members.join(', ')}</span>
                <Button variant="line" size="sm" onClick={() => void changePin(id)}>
                  New PIN for {name}
                </Button>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </Shell>
  );
}
