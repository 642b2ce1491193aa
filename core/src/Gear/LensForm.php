<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ApertureTable;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\Exposure\SettingKinds;
use Kaddle\Core\Exposure\UnknownLabel;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\KaddleException;
use Kaddle\Core\Quantity\Step;

/** A lens: with all its focal lengths in a bag, at one of them in a moment document. */
final class LensForm
{
    private const MOST_OPENINGS = 12;

    private function __construct() {}

    public static function piece(): Shape
    {
        $opening = Shape::of(self::focalLength(), self::widest());

        return Shape::of(
            Field::needed(
                'openings',
                'focal lengths with their widest aperture',
                PartKind::listOf($opening, 'focal length', self::MOST_OPENINGS, 1),
                'From short to long; one for a lens that does not zoom.',
            ),
            ...self::stops(),
            ...[self::closest()],
        )->checked(self::mustBePossible(...));
    }

    /** As a moment document carries it. */
    public static function figures(): Shape
    {
        return Shape::of(self::focalLength(), self::widest(), ...self::stops(), ...[self::closest()]);
    }

    public static function focalLength(): Field
    {
        return Field::needed('focalLength', 'focal length', NumberKind::within(Optics::focalRange()));
    }

    /** @return Lens|null null after what forbids it was noted */
    public static function lens(Record $document): ?Lens
    {
        if (!$document->isSound('lens')) {
            return null;
        }
        $figures = $document->record('lens');
        $at = static fn(string $name): ?Aperture => $figures->has($name)
            ? $figures->attempt($name, static fn(): Aperture => Aperture::fromLabel($figures->text($name), Step::Third))
            : null;
        [$widest, $narrowest, $from, $to] = [$at('widest'), $at('narrowest'), $at('bestFrom'), $at('bestTo')];

        return $widest === null || $narrowest === null
            ? null
            : $document->attempt(
                'lens',
                static fn(): Lens => Lens::ofMillimetres(
                    $figures->number('focalLength'),
                    $widest,
                    $narrowest,
                    $from,
                    $to,
                    $figures->number('closest'),
                ),
            );
    }

    /** The widest openings of a lens of a bag. */
    public static function openings(Record $piece): ApertureTable
    {
        return ApertureTable::of(array_map(
            static fn(Record $opening): array => [
                $opening->number('focalLength'),
                self::aperture($opening->text('widest')),
            ],
            $piece->records('openings'),
        ));
    }

    /**
     * A lens of a bag at a focal length, or at the nearest that it has.
     *
     * @param float $focal mm
     */
    public static function at(Record $piece, float $focal): Lens
    {
        $openings = self::openings($piece);
        $nearest = $openings->focalRange()->nearest($focal);
        $aperture = static fn(string $name): ?Aperture => $piece->has($name) ? self::aperture($piece->text($name)) : null;

        return Lens::ofMillimetres(
            $nearest,
            $openings->at($nearest),
            self::narrowest($piece),
            $aperture('bestFrom'),
            $aperture('bestTo'),
            $piece->number('closest'),
        );
    }

    /** The narrowest opening of a lens of a bag. */
    public static function narrowest(Record $piece): Aperture
    {
        return self::aperture($piece->text('narrowest'));
    }

    private static function mustBePossible(Record $piece): void
    {
        if (!$piece->isSound()) {
            return;
        }
        try {
            $table = self::openings($piece);
            $narrowest = self::narrowest($piece);
            if ($table->at($table->focalRange()->max)->av->thirtieths >= $narrowest->av->thirtieths) {
                $piece->fault(
                    'narrowest',
                    "The narrowest aperture {$narrowest->label()} must be narrower than the widest.",
                );
            }
            if ($piece->has('bestFrom') && $piece->has('bestTo')
                && self::aperture($piece->text('bestFrom'))->av->thirtieths > self::aperture($piece->text('bestTo'))->av->thirtieths) {
                $piece->fault('bestTo', 'The sharpest range must run from wide to narrow.');
            }
        } catch (KaddleException $e) {
            $piece->fault('openings', $e->sentence());
        }
    }

    private static function closest(): Field
    {
        return Field::optional(
            'closest',
            'close limit',
            NumberKind::within(Lens::closestRange()),
            'The nearest that it focuses to.',
            Lens::USUAL_CLOSEST,
        );
    }

    private static function widest(): Field
    {
        return Field::needed('widest', 'widest aperture', SettingKinds::aperture('f/2.8'));
    }

    /** @return list<Field> */
    private static function stops(): array
    {
        return [
            Field::needed('narrowest', 'narrowest aperture', SettingKinds::aperture('f/16')),
            Field::optional(
                'bestFrom',
                'widest of the sharpest apertures',
                SettingKinds::aperture('f/4'),
                'Leave both out for two to four stops under wide open.',
            ),
            Field::optional('bestTo', 'narrowest of the sharpest apertures', SettingKinds::aperture('f/8')),
        ];
    }

    private static function aperture(string $label): Aperture
    {
        try {
            return Aperture::fromLabel($label, Step::Third);
        } catch (UnknownLabel) {
            return Aperture::fromLabel($label, Step::Half);
        }
    }
}
