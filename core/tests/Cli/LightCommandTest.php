<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Cli;

use Kaddle\Core\Plan\Document\SolutionDocument;
use Kaddle\Core\Plan\MomentSolver;
use Kaddle\Core\Tests\Plan\Moments;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** bin/light as a person at a shell meets it. */
final class LightCommandTest extends TestCase
{
    private const SCHEMAS = __DIR__ . '/../../schema';

    public function testAnswersWithTheSameAsTheEngineAndKeepsToItsSchema(): void
    {
        [$exit, $out, $err] = self::light(['solve'], (string) file_get_contents(__DIR__ . '/../../examples/supper.json'));
        self::assertSame([0, ''], [$exit, $err]);
        self::assertJsonStringEqualsJsonString(
            json_encode(SolutionDocument::of(MomentSolver::solve(Moments::with([]))), JSON_THROW_ON_ERROR),
            $out,
        );
        self::assertKeepsTo('solution.schema.json', $out);
    }

    public function testAnImpossibleMomentIsStillAnAnswer(): void
    {
        $document = Moments::documentWith(['glow.ev' => -6, 'head' => 'up', 'room.finishes' => Moments::everywhere('open')]);
        [$exit, $out] = self::light(['solve'], json_encode($document, JSON_THROW_ON_ERROR));
        self::assertSame(0, $exit);
        self::assertStringContainsString('"feasible": false', $out);
        self::assertKeepsTo('solution.schema.json', $out);
    }

    public function testTheExampleKeepsToTheMomentSchema(): void
    {
        self::assertKeepsTo('moment.schema.json', json_encode(Moments::supper(), JSON_THROW_ON_ERROR));
    }

    #[DataProvider('refused')]
    public function testRefusesWithExitCodeTwoAndTheFieldsOnStandardError(string $input, string $field): void
    {
        [$exit, $out, $err] = self::light(['solve'], $input);
        self::assertSame([2, ''], [$exit, $out]);
        self::assertStringContainsString(sprintf('"field": "%s"', $field), $err);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'not JSON' => ['NaN', ''];
        yield 'a megabyte' => [str_repeat(' ', 1_000_000), ''];
        yield 'no ceiling' => [json_encode(Moments::documentWith(['room.height' => 0]), JSON_THROW_ON_ERROR), 'room.height'];
        yield 'broken UTF-8' => ["{\"version\": \"\xff\"}", ''];
    }

    public function testAnUnknownCommandShowsTheUsage(): void
    {
        [$exit, , $err] = self::light(['shine'], '');
        self::assertSame(2, $exit);
        self::assertStringContainsString('light solve < moment.json', $err);
    }

    private static function assertKeepsTo(string $schema, string $json): void
    {
        $result = (new Validator())->validate(
            json_decode($json, false, 32, JSON_THROW_ON_ERROR),
            (string) file_get_contents(self::SCHEMAS . "/$schema"),
        );
        $error = $result->error();
        self::assertNull($error, $error === null ? '' : json_encode((new ErrorFormatter())->format($error), JSON_THROW_ON_ERROR));
    }

    /**
     * @param list<string> $arguments
     *
     * @return array{int, string, string} exit code, standard output, standard error
     */
    private static function light(array $arguments, string $input): array
    {
        $in = tmpfile();
        self::assertIsResource($in);
        fwrite($in, $input);
        rewind($in);
        $process = proc_open([PHP_BINARY, __DIR__ . '/../../bin/light', ...$arguments], [$in, ['pipe', 'w'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        $out = (string) stream_get_contents($pipes[1]);
        $err = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $err];
    }
}
