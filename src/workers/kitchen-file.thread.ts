import { answerEach } from './answer-each';
import { readFile, type FileRequest } from './read-kitchen-file';

answerEach((request: FileRequest) => readFile(request));
