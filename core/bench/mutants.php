<?php

declare(strict_types=1);

/*
 * Whether the tests bite: php core/bench/mutants.php [--part=2/8] [--most=200] [--list] [path ...]
 *
 * Changes one thing at a time in the sources (an operator, a comparison, a number, a sign, a
 * condition) and runs the tests against it: those of the same room, whole answers, all others, the slow ones.
 * What no test notices is listed. Sources stay as they are: a changed class is loaded instead of its own.
 * Paths are files or folders under core/src (all of it by default) or app (whose tests need a
 * database that runs, as bin/test starts one). --part takes every n-th mutant, --most so many of
 * them, spread evenly; --list names them and runs nothing.
 */

const ROOT = __DIR__ . '/../..';

/** Tests of core that take more than a second and run last. */
const SLOW = '(Properties|PitchedRoof|Refusals|LightCommand|OutputWays|KnownLights|ChangeCosts|AdviceTest|RoomTest|ReferenceRooms|RemedyTest|LocksTest|DocumentReaderTest)';

/** s that tests may take before a change counts as noticed. */
const PATIENCE = 240;

/** Token or text, and what it becomes. */
const SWAPS = [
    '+' => '-', '-' => '+', '*' => '/', '/' => '*', '%' => '*',
    '<' => '<=', '>' => '>=', '<=' => '<', '>=' => '>', '===' => '!==', '!==' => '===',
    '&&' => '||', '||' => '&&', '??' => null, 'min' => 'max', 'max' => 'min', 'true' => 'false', 'false' => 'true',
    'floor' => 'ceil', 'ceil' => 'floor', 'round' => 'floor',
];

/** @return list<array{int, int, string, string}> offset, length, replacement and a description */
function mutantsOf(string $code): array
{
    $mutants = [];
    $at = 0;
    $tokens = token_get_all($code);
    foreach ($tokens as $i => $token) {
        [$id, $text] = is_array($token) ? [$token[0], $token[1]] : [null, $token];
        $next = nextText($tokens, $i, 1);
        $before = nextText($tokens, $i, -1);
        $offset = $at;
        $at += strlen($text);
        if ($i < 10 && $text === '1' && $before === '=' && $next === ')') {
            continue; // declare(strict_types=1)
        }
        if (in_array($id, [T_WHITESPACE, T_COMMENT, T_DOC_COMMENT, T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE, T_INLINE_HTML], true)) {
            continue;
        }
        if ($id === T_LNUMBER || $id === T_DNUMBER) {
            $number = (float) str_replace('_', '', $text);
            $other = $id === T_LNUMBER ? (string) ((int) $number + 1) : var_export($number === 0.0 ? 1.0 : $number * 1.1, true);
            $mutants[] = [$offset, strlen($text), $other, "$text → $other"];
        } elseif ($text === '!' && $next !== '=') {
            $mutants[] = [$offset, 1, '', '! taken away'];
        } elseif ($id === T_IF && $next === '(') {
            $open = strpos($code, '(', $offset);
            foreach (['true ||', 'false &&'] as $always) {
                $mutants[] = [(int) $open + 1, 0, "$always ", "if ($always …)"];
            }
        } elseif ($text === '?' && $before !== ':' && isTernary($tokens, $i)) {
            $mutants[] = [$offset, 1, '&& false ?', 'ternary: the other branch'];
        } elseif (isset(SWAPS[$text]) && isOperator($id, $text, $before, $next)) {
            $mutants[] = [$offset, strlen($text), SWAPS[$text], "$text → " . SWAPS[$text]];
        }
    }

    return $mutants;
}

/** @param array<int, array{int, string, int}|string> $tokens */
function nextText(array $tokens, int $i, int $way): string
{
    do {
        $i += $way;
    } while (isset($tokens[$i]) && is_array($tokens[$i]) && in_array($tokens[$i][0], [T_WHITESPACE, T_COMMENT, T_DOC_COMMENT], true));
    $token = $tokens[$i] ?? '';

    return is_array($token) ? $token[1] : $token;
}

/** @param array<int, array{int, string, int}|string> $tokens */
function isTernary(array $tokens, int $i): bool
{
    // A nullable type stands behind ( , : or a modifier and before a name; a condition never does.
    return !in_array(nextText($tokens, $i, -1), ['(', ',', ':', 'public', 'private', 'readonly', 'static', 'fn'], true) && nextText($tokens, $i, 1) !== ':';
}

function isOperator(?int $id, string $text, string $before, string $next): bool
{
    return match (true) {
        in_array($text, ['min', 'max', 'floor', 'ceil', 'round'], true) => $next === '(' && !in_array($before, ['->', '::', 'function', '?->'], true),
        in_array($text, ['true', 'false'], true) => !in_array($before, ['|', ':', '?'], true) && $next !== '|',
        $text === '-' || $text === '+' => true,
        $text === '|' => false,
        default => $before !== 'use' && $next !== '' && $text !== '??',
    };
}

