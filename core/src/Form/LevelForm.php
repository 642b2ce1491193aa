<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\SettingKinds;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Exposure\UnknownLabel;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Step;

/** How bright something is: an EV, or the exposure that a meter gave for it. */
final class LevelForm
{
    private function __construct() {}

    /**
     * @param string $label of what is so bright: "glow"
     * @param string $hint to its EV
     *
     * @return list<Field>
     */
    public static function fields(string $label, string $hint): array
    {
        return [
            Field::optional('ev', $label, NumberKind::within(ExposureValue::range()), $hint),
            Field::optional('metered', 'metered exposure', PartKind::one(self::metered())),
        ];
    }

    /** @return ExposureValue|null null after what forbids it was noted */
    public static function level(Record $fields, string $what, Step $step): ?ExposureValue
    {
        if (!$fields->has('metered')) {
            return ExposureValue::atIso100($fields->number('ev'));
        }
        $settings = self::read($fields->record('metered'), $step);

        return $settings === null
            ? null
            : $fields->attempt('metered', static fn(): ExposureValue => $settings->meteredLevel($what));
    }

    /** Settings of a body of any step. @param Record $metered sound */
    public static function settings(Record $metered): ExposureSettings
    {
        try {
            return self::on($metered, Step::Third);
        } catch (UnknownLabel) {
            return self::on($metered, Step::Half);
        }
    }

    private static function metered(): Shape
    {
        return Shape::of(
            Field::needed('shutter', 'metered shutter time', SettingKinds::shutter('1/30')),
            Field::needed('aperture', 'metered aperture', SettingKinds::aperture('f/2.8')),
            Field::needed('iso', 'metered ISO', SettingKinds::iso()),
        )->called('MeteredDraft');
    }

    private static function read(Record $metered, Step $step): ?ExposureSettings
    {
        $shutter = $metered->attempt(
            'shutter',
            static fn(): Shutter => Shutter::fromLabel($metered->text('shutter'), $step),
        );
        $aperture = $metered->attempt(
            'aperture',
            static fn(): Aperture => Aperture::fromLabel($metered->text('aperture'), $step),
        );
        $iso = $metered->attempt('iso', static fn(): Iso => Iso::fromLabel($metered->text('iso'), $step));

        return $shutter === null || $aperture === null || $iso === null
            ? null
            : ExposureSettings::of($shutter, $aperture, $iso);
    }

    /** @throws UnknownLabel */
    private static function on(Record $metered, Step $step): ExposureSettings
    {
        return ExposureSettings::of(
            Shutter::fromLabel($metered->text('shutter'), $step),
            Aperture::fromLabel($metered->text('aperture'), $step),
            Iso::fromLabel($metered->text('iso'), $step),
        );
    }
}
