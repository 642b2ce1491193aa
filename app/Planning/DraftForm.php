<?php

declare(strict_types=1);

namespace App\Planning;

use App\Data\MomentDraft;
use App\Models\Moment;
use Kaddle\Core\Flash\Outfit;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Form\RoomForm;
use Kaddle\Core\Gear\OutfitForm;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\PatternKind;
use Kaddle\Core\Intake\Shape;

/** Everything of a moment that a person can change on the bench, in the shape in which page and server exchange it. */
final class DraftForm
{
    private function __construct() {}

    public static function shape(): Shape
    {
        $outfit = Shape::of(
            Field::needed(
                'units',
                'number of units',
                NumberKind::whole(Outfit::unitRange()),
                'Alike, side by side, fired together.',
            ),
            Field::optional('modifierId', 'modifier', new RecordKind()),
            Field::optional('gelId', 'gel', new RecordKind()),
            OutfitForm::gelled(),
            Field::optional('otherGelId', 'gel of the other units', new RecordKind()),
        )->called('OutfitDraft');

        return Shape::of(
            MomentForm::name(),
            Field::needed('startsAt', 'start', PatternKind::clock()),
            Field::needed('room', 'room', PartKind::one(RoomForm::box())),
            ...MomentForm::settings()->without('units', 'gelled', 'focalLength', 'stands')->fields,
            ...[
                Field::needed('bodyId', 'body', new RecordKind()),
                Field::needed('lensId', 'lens', new RecordKind()),
                Field::needed('flashId', 'flash unit', new RecordKind()),
                Field::needed('outfit', 'outfit', PartKind::one($outfit)),
                MomentForm::settings()->field('focalLength'),
            ],
        )->called('MomentDraft');
    }

    /** A stored moment as a draft. */
    public static function of(Moment $moment): MomentDraft
    {
        return new MomentDraft(self::shape()->stored([
            'name' => $moment->name,
            'startsAt' => $moment->clock(),
            'room' => $moment->room->document(),
            'bodyId' => $moment->body_id,
            'lensId' => $moment->lens_id,
            'flashId' => $moment->flash_id,
            'outfit' => [
                'units' => $moment->settings->whole('units'),
                'modifierId' => $moment->modifier_id,
                'gelId' => $moment->gel_id,
                ...$moment->settings->has('gelled') ? ['gelled' => $moment->settings->whole('gelled')] : [],
                'otherGelId' => $moment->other_gel_id,
            ],
        ] + $moment->settings->toArray())->filled());
    }
}
