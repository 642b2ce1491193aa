<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Radiosity\Interreflection;
use Kaddle\Core\Radiosity\Patches;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Probe;

/**
 * A room and the places in it where light matters, ready for any heads.
 *
 * Every lobe is traced as rays of equal energy to the faces that it hits; each
 * hit re-radiates (Lambert) straight to the probes, and counts for everything
 * after by the importance of the patch that it falls on.
 *
 * @see docs/physics.md, “Direct”
 */
final readonly class ProbedRoom
{
    /**
     * @param array<string, Probe> $probes
     * @param array<string, array{list<float>, list<float>, list<float>}> $importance lx per lm, by probe, band and patch
     */
    private function __construct(
        private BoxRoom $room,
        private Patches $patches,
        private array $probes,
        private array $importance,
    ) {}

    /**
     * @internal use FlashInRoom::at()
     *
     * @param array<string, Probe> $probes
     */
    public static function of(BoxRoom $room, Interreflection $interreflection, array $probes): self
    {
        return new self(
            $room,
            $interreflection->patches,
            $probes,
            array_map($interreflection->importance(...), $probes),
        );
    }

    /** The light of one head, or of several together. */
    public function lit(Head ...$heads): LitRoom
    {
        return new LitRoom($this->room, $this->patches, $this->probes, $this->importance, TracedLobe::all($this->room, TracedLobe::RAYS, ...$heads));
    }

    /** @return array<string, Exposure> at full power, under the names of the probes */
    public function exposures(Head ...$heads): array
    {
        return $this->lit(...$heads)->exposures();
    }
}
