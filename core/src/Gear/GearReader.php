<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Body;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Exposure\Steadiness;
use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Flash\ZoomTable;
use Kaddle\Core\KaddleException;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Reading\Faults;
use Kaddle\Core\Reading\Fields;

/** @internal the gear in a moment document */
final readonly class GearReader
{
    /** Where a head that does not zoom is said to stand, mm. */
    private const ANY_ZOOM = 35.0;

    private const MOST_ZOOM_STEPS = 20;

    public function __construct(
        private Fields $document,
        private Faults $faults,
    ) {}

    public function body(): ?Body
    {
        $fields = $this->document->object('body');
        $fields->allowOnly('step', 'sync', 'baseIso', 'usableIso', 'stabiliser', 'crop', 'strictness');
        $step = $fields->oneOf('step', 'step of the body', Step::class);
        $sync = $fields->label('sync', 'sync speed', static fn(string $l): Shutter => Shutter::fromLabel($l, $step ?? Step::Third));
        $base = $fields->label('baseIso', 'lowest ISO', static fn(string $l): Iso => Iso::fromLabel($l, $step ?? Step::Third));
        $usable = $fields->label('usableIso', 'usable ISO', static fn(string $l): Iso => Iso::fromLabel($l, $step ?? Step::Third));
        $stabiliser = $fields->number('stabiliser', 'stabiliser', Steadiness::stabiliserLimits());
        $crop = $fields->number('crop', 'crop factor', Optics::cropLimits());
        $strictness = $fields->number('strictness', 'hand-held rule k', Steadiness::strictnessLimits());
        if ($step === null || $sync === null || $base === null || $usable === null || $stabiliser === null || $crop === null || $strictness === null) {
            return null;
        }

        return $this->sane('body', static fn(): Body => Body::of($step, $sync, $base, $usable, $stabiliser, $crop, $strictness));
    }

    public function lens(): ?Lens
    {
        $fields = $this->document->object('lens');
        $fields->allowOnly('focalLength', 'widest', 'narrowest', 'bestFrom', 'bestTo');
        $focal = $fields->number('focalLength', 'focal length', Optics::focalLimits());
        $widest = $fields->label('widest', 'widest aperture', static fn(string $l): Aperture => Aperture::fromLabel($l, Step::Third));
        $narrowest = $fields->label('narrowest', 'narrowest aperture', static fn(string $l): Aperture => Aperture::fromLabel($l, Step::Third));
        $best = static fn(string $name, string $what): ?Aperture => $fields->has($name) ? $fields->label($name, $what, static fn(string $l): Aperture => Aperture::fromLabel($l, Step::Third)) : null;
        $from = $best('bestFrom', 'widest of the sharpest apertures');
        $to = $best('bestTo', 'narrowest of the sharpest apertures');
        if ($focal === null || $widest === null || $narrowest === null) {
            return null;
        }

        return $this->sane('lens', static fn(): Lens => Lens::of($focal, $widest, $narrowest, $from, $to));
    }

    public function flash(): ?FlashUnit
    {
        $fields = $this->document->object('flash');
        $fields->allowOnly('zoom', 'bounceZoom', 'guideNumber', 'halfAngle', 'lowestUnderFull', 'step', 'highSpeed', ...OutfitReader::FIELDS);
        $zoom = $fields->has('zoom') ? $this->zoomTable($fields) : $this->fixedZoom($fields);
        $bounceZoom = $fields->has('zoom') ? $fields->number('bounceZoom', 'bounce zoom', ZoomStep::focalLimits()) : self::ANY_ZOOM;
        $lowest = $fields->number('lowestUnderFull', 'lowest output', FlashUnit::lowestLimits());
        $step = $fields->oneOf('step', 'step of the flash', Step::class);
        $bare = $zoom === null || $bounceZoom === null ? null : $zoom->at($bounceZoom)->beam();
        $outfit = OutfitReader::outfit($fields, $bare);
        if ($zoom === null || $bounceZoom === null || $lowest === null || $step === null || $outfit === null) {
            return null;
        }

        return FlashUnit::of($zoom, $bounceZoom, (int) round($lowest), $step, $outfit, $fields->flag('highSpeed', 'high-speed sync'));
    }

    private function fixedZoom(Fields $fields): ?ZoomTable
    {
        $guideNumber = $fields->number('guideNumber', 'guide number', Beam::guideNumberLimits());
        $halfAngle = $fields->number('halfAngle', 'half-angle of the beam', Beam::halfAngleLimits());

        return $guideNumber === null || $halfAngle === null
            ? null
            : ZoomTable::fixed(ZoomStep::of(self::ANY_ZOOM, $guideNumber, $halfAngle));
    }

    private function zoomTable(Fields $fields): ?ZoomTable
    {
        $steps = [];
        $complete = true;
        foreach ($fields->items('zoom', 'zoom settings', self::MOST_ZOOM_STEPS) as $item) {
            $item->allowOnly('focalLength', 'guideNumber', 'halfAngle');
            $focal = $item->number('focalLength', 'zoom setting', ZoomStep::focalLimits());
            $guideNumber = $item->number('guideNumber', 'guide number', Beam::guideNumberLimits());
            $halfAngle = $item->number('halfAngle', 'half-angle of the beam', Beam::halfAngleLimits());
            if ($focal === null || $guideNumber === null || $halfAngle === null) {
                $complete = false;
            } else {
                $steps[] = ZoomStep::of($focal, $guideNumber, $halfAngle);
            }
        }

        return $complete && $steps !== [] ? $this->sane('flash.zoom', static fn(): ZoomTable => ZoomTable::of($steps)) : null;
    }

    /**
     * @template T of object
     *
     * @param callable(): T $make
     *
     * @return T|null
     */
    private function sane(string $name, callable $make): ?object
    {
        try {
            return $make();
        } catch (KaddleException $e) {
            $this->faults->add($name, $e->getMessage());

            return null;
        }
    }
}