/** The class of a file, by its namespace and name. */
function classOf(string $code, string $path): string
{
    return preg_match('/^namespace ([^;]+);/m', $code, $match) === 1 ? "$match[1]\\" . basename($path, '.php') : '';
}

/** @return list<string> arguments of PHPUnit, so that what notices soonest runs first */
function stages(string $path): array
{
    if (str_contains($path, '/app/')) {
        return [''];
    }
    $room = 'tests/' . basename(dirname($path));
    $quick = '--exclude-filter ' . escapeshellarg(SLOW);

    return [
        ...(is_dir(ROOT . "/core/$room") ? ["$quick $room"] : []),
        '--filter ' . escapeshellarg('(Answers|Figures|Scenes)Test'),
        $quick,
        '--filter ' . escapeshellarg(SLOW),
    ];
}

function survives(string $path, string $code, string $work): bool
{
    $class = classOf($code, $path);
    $file = "$work/" . str_replace('\\', '_', $class) . '.php';
    file_put_contents($file, $code);
    exec(PHP_BINARY . ' -l ' . escapeshellarg($file) . ' 2>&1', $told, $status);
    if ($status !== 0) {
        return false; // no PHP any more
    }
    $loader = "$work/loader.php";
    file_put_contents($loader, sprintf(
        // Behind the loader of the packages, which would put itself before any other.
        '<?php require %s; spl_autoload_register(static function (string $c): void { if ($c === %s) { require %s; } }, true, true);',
        var_export(ROOT . (str_contains($path, '/app/') ? '' : '/core') . '/vendor/autoload.php', true),
        var_export($class, true),
        var_export($file, true),
    ));
    foreach (stages($path) as $stage) {
        if (tests($path, $stage, "-d auto_prepend_file=$loader") !== 0) {
            return false;
        }
    }

    return true;
}

/** Runs tests as far as the first that fails; their exit code. */
function tests(string $path, string $stage, string $php = ''): int
{
    exec(sprintf(
        'cd %s && timeout %d %s %s vendor/bin/phpunit --stop-on-failure --stop-on-error --no-progress %s > /dev/null 2>&1',
        escapeshellarg(ROOT . (str_contains($path, '/app/') ? '' : '/core')),
        PATIENCE,
        PHP_BINARY,
        $php,
        $stage,
    ), $told, $status);

    return $status;
}

/** @return list<string> */
function sources(string $path): array
{
    if (is_file($path)) {
        return [(string) realpath($path)];
    }
    $files = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($path, FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
            $files[] = (string) realpath((string) $file);
        }
    }
    sort($files);

    return $files;
}

$options = getopt('', ['part:', 'most:', 'list'], $rest);
$options = $options === false ? [] : $options;
[$part, $parts] = array_map(intval(...), explode('/', is_string($options['part'] ?? null) ? $options['part'] : '1/1') + [1, 1]);
$all = [];
$asked = array_slice($argv, $rest);
foreach ($asked === [] ? [ROOT . '/core/src'] : $asked as $path) {
    foreach (sources($path) as $file) {
        foreach (mutantsOf((string) file_get_contents($file)) as $mutant) {
            $all[] = [$file, $mutant];
        }
    }
}
$taken = array_values(array_filter($all, static fn(int $i): bool => $i % max(1, $parts) === $part - 1, ARRAY_FILTER_USE_KEY));
$most = is_string($options['most'] ?? null) ? (int) $options['most'] : count($taken);
if ($most < count($taken)) {
    $taken = array_map(static fn(int $i): array => $taken[intdiv($i * count($taken), $most)], range(0, $most - 1));
}
$work = sys_get_temp_dir() . '/kaddle-mutants.' . getmypid();
mkdir($work);
$alive = 0;
if (!isset($options['list']) && $taken !== [] && tests($taken[0][0], '') !== 0) {
    exit("The tests fail as things are.\n");
}
foreach ($taken as $n => [$file, [$offset, $length, $other, $told]]) {
    $code = (string) file_get_contents($file);
    $line = 1 + substr_count(substr($code, 0, $offset), "\n");
    $name = sprintf('%s:%d  %s', substr($file, strlen((string) realpath(ROOT)) + 1), $line, $told);
    if (isset($options['list'])) {
        echo $name, "\n";
        continue;
    }
    if (survives($file, substr_replace($code, $other, $offset, $length), $work)) {
        ++$alive;
        echo "survives  $name\n";
    }
    fprintf(STDERR, "\r%d of %d, %d alive ", $n + 1, count($taken), $alive);
}
exec('rm -r ' . escapeshellarg($work));
if (!isset($options['list'])) {
    printf("%d mutants of %d, %d survive: %.1f %% die\n", count($taken), count($all), $alive, $taken === [] ? 100.0 : 100.0 * (1.0 - $alive / count($taken)));
}
