import { vi } from 'vitest';

// Outside a server the framework knows no environment; the tests have that of their process.
vi.mock('$env/dynamic/private', () => ({ env: process.env }));
