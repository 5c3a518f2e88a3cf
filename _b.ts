import { benchCorpora } from './corpora/judge';
benchCorpora('open', process.argv[2]==='v');
