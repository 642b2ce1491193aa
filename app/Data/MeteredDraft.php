<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Exposure\ExposureSettings;

/** Settings as a camera shows them. */
final readonly class MeteredDraft
{
    private function __construct(
        public string $shutter,
        public string $aperture,
        public string $iso,
    ) {}

    /** @return ($settings is null ? null : self) */
    public static function of(?ExposureSettings $settings): ?self
    {
        return $settings === null ? null : new self($settings->shutter->label(), $settings->aperture->label(), $settings->iso->label());
    }
}
