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
            new LookDraft($moment->room_under_stops, $moment->working_av->label(), LocksDraft::of($moment)),
            $moment->head_aim,
            $moment->body_id,
            $moment->lens_id,
            $moment->flash_id,
            new OutfitDraft($moment->units, $moment->modifier_id, $moment->gel_id),
            $moment->focal_mm,
        );
    }
}
