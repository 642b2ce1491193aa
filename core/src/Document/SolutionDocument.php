<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Advice\Offer;
use Kaddle\Core\Advice\Remedy;
use Kaddle\Core\Advice\Spares;
use Kaddle\Core\Exposure\DepthOfField;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\Shortfall;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Words\Reason;
use Kaddle\Core\Words\ReasonWords;
use Kaddle\Core\Words\Voice;

/**
 * A solution as it leaves the engine: the same for the page and for the shell. Schema: solution.schema.json.
 */
final readonly class SolutionDocument
{
    /**
     * @param list<ShortfallDocument> $shortfalls
     * @param list<RemedyDocument> $remedies
     * @param list<ReasonDocument> $reasons
     * @param list<AimDocument> $aims
     * @param list<OfferDocument> $offers
     */
    private function __construct(
        /** Format of this document. */
        public int $version,
        /** Whether room and face come out as wished, within half a click. */
        public bool $feasible,
        public ControlDocument $shutter,
        public ControlDocument $aperture,
        public ControlDocument $iso,
        public ControlDocument $output,
        /** m from the lens, where sharpness begins with the focus on the face. */
        public float $sharpFrom,
        /** m, where it ends; null when it does not. */
        public ?float $sharpTo,
        public AimDocument $head,
        public LevelsDocument $levels,
        public SplitDocument $split,
        /** Empty when feasible. @var list<ShortfallDocument> */
        public array $shortfalls,
        /** Most stops first. @var list<RemedyDocument> */
        public array $remedies,
        /** In the order of thought. @var list<ReasonDocument> */
        public array $reasons,
        /** Every way to point the head, least trouble first, then those that are none. @var list<AimDocument> */
        public array $aims,
        /** Help where the room is brighter than sync speed allows; empty where it is not. @var list<OfferDocument> */
        public array $offers,
        /** The group; null for one person. */
        public ?GroupDocument $group,
        /** If the other light of the room were held; null where the same falls on face and background. */
        public ?OtherHoldDocument $otherHold,
        /** Of the room, whichever way it is told: EV at ISO 100. */
        public float $glow,
        /** Stops at which a light that is kept reads, by itself; null where none is. */
        public ?float $kept,
        /** Where the zoom stands, mm at 36 mm x 24 mm. */
        public float $zoom,
        public SectionDocument $section,
    ) {}

    /** @param Spares|null $spares what the bag holds; null where nobody knows */
    public static function of(Solution $solution, Voice $voice, ?Spares $spares = null): self
    {
        $choice = $solution->best->choice;
        $moment = $solution->moment;
        $sharp = DepthOfField::atMetres($moment->optics, $choice->settings->aperture, $moment->scene->distance);

        return new self(
            1,
            $solution->isFeasible(),
            ControlDocument::shutter($solution, $voice),
            ControlDocument::aperture($solution, $voice),
            ControlDocument::iso($solution, $voice),
            ControlDocument::output($solution, $voice),
            round($sharp->near, 2),
            is_finite($sharp->far) ? round($sharp->far, 2) : null,
            AimDocument::of($solution->best, $solution),
            LevelsDocument::of($solution),
            SplitDocument::of($solution->best->light),
            array_map(static fn(Shortfall $s): ShortfallDocument => ShortfallDocument::of($s), $solution->shortfalls),
            array_map(
                static fn(Remedy $r): RemedyDocument => RemedyDocument::of($r, $voice),
                Remedy::allFor($solution, $spares),
            ),
            array_map(
                static fn(Reason $r): ReasonDocument => ReasonDocument::of($r),
                ReasonWords::of($solution, $voice),
            ),
            array_map(
                static fn(Candidate $c): AimDocument => AimDocument::of($c, $solution),
                self::listed($solution),
            ),
            array_map(static fn(Offer $o): OfferDocument => OfferDocument::of($o), Offer::allFor($solution)),
            GroupDocument::of($solution, $voice),
            OtherHoldDocument::of($solution),
            round($moment->glow->ev, 2),
            $moment->look->kept === null
                ? null
                : Rounded::stops($moment->look->kept->reads($moment->glow, $solution->levels->room)),
            round($moment->zoomFor($solution->best->light->aim)->focalLength, 1),
            SectionDocument::of($solution),
        );
    }

    /** @return list<Candidate> a way that somebody insists on is listed once */
    private static function listed(Solution $solution): array
    {
        return [...$solution->candidates, ...array_values(array_filter(
            $solution->leftOut,
            static fn(Candidate $c): bool => !in_array($c, $solution->candidates, true),
        ))];
    }
}
