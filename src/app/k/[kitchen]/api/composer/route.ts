import { GETS } from '@/server/doors';
import { answerGet } from '@/server/shared/http';

export const GET = answerGet('composer-kitchen', GETS['composer-kitchen']);
