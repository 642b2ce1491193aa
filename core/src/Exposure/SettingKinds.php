<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Intake\LabelKind;
use Kaddle\Core\Quantity\Step;

/** Settings in a form, on the scale of third or of half stops: which of them a body has is seen when both are there. */
final class SettingKinds
{
    private function __construct() {}

    public static function shutter(string $example = '1/200'): LabelKind
    {
        return self::readBy(
            static fn(string $label, Step $step): string => Shutter::fromLabel($label, $step)->label(),
            $example,
        );
    }

    public static function aperture(string $example = 'f/4'): LabelKind
    {
        return self::readBy(
            static fn(string $label, Step $step): string => Aperture::fromLabel($label, $step)->label(),
            $example,
        );
    }

    public static function iso(string $example = '1600'): LabelKind
    {
        return self::readBy(
            static fn(string $label, Step $step): string => Iso::fromLabel($label, $step)->label(),
            $example,
        );
    }

    /** @param \Closure(string, Step): string $read throws UnknownLabel */
    private static function readBy(\Closure $read, string $example): LabelKind
    {
        return LabelKind::madeBy(static function (string $label) use ($read): string {
            try {
                return $read($label, Step::Third);
            } catch (UnknownLabel) {
                return $read($label, Step::Half);
            }
        }, $example);
    }
}
