/** Holds a folder's lock until it is killed, for the lock's own test. Usage: node --import tsx hold-lock.mjs FOLDER */
import { lockFolder } from '../folder-lock.ts';

try {
  await lockFolder(process.argv[2]);
  console.log('held');
  setInterval(() => {}, 1000);
} catch (error) {
  console.log(error.message);
  process.exit(3);
}
