import { POSTS } from '@/server/doors';
import { answerPosts } from '@/server/shared/http';

export const POST = answerPosts(POSTS);
