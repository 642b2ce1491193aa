<?php

declare(strict_types=1);

namespace Kaddle\Core\Exchange;

use Kaddle\Core\Document\ColourDocument;
use Kaddle\Core\Document\CostsDocument;
use Kaddle\Core\Document\DocumentSchema;
use Kaddle\Core\Document\DragDocument;
use Kaddle\Core\Document\PictureDocument;
use Kaddle\Core\Document\ScoreDocument;
use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Form\BounceForm;
use Kaddle\Core\Form\MomentForm;

/** JSON Schemas of every document, as published in core/schema: what goes in by its form, what comes out by its class. */
final class Schemas
{
    private function __construct() {}

    /** @return array<string, array<string, mixed>> by name: "moment", "kaddle-night" */
    public static function all(): array
    {
        $bounce = BounceForm::shape()->schema();
        $schemas = [
            'moment' => [
                'A moment',
                'One planned situation: the input of `light solve`, `light costs`, `light colour`, `light picture` and `light drag`.',
                MomentForm::document()->schema(),
            ],
            'solution' => [
                'A solution',
                'What `light solve` gives: settings for one moment, with what bound them.',
                DocumentSchema::of(SolutionDocument::class),
            ],
            'costs' => [
                'Costs',
                'What `light costs` gives: what a change costs, all settings left alone.',
                DocumentSchema::of(CostsDocument::class),
            ],
            'colour' => [
                'Colours',
                'What `light colour` gives: colours of face and background, and wishes for others.',
                DocumentSchema::of(ColourDocument::class),
            ],
            'picture' => [
                'A picture to expect',
                'What `light picture` gives: what stands where in it, and the light of room and flash on that.',
                DocumentSchema::of(PictureDocument::class),
            ],
            'drag' => [
                'A drag',
                'What `light drag` gives: what a long exposure of a moment looks like.',
                DocumentSchema::of(DragDocument::class),
            ],
            'score' => [
                'A score',
                'What `light night` gives: a night solved as a whole.',
                DocumentSchema::of(ScoreDocument::class),
            ],
            'bounce' => [
                'Rooms with lights',
                'Input of `light bounce`: one room or a list of them.',
                ['oneOf' => [$bounce, ['type' => 'array', 'items' => $bounce]]],
            ],
            'exposures' => ['Exposures', 'What `light bounce` gives.', self::exposures()],
        ];
        foreach (DocumentKind::cases() as $kind) {
            $name = substr($kind->value, strlen('kaddle-'));
            $schemas[$kind->value] = [
                ucfirst($name),
                "A $name that leaves Kaddle and comes back.",
                $kind->shape()->schema(),
            ];
        }
        $told = [];
        foreach ($schemas as $name => [$title, $description, $schema]) {
            $told[$name] = [
                '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                '$id' => "https://kaddle.example/schema/$name.schema.json",
                'title' => $title,
                'description' => "$description Lengths in metres, levels in stops, settings as the labels that gear shows.",
            ] + $schema;
        }

        return $told;
    }

    /** @return array<string, mixed> luminous exposure of each room, by probe and by the way the light came */
    private static function exposures(): array
    {
        $triple = [
            'type' => 'array',
            'minItems' => 3,
            'maxItems' => 3,
            'items' => ['type' => 'number', 'minimum' => 0],
            'description' => 'lx·s at full power: linear red, green, blue.',
        ];
        $split = self::object(['direct' => $triple, 'first' => $triple, 'total' => $triple]);
        $probes = array_fill_keys(['face', 'crown', 'left', 'right', 'background'], $split);

        return ['type' => 'array', 'items' => self::object(['id' => ['type' => 'string']] + $probes)];
    }

    /**
     * @param array<string, mixed> $properties
     *
     * @return array<string, mixed>
     */
    private static function object(array $properties): array
    {
        return [
            'type' => 'object',
            'additionalProperties' => false,
            'required' => array_keys($properties),
            'properties' => $properties,
        ];
    }
}
