import { number, object, string, type InferType } from 'yup';
import { say } from '../words/say';
import { trimmed } from './trimmed';

/** Letters of base64 that a picture may have once it is scaled down: some 2 MB. */
export const MOST_LETTERS = 2_800_000;

/** A picture as it is sent: scaled down in the browser, its bytes in base64. */
export const pictureForm = object({
  words: trimmed()
    .max(80, say`At most 80 letters.`)
    .default(''),
  width: number().integer().min(1).max(20_000).required('This is missing.'),
  height: number().integer().min(1).max(20_000).required('This is missing.'),
  bytes: string()
    .max(MOST_LETTERS, say`This picture is too large: at most 5 MB, and 2 MB once it is scaled down.`)
    .matches(/^[A-Za-z0-9+/]+={0,2}$/, say`This is no picture that can be shown: JPEG, PNG or WebP.`)
    .required(say`This is no picture that can be shown: JPEG, PNG or WebP.`),
});

export type PictureForm = InferType<typeof pictureForm>;
