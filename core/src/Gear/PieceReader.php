<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ApertureTable;
use Kaddle\Core\KaddleException;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Reading\Faults;
use Kaddle\Core\Reading\FaultyDocument;
use Kaddle\Core\Reading\Field;
use Kaddle\Core\Reading\Fields;

/** Start here with a piece of gear from outside: its fields in, a piece that can exist out. */
final class PieceReader
{
    private function __construct() {}

    /**
     * @param array<array-key, mixed> $data
     *
     * @return array<string, mixed> the fields of the kind
     *
     * @throws FaultyDocument
     */
    public static function read(PieceKind $kind, array $data): array
    {
        return Fields::whole($data, static fn(Fields $fields): array => self::within($fields, $kind));
    }

    /**
     * As a part of a larger document; of use only when that has no faults.
     *
     * @return array<string, mixed>
     */
    public static function within(Fields $fields, PieceKind $kind, Field ...$more): array
    {
        $faults = new Faults();
        $shape = $kind->shape()->with(...$more);
        $piece = $shape->read($fields->noting($faults));
        if ($faults->areNone()) {
            self::mustBePossible($kind, $piece, $fields->noting($faults));
        }
        $fields->take($faults);

        return $piece;
    }

    /** @param array<string, mixed> $piece */
    private static function mustBePossible(PieceKind $kind, array $piece, Fields $fields): void
    {
        $parts = new Faults();
        match ($kind) {
            PieceKind::Body => (new GearReader(Fields::of(['body' => MomentParts::body($piece)], '', $parts), $parts))->body(),
            PieceKind::Flash => (new GearReader(Fields::of(['flash' => MomentParts::flash($piece)], '', $parts), $parts))->flash(),
            PieceKind::Lens => self::lens($piece, $fields),
            default => null,
        };
        foreach ($parts->all() as $fault) {
            $field = (string) preg_replace('/^(body|flash)\.?/', '', $fault->field);
            $fields->fault($field === '' ? 'name' : $field, $fault->message);
        }
    }

    /** @param array<string, mixed> $piece */
    private static function lens(array $piece, Fields $fields): void
    {
        try {
            $table = self::openings($piece);
            $narrowest = self::narrowest($piece);
            if ($table->at($table->focalLimits()->max)->av->thirtieths >= $narrowest->av->thirtieths) {
                $fields->fault('narrowest', "The narrowest aperture {$narrowest->label()} must be narrower than the widest.");
            }
            if (isset($piece['bestFrom'], $piece['bestTo']) && self::aperture($piece['bestFrom'])->av->thirtieths > self::aperture($piece['bestTo'])->av->thirtieths) {
                $fields->fault('bestTo', 'The sharpest range must run from wide to narrow.');
            }
        } catch (KaddleException $e) {
            $fields->fault('openings', $e->getMessage());
        }
    }

    /**
     * The widest openings of a lens that was read.
     *
     * @param array<string, mixed> $piece
     */
    public static function openings(array $piece): ApertureTable
    {
        $entries = [];
        foreach (is_array($piece['openings'] ?? null) ? $piece['openings'] : [] as $opening) {
            $focal = is_array($opening) ? $opening['focalLength'] ?? null : null;
            $entries[] = [is_numeric($focal) ? (float) $focal : 0.0, self::aperture(is_array($opening) ? $opening['widest'] ?? null : null)];
        }

        return ApertureTable::of($entries);
    }

    /**
     * The narrowest opening of a lens that was read.
     *
     * @param array<string, mixed> $piece
     */
    public static function narrowest(array $piece): Aperture
    {
        return self::aperture($piece['narrowest'] ?? null);
    }

    private static function aperture(mixed $label): Aperture
    {
        $text = is_scalar($label) ? (string) $label : '';
        try {
            return Aperture::fromLabel($text, Step::Third);
        } catch (KaddleException) {
            return Aperture::fromLabel($text, Step::Half);
        }
    }
}
