<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Exchange;

use Kaddle\Core\Exchange\DocumentKind;
use Kaddle\Core\Exchange\DocumentReader;
use Kaddle\Core\Exchange\Schemas;
use Kaddle\Core\Intake\Fault;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Record;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DocumentReaderTest extends TestCase
{
    #[DataProvider('examples')]
    public function testTheExamplesAreSoundAndKeepToTheirSchema(string $name, DocumentKind $kind): void
    {
        $json = HostileDocuments::example($name);
        self::assertSame($kind, DocumentReader::fromJson($json)->kind);
        $schema = json_encode(Schemas::all()[$kind->value], JSON_THROW_ON_ERROR);
        self::assertTrue((new Validator())->validate(json_decode($json, false, 32, JSON_THROW_ON_ERROR), $schema)->isValid());
    }

    /** @return iterable<string, array{string, DocumentKind}> */
    public static function examples(): iterable
    {
        yield 'a bag' => ['bag', DocumentKind::Bag];
        yield 'a place' => ['place', DocumentKind::Place];
        yield 'a night' => ['night', DocumentKind::Night];
    }

    public function testThePublishedSchemasAreThoseOfTheForms(): void
    {
        foreach (Schemas::all() as $name => $schema) {
            self::assertJsonStringEqualsJsonFile(__DIR__ . "/../../schema/$name.schema.json", json_encode($schema, JSON_THROW_ON_ERROR), $name);
        }
    }

    #[DataProvider('hostile')]
    public function testRefusesWhatIsUnsoundInASentence(string $json, string $field, string $sentence): void
    {
        try {
            DocumentReader::fromJson($json);
            self::fail('taken');
        } catch (FaultyDocument $e) {
            $told = [];
            foreach ($e->faults as $fault) {
                $told[] = "$fault->field: $fault->message";
            }
            $found = array_filter($e->faults, static fn(Fault $f): bool => $f->field === $field && str_contains($f->message, $sentence));
            self::assertNotSame([], $found, implode("\n", $told));
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function hostile(): iterable
    {
        return HostileDocuments::all();
    }

    /** A night of the first version, as it left then: its beams come in as printed, its batteries as cells. */
    public function testANightOfTheFirstVersionComesIn(): void
    {
        $read = DocumentReader::fromJson((string) file_get_contents(__DIR__ . '/../golden/night-version-1.json'));
        $pieces = [];
        foreach ($read->document->records('pieces') as $piece) {
            $pieces[$piece->text('name')] = $piece;
        }
        $zoom = $pieces['Full-size flash']->records('zoom');
        self::assertSame([76.0, 62.0, 50.0, 38.0, 28.0], array_map(static fn(Record $step): float => $step->number('coverage'), $zoom));
        self::assertSame([28.0, 58.0], [$zoom[0]->number('guideNumber'), $zoom[4]->number('guideNumber')]);
        self::assertSame([12, 1], [$pieces['Charged cells']->whole('cells'), $pieces['External pack']->whole('cells')]);
        self::assertCount(14, $read->document->records('moments'));
    }
}
