import { HOUSE_POSTS, POSTS } from '@/server/doors';
import { answerHousePosts } from '@/server/shared/http';

export const POST = answerHousePosts(HOUSE_POSTS, POSTS);
