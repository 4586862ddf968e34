'use client';
import Dropdown from 'react-bootstrap/Dropdown';
import { Icon } from '@/components/Icon';
import { sheetIds, sheets } from '@/core/sheet/sheets';

/** What can be taken out of a stored preparation: sheets to print, its charge table, its file. */
export function TakeOut({ id, dirty }: { readonly id: string; readonly dirty: boolean }) {
  const at = `/api/v1/preparations/${id}`;
  return (
    <Dropdown align="end">
      <Dropdown.Toggle variant="line" size="sm">
        <Icon name="download" /> Print and export
      </Dropdown.Toggle>
      <Dropdown.Menu>
        {dirty && <Dropdown.Header>Of the stored version, without your changes</Dropdown.Header>}
        {sheetIds.map((sheet) => (
          <Dropdown.Item key={sheet} href={`/preparations/${id}/sheets/${sheet}`}>
            {sheets[sheet]}
          </Dropdown.Item>
        ))}
        <Dropdown.Divider />
        <Dropdown.Item href={`${at}/table?as=xlsx`}>Charge table, XLSX</Dropdown.Item>
        <Dropdown.Item href={`${at}/table?as=csv`}>Charge table, CSV</Dropdown.Item>
        <Dropdown.Item href={`${at}/file`}>Export file</Dropdown.Item>
      </Dropdown.Menu>
    </Dropdown>
  );
}
