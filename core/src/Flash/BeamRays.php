<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Footprint;

/**
 * A beam as rays of equal energy.
 *
 * With the share of light farther out evenly spread over (0, 1) every ray carries the same
 * light; turning by the golden angle from ray to ray spreads them evenly about the
 * axis (Vogel's spiral), which integrates smooth scenes far better than chance.
 *
 * @see docs/physics.md, “First reflection”
 *
 * @phpstan-all-methods-pure
 */
final readonly class BeamRays
{
    private function __construct(
        private Lobe $lobe,
        private int $rays,
    ) {}

    /** @param int $rays 1 or more */
    public static function of(Lobe $lobe, int $rays): self
    {
        return new self($lobe, $rays);
    }

    /** Light of each ray at full power, lm·s. */
    public function energy(): float
    {
        return $this->lobe->beam->energy() / $this->rays;
    }

    /** @return list<Footprint> where the rays end, by surface */
    public function endsIn(BoxRoom $room): array
    {
        $d = $this->lobe->direction->unit;
        [$a, $b] = $this->lobe->direction->across();
        $spread = $this->lobe->beam->spread;
        // The spiral winds the other way to the right, so that a mirrored room gets mirrored rays.
        $hand = $d->y < 0.0 ? -1.0 : 1.0;
        $golden = M_PI * (3.0 - sqrt(5.0));
        [$turnCos, $turnSin] = [cos($golden), $hand * sin($golden)];
        [$ca, $cb] = [$hand, 0.0];
        $x = $y = $z = $solidAngles = [];
        $outer = $spread->cosineAt(0.0);
        $next = $spread->cosineAt(0.5 / $this->rays);
        for ($i = 0; $i < $this->rays; ++$i) {
            $cos = $next;
            $next = $i + 1 < $this->rays ? $spread->cosineAt(($i + 1.5) / $this->rays) : 2.0 - $cos;
            $inner = 0.5 * ($cos + $next);
            $sin = sqrt(1.0 - $cos * $cos);
            $x[] = $cos * $d->x + $sin * ($ca * $a->x + $cb * $b->x);
            $y[] = $cos * $d->y + $sin * ($ca * $a->y + $cb * $b->y);
            $z[] = $cos * $d->z + $sin * ($ca * $a->z + $cb * $b->z);
            $solidAngles[] = 2.0 * M_PI * ($inner - $outer);
            $outer = $inner;
            [$ca, $cb] = [$ca * $turnCos - $cb * $turnSin, $ca * $turnSin + $cb * $turnCos];
        }

        return $room->footprints($this->lobe->position, $x, $y, $z, $solidAngles);
    }
}
