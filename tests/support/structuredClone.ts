import { deserialize, serialize } from 'node:v8';

// jsdom has none, and the browser database of the tests needs it.
globalThis.structuredClone ??= <T>(value: T): T => deserialize(serialize(value)) as T;
