import { benchScripts } from './corpora/judge';
benchScripts(process.argv[2] ?? 'open', process.argv[3]==='v');
