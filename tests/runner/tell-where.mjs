/**
 * A thread beside tests: told what runs and within how many milliseconds, it tells where the process is when that has not ended, and ends it.
 * The runner then fails the file.
 */
import { writeSync } from 'node:fs';
import { Session } from 'node:inspector/promises';
import { setTimeout as wait } from 'node:timers/promises';
import { parentPort } from 'node:worker_threads';

const MOST_FRAMES = 30;
let timer;

parentPort.on('message', (running) => {
  clearTimeout(timer);
  if (running) timer = setTimeout(() => void end(running), running.within);
});

async function end({ name, within }) {
  const said = await Promise.race([where(), wait(10_000, '  (that could not be found out)')]).catch(
    (error) => error.message,
  );
  writeSync(
    2,
    `${name} had not come to its end after ${within / 1000} s, and gave nothing else a turn. It was here:\n${said}\n`,
  );
  process.kill(process.pid, 'SIGKILL');
}

async function where() {
  const session = new Session();
  session.connectToMainThread();
  const paused = new Promise((resolve) => session.once('Debugger.paused', resolve));
  const files = new Map();
  session.on('Debugger.scriptParsed', ({ params }) => files.set(params.scriptId, params.url));
  await session.post('Debugger.enable');
  await session.post('Debugger.pause');
  const { params } = await paused;
  const frames = params.callFrames.slice(0, MOST_FRAMES);
  return frames
    .map((f) => `  ${f.functionName || '(no name)'} ${files.get(f.location.scriptId)}:${f.location.lineNumber + 1}`)
    .join('\n');
}
