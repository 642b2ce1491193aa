<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\KaddleException;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Reading\Fields;

/** @internal how bright something is, in a moment document: an EV, or the exposure that a meter gave for it */
final readonly class LevelReader
{
    private function __construct(
        private Fields $fields,
        private string $what,
        private Step $step,
    ) {}

    /**
     * @param string $what is so bright: "glow"
     * @param Step $step of the body that metered
     */
    public static function in(Fields $fields, string $what, Step $step): self
    {
        if ($fields->has('metered') && $fields->has('ev')) {
            $fields->fault('ev', "Give the $what either as EV or as a metered exposure, not both.");
        }

        return new self($fields, $what, $step);
    }

    public function metered(): ?ExposureSettings
    {
        if (!$this->fields->has('metered')) {
            return null;
        }
        $metered = $this->fields->object('metered');
        $metered->allowOnly('shutter', 'aperture', 'iso');
        $shutter = $metered->label('shutter', 'metered shutter time', fn(string $l): Shutter => Shutter::fromLabel($l, $this->step));
        $aperture = $metered->label('aperture', 'metered aperture', fn(string $l): Aperture => Aperture::fromLabel($l, $this->step));
        $iso = $metered->label('iso', 'metered ISO', fn(string $l): Iso => Iso::fromLabel($l, $this->step));

        return $shutter === null || $aperture === null || $iso === null ? null : ExposureSettings::of($shutter, $aperture, $iso);
    }

    /** @param ExposureSettings|null $metered what metered() gave */
    public function level(?ExposureSettings $metered): ?ExposureValue
    {
        if ($this->fields->has('metered')) {
            return $metered === null ? null : $this->of($metered);
        }
        $ev = $this->fields->number('ev', $this->what, ExposureValue::limits());

        return $ev === null ? null : ExposureValue::atIso100($ev);
    }

    private function of(ExposureSettings $metered): ?ExposureValue
    {
        try {
            return $metered->meteredLevel($this->what);
        } catch (KaddleException $e) {
            $this->fields->fault('metered', $e->getMessage());

            return null;
        }
    }
}
