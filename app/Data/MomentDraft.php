<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;
use Kaddle\Core\Flash\HeadAim;

/** Everything of a moment that a person can change, in the shape in which page and server exchange it. */
final readonly class MomentDraft
{
    private function __construct(
        public string $name,
        /** "19:30" */
        public string $startsAt,
        public RoomDraft $room,
        public CameraDraft $camera,
        public SubjectDraft $subject,
        public GlowDraft $glow,
        public LookDraft $look,
        /** Where the head must point; null leaves it to Kaddle. */
        public ?HeadAim $head,
        /** For a head that is turned by hand; null otherwise. */
        public ?PointingDraft $pointing,
        /** mm, where the zoom of the head is set by hand; null where it follows. */
        public ?float $zoom,
        public DialledDraft $dialled,
        public int $bodyId,
        public int $lensId,
        public int $flashId,
        public OutfitDraft $outfit,
        /** mm, within the lens. */
        public float $focalLength,
    ) {}

    public static function of(Moment $moment): self
    {
        return new self(
            $moment->name,
            $moment->clock(),
            RoomDraft::of($moment->room),
            new CameraDraft($moment->from_back_wall_m, $moment->camera_height_m),
            new SubjectDraft($moment->subject_distance_m, $moment->subject_height_m),
            GlowDraft::of($moment),
            LookDraft::of($moment),
            $moment->head_aim,
            $moment->head_turn === null || $moment->head_tilt === null ? null : new PointingDraft($moment->head_turn, $moment->head_tilt),
            $moment->head_zoom,
            new DialledDraft($moment->dialled_body, $moment->dialled_exposure),
            $moment->body_id,
            $moment->lens_id,
            $moment->flash_id,
            new OutfitDraft($moment->units, $moment->modifier_id, $moment->gel_id),
            $moment->focal_mm,
        );
    }
}
