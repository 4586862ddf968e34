'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import { FileButton } from '@/components/fields/FileButton';
import { readPicked } from './readPicked';
import type { Body } from '@/core/record/entry';
import type { NewFile } from '@/api/record/outbox';
import type { Picked } from './readPicked';

const accepted = 'image/*,.pdf,.csv,.txt,.jdx,.dx,.jcamp';

/** Adds a photo or a file of data to a step: it is looked at and named before it becomes an entry. */
export function AddFile({
  step,
  onAdd,
}: {
  readonly step: string;
  readonly onAdd: (body: Body, file?: NewFile) => void;
}) {
  const [picked, setPicked] = useState<Picked | undefined>(undefined);
  const [text, setText] = useState('');
  const close = () => {
    setPicked(undefined);
    setText('');
  };
  const record = ({ id, name, sha256, bytes }: NewFile) => {
    const said = text.trim();
    const body: Body = { k: 'file', step, file: id, name, sha256, bytes: bytes.byteLength };
    onAdd(said ? { ...body, text: said } : body, { id, name, sha256, bytes });
    close();
  };
  return (
    <>
      <FileButton
        label="Add a photo or file"
        name="Photo or file"
        accept={accepted}
        variant="quiet"
        onChosen={(file) => void readPicked(file).then(setPicked)}
      />
      {picked && (
        <Modal show onHide={close} centered aria-labelledby="file-title" className="bench-dialog">
          <Form
            onSubmit={(event) => {
              event.preventDefault();
              if (picked.ok) record(picked.file);
            }}
          >
            <Modal.Header closeButton>
              <Modal.Title id="file-title" as="h2">
                Add a photo or file
              </Modal.Title>
            </Modal.Header>
            <Modal.Body>
              {picked.ok ? (
                <>
                  {picked.shrunk && <Preview bytes={picked.file.bytes} />}
                  <p>
                    {picked.file.name}, {Math.ceil(picked.file.bytes.byteLength / 1000)} kB
                    {picked.shrunk && '. Made smaller; place, camera and time are taken out.'}
                  </p>
                  <Form.Group controlId="file-text">
                    <Form.Label>What it shows (may stay empty)</Form.Label>
                    <Form.Control value={text} maxLength={300} onChange={({ target }) => setText(target.value)} />
                  </Form.Group>
                </>
              ) : (
                <p role="alert">{picked.says}</p>
              )}
            </Modal.Body>
            <Modal.Footer>
              <Button variant="quiet" onClick={close}>
                Cancel
              </Button>
              {picked.ok && <Button type="submit">Record it</Button>}
            </Modal.Footer>
          </Form>
        </Modal>
      )}
    </>
  );
}

function Preview({ bytes }: { readonly bytes: ArrayBuffer }) {
  const [address] = useState(() => URL.createObjectURL(new Blob([bytes], { type: 'image/jpeg' })));
  return <img className="file-preview" src={address} alt="The photo as it will be recorded" />;
}
