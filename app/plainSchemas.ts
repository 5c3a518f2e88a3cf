import { z } from 'zod';

// The page forbids code made from text; schemas that try to compile themselves would be refused on every screen.
z.config({ jitless: true });
