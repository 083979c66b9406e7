import { GETS } from '@/server/doors';
import { answerGet } from '@/server/shared/http';

export const GET = answerGet('kitchen-file', GETS['kitchen-file']);
