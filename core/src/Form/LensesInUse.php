<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Gear\LensForm;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Score\Thing;

/** The lenses that some moment of a night is planned with: what stays on the body may serve another. */
final readonly class LensesInUse
{
    /** Lenses that come into question for a moment beside its own, the first. */
    private const MOST = 3;

    /** @param array<string, array{Thing, Record}> $lenses by identity */
    private function __construct(
        private array $lenses,
    ) {}

    /** @param iterable<array{Thing, Record}> $lenses with their figures; each as often as it comes */
    public static function of(iterable $lenses): self
    {
        $each = [];
        foreach ($lenses as [$thing, $figures]) {
            $each[$thing->identity] = [$thing, $figures];
        }

        return new self($each);
    }

    /**
     * All but one, at a focal length, as far as they have it.
     *
     * @param float $focal mm
     *
     * @return list<array{Thing, Lens}>
     */
    public function besides(Thing $planned, float $focal): array
    {
        $others = [];
        foreach ($this->lenses as $identity => [$thing, $figures]) {
            if ($identity !== $planned->identity && count($others) < self::MOST && LensForm::openings($figures)->focalRange()->contains($focal)) {
                $others[] = [$thing, LensForm::at($figures, $focal)];
            }
        }

        return $others;
    }
}
