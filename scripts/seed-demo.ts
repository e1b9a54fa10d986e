import { seedDemo } from '../src/server/demo/seed';

await seedDemo(Date.now());
