import { GETS } from '@/server/doors';
import { answerGet } from '@/server/shared/http';

export const GET = answerGet('pull-list', GETS['pull-list']);
