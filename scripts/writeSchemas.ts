import { readFileSync, writeFileSync } from 'node:fs';
import { withOperations } from '@/core/formats/operationSchemas';

// Brings the published schemas up to what the operations declare; a test fails while they are not.
const file = 'docs/schemas/preparation.v3.schema.json';
const schema = withOperations(JSON.parse(readFileSync(file, 'utf8')) as Parameters<typeof withOperations>[0]);
writeFileSync(file, `${JSON.stringify(schema, null, 2)}\n`);
