<?php

declare(strict_types=1);

namespace Kaddle\Core\Kit;

use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\Limit;
use Kaddle\Core\Solve\Shortfall;
use Kaddle\Core\Solve\ShortfallKind;

/** One way of lighting one moment, with what it has to spare; what the solver cannot have is short here too. */
final readonly class KitCell
{
    /**
     * @internal made by KitCheck only
     *
     * @param Candidate|null $candidate what the solver makes of it; null where no head can point so
     * @param list<Shortfall> $shortfalls what that misses
     */
    public function __construct(
        public KitWay $way,
        public KitMargin $margin,
        private ?Candidate $candidate,
        private array $shortfalls,
    ) {}

    /** Where the head points; null where none can. */
    public function aim(): ?HeadAim
    {
        return $this->candidate?->light->aim;
    }

    /** Luminous exposure on the face by a full pop, lx·s. */
    public function onFace(): float
    {
        return $this->candidate?->light->onFace() ?? 0.0;
    }

    /** To spare, 0 or more; below 0 by how much it falls short, endless where no light arrives. */
    public function stops(): Stops
    {
        return match (true) {
            $this->candidate === null => Stops::of(-INF),
            $this->isShort() => Stops::of(-max(0.0, ...array_map(static fn(Shortfall $s): float => $s->stops->value, $this->shortfalls))),
            default => Stops::of(max(0.0, $this->margin->stops()->value)),
        };
    }

    /** Whether it cannot be had. */
    public function isShort(): bool
    {
        return $this->candidate === null || $this->shortfalls !== [];
    }

    public function bound(): KitBound
    {
        if (!$this->isShort()) {
            return $this->margin->bound();
        }
        $worst = null;
        foreach ($this->shortfalls as $shortfall) {
            $worst = $worst === null || $shortfall->stops->value > $worst->stops->value ? $shortfall : $worst;
        }

        return match ($worst?->kind) {
            null => KitBound::NoLight,
            ShortfallKind::FlashTooWeak => is_infinite($worst->stops->value) ? KitBound::NoLight : KitBound::FullOutput,
            ShortfallKind::FlashTooStrong => KitBound::LowestOutput,
            ShortfallKind::RoomTooBright, ShortfallKind::FaceTooBright => KitBound::TooBright,
            ShortfallKind::Shaky => KitBound::Hands,
            ShortfallKind::Smeared => KitBound::Movers,
            ShortfallKind::RoomTooDark => match (true) {
                $worst->has(Limit::LowestOutput) => KitBound::LowestOutput,
                $worst->has(Limit::GroupDepth) => KitBound::Depth,
                default => KitBound::IsoAndAperture,
            },
        };
    }
}
