<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Reference;

use Kaddle\Core\Flash\CosineSpread;
use Kaddle\Core\Flash\Lobe;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\RidgeWay;
use Kaddle\Core\Room\Vector;

/**
 * Light by chance: photons from a lobe bounce about a room until they are dull, and
 * every hit is seen by the probe. Slow and independent of the engine's form factors,
 * patches and slopes: the roof is met by its own arithmetic. For rooms that the golden
 * file does not have.
 */
final class PhotonTracer
{
    private const BOUNCES = 40;
    private const DULL = 0.002;

    private \Random\Randomizer $chance;

    public function __construct(private readonly BoxRoom $room, int $seed)
    {
        $this->chance = new \Random\Randomizer(new \Random\Engine\Xoshiro256StarStar($seed));
    }

    /** Green luminous exposure at full power after one reflection and more, lx·s. */
    public function reflected(Lobe $lobe, Probe $probe, int $photons): float
    {
        $power = $lobe->beam->spread instanceof CosineSpread ? 1.0 / ($lobe->beam->spread->exponent + 1.0) : throw new \LogicException('a beam with an edge is traced as its rectangle');
        $sum = 0.0;
        for ($i = 0; $i < $photons; ++$i) {
            $sum += $this->follow($lobe->position, $this->about($lobe->direction->unit, $power), $probe);
        }

        return $sum * $lobe->beam->energy() / $photons;
    }

    /**
     * The same, and what comes straight, of a head as it is printed: a rectangle of 3:2 with a steep
     * edge, its long side level, I0·exp(−ln 2·(|a/tx|⁸ + |b/ty|⁸)) over the tangents a to the side and
     * b upwards.
     *
     * @param float $axial I0, cd·s
     * @param float $coverage degrees along the long side
     */
    public function printed(Vector $head, Vector $axis, float $axial, float $coverage, Probe $probe, int $photons): float
    {
        $tx = tan(deg2rad($coverage / 2.0));
        $ty = $tx * 2.0 / 3.0;
        $side = $axis->cross(Vector::of(0.0, 0.0, 1.0));
        $side = $side->length() < 1e-9 ? Vector::of(0.0, 1.0, 0.0) : $side->times(1.0 / $side->length());
        $up = $side->cross($axis);
        $shine = static fn(float $a, float $b): float => exp(-M_LN2 * (($a / $tx) ** 8 + ($b / $ty) ** 8));
        $sum = 0.0;
        for ($i = 0; $i < $photons; ++$i) {
            $a = 3.0 * $tx * ($this->share() - 0.5);
            $b = 3.0 * $ty * ($this->share() - 0.5);
            $long = 1.0 + $a * $a + $b * $b;
            $way = $axis->plus($side->times($a))->plus($up->times($b))->times(1.0 / sqrt($long));
            $sum += $shine($a, $b) / $long ** 1.5 * $this->follow($head, $way, $probe);
        }
        $straight = $probe->point->minus($head);
        $ahead = $straight->dot($axis);
        $direct = $ahead > 0.0
            ? $shine($straight->dot($side) / $ahead, $straight->dot($up) / $ahead) * max(0.0, -$straight->dot($probe->normal->unit)) / $straight->length() ** 3
            : 0.0;

        return $axial * ($sum * 9.0 * $tx * $ty / $photons + $direct);
    }

    private function follow(Vector $from, Vector $way, Probe $probe): float
    {
        $weight = 1.0;
        $seen = 0.0;
        for ($bounce = 0; $bounce < self::BOUNCES && $weight > self::DULL; ++$bounce) {
            [$face, $from, $normal] = $this->hit($from, $way);
            $weight *= $this->room->reflectance($face)->share->g;
            $seen += $weight * self::seen($from, $normal, $probe);
            $way = $this->about($normal, 0.5);
        }

        return $seen;
    }

    /** A direction about an axis with density cosⁿ, where $power = 1/(n + 1). */
    private function about(Vector $axis, float $power): Vector
    {
        $cos = (1.0 - $this->share()) ** $power;
        $turn = 2.0 * M_PI * $this->share();
        $sin = sqrt(max(0.0, 1.0 - $cos * $cos));
        $aside = abs($axis->z) < 0.9 ? Vector::of(-$axis->y, $axis->x, 0.0) : Vector::of(0.0, -$axis->z, $axis->y);
        $a = $aside->times(1.0 / $aside->length());
        $b = $axis->cross($a);

        return $axis->times($cos)->plus($a->times($sin * cos($turn)))->plus($b->times($sin * sin($turn)));
    }

    /** Anywhere from 0 to just under 1. */
    private function share(): float
    {
        return $this->chance->getInt(0, 0x3fffffff) / 0x40000000;
    }

    private static function seen(Vector $from, Vector $normal, Probe $probe): float
    {
        $way = $probe->point->minus($from);
        $leaving = $way->dot($normal);
        $arriving = -$way->dot($probe->normal->unit);

        return $leaving > 0.0 && $arriving > 0.0 ? $leaving * $arriving / (M_PI * $way->dot($way) ** 2) : 0.0;
    }

    /** @return array{Face, Vector, Vector} the face, the place, and the normal there */
    private function hit(Vector $from, Vector $way): array
    {
        $nearest = INF;
        $hit = [Face::Floor, Vector::of(0.0, 0.0, 1.0)];
        foreach ($this->planes() as [$face, $normal, $offset]) {
            $approach = -$way->dot($normal);
            $reach = $approach > 1e-12 ? ($from->dot($normal) - $offset) / $approach : INF;
            if ($reach < $nearest) {
                [$nearest, $hit] = [$reach, [$face, $normal]];
            }
        }

        return [$hit[0], $from->plus($way->times($nearest * (1.0 - 1e-9))), $hit[1]];
    }

    /** @return list<array{Face, Vector, float}> face, inward normal, and what a point's product with it must exceed */
    private function planes(): array
    {
        $r = $this->room;
        $walls = [
            [Face::Floor, Vector::of(0.0, 0.0, 1.0), 0.0],
            [Face::Back, Vector::of(1.0, 0.0, 0.0), 0.0],
            [Face::Far, Vector::of(-1.0, 0.0, 0.0), -$r->length],
            [Face::Right, Vector::of(0.0, 1.0, 0.0), 0.0],
            [Face::Left, Vector::of(0.0, -1.0, 0.0), -$r->width],
        ];
        if ($r->roof === null) {
            return [...$walls, [Face::Ceiling, Vector::of(0.0, 0.0, -1.0), -$r->height]];
        }
        $half = ($r->roof->way === RidgeWay::Along ? $r->width : $r->length) / 2.0;
        $pitch = atan2($r->roof->ridge - $r->height, $half);
        foreach ([1.0, -1.0] as $side) {
            $level = sin($pitch) * $side;
            $normal = $r->roof->way === RidgeWay::Along ? Vector::of(0.0, $level, -cos($pitch)) : Vector::of($level, 0.0, -cos($pitch));
            $ridge = $r->roof->way === RidgeWay::Along ? Vector::of(0.0, $half, $r->roof->ridge) : Vector::of($half, 0.0, $r->roof->ridge);
            $walls[] = [Face::Ceiling, $normal, $ridge->dot($normal)];
        }

        return $walls;
    }
}
