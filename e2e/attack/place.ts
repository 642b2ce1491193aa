import { execFileSync, spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { resolve } from 'node:path';
import { pause, Visitor } from './visitor';

const ROOT = resolve(import.meta.dirname, '../..');

/** A Kaddle of its own, with data of its own, that may be killed. */
export class Place {
  private static readonly started: ChildProcess[] = [];

  private constructor(
    readonly folder: string,
    readonly port: number,
  ) {}

  /** A place without any data. */
  static async fresh(name: string): Promise<Place> {
    const folder = resolve(ROOT, 'var/attack', name);
    if (existsSync(folder)) rmSync(folder, { recursive: true });
    mkdirSync(folder, { recursive: true });
    return new Place(folder, await freePort());
  }

  get url(): URL {
    return new URL(`http://127.0.0.1:${this.port}`);
  }

  get env(): NodeJS.ProcessEnv {
    return { ...process.env, KADDLE_URL: '', KADDLE_VAR: this.folder, KADDLE_PORT: String(this.port) };
  }

  visitor(): Visitor {
    return new Visitor(this.url);
  }

  /** Starts it, and waits until it says that it is there; fails if it does not say so the first time. */
  async start(): Promise<ChildProcess> {
    const child = spawn(resolve(ROOT, 'bin/start'), [], { cwd: ROOT, env: this.env, stdio: ['ignore', 'pipe', 'pipe'] });
    Place.started.push(child);
    let told = '';
    child.stdout.on('data', (part) => {
      told += String(part);
    });
    child.stderr.on('data', (part) => {
      told += String(part);
    });
    for (let i = 0; i < 600 && child.exitCode === null; ++i) {
      if (told.includes('Kaddle is at')) return child;
      await pause(100);
    }
    throw new Error(`it did not start: ${told}`);
  }

  /** Ends all that were started, however a test went. */
  static async stopAll(): Promise<void> {
    await Promise.all(Place.started.splice(0).map((child) => Place.stop(child)));
  }

  /** Ends it as Ctrl-C does. */
  static async stop(child: ChildProcess): Promise<void> {
    if (child.exitCode !== null || child.signalCode !== null) return;
    const gone = new Promise((done) => child.once('exit', done));
    child.kill('SIGTERM');
    await gone;
  }

  /** Runs a script of bin/ for this place. */
  run(script: string, args: readonly string[], input = ''): Promise<{ status: number | null; told: string }> {
    const child = spawn(resolve(ROOT, 'bin', script), args, { cwd: ROOT, env: this.env });
    let told = '';
    for (const stream of [child.stdout, child.stderr]) {
      stream.on('data', (part) => {
        told += String(part);
      });
    }
    child.stdin.end(input);
    return new Promise((done) =>
      child.once('close', (status) => {
        done({ status, told });
      }),
    );
  }

  /** Fills an empty place with a dump of an older one. */
  load(dump: string): void {
    execFileSync('bash', ['-c', `. "$0/bin/lib/common.sh"; mkdir -p "$VAR/log" "$VAR/run"; start_database kaddle && psql_main -d kaddle -f "$1" >/dev/null; stop_database`, ROOT, resolve(ROOT, dump)], { env: this.env, cwd: ROOT });
  }

  /** Numbers of the processes of one kind. */
  processes(kind: 'start' | 'nginx' | 'fpm' | 'worker' | 'queue' | 'database'): number[] {
    switch (kind) {
      case 'start':
        return pids(`^bash ${ROOT}/bin/start`).filter((pid) => environment(pid).includes(`KADDLE_VAR=${this.folder}\0`));
      case 'database':
        return pids(`postgres -D .* -p ${/^DB_PORT=(\d+)$/m.exec(readFileSync(`${this.folder}/.env`, 'utf8'))?.[1] ?? 'none'} `);
      case 'worker':
        return this.processes('fpm').flatMap((master) => list(spawnSync('pgrep', ['-P', String(master)], { encoding: 'utf8' }).stdout));
      default:
        return this.leader(kind);
    }
  }

  /** The server a session was begun for, not its workers: of numbers that start over theirs may be the lower ones. */
  private leader(kind: 'nginx' | 'fpm' | 'queue'): number[] {
    const session = readFileSync(`${this.folder}/run/${kind}.session`, 'utf8').split(' ')[0] ?? '0';
    return list(spawnSync('pgrep', ['-s', session], { encoding: 'utf8' }).stdout).filter((pid) => pid === Number(session));
  }
}

function pids(pattern: string): number[] {
  return list(spawnSync('pgrep', ['-f', pattern], { encoding: 'utf8' }).stdout);
}

/** Empty if the process has ended since it was listed: a shell of bin/start that only ran one command. */
function environment(pid: number): string {
  try {
    return readFileSync(`/proc/${pid}/environ`, 'utf8');
  } catch {
    return '';
  }
}

function list(text: string): number[] {
  return text.split('\n').filter((line) => line !== '').map(Number);
}

function freePort(): Promise<number> {
  return new Promise((done) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const address = server.address();
      server.close(() => {
        done(typeof address === 'object' && address !== null ? address.port : 0);
      });
    });
  });
}
