import { benchCorpora } from './corpora/judge';
benchCorpora(process.argv[2] ?? 'open', process.argv[3]==='v');
