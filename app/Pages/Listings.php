<?php

declare(strict_types=1);

namespace App\Pages;

use App\Data\AccountData;
use App\Data\GearChoice;
use App\Data\NightData;
use App\Data\PieceData;
use App\Data\RoomSummary;
use App\Data\VenueChoice;
use App\Data\VenueData;
use App\Models\Night;
use App\Models\Piece;
use App\Models\Room;
use App\Models\User;
use App\Models\Venue;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Words\PieceWords;
use Kaddle\Core\Words\Voice;

/** Records as lists show them. */
final class Listings
{
    private function __construct() {}

    public static function account(User $user): AccountData
    {
        return new AccountData($user->name, $user->email, $user->length_unit, $user->clock);
    }

    public static function night(Night $night): NightData
    {
        return new NightData(
            $night->id,
            $night->name,
            $night->venue_id,
            $night->venue->name,
            $night->held_on->toDateString(),
            $night->held_on->format('l, j F Y'),
        );
    }

    public static function piece(Piece $piece, Voice $voice): PieceData
    {
        return new PieceData(
            $piece->id,
            $piece->kind,
            $piece->name(),
            PieceWords::inALine($piece->kind, $piece->figures(), $voice),
            $piece->uses(),
            $piece->archived_at !== null,
            $piece->before !== null,
        );
    }

    /** A piece to choose from. */
    public static function gear(Piece $piece, Voice $voice): GearChoice
    {
        $name = $piece->archived_at === null ? $piece->name() : "{$piece->name()} (archived)";

        return new GearChoice($piece->id, $name, PieceWords::inALine($piece->kind, $piece->figures(), $voice));
    }

    /** @param Venue $venue with its rooms and nights counted */
    public static function venue(Venue $venue): VenueData
    {
        return new VenueData(
            $venue->id,
            $venue->name,
            $venue->zone,
            self::counted($venue, 'rooms_count'),
            self::counted($venue, 'nights_count'),
        );
    }

    public static function venueChoice(Venue $venue): VenueChoice
    {
        return new VenueChoice($venue->id, $venue->name);
    }

    /** @param Room $room with its moments counted */
    public static function room(Room $room, Voice $voice): RoomSummary
    {
        return new RoomSummary(
            $room->id,
            $room->name,
            sprintf(
                '%s × %s, %s %s',
                $voice->length(Length::ofMetres($room->length_m), 2),
                $voice->length(Length::ofMetres($room->width_m), 2),
                $voice->length(Length::ofMetres($room->height_m), 2),
                $room->ridge_m === null ? 'high' : 'to the eaves',
            ),
            $room->ceiling_finish->inWords(),
            count($room->readings),
            self::counted($room, 'moments_count'),
        );
    }

    private static function counted(Room|Venue $record, string $name): int
    {
        $count = $record->getAttribute($name);

        return is_int($count) ? $count : 0;
    }
}
