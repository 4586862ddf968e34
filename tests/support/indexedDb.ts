// A browser database for the tests: imported first, before Dexie is loaded.
import './structuredClone';
import 'fake-indexeddb/auto';
