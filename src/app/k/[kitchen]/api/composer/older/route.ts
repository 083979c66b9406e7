import { GETS } from '@/server/doors';
import { answerGet } from '@/server/shared/http';

export const GET = answerGet('older-orders', GETS['older-orders']);
