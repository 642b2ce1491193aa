<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Moment;
use App\Models\Piece;
use App\Models\Room;
use Illuminate\Database\Eloquent\Builder;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Quantity\Sentence;

/** Rooms and gear are shared by moments, and no change of them may leave a moment that cannot be reckoned with. */
final class MomentsStillFit
{
    /** Moments alike in these can only fit or fail together. */
    private const GEAR = ['body_id', 'lens_id', 'flash_id', 'modifier_id', 'gel_id', 'other_gel_id', 'settings'];

    private const SCENE = ['settings->camera', 'settings->subject'];

    private function __construct() {}

    /** @param int $except a moment that is looked at elsewhere; 0 for none */
    public static function inRoom(Room $room, int $except = 0): void
    {
        $field = $room->isDirty('height_m') ? 'height' : 'length';
        self::check(
            Moment::query()->whereBelongsTo($room)->whereKeyNot($except)->distinct(...self::SCENE),
            static fn(Moment $m): Moment => $m->setRelation('room', $room),
            $except === 0 ? $field : "room.$field",
            'takes place in the same room and would no longer fit.',
        );
    }

    public static function with(Piece $piece): void
    {
        if ($piece->kind !== PieceKind::Battery) {
            self::check(
                $piece->moments()->distinct(...self::GEAR),
                static fn(Moment $m): Moment => $m->withChanged($piece),
                'name',
                'is planned with it and could not be any more.',
            );
        }
    }

    /**
     * @param Builder<Moment> $moments
     * @param \Closure(Moment): Moment $changed
     */
    private static function check(Builder $moments, \Closure $changed, string $field, string $sentence): void
    {
        foreach ($moments->with(Moment::WHOLE)->get() as $moment) {
            try {
                MomentReader::fromArray($changed($moment)->document());
            } catch (FaultyDocument $e) {
                throw FaultyDocument::at($field, Sentence::of("“%s” $sentence %s", $moment->name, $e->sentence()));
            }
        }
    }
}
