import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

/** Asks the database of a place of data, past the application. */
export function ask(place: string, sql: string): string {
  const port = /^DB_PORT=(\d+)$/m.exec(readFileSync(`${place}/.env`, 'utf8'))?.[1] ?? '';
  const env = { ...process.env, PGPASSWORD: readFileSync(`${place}/db-password`, 'utf8').trim() };
  return execFileSync('psql', ['-h', '127.0.0.1', '-p', port, '-U', 'kaddle', '-d', 'kaddle', '-qtA', '-v', 'ON_ERROR_STOP=1', '-c', sql], { env, encoding: 'utf8' }).trim();
}

/** Changes whenever anything does that somebody has entered; what was reckoned from it does not count. */
export function rows(place: string): string {
  const tables = ['users', 'nights', 'moments', 'moment_steps', 'rooms', 'venues', 'pieces'];
  return tables.map((table) => `${table} ${ask(place, `select count(*) || ' ' || md5(coalesce(string_agg((to_jsonb(t) - '{answer,kit}'::text[])::text, '' order by id), '')) from ${table} t`)}`).join('\n');
}
