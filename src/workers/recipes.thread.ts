import { answerEach } from './answer-each';
import { readRecipes, type RecipesRequest } from './read-recipes';

answerEach((request: RecipesRequest) => readRecipes(request));
