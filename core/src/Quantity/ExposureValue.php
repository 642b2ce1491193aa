<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * How bright a room glows, as EV at ISO 100.
 *
 * EV = log2(N²/t) of the exposure that a meter would choose at ISO 100.
 *
 * @see docs/physics.md, “Exposure”
 *
 * @phpstan-all-methods-pure
 */
final readonly class ExposureValue
{
    /** Calibration of incident meters, in H = C·N²/S: the one that most have (ISO 2720). */
    public const C = 250.0;

    /** lx of incident light at EV 0 and ISO 100: E = C·2^EV/100. */
    public const LUX_AT_ZERO = self::C / 100.0;

    /** Calibration of incident meters with a dome (ISO 2720 allows up to 540). */
    private const DOME = 330.0;

    private function __construct(
        /** −6 (moonless quay) to 18 (sun on snow). */
        public float $ev,
    ) {}

    /**
     * @param string $what is so bright, for the sentence
     * @param float $ev −6 to 18
     *
     * @throws OutOfRange
     */
    public static function atIso100(float $ev, string $what = 'glow'): self
    {
        return new self(self::range()->checked($what, $ev));
    }

    /**
     * As an incident meter reads it.
     *
     * @throws OutOfRange
     */
    public static function ofLight(Illuminance $light): self
    {
        return self::atIso100($light->ev());
    }

    /**
     * As an incident meter under its dome reads it, set to a C of about 330: 0.4 stop under a flat receptor.
     *
     * @param float $ev that it shows at ISO 100
     *
     * @throws OutOfRange
     */
    public static function underDome(float $ev): self
    {
        return self::atIso100($ev + log(self::DOME / self::C, 2));
    }

    public static function range(): Range
    {
        return Range::between(-6.0, 18.0, 'EV', 0.1);
    }

    /** The incident light that reads so. */
    public function light(): Illuminance
    {
        return Illuminance::ofLux(self::LUX_AT_ZERO * 2.0 ** $this->ev);
    }
}
